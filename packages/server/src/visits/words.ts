/** Words of the page a customer sees. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/visits', {
  thisPage: 'This page',
  theBladeIsStillInThe: 'The blade is still in the shop: ask there',
  thisBlade: 'This blade',
  thereIsNoOpenPageOf: 'There is no open page of this visit',
});
