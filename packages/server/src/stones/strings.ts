/** Strings of the stones. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/stones', {
  thisStone: 'This stone',
  otherSideOfChooseAnotherStone: 'Other side of: choose another stone of the rack',
  theRackMustHoldAtMost: (mostStones: number, held: number) =>
    `The rack must hold at most ${mostStones}; it holds ${held}`,
  wasChangedBySomeoneElseLook: (name: string) =>
    `${name} was changed by someone else; look at it again`,
  workIsOnRecordForRetire: (name: string) => `Work is on record for ${name}: retire it instead`,
  thicknessLostMustBeLessThan: (thicknessMm: number, lostMm: number) =>
    `Thickness lost must be less than the ${thicknessMm} mm that are left; ${lostMm} was given`,
  thisFlattening: 'This flattening',
  onlyTheLastFlatteningCanBe: 'Only the last flattening can be undone',
  isASplashStoneWetIt: (name: string) => `${name} is a splash stone: wet it, do not soak it`,
  isUsedDryItDoesNot: (name: string) => `${name} is used dry: it does not go into the water`,
  thisBlade: 'This blade',
  liesInTheWaterAlready: (name: string) => `${name} is in the water already`,
  cannotBePutBackItWas: (name: string) => `${name} cannot be put back: it was not just taken out`,
});
