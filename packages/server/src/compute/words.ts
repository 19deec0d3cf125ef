/** Words of computing. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/compute', {
  theAnswerHasLettersAtMost: (jsonCount: number, longestAnswer: number) =>
    `The answer has ${jsonCount} letters; at most ${longestAnswer} are sent here. Ask for less at once, or use the command line.`,
  tooMuchIsBeingComputedJust: 'Too much is being computed just now; try again',
});
