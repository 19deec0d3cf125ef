/** How hard a stone is pressed: by grain and work, by steel, and by the habit of the bench. */
import type { BladeKind } from '../../blade';
import type { Steel } from '../../steel';
import type { RackStone } from '../../abrasive';
import type { ForceHabit } from '../choices';
import {
  EDGE_HIGH_N,
  EDGE_LOW_N,
  HARD_STEEL_HRC,
  LIGHTEST_N,
  LOW_FORCE_N,
  SOFT_STEEL_N,
  STOCK_HIGH_N,
  STOCK_LOW_N,
  WIDE_BEVEL_N,
} from './first-guesses';

/** Steel taken in bulk (outline, thinning, wide bevels), or an edge set and refined. */
export type ForceFor = 'stock' | 'edge';

/** From this grain up the first of the four pressures holds, and so on, µm. */
const GRAINS_UM = [30, 8, 3, 0] as const;

/**
 * Pressure falls as the grain gets finer.
 *
 * @example
 * forceBandN(40); // [5,7]
 */
export const forceBandN = (um: number, work: ForceFor = 'edge'): readonly [number, number] => {
  const grain = GRAINS_UM.findIndex((from) => um >= from);
  return work === 'stock'
    ? [STOCK_LOW_N[grain]!, STOCK_HIGH_N[grain]!]
    : [EDGE_LOW_N[grain]!, EDGE_HIGH_N[grain]!];
};

/**
 * The middle of the pressure for a grain, N.
 *
 * @example
 * forceN(40); // 6
 */
export const forceN = (um: number, work: ForceFor = 'edge'): number =>
  middleOf(forceBandN(um, work));

/**
 * The middle of a band.
 */
export const middleOf = ([low, high]: readonly [number, number]): number => (low + high) / 2;

/** Bevels so wide that they lie on the stone and bear the pressure of stock. */
export const hasWideBevel = ({ grind }: BladeKind): boolean =>
  grind === 'one-sided, hollow back' || grind === 'single flat bevel';

interface Pressed {
  readonly steel: Steel;
  readonly body: Pick<RackStone, 'um' | 'abrasive'>;
  /** Its place among the stones of the edge. */
  readonly index: number;
  readonly habit: ForceHabit | null;
  readonly wideBevel: boolean;
}

const within = (
  [low, high]: readonly [number, number],
  mostN: number,
): readonly [number, number] => [Math.min(low, 0.6 * mostN), Math.min(high, mostN)];

/**
 * The pressure on a stone of the edge: a habit of one's own and its fall; else by grain, lighter where heavy hands
 * raise a burr that clings, and on diamond or very hard steel.
 */
export const edgeForceN = ({
  steel,
  body,
  index,
  habit,
  wideBevel,
}: Pressed): readonly [number, number] => {
  if (habit) {
    const mostN = Math.max(LIGHTEST_N, habit.firstN * habit.fall ** index);
    return [0.7 * mostN, mostN];
  }
  if (wideBevel) return within(forceBandN(body.um, 'stock'), WIDE_BEVEL_N);
  const usual = forceBandN(body.um);
  if (steel.burr === 'clinging') return within(usual, SOFT_STEEL_N);
  return body.abrasive === 'diamond' || body.abrasive === 'cbn' || steel.hrcHigh >= HARD_STEEL_HRC
    ? within(usual, LOW_FORCE_N)
    : usual;
};
