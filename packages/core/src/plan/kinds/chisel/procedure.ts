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
    title: `${step.title}, second edge`,
    zone: `second edge: ${step.zone}`,
  });
  return {
    steps: (make, work) => {
      const stone = work.chain?.steps.at(-1);
      const back = stone
        ? make.few(make.stone(stone.id), [otherSide(front)], CHISEL_BACK_STROKES, 0, {
            operation: 'back',
            title: 'Burr off the back',
            instruction: `Almost flat, ${BACK_OFF_FLAT_DEG}° off the stone, ${CHISEL_BACK_STROKES} light strokes: only the burr goes${backIs === 'coated' ? ', the coating stays' : ''}.`,
            zone: 'the back, at the very edge',
            angleDeg: BACK_OFF_FLAT_DEG,
            check: 'No bevel is to be seen on the back under a slant light.',
            gate: 'looked for',
            burrOn: [front],
            caution: FEEL,
          })
        : [];
      const edge = make.edge((_body, index) => ({
        zone: 'heel to tip, full strokes',
        instruction:
          index === 0
            ? 'Full strokes only, heel to tip: local work facets it. Slow into the tip and stop on the stone. Until a burr runs along the back.'
            : 'The same full strokes, until the pattern is even.',
        burrOn: [otherSide(front)],
        caution:
          'Hold it by its handle and a wrapped back: the other edge cuts too. Check local rules on such blades.',
      }));
      // The chain has been reckoned on both edges; each of them is due half.
      const half = (step: PlanStep): PlanStep => ({
        ...withStrokes(step, ({ strokes }) => Math.ceil(strokes / 2), step.seconds / 2),
        removeMm3: step.removeMm3 / 2,
      });
      const worked = isDouble ? edge.flatMap((step) => [half(step), onSecond(half(step))]) : edge;
      return [
        ...make.outline(),
        ...worked,
        ...make.micro(),
        ...back,
        ...(isDouble ? back.map(onSecond) : []),
        ...make.deburr({
          instruction: `Bevel at its angle, back ${BACK_OFF_FLAT_DEG}° off flat, in turn, weight of the hand only${isDouble ? ', one edge after the other' : ''}.`,
        }),
        ...make.strop(),
        ...make.wash({
          caution:
            'Sheath on before it leaves the bench. Owner and law: hand it over only where it may be held.',
        }),
      ];
    },
  };
};
