/** Strings of computations that are sent. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/calc', {
  atMostAreTakenHereWere: (field: string, limit: number, what: string, given: number) =>
    `${field}: at most ${limit} ${what} are taken here; ${given} were given`,
  stationsTimesPoints: 'stations times points',
});
