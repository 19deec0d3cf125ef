/** Strings of strokes by the gauge. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/gauge', {
  thisStep: 'This step',
  thisBlade: 'This blade',
  thisBladeIsNotOnThe: 'This blade is not on the bench any more',
});
