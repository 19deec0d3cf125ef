/** Strings of computing. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/compute', {
  theAnswerHasLettersAtMost: (jsonCount: number, longestAnswer: number) =>
    `The answer has ${jsonCount} letters; at most ${longestAnswer} are sent here. Ask for less at once, or use the command line.`,
  tooMuchIsBeingComputedJust: 'Too much is being computed just now; try again',
});
