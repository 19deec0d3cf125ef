/** Words of what the record says. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/record', {
  thisPerson: 'This person',
  whoseStepsCount: 'whose steps count for the rates',
});
