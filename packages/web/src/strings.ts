/** Strings of the frame while pages come. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('app', {
  opening: 'Opening…',
  bench: 'Bench',
  figures: 'Shop in figures',
  takings: 'Takings',
  openingTheShop: 'Opening the shop…',
});
