/** A high spot honed down before anything else is thinned or set: thinned along with the rest it leaves a blade that rocks. */
import { say } from '../../text';
import { forTask, type RackStone } from '../../abrasive';
import type { Damage } from '../../blade';
import { HIGH_SPOT_DEG } from './first-guesses';
import { BOTH, type StepKit } from './kit';
import { IS_SHEET } from './low-spots';
import type { PlanStep } from './step';

export interface FaultMaker {
  readonly highSpots: () => PlanStep[];
}

/** A hard stone that stays flat shows a hill; the coarsest of them takes it down. */
const levelStone = (rack: readonly RackStone[]): RackStone | null => {
  const stones = forTask(rack, 'edge').filter(({ kind }) => !IS_SHEET.includes(kind));
  const hard = stones.filter(({ bond }) => bond === 'hard' || bond === 'plate or film');
  const [coarsest] = [...(hard.length > 0 ? hard : stones)].sort((a, b) => b.um - a.um);
  return coarsest ?? null;
};

/** Strokes a side that a hill is rubbed with before the board is looked at again. */
const HILL_STROKES = 15;

/** Steel of a hill in the line of the edge: a triangle as thick as the blade is behind its edge. */
const hillMm3 = ({ lengthMm, depthMm }: Damage, thicknessMm: number): number =>
  (lengthMm * depthMm * thicknessMm) / 2;

export const faultMaker = ({ input, few }: StepKit): FaultMaker => ({
  highSpots: () => {
    const body = levelStone(input.rack);
    if (!body) return [];
    return input.damage
      .filter(
        ({ kind, depthMm, id }) =>
          kind === 'high spot' && depthMm > 0 && !input.choices.chipsLeft.includes(id),
      )
      .flatMap((damage) =>
        few(body, BOTH, HILL_STROKES, hillMm3(damage, input.behindEdgeMm), {
          operation: 'outline',
          title: say('high-spot.title', { stone: body.name }),
          instruction: say('high-spot.instruction', {
            depthMm: damage.depthMm,
            angleDeg: HIGH_SPOT_DEG,
          }),
          zone: say('high-spot.zone', {
            fromMm: damage.fromMm,
            toMm: damage.fromMm + damage.lengthMm,
          }),
          angleDeg: HIGH_SPOT_DEG,
          direction: 'back and forth',
          forceN: [4, 8],
          check: say('high-spot.check'),
          before: say('high-spot.before'),
          caution: say('outline.caution'),
        }),
      );
  },
});
