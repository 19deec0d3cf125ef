import { FLAT_BEVEL_STRIP_MM, type CutStrategy, type StrategyInput } from '../../cuts';
import { SECONDARY_RISE_MM } from '../first-guesses';
import { twoSidedGeometry } from '../two-sided/geometry';

/** One flat bevel to the edge: it guides itself, and a second angle is worked out of it. */
/** The second angle the edge came with. */
export const secondaryOf = (input: StrategyInput): string =>
  String(input.answers['secondary'] ?? 'none');

export const singleBevelGeometry = (input: StrategyInput): CutStrategy => ({
  ...twoSidedGeometry(input),
  approaches: ['keep', 'by-use', 'lowest-clear'],
  isThinned: false,
  finishStripMm: FLAT_BEVEL_STRIP_MM,
  extraRiseMm: () =>
    Object.entries(SECONDARY_RISE_MM).find(([width]) => width === secondaryOf(input))?.[1] ?? 0,
});
