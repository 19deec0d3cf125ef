/** Words of touching up. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/touch-ups', {
  thisBlade: 'This blade',
  stoneItIsNotOnThe: 'Stone: it is not on the rack',
});
