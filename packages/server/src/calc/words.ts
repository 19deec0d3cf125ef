/** Words of computations that are sent. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/calc', {
  atMostAreTakenHereWere: (field: string, limit: number, what: string, given: number) =>
    `${field}: at most ${limit} ${what} are taken here; ${given} were given`,
  stationsTimesPoints: 'stations times points',
});
