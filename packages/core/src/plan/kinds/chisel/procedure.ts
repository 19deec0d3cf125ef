import { say } from '../../../text';
import { frontSide, otherSide, type StrategyInput } from '../../cuts';
import { FEEL, withStrokes, type PlanStep } from '../../steps';
import { isDoubleEdged } from './geometry';
import { BACK_OFF_FLAT_DEG, CHISEL_BACK_STROKES } from '../first-guesses';
import type { Procedure } from '../strategy';

/**
 * Chisel-ground and double-edged blades: each edge one-sided and steep; the back only to take the burr off,
 * almost flat, so that no back bevel and no coating is lost; full strokes, slow into the tip.
 */
export const chiselProcedure = (input: StrategyInput): Procedure => {
  const front = frontSide(input.answers);
  const isDouble = isDoubleEdged(input);
  const swaps = input.answers['groundSide'] === 'right on one edge, left on the other';
  const backIs = input.answers['back'] ?? 'plain and flat';
  /** The same work on the other sides, its strokes laid out there. */
  const mirrored = (step: PlanStep): PlanStep => ({
    ...withStrokes(
      { ...step, sides: step.sides.map((side) => ({ ...side, side: otherSide(side.side) })) },
      ({ strokes }) => strokes,
      step.seconds,
    ),
    burrOn: step.burrOn.map(otherSide),
  });
  const onSecond = (step: PlanStep): PlanStep => ({
    ...(swaps ? mirrored(step) : step),
    title: say('chisel.second-edge.title', { of: step.title }),
    zone: say('chisel.second-edge.zone', { of: step.zone }),
  });
  return {
    steps: (make, work) => {
      const stone = work.chain?.steps.at(-1);
      const back = stone
        ? make.few(make.stone(stone.id), [otherSide(front)], CHISEL_BACK_STROKES, 0, {
            operation: 'back',
            title: say('chisel.back.title'),
            instruction: say('chisel.back.instruction', {
              offFlatDeg: BACK_OFF_FLAT_DEG,
              strokes: CHISEL_BACK_STROKES,
              isCoated: backIs === 'coated',
            }),
            zone: say('chisel.back.zone'),
            angleDeg: BACK_OFF_FLAT_DEG,
            check: say('chisel.back.check'),
            gate: 'looked for',
            burrOn: [front],
            caution: FEEL,
          })
        : [];
      const edge = make.edge((_body, index) => ({
        zone: say('chisel.edge.zone'),
        instruction:
          index === 0 ? say('chisel.edge.instruction.first') : say('chisel.edge.instruction.next'),
        burrOn: [otherSide(front)],
        caution: say('chisel.edge.caution'),
      }));
      // The chain has been reckoned on both edges; each of them is due half.
      const half = (step: PlanStep): PlanStep => ({
        ...withStrokes(step, ({ strokes }) => Math.ceil(strokes / 2), step.seconds / 2),
        removeMm3: step.removeMm3 / 2,
      });
      const worked = isDouble ? edge.flatMap((step) => [half(step), onSecond(half(step))]) : edge;
      /** Each edge gets every step. */
      const onBoth = (steps: readonly PlanStep[]): PlanStep[] =>
        steps.flatMap((step) => (isDouble ? [step, onSecond(step)] : [step]));
      const halves = (steps: readonly PlanStep[]): PlanStep[] =>
        isDouble ? onBoth(steps.map(half)) : [...steps];
      return [
        ...halves(make.outline()),
        ...worked,
        ...halves(make.micro()),
        ...onBoth(back),
        ...onBoth(
          make.deburr({
            instruction: say('chisel.deburr.instruction', {
              offFlatDeg: BACK_OFF_FLAT_DEG,
              isDouble: false,
            }),
          }),
        ),
        ...onBoth(make.strop()),
        ...make.wash({
          caution: say('chisel.wash.caution'),
        }),
      ];
    },
  };
};
