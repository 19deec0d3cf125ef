/** Words of the machines. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/machines', {
  thisMachine: 'This machine',
  wasChangedBySomeoneElseLook: (name: string) => `${name} was changed by someone else; look again`,
  thisTestCut: 'This test cut',
});
