/** Whether mending a complaint costs the customer: by the shop's days, and by whose doing it probably is. */
import type { AnyCauseId } from '../edgetest';

/** What use does to an edge, whoever sharpened it; everything else is work of ours. */
const NOT_OURS: readonly AnyCauseId[] = ['not dried', 'patina', 'maker’s wheel'];

export interface HouseRule {
  readonly onTheHouse: boolean;
  readonly because: string;
}

/**
 * On the house within so many days, unless it is nothing of ours. `cause` is null while nobody knows.
 *
 * @example
 * houseRule({ daysSince: 4, houseDays: 14, cause: 'burr left' }).onTheHouse; // true
 */
export const houseRule = ({
  daysSince,
  houseDays,
  cause,
}: {
  readonly daysSince: number;
  readonly houseDays: number;
  readonly cause: AnyCauseId | null;
}): HouseRule => {
  const days = daysSince === 1 ? 'a day' : `${daysSince} days`;
  if (daysSince > houseDays)
    return {
      onTheHouse: false,
      because: `It went home ${days} ago; the shop mends for nothing within ${houseDays}.`,
    };
  if (cause !== null && NOT_OURS.includes(cause))
    return { onTheHouse: false, because: 'It is nothing the work did.' };
  return {
    onTheHouse: true,
    because: `It went home ${daysSince === 0 ? 'today' : `${days} ago`}, within the ${houseDays} days of the shop.`,
  };
};
