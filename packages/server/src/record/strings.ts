/** Strings of what the record says. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/record', {
  thisPerson: 'This person',
  whoseStepsCount: 'whose steps count for the rates',
  angleInDegrees: 'Angle in degrees',
  degreesFrom: (from: number, to: number) => `${from}° to ${to}° per side`,
  lastStone: 'Last stone',
  steel: 'Steel',
  use: 'Use',
  notSaid: 'not recorded',
});
