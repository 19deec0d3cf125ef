/** Which stone shows the low spots of a thinned face, which evens them, and what is said of each. */
import { say, type Message } from '../../text';
import { forTask, type Bond, type RackStone } from '../../abrasive';
import { SAME_GRADE_RATIO, type Practice } from '../choices';
import { EVENS_WITHIN_RATIO } from './first-guesses';

/** How far a bond gives: a hard stone touches the high spots alone, a soft one reaches into the low ones. */
const SOFTNESS: Readonly<Record<Bond, number>> = {
  hard: 0,
  'plate or film': 0,
  strop: 0,
  middling: 1,
  'soft, muddy': 2,
};

/** A sheet follows what lies under it and wears at once: it shows no high spot. */
export const IS_SHEET: readonly RackStone['kind'][] = ['paper', 'film'];

const grainApart = (a: RackStone, b: RackStone): number => Math.abs(Math.log(a.um / b.um));

/** The hard stone nearest in grain to the first of the thinning; null where that one is hard itself. */
export const finderFor = (first: RackStone, rack: readonly RackStone[]): RackStone | null => {
  if (SOFTNESS[first.bond] === 0) return null;
  const [nearest] = forTask(rack, 'edge')
    .filter(({ bond, kind }) => SOFTNESS[bond] === 0 && !IS_SHEET.includes(kind))
    .sort((a, b) => grainApart(a, first) - grainApart(b, first));
  return nearest ?? null;
};

/** The softest stone that can follow the last of the thinning; null where none is softer. */
export const evenerAfter = (last: RackStone, rack: readonly RackStone[]): RackStone | null => {
  const [softest] = forTask(rack, 'edge')
    .filter(
      ({ um, bond }) =>
        SOFTNESS[bond] > SOFTNESS[last.bond] &&
        um <= last.um * SAME_GRADE_RATIO &&
        last.um / um <= EVENS_WITHIN_RATIO,
    )
    .sort(
      (a, b) => SOFTNESS[b.bond] - SOFTNESS[a.bond] || grainApart(a, last) - grainApart(b, last),
    );
  return softest ?? null;
};

/** What a stone does to the low spots, as its place in the thinning and the school have it. */
export const lowSpotText = (
  bond: Bond,
  school: Practice['lowSpots'],
  { isFirst, isLast }: { readonly isFirst: boolean; readonly isLast: boolean },
): readonly Message[] => [
  ...(isFirst && SOFTNESS[bond] === 0 ? [say('low-spots.hard-stone')] : []),
  ...(isLast && SOFTNESS[bond] === 2 ? [say('low-spots.soft-stone')] : []),
  ...(isLast && school === 'leave' ? [say('low-spots.leave')] : []),
];
