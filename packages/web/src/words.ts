/** Words of the frame while pages come. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('app', {
  opening: 'Opening…',
  bench: 'Bench',
  takings: 'Takings',
  openingTheShop: 'Opening the shop…',
});
