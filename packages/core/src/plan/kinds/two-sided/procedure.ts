import { numberAnswer } from '../../../intake';
import type { StrategyInput } from '../../cuts';
import type { PlanStep } from '../../steps';
import type { Procedure } from '../strategy';
import { isWide } from './geometry';

/**
 * Two-sided blades ground flat from the spine, flat and then parallel, hollow or convex: both sides bevelled by
 * their own ratio, thinned in bands. Blades with three layers keep their core bare; wide and curved ones are
 * lifted station by station; a false back edge is left or sharpened by what it is for.
 */
const falseEdgeStep = (input: StrategyInput, hand: (deg: number) => PlanStep[]): PlanStep[] =>
  input.answers['falseEdge'] === 'meant to cut'
    ? hand(numberAnswer(input.answers, 'falseEdgeDeg') ?? input.presentDeg + 5)
    : [];

export const twoSidedProcedure = (input: StrategyInput): Procedure => {
  const hollow = input.kind.grind === 'hollow';
  const wide = isWide(input);
  return {
    steps: (make) => [
      ...make.outline(),
      ...make.thinning(),
      ...make.faces(),
      ...make.edge((_body, index) =>
        hollow
          ? {
              zone: 'the very edge',
              instruction:
                index === 0
                  ? 'Touch only the very edge: a hollow grind is thin and weak behind it. Light, until the smallest burr runs from heel to tip.'
                  : 'Light, at the very edge only, until the pattern is even.',
              forceN: [2, 5],
            }
          : wide
            ? {
                instruction:
                  index === 0
                    ? 'Lift as the ladder says at every station: a fixed lift is another angle at every height. One sweep heel to tip, the handle swinging through the belly, or section by section.'
                    : 'The same sweep and the same lifts, until the pattern is even from heel to tip.',
              }
            : {},
      ),
      ...make.micro(),
      ...make.deburr(),
      ...make.strop(),
      ...falseEdgeStep(input, (deg) =>
        make.hand('edge', 6, {
          title: `Back edge at ${deg.toFixed(0)}° per side`,
          instruction: `The clipped back is meant to cut: steeper than the main edge, ${deg.toFixed(0)}° per side, on the first stone and the last, until a small burr, then off with it.`,
          zone: 'the clipped back',
          angleDeg: deg,
          check: 'Burr along the clip only; the point stays where it is.',
          caution:
            'Two edges now: hold the blade by its faces, and check local rules on such blades.',
        }),
      ),
      ...make.wash(),
    ],
  };
};
