/** Strings of the day. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/day', {
  noSuchStone: (stone: string) => `There is no stone "${stone}"`,
  noSuchJob: (job: string) => `There is no job "${job}"`,
  noSuchPerson: (person: number, people: number) =>
    `person must be from 1 to ${people}; ${person} was given`,
  namedTooOften: (job: string) => `"${job}" is named more often than it has steps`,
  namedTooSeldom: (job: string) => `"${job}" is named less often than it has steps`,
});
