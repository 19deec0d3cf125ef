import { say } from '../../../text';
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
              zone: say('two-sided.hollow.zone'),
              instruction:
                index === 0
                  ? say('two-sided.hollow.instruction.first')
                  : say('two-sided.hollow.instruction.next'),
              forceN: [2, 5],
            }
          : wide
            ? {
                instruction:
                  index === 0
                    ? say('two-sided.wide.instruction.first')
                    : say('two-sided.wide.instruction.next'),
              }
            : {},
      ),
      ...make.micro(),
      ...make.deburr(),
      ...make.strop(),
      ...falseEdgeStep(input, (deg) =>
        make.hand('edge', 6, {
          title: say('two-sided.back-edge.title', { deg }),
          instruction: say('two-sided.back-edge.instruction', { deg }),
          zone: say('two-sided.back-edge.zone'),
          angleDeg: deg,
          check: say('two-sided.back-edge.check'),
          caution: say('two-sided.back-edge.caution'),
        }),
      ),
      ...make.wash(),
    ],
  };
};
