/** Whether mending a complaint costs the customer: by the shop's days, and by whose doing it probably is. */
import type { AnyCauseId } from '../edgetest';
import { STRINGS } from './strings';

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
  const days = daysSince === 1 ? STRINGS.aDay : STRINGS.days(daysSince);
  if (daysSince > houseDays)
    return {
      onTheHouse: false,
      because: STRINGS.itWentHomeAgoTheShop(days, houseDays),
    };
  if (cause !== null && NOT_OURS.includes(cause))
    return { onTheHouse: false, because: STRINGS.itIsNothingTheWorkDid };
  return {
    onTheHouse: true,
    because: STRINGS.itWentHomeWithinTheDays(
      daysSince === 0 ? STRINGS.today : STRINGS.ago(days),
      houseDays,
    ),
  };
};
