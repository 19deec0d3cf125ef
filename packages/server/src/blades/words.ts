/** Words of the page of a blade. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/blades', {
  thisBlade: 'This blade',
});
