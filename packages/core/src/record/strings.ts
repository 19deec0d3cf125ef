/** Strings of what the record teaches. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/record', {
  recordsNameAbrasivesSteelsAndPersons: (size: number, mostRateNames: number) =>
    `records name ${size} abrasives, steels and persons; at most ${mostRateNames} are taken`,
  pointsTakesAtMostEntriesWere: (mostTrendPoints: number, pointsCount: number) =>
    `points takes at most ${mostTrendPoints} entries; ${pointsCount} were given`,
  pointsMustLieOnAtLeast: 'points must lie on at least two different days',
});
