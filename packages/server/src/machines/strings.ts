/** Strings of the machines. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/machines', {
  thisMachine: 'This machine',
  wasChangedBySomeoneElseLook: (name: string) => `${name} was changed by someone else; look again`,
  thisTestCut: 'This test cut',
});
