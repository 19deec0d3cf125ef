/** Strings of the page a customer sees. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/visits', {
  thisPage: 'This page',
  theBladeIsStillInThe: 'The blade is still in the shop: ask there',
  thisBlade: 'This blade',
  thereIsNoOpenPageOf: 'There is no open page of this visit',
});
