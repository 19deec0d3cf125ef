/** Strings of the choices of a plan. */
import { stringsOf } from '../../text';

export const STRINGS = stringsOf('core/plan/choices', {
  oneChipMmDeep: (deepestChipMm: number) => `one chip, ${deepestChipMm} mm deep`,
  chipsTheDeepestMm: (chipsOfCount: number, deepestChipMm: number) =>
    `${chipsOfCount} chips, the deepest ${deepestChipMm} mm`,
  theRolledEdgeTooLowFor: 'the rolled edge: too low for the steel or the work',
  boneOrFrozenFood: 'bone or frozen food',
  carefulHands: 'careful hands',
  theAngleItCameWithMatch: 'the angle it came with: match it and keep to it',
  middleOfTheWindowForDegrees: (label: string, low: number, high: number) =>
    `middle of the window for ${label}, ${low}–${high}° per side`,
  theUseBelowDegreesTheEdge: (floorDeg: number) =>
    `the use: below ${floorDeg}° the edge would not hold up`,
  steepestMmFromTheHeel: (steepestAtMm: number) => `, steepest ${steepestAtMm} mm from the heel,`,
  primaryGrindAtDegreesAndDegrees: (
    primaryAngleDeg: string,
    steepestAtMmSaid: string,
    handAllowanceDeg: number,
  ) =>
    `primary grind at ${primaryAngleDeg}°${steepestAtMmSaid} and ${handAllowanceDeg}° for the hand`,
  mustBeFromToWasGiven: (label: string, low: number, high: number, unit: string, to: string) =>
    `${label} must be from ${low} to ${high}${unit}; "${to}" was given`,
  anglePerSide: 'Angle per side',
  strokesASide: 'Strokes a side',
  pressure: 'Pressure',
  minutes: 'Minutes',
  directionMustBeOneOfWas: (directions: string, to: string) =>
    `Direction must be one of ${directions}; "${to}" was given`,
  stoneMustBeOneOfThe: (to: string) => `Stone must be one of the rack; "${to}" was given`,
  patternMustBeOneOfWas: (strokePatterns: string, to: string) =>
    `Pattern must be one of ${strokePatterns}; "${to}" was given`,
  roundsMustBeStrokesOrSeconds: (to: string) =>
    `Rounds must be strokes or seconds a side, as in "20, 15, 10" or "90 s, 60 s"; "${to}" was given`,
  stepMustBeNamedInAt: (to: string) =>
    `Step must be named in at most 40 letters; "${to}" was given`,
  wordsMustBeFrom3To: (toCount: number) =>
    `Words must be from 3 to 600 letters; ${toCount} were given`,
  stoneOfThisChainIsNot: (missing: number) =>
    `Stone ${missing} of this chain is not in the rack any more`,
  atMWouldFollowMA: (name: string, um: number, um2: number) =>
    `${name} at ${um} µm would follow ${um2} µm: a coarser stone undoes the finer`,
  m: (named: number) => `${named} µm`,
});
