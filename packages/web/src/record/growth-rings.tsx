/** The section of each visit over one another, as growth rings: the spine stands still, the edge moves up. */
import { growthRing, type VisitMeasured } from '@patient-edge/core';
import styled from 'styled-components';
import { dayAndYear } from '../theme/format';
import { MutedText, Stack } from '../theme/layout';
import { STRINGS } from './strings';

/** Thin sections are told apart by their widths. */
const WIDENED = 6;
/** Above the latest apex, so much of the blade is drawn. */
const SHOWN_MM = 9;
const MARGIN_MM = 0.6;
const HEIGHT_PX = 250;

const Svg = styled.svg`
  display: block;
  width: 100%;
  & polygon {
    vector-effect: non-scaling-stroke;
    stroke: var(--ink);
    fill: none;
    stroke-width: 1.2px;
  }
  & polygon[data-now] {
    fill: var(--steel);
    stroke: var(--accent);
    stroke-width: 2.4px;
  }
`;

export const GrowthRings = ({ visits }: { visits: readonly VisitMeasured[] }) => {
  const rings = visits.map(({ measures }) => growthRing(measures));
  const apexes = rings.map((ring) => Math.max(...ring.map(([, below]) => below)));
  const lowest = Math.max(...apexes) + MARGIN_MM;
  const top = apexes.at(-1)! - SHOWN_MM;
  const scale = HEIGHT_PX / (lowest - top);
  const widest = Math.max(...rings.flat().map(([x]) => Math.abs(x)));
  const half = widest * WIDENED * scale + 10;
  const points = (index: number): string =>
    rings[index]!.map(
      ([x, below]) => `${(x * WIDENED * scale).toFixed(2)},${((below - top) * scale).toFixed(2)}`,
    ).join(' ');
  const last = rings.length - 1;
  return (
    <Stack $gap={6}>
      <h3>{STRINGS.sectionsOfVisits}</h3>
      <MutedText>
        {STRINGS.sectionsSaid(
          rings.length,
          dayAndYear(visits[0]!.at),
          dayAndYear(visits[last]!.at),
          WIDENED,
        )}
      </MutedText>
      <Svg
        viewBox={`${-half} 0 ${2 * half} ${HEIGHT_PX}`}
        height={HEIGHT_PX}
        role="img"
        aria-label={STRINGS.sectionsOfVisits}
      >
        <polygon data-now="" points={points(last)} />
        {rings.slice(0, last).map((_ring, index) => (
          <polygon
            key={visits[index]!.at}
            points={points(index)}
            style={{ opacity: 0.35 + (0.5 * index) / rings.length }}
          />
        ))}
      </Svg>
    </Stack>
  );
};
