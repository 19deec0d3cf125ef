/** Strings of the outline and its tracing. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/outline', {
  aBreakAtMmIsNot: (breakMm: number, start: number, end: number) =>
    `A break at ${breakMm} mm is not on an edge from ${start} to ${end} mm`,
  aBlendOfMmDoesNot: (blendMm: number, breakMm: number) =>
    `A blend of ${blendMm} mm does not fit before a break at ${breakMm} mm`,
  theTwoPointsLiePixelsApart: (pixels: string) =>
    `The two points lie ${pixels} pixels apart; set them at least 10 apart`,
  theFourCornersMustGoRound:
    'The four corners must go round the rectangle in order, no three on a line',
  theFourCornersDoNotSpan: 'The four corners do not span a rectangle',
  theEdgeWantsAtLeast3: 'The edge wants at least 3 points, heel to tip',
  theSpineWantsAtLeast2: 'The spine wants at least 2 points',
  theEdgeTurnsBackMmFrom: (edge: string) =>
    `The edge turns back ${edge} mm from the heel; set its points in order from heel to tip`,
  theSpineTurnsBackMmFrom: (spine: string) =>
    `The spine turns back ${spine} mm from the heel; set its points in order`,
  theSpineDoesNotStandOver: (crossing: string) =>
    `The spine does not stand over the edge ${crossing} mm from the heel`,
  theOutlineWantsAtLeast4: 'The outline wants at least 4 points',
  theOutlineCouldNotBeRestored: (status: string) =>
    `The outline could not be restored: the solver says ${status}`,
});
