/** Strings of the shop's figures. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/figures', {
  elsewhere: 'No place named',
  notSaid: 'Not found out',
});
