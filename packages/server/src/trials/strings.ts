/** Strings of trials. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/trials', {
  thisTrial: 'This trial',
  theTrials: 'the trials',
  thisBlade: 'This blade',
  notASchool: (school: string, question: string) => `"${school}" is not an answer to "${question}"`,
  notAQuestion: (question: string) => `"${question}" is not a question here`,
  itWasStopped: 'This trial was stopped: start a new one',
  inAnother: 'It is in a running trial already',
  notAlike: 'Two blades of a pair must be of one customer and one kind',
});
