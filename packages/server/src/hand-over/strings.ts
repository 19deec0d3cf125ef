/** Strings of handing over. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/hand-over', {
  tagIsNotThisBladesIt: (tagNumber: number, tagNumber2: number) =>
    `Tag ${tagNumber} is not this blade’s: it has tag ${tagNumber2}`,
  sheathWrapOrGuardTheEdge: 'Sheath, wrap or guard the edge before it is handed over',
  thisBladeHasBeenTakenIn: (hangsOn: number) =>
    `This blade has been taken in again since, on tag ${hangsOn}: its return can no longer be undone`,
  tagHangsOnAnotherBladeBy: (tagNumber: number) =>
    `Tag ${tagNumber} is on another blade now: take this one in again`,
});
