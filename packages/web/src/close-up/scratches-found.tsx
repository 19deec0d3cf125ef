/** How the scratches run, as a whole and from heel to tip. */
import type { ScratchEvenness, ScratchPattern } from '@patient-edge/core';
import { fixed } from '../theme/format';
import { MutedText, Panel, Stack } from '../theme/layout';

interface ScratchesFoundProps {
  readonly found: ScratchEvenness;
  /** Of the picture that was read against the one that is kept. */
  readonly scale: number;
  readonly umPerPx: number | null;
}

const PARTS = ['heel', 'towards the heel', 'towards the tip', 'tip'];

export const ScratchesFound = ({ found, scale, umPerPx }: ScratchesFoundProps) => {
  const spacing = ({ spacingPx }: ScratchPattern): string =>
    spacingPx === null
      ? 'no spacing stands out'
      : umPerPx === null
        ? `${fixed(spacingPx / scale, 1)} px apart`
        : `${fixed((spacingPx / scale) * umPerPx, 1)} µm apart`;
  const said = (pattern: ScratchPattern): string =>
    `at ${fixed(pattern.directionDeg, 0)}°, ${Math.round(100 * pattern.following)} % follow, ${spacing(pattern)}`;
  const uneven = found.parts.flatMap(({ isUneven }, index) => (isUneven ? [PARTS[index]!] : []));
  return (
    <Panel aria-label="Scratches">
      <Stack $gap={8}>
        <h2>{uneven.length === 0 ? 'Even from heel to tip' : `Not even: ${uneven.join(', ')}`}</h2>
        <p>{said(found.whole)}</p>
        <ol>
          {found.parts.map((part, index) => (
            <li key={PARTS[index]}>
              {PARTS[index]}: {said(part)}
              {part.isUneven && <b> · differs</b>}
            </li>
          ))}
        </ol>
        <MutedText>
          Degrees from the length of the edge. Check with your own eyes before you confirm.
        </MutedText>
      </Stack>
    </Panel>
  );
};
