/** Strings of touching up. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/touch-ups', {
  thisBlade: 'This blade',
  stoneItIsNotOnThe: 'Stone: it is not on the rack',
});
