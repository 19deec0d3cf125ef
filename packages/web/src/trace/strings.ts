/** Strings of tracing an outline. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('trace', {
  theFileIsNoSvgThat: 'The file is not a readable SVG',
  aLineOfTheDrawingCannot: 'A line of the drawing cannot be read',
  unknown: 'unknown',
  theFileIsNoDxfThat: (why: string) => `The file is not a readable DXF (${why})`,
  aSplineWithoutPointsItPasses: 'A spline without points it passes through: save it as polylines',
  theDrawingHoldsNoOutline: 'The drawing holds no outline',
  theDrawingMustBeAtMost: (mostMb: number, givenMb: string) =>
    `The drawing must be at most ${mostMb} MB; ${givenMb} MB was given`,
  nearer: 'Nearer',
  farther: 'Farther',
  theWholePicture: 'The whole picture',
  scale: 'Scale',
  edge: 'Edge',
  spine: 'Spine',
  rectangle: 'Rectangle',
  twoPoints: 'Two points',
  clickAlongTheEdgeFromHeel: 'Click along the edge, from heel to tip. More clicks where it bends.',
  clickAlongTheSpineFromHeel: 'Click along the spine, from heel to tip.',
  distanceMustBeFrom0To: (distanceMm: string) =>
    `Distance must be from 0 to 2000 mm; "${distanceMm}" was given`,
  clickTheTwoPointsOfKnown: 'Click the two points of known distance',
  widthAndHeightOfTheRectangle: 'Width and height of the rectangle must be from 0 to 2000 mm',
  clickTheFourCornersOfThe:
    'Click the four corners of the rectangle, going round it, long side first',
  photographClickToSetPointsPlus:
    'Photograph: click to set points; plus and minus enlarge, arrows move, Enter sets a point in the middle',
  whatTheClicksSet: 'What the clicks set',
  scaleFromA: 'Scale from a',
  longSideMm: 'Long side, mm',
  shortSideMm: 'Short side, mm',
  aBankCardAsItStands: 'A bank card as it stands. It sets the perspective right as well.',
  distanceOfThePointsMm: 'Distance of the points, mm',
  twoMarksOfARulerThe: 'two marks of a ruler; the camera held straight above',
  undoLastPoint: 'Undo last point',
  startAgain: 'Start again',
  useThisOutline: 'Use this outline',
  edgeHeelToTip: 'Edge, heel to tip',
  alongItsCurve: 'along its curve',
  heightAtHeel: 'Height at heel',
  halfWay: 'half way',
  nearTheTip: 'near the tip',
  bellyBegins: 'Belly begins',
  tipAboveTheHeel: 'Tip above the heel',
  theEdgeTurnsBy: 'The edge turns by',
});
