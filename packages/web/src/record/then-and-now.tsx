/** The outline at the first visit and now, to one scale, the spine fixed. */
import { closedOutline, type BladeMeasures, type VisitMeasured } from '@patient-edge/core';
import styled from 'styled-components';
import { dayAndYear, fixed, mm } from '../theme/format';
import { MutedText, Stack } from '../theme/layout';
import { STRINGS } from './strings';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  & path {
    vector-effect: non-scaling-stroke;
    stroke: var(--ink);
    stroke-width: 1.6px;
    fill: none;
    stroke-linejoin: round;
  }
  & path[data-now] {
    fill: var(--steel);
  }
  & path[data-then] {
    stroke: var(--cut);
    stroke-dasharray: 6 4;
  }
`;
const MARGIN_MM = 4;

/** Closed, from the top of the spine at the heel downwards. */
const pathOf = (measures: BladeMeasures): { readonly d: string; readonly lowMm: number } => {
  const points = closedOutline(measures);
  return {
    d: `${points.map(([x, y], index) => `${index === 0 ? 'M' : 'L'}${x.toFixed(2)} ${y.toFixed(2)}`).join('')}Z`,
    lowMm: Math.max(...points.map(([, y]) => y)),
  };
};

export const ThenAndNow = ({ first, last }: { first: VisitMeasured; last: VisitMeasured }) => {
  const [then, now] = [pathOf(first.measures), pathOf(last.measures)];
  const length = Math.max(first.measures.edgeLengthMm, last.measures.edgeLengthMm);
  const lost = first.measures.heightHeelMm - last.measures.heightHeelMm;
  return (
    <Stack $gap={6}>
      <h3>{STRINGS.thenAndNow}</h3>
      <MutedText>
        {Number(fixed(lost, 1)) > 0
          ? STRINGS.lowerBy(mm(lost, 1), dayAndYear(first.at))
          : STRINGS.asHighAs(dayAndYear(first.at))}
      </MutedText>
      <Svg
        viewBox={`${-MARGIN_MM} ${-MARGIN_MM} ${length + 2 * MARGIN_MM} ${Math.max(then.lowMm, now.lowMm) + 2 * MARGIN_MM}`}
        role="img"
        aria-label={STRINGS.outlinesOf(dayAndYear(first.at), dayAndYear(last.at))}
      >
        <path data-now="" d={now.d} />
        <path data-then="" d={then.d} />
      </Svg>
    </Stack>
  );
};
