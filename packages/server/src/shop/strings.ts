/** Strings of the shop page. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/shop', {
  unitsAndDates: 'units and dates',
  theInstruments: 'the instruments',
  theShopsDetails: 'the shop’s details',
});
