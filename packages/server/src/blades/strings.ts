/** Strings of the page of a blade. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/blades', {
  thisBlade: 'This blade',
});
