import { perSide, toRadians } from '../../../units';
import { joined, say } from '../../../text';
import { frontSide, otherSide, type StrategyInput } from '../../cuts';
import { FEEL, withStrokes, type PlanStep } from '../../steps';
import { isDoubleEdged } from './geometry';
import {
  BACK_OFF_FLAT_DEG,
  CHISEL_BACK_PASSES,
  CHISEL_BACK_STROKES,
  TAPE_CLEAR_MM,
  TAPE_MM,
} from '../first-guesses';
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
  const onFirst = (step: PlanStep): PlanStep => ({
    ...step,
    edge: 'A',
    title: say('chisel.edge-of.title', { of: step.title, edge: 'A' }),
  });
  const onSecond = (step: PlanStep): PlanStep => ({
    ...(swaps ? mirrored(step) : step),
    edge: 'B',
    title: say('chisel.edge-of.title', { of: step.title, edge: 'B' }),
  });
  const rubsMm = TAPE_MM / Math.sin(toRadians(perSide(BACK_OFF_FLAT_DEG)));
  return {
    steps: (make, work) => {
      const stone = work.chain?.steps.at(-1);
      const backStrokes =
        stone && make.stone(stone.id).speedMPerS !== undefined
          ? CHISEL_BACK_PASSES
          : CHISEL_BACK_STROKES;
      const back = stone
        ? make.few(make.stone(stone.id), [otherSide(front)], backStrokes, 0, {
            operation: 'back',
            title: say('chisel.back.title'),
            instruction: say('chisel.back.instruction', {
              offFlatDeg: BACK_OFF_FLAT_DEG,
              strokes: backStrokes,
              isCoated: backIs === 'coated',
              farMm: isDouble
                ? input.input.measures.heightHeelMm *
                  Math.sin(toRadians(perSide(BACK_OFF_FLAT_DEG)))
                : null,
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
          index > 0
            ? say('chisel.edge.instruction.next')
            : isDouble
              ? joined(say('chisel.edge.instruction.first'), say('chisel.edge.instruction.point'))
              : say('chisel.edge.instruction.first'),
        ...(isDouble && index === 0 ? { before: say('chisel.edge.before.double') } : {}),
        burrOn: [otherSide(front)],
        caution: say('chisel.edge.caution'),
      }));
      const eachEdge = (step: PlanStep): PlanStep[] => [onFirst(step), onSecond(step)];
      // The chain has been reckoned on both edges; each of them is due half.
      const half = (step: PlanStep): PlanStep => ({
        ...withStrokes(step, ({ strokes }) => Math.ceil(strokes / 2), step.seconds / 2),
        removeMm3: step.removeMm3 / 2,
      });
      const worked = isDouble ? edge.flatMap((step) => eachEdge(half(step))) : edge;
      /** Each edge gets every step. */
      const onBoth = (steps: readonly PlanStep[]): PlanStep[] =>
        steps.flatMap((step) => (isDouble ? eachEdge(step) : [step]));
      const halves = (steps: readonly PlanStep[]): PlanStep[] =>
        isDouble ? onBoth(steps.map(half)) : [...steps];
      return [
        ...(isDouble && stone && make.stone(stone.id).speedMPerS !== undefined
          ? make.hand('protect', 3, {
              title: say('chisel.tape.title'),
              // The tape lies between the belt and the far edge; too near, it would be rubbed itself.
              instruction: say('chisel.tape', {
                fromMm: Math.ceil(rubsMm + TAPE_CLEAR_MM),
                rubsMm,
              }),
              zone: say('chisel.tape.zone'),
              check: say('chisel.tape.check'),
            })
          : []),
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
