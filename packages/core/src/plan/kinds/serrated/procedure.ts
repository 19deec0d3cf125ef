import { say } from '../../../text';
import { secondsToRemove, type RackStone } from '../../../abrasive';
import { frontSide, otherSide, type BladeWork, type StrategyInput } from '../../cuts';
import { FEEL, strokesPerSide, type PlanStep, type StepMaker } from '../../steps';
import { ROD_FORCE_N, ROD_SPEED_M_PER_S } from '../first-guesses';
import { scallopOf } from './geometry';
import type { Procedure } from '../strategy';

/**
 * Serrated edges: ground on one side only, each scallop with a rod or cone at its own angle until the flat
 * facet at its edge is gone; the burr comes up on the flat side and is pushed to and fro by ever finer grain.
 */
export const serratedProcedure = (input: StrategyInput): Procedure => {
  const ground = frontSide(input.answers);
  const flatSide = otherSide(ground);
  const way = input.input.choices.kind.serrationWay;

  const rodFor = (make: StepMaker): RackStone | undefined =>
    make.input.rack.find(({ kind }) => kind === 'cone') ??
    make.input.rack.find(({ kind }) => kind === 'rod');

  const scallopSteps = (make: StepMaker, work: BladeWork): PlanStep[] => {
    const rod = rodFor(make);
    const { count, rodRadiusMm, pitchMm } = scallopOf(input, work.angleDeg);
    if (!rod || way === 'flat side only') return [];
    const { mm3 } = work.sums.edge;
    const each = secondsToRemove(
      mm3 / count,
      rod,
      make.input.steel,
      ROD_FORCE_N,
      ROD_SPEED_M_PER_S,
    );
    const strokes = Math.max(3, strokesPerSide(2 * each, ROD_SPEED_M_PER_S));
    const seconds = count * (each + 6);
    const [step] = make.few(rod, [ground], strokes, mm3, {
      operation: 'edge',
      title: say('serrated.edge.title', { stone: rod.name }),
      instruction: say('serrated.edge.instruction', {
        count,
        angleDeg: work.angleDeg,
        strokes,
        rodMm: 2 * rodRadiusMm,
        pitchMm,
      }),
      zone: say('serrated.edge.zone'),
      angleDeg: work.angleDeg,
      check: say('serrated.edge.check'),
      before: say('serrated.edge.before'),
      gate: 'everywhere',
      burrOn: [flatSide],
      caution: say('serrated.edge.caution'),
    });
    return step
      ? [
          {
            ...step,
            seconds,
            rangeS: [seconds / 2, seconds * 2],
            secondsWhy: {
              rule: 'The steel of one scallop by the rod, times the scallops, and six seconds to come to the next.',
              formula: 't = n (V / (K · F · v) + 6)',
              inputs: [
                { label: 'n, scallops', value: count },
                { label: 'V, of one scallop', value: mm3 / count, unit: 'mm³' },
                { label: 'F', value: ROD_FORCE_N, unit: 'N' },
                { label: 'v, m/s', value: ROD_SPEED_M_PER_S },
              ],
              source: 'Removal model; first guesses, to be corrected by the bench',
            },
            strokesPerSide: strokes * count,
            sides: step.sides.map((side) => ({ ...side, strokes: strokes * count })),
            laidBy: null,
            rounds: [{ side: ground, count: strokes * count, zone: null, seconds: null }],
            pattern: say('serrated.edge.pattern', { strokes, count }),
          },
        ]
      : [];
  };

  /** The flat side, nearly flat, on the stones of the chain: the burr is pushed to and fro and shrinks. */
  const toAndFro = (make: StepMaker, work: BladeWork): PlanStep[] => {
    const rod = rodFor(make);
    const stones = work.chain?.steps.map(({ id }) => make.stone(id)) ?? [];
    if (way === 'rod only') return [];
    return stones.flatMap((body, index) => [
      ...make.few(body, [flatSide], index === 0 ? 10 : 5, 0, {
        operation: index === 0 && way === 'flat side only' ? 'edge' : 'refine',
        title: say('serrated.flat-side.title', { stone: body.name }),
        instruction: say('serrated.flat-side.instruction'),
        zone: say('serrated.flat-side.zone'),
        angleDeg: 1,
        check: say('serrated.flat-side.check'),
        gate: 'looked for',
        burrOn: [ground],
        caution: FEEL,
      }),
      ...(rod && index < stones.length - 1 && way !== 'flat side only'
        ? make.few(rod, [ground], scallopOf(input, work.angleDeg).count, 0, {
            operation: 'refine',
            title: say('serrated.scallops-again.title', { stone: rod.name }),
            instruction: say('serrated.scallops-again.instruction'),
            zone: say('serrated.scallops-again.zone'),
            angleDeg: work.angleDeg,
            check: say('serrated.scallops-again.check'),
            gate: 'looked for',
            burrOn: [flatSide],
          })
        : []),
    ]);
  };

  return {
    steps: (make, work) => [
      ...scallopSteps(make, work),
      ...toAndFro(make, work),
      ...make.deburr({
        instruction: say('serrated.deburr.instruction'),
        direction: 'edge-trailing',
      }),
      ...make.strop(),
      ...make.wash(),
    ],
  };
};
