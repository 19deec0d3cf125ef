/** Strings of blades in the shop. */
import { counted, stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/jobs', {
  thisBlade: 'This blade',
  thisBladeWasChangedSinceYou: (byWhom: string) =>
    `This blade was changed since you looked${byWhom}. What you entered is still here; look again and repeat it.`,
  thatChangeWas: 'that change was',
  steelIsNotKnownHere: (designation: string) => `Steel: "${designation}" is not known here`,
  thisCustomerIsNotKnownHere: 'This customer is not known here',
  tagHangsOnABladeOf: (tagNumber: number, holder: string) =>
    `Tag ${tagNumber} is on a blade of ${holder}`,
  thisBladeBelongsToSomeoneElse: 'This blade belongs to someone else',
  thisBladeIsInTheShop: (hangsOn: number) => `This blade is in the shop already, on tag ${hangsOn}`,
  thisTagWasJustGivenTo: 'This tag was just given to another blade',
  thisBladeWasJustTakenIn: 'This blade was just taken in by someone else',
  aBladeWas: 'a blade was',
  theBladeOnTagWas: (tagNumbers: number | undefined) => `the blade on tag ${tagNumbers} was`,
  theBladesOnTagsWere: (tagNumbers: string) => `the blades on tags ${tagNumbers} were`,
  promisesWere: (jobIdsCount: number) => counted(jobIdsCount, 'promise was', 'promises were'),
});
