/** Strings of what the record says. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/record', {
  thisPerson: 'This person',
  whoseStepsCount: 'whose steps count for the rates',
});
