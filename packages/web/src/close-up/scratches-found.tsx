/** How the scratches run, as a whole and from heel to tip. */
import { named } from '@patient-edge/core';
import type { ScratchEvenness, ScratchPattern } from '@patient-edge/core';
import { fixed } from '../theme/format';
import { MutedText, Panel, Stack } from '../theme/layout';
import { STRINGS } from './strings';

interface ScratchesFoundProps {
  readonly found: ScratchEvenness;
  /** Of the picture that was read against the one that is kept. */
  readonly scale: number;
  readonly umPerPx: number | null;
}

const PARTS = [named('heel'), STRINGS.towardsTheHeel, STRINGS.towardsTheTip, named('tip')];

export const ScratchesFound = ({ found, scale, umPerPx }: ScratchesFoundProps) => {
  const spacing = ({ spacingPx }: ScratchPattern): string =>
    spacingPx === null
      ? STRINGS.noSpacingStandsOut
      : umPerPx === null
        ? STRINGS.pxApart(fixed(spacingPx / scale, 1))
        : STRINGS.apart(fixed((spacingPx / scale) * umPerPx, 1));
  const said = (pattern: ScratchPattern): string =>
    STRINGS.atFollow(
      fixed(pattern.directionDeg, 0),
      Math.round(100 * pattern.following),
      spacing(pattern),
    );
  const uneven = found.parts.flatMap(({ isUneven }, index) => (isUneven ? [PARTS[index]!] : []));
  return (
    <Panel aria-label={STRINGS.scratches}>
      <Stack $gap={8}>
        <h2>
          {uneven.length === 0 ? STRINGS.evenFromHeelToTip : STRINGS.notEven(uneven.join(', '))}
        </h2>
        <p>{said(found.whole)}</p>
        <ol>
          {found.parts.map((part, index) => (
            <li key={PARTS[index]}>
              {PARTS[index]}: {said(part)}
              {part.isUneven && <b> {STRINGS.differs}</b>}
            </li>
          ))}
        </ol>
        <MutedText>{STRINGS.degreesFromTheLengthOfThe}</MutedText>
      </Stack>
    </Panel>
  );
};
