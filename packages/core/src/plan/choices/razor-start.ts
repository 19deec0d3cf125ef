/** Where a razor begins: an edge that came dead or nicked is set anew, one that only tires keeps its flat V. */
import { coarsestOf, forTask, type RackStone } from '../../abrasive';
import { RAZOR_FINE_UM } from './first-guesses';
import type { PlanInput } from './input';

type AsItCame = Pick<PlanInput, 'choices' | 'sharpness' | 'damage'>;

const isNicked = ({ damage }: AsItCame): boolean => damage.some(({ kind }) => kind === 'chip');

/** Whether the old edge is taken off on purpose before the first stone. */
export const isSetAnew = (came: AsItCame): boolean => {
  const { razorStart } = came.choices.kind;
  if (razorStart !== 'as the edge asks') return razorStart === 'set anew';
  return came.sharpness === 'blunt' || isNicked(came);
};

/** Whether it is still a flat V, which a fine stone refreshes. */
const isRefreshed = (came: AsItCame): boolean => {
  const { razorStart } = came.choices.kind;
  if (razorStart !== 'as the edge asks') return razorStart === 'refresh';
  return (came.sharpness === 'tired' || came.sharpness === 'keen') && !isNicked(came);
};

/** The stone a flat V is refreshed on, the coarsest of the fine ones; null where it is not, or the rack has none. */
export const refreshStone = (came: AsItCame, rack: readonly RackStone[]): RackStone | null =>
  isRefreshed(came)
    ? coarsestOf(forTask(rack, 'edge').filter(({ um }) => um <= RAZOR_FINE_UM))
    : null;
