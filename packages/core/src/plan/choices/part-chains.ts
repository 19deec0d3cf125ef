/**
 * One blade, several chains: edge bevel, micro bevel, primary bevel, core and cladding may each have their
 * own stones, bond, direction and slurry. Stones named by hand are taken in the order named; two of one
 * grade may follow each other, a hard one to find the high spots and a soft one to even the look.
 */
import { localized } from '../../text';
import { fail, ok, type Result } from '../../units';
import { stepCosts, type Bond, type Chain, type ProgressionInput } from '../../abrasive';
import { SAME_GRADE_RATIO } from './first-guesses';
import type { Direction } from './manner';
import { STRINGS } from './strings';

export const BLADE_PARTS = ['edge', 'micro', 'primary', 'cladding', 'core'] as const;
export type BladePart = (typeof BLADE_PARTS)[number];

export const PART_LABELS: Readonly<Record<BladePart, string>> = localized({
  edge: 'Edge bevel',
  micro: 'Micro bevel',
  primary: 'Primary bevel',
  cladding: 'Cladding',
  core: 'Core steel',
});

export const SLURRIES = ['keep the mud', 'float it off'] as const;
export type Slurry = (typeof SLURRIES)[number];

export interface PartChain {
  readonly part: BladePart;
  /** In the order they are used; null lets the planner choose. */
  readonly stones: readonly string[] | null;
  /** Only stones of this bond; null for any. */
  readonly bond: Bond | null;
  readonly finishUm: readonly [finest: number, coarsest: number] | null;
  /** Width of the face, mm: of the micro bevel, or of the band of core or cladding to be worked. */
  readonly faceMm: number | null;
  readonly direction: Direction;
  readonly slurry: Slurry;
}

/** The most stones one part may name. */
export const MOST_IN_CHAIN = 12;

export const partChain = (chains: readonly PartChain[], part: BladePart): PartChain | undefined =>
  chains.find((each) => each.part === part);

/**
 * The chain named by hand, costed like any other. Errors: NO_PROGRESSION for a stone that is not in the
 * rack, or for a coarser one after a finer that is not of its grade.
 */
export const namedChain = (
  input: Pick<ProgressionInput, 'steel' | 'work' | 'stroke' | 'rack'>,
  ids: readonly string[],
  field: string,
): Result<Chain> => {
  const costs = stepCosts(input);
  const stones = ids.map((id) => input.rack.find((entry) => entry.id === id));
  const missing = stones.indexOf(undefined);
  if (missing >= 0) {
    return fail('NO_PROGRESSION', STRINGS.stoneOfThisChainIsNot(missing + 1), field);
  }
  const named = stones.map((entry) => entry!);
  const coarser = named.findIndex(
    (entry, index) => index > 0 && entry.um > named[index - 1]!.um * SAME_GRADE_RATIO,
  );
  if (coarser > 0) {
    return fail(
      'NO_PROGRESSION',
      STRINGS.atMWouldFollowMA(
        named[coarser]!.name ?? named[coarser]!.id,
        named[coarser]!.um,
        named[coarser - 1]!.um,
      ),
      field,
    );
  }
  const steps = named.map((entry, index) => {
    const removeMm3 = costs.removeMm3(index === 0 ? null : named[index - 1]!, entry);
    return { id: entry.id, um: entry.um, removeMm3, seconds: costs.seconds(entry, removeMm3) };
  });
  return ok({
    steps,
    totalSeconds: steps.reduce(
      (sum, { seconds }, index) => sum + seconds + (named[index]!.changeSeconds ?? 0),
      0,
    ),
  });
};
