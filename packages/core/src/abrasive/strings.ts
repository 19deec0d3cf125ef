/** Strings of the rack and its progressions. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/abrasive', {
  dressIt: 'Dress it',
  makeItFlat: 'Make it flat',
  mmLeftLessThanMmBed: (thicknessMm: number, minThicknessMm: number) =>
    `${thicknessMm} mm left, less than ${minThicknessMm} mm: bed it on a base or retire it.`,
  stillDryingHToGoNot: (dryHours: number) =>
    `Still drying, ${dryHours} h to go: not into its box, and no frost.`,
  runsFromToIsOutsideIt: (scale: string, grit: number, grit2: number, grit3: number) =>
    `${scale} runs from ${grit} to ${grit2}; ${grit3} is outside it`,
  anAbrasiveTheWorkMustRun: 'An abrasive the work must run over is not in the rack or was skipped',
  theRackIsEmptyAPlan: 'The rack is empty: a plan needs a stone, a plate or a film',
  theRackHoldsNoStonePlate:
    'The rack holds no stone, plate or film that could be used; belts need a machine, chosen under how the angle is held',
  theFirstAbrasiveAskedForIs: (first: string) =>
    `The first abrasive asked for, ${first}, is not in the rack or was skipped`,
  noChainToToMRuns: (finestUm: number, coarsestUm: number, namesOf: string) =>
    `No chain to ${finestUm} to ${coarsestUm} µm runs over ${namesOf}`,
  noAbrasiveEndsBetweenAndM: (finestUm: number, coarsestUm: number, nameOf: string, um: number) =>
    `No abrasive ends between ${finestUm} and ${coarsestUm} µm; the nearest is ${nameOf} at ${um} µm`,
  noChainReachesToMWith: (
    finestUm: number,
    coarsestUm: number,
    maxRatio: string | number,
    nameOf: string,
    um: number,
  ) =>
    `No chain reaches ${finestUm} to ${coarsestUm} µm with steps of at most ${maxRatio} times; the nearest finish is ${nameOf} at ${um} µm`,
  oneCoarseStoneWantsAnAbrasive: (finestUm: number, coarsestUm: number) =>
    `One coarse stone wants an abrasive of ${finestUm} to ${coarsestUm} µm; none stands in the rack`,
  workedSince: (todo: string, workedMinutes: number, bearsMinutes: number | null) =>
    `${todo}: ${workedMinutes} min of work since, and it bears ${bearsMinutes}.`,
});
