/** Words of strokes by the gauge. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/gauge', {
  thisStep: 'This step',
  thisBlade: 'This blade',
  thisBladeIsNotOnThe: 'This blade is not on the bench any more',
});
