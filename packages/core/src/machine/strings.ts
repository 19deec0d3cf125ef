/** Strings of machines and how a blade is held to them. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/machine', {
  theStoneTouchesTheEdgeAnd: 'The stone touches the edge and the underside of the rail.',
  dOTanTheta: 'D = o / tan θ',
  oRailToTheCentrePlane: 'o, rail to the centre plane',
  geometryOfTheSection: 'Geometry of the section',
  theAngleIsBetweenTheBlade:
    'The angle is between the blade and the rod: what the rod leans, the blade need not.',
  tiltThetaLean: 'tilt = θ − lean',
  leanOfTheRodDegrees: 'Lean of the rod, °',
  asManyAsComeNearestTo: 'As many as come nearest to the lift.',
  aStraightLineThroughTheMeasured:
    'A straight line through the measured test cuts of this machine, turned round.',
  setThetaAB: 'set = (θ − a) / b',
  thetaWanted: 'θ, wanted',
  aOffsetOfTheFit: 'a, offset of the fit',
  bSlopeOfTheFit: 'b, slope of the fit',
  testCuts: 'Test cuts',
  measuredOnThisMachine: 'Measured on this machine',
  onThe: (side: string) => `on the ${side}`,
  perSide: 'per side',
  byHand: 'by hand',
  byHandLift: (keptAngle: string, zoneLiftText: string) =>
    `By hand, ${keptAngle}; lift ${zoneLiftText}`,
  uprightSpineOffIt: (name: string, keptAngle: string, zoneLiftText: string) =>
    `${name} upright, ${keptAngle}; spine off it ${zoneLiftText}`,
  bladeUpright: 'blade upright',
  awayFrom: 'away from',
  spineDegreesTheRod: (tiltDeg: string, tiltDegSaid: string) =>
    `spine ${tiltDeg}° ${tiltDegSaid} the rod`,
  atDegrees: (name: string, lean: string, tiltDegSaid: string) =>
    `${name} at ${lean}°: ${tiltDegSaid}`,
  setToDegrees: (name: string, setDeg: string) => `${name} set to ${setDeg}°`,
  undersideMmAboveTheEdgeTo: (name: string, distance: string, at: string) =>
    `${name}, underside ${distance} mm above the edge, to ${at}`,
  jawFromTheHeelPivotMm: (name: string, at: string, heightMm: string) =>
    `${name}, jaw ${at} from the heel, pivot ${heightMm} mm on the first stone`,
  towards: 'towards',
});
