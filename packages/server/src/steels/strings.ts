/** Strings of the steels. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/steels', {
  thisSteel: 'This steel',
  designationIsInTheTableAlready: (designation: string) =>
    `Designation: "${designation}" is in the table already`,
  bladeNames: 'blade names',
  bladesName: 'blades name',
  designationAddAnotherSteelInstead: (blades: number, are: string, designation: string) =>
    `Designation: ${blades} ${are} "${designation}"; add another steel instead`,
  wasChangedBySomeoneElseLook: (designation: string) =>
    `${designation} was changed by someone else; look again`,
  bladesOfAreOnRecordIt: (designation: string) =>
    `Blades of ${designation} are on record: it cannot be deleted`,
});
