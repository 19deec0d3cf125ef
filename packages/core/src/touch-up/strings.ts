/** Strings of touching up. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/touch-up', {
  laysARolledEdgeStraightAgain: 'Lays a rolled edge straight again; it does not sharpen.',
  atUpToHrcTheEdge: (hrcHigh: number) => `At up to ${hrcHigh} HRC the edge does not bend back.`,
  scrapesASoftEdgeToothyA: 'Scrapes a soft edge toothy; a dozen light strokes, no more.',
  itsRidgesChipAnEdgeThis: 'Its ridges chip an edge this hard.',
  tooBrittleForANarrowRod: 'Too brittle for a narrow rod: use a stone.',
  takesALittleSteelOffResets: 'Takes a little steel off: resets an edge between sharpenings.',
  theOnlyRodThatBitesOn: 'The only rod that bites on these carbides; lightly.',
  takesMoreOfThisSteelThan: 'Takes more of this steel than it needs.',
  assumed: ', assumed',
  degreesPerSide: (angleDeg: string, said: string) => `${angleDeg}° per side${said}`,
  aRazorKnowsNoRod: 'A razor knows no rod.',
  itIsChippedARodWould: 'It is chipped: a rod would tear it further.',
  noneOnTheRack: 'None on the rack.',
  atFoundWithCoinsAndInk: (angle: string) =>
    `At ${angle}, found with coins and ink; a side in turn, then paper.`,
  itIsChippedLeatherDoesNot: 'It is chipped: leather does not reach that.',
  takesNoSteelWorthSpeakingOf: 'Takes no steel worth speaking of.',
  tenStrokesASideEdgeTrailing: (angle: string) =>
    `Ten strokes a side, edge trailing, at ${angle} or just under it, on a hard back.`,
  itIsChippedTheChipsDecide: 'It is chipped: the chips decide how much has to go.',
  atMANewApexWithout: (name: string, um: number) =>
    `${name} at ${um} µm: a new apex without a new bevel, as fine as its use wants.`,
  noStoneInTheRack: 'No stone in the rack.',
  alternateLightStrokesAtUntilThe: (angle: string) =>
    `Alternate light strokes at ${angle} until the whole edge is dark again, then strop.`,
  twoTouchUpsHeldNoLonger:
    'Two touch-ups held no longer than a month: the edge is worn, not tired.',
  whatIsLeftWhenNothingSmaller: 'What is left when nothing smaller has held.',
  planItAndBeginOnThe: 'Plan it, and begin on the stone the plan names.',
  lightAlongTheEdgeThenThin: 'Light along the edge, then thin paper in all four zones, no catch.',
  pushTheRollBack: 'Push the roll back',
  bothSides: 'Both sides',
  theFirst: (side: string) => `The ${side} first`,
  atToMmFromTheHeel: (sideSaid: string, fromMm: number, fromMm2: number) =>
    `${sideSaid}, at ${fromMm} to ${fromMm2} mm from the heel, until no lean is felt; then one and one.`,
  washDryLook: 'Wash, dry, look',
  alongTheEdgeInTheLight:
    'Along the edge in the light: rolled, not worn flat. A flat shine over 10 mm or more is a full round.',
  inkBothBevels: 'Ink both bevels',
  theWholeLengthRightToThe: 'The whole length, right to the edge.',
  setTheHand: 'Set the hand',
  rodUprightOnADampCloth:
    'Rod upright on a damp cloth, its point down. The coins between rod and blade by the spine, at the middle; away with them, and the hand keeps that angle.',
  oneTrialPassASide: 'One trial pass a side',
  downAndAwayHeelToTip:
    'Down and away, heel to tip; the same angle at every height, so the spine comes nearer the rod towards the tip.',
  paperPushedAndSliced: 'Paper, pushed and sliced',
  atHeelMiddleAndTipNo: 'At heel, middle and tip, no catch. Clean at all three: enough.',
  lineItUp: 'Line it up',
  oneStrokeASideInTurn: 'One stroke a side in turn, heel to tip, edge leading, at the angle found.',
  aFewStrokesOnTheFine: 'A few strokes on the fine cut',
  oneStrokeASideInTurnAt:
    'One stroke a side in turn, at the angle found. It scrapes: no more than these.',
  smoothRodAfterIt: 'Smooth rod after it',
  oneStrokeASideInTurnWhat: 'One stroke a side in turn: what the cut has torn up is laid straight.',
  aFewStrokesOnTheCeramic: 'A few strokes on the ceramic',
  wipedCleanFirstOneStrokeA:
    'Wiped clean first. One stroke a side in turn, at the angle found; it takes a little steel.',
  aFewStrokesOnTheDiamond: 'A few strokes on the diamond',
  lightlyOneStrokeASideIn:
    'Lightly, one stroke a side in turn, at the angle found; it takes more than it needs.',
});
