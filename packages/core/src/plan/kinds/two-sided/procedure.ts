import { say } from '../../../text';
import { numberAnswer } from '../../../intake';
import type { StrategyInput } from '../../cuts';
import type { Named, Operation, PlanStep, StepMaker } from '../../steps';
import { inOrder } from '../parts';
import type { Procedure } from '../strategy';
import { isWide } from './geometry';

/**
 * Two-sided blades ground flat from the spine, flat and then parallel, hollow or convex: both sides bevelled by
 * their own ratio, thinned in bands. Blades with three layers keep their core bare; wide and curved ones are
 * lifted station by station; a false back edge is left or sharpened by what it is for.
 */
const backEdgeDeg = (input: StrategyInput): number | null =>
  input.answers['falseEdge'] === 'meant to cut'
    ? (numberAnswer(input.answers, 'falseEdgeDeg') ?? input.presentDeg + 5)
    : null;

/** The back edge is an edge like the other: ground, its burr taken off, stropped, the main edge covered meanwhile. */
const backEdgeSteps = (make: StepMaker, deg: number | null) => {
  const onBackEdge = (operation: Operation, minutes: number, said: Named): PlanStep[] =>
    deg === null
      ? []
      : make.hand(operation, minutes, {
          zone: say('two-sided.back-edge.zone'),
          angleDeg: deg,
          caution: say('two-sided.back-edge.caution'),
          ...said,
        });
  const at = { deg: deg ?? 0 };
  return {
    grind: onBackEdge('edge', 6, {
      title: say('two-sided.back-edge.title', at),
      instruction: say('two-sided.back-edge.instruction', at),
      check: say('two-sided.back-edge.check'),
    }),
    deburr: onBackEdge('deburr', 1, {
      title: say('two-sided.back-edge.deburr.title'),
      instruction: say('two-sided.back-edge.deburr.instruction', at),
      check: say('deburr.check'),
    }),
    strop: onBackEdge('strop', 1, {
      title: say('two-sided.back-edge.strop.title'),
      instruction: say('two-sided.back-edge.strop.instruction', at),
    }),
  };
};

export const twoSidedProcedure = (input: StrategyInput): Procedure => {
  const hollow = input.kind.grind === 'hollow';
  const wide = isWide(input);
  return {
    steps: (make) => {
      const backEdge = backEdgeSteps(make, backEdgeDeg(input));
      const edge = [
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
        ...backEdge.grind,
        ...make.deburr(),
        ...backEdge.deburr,
      ];
      return [
        ...make.outline(),
        ...make.thinning(),
        ...inOrder(input.input.choices.order, make.faces(), edge, make.lightLast()),
        ...make.strop(),
        ...(input.input.choices.finishing.on === 'none' ? [] : backEdge.strop),
        ...make.wash(),
      ];
    },
  };
};
