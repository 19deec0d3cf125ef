/** Words of the shop page. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/shop', {
  unitsAndDates: 'units and dates',
  theInstruments: 'the instruments',
  theShopsDetails: 'the shop’s details',
});
