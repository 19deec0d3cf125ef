import { say } from '../../../text';
import { secondsToRemove, type RackStone } from '../../../abrasive';
import { frontSide, otherSide, type BladeWork, type StrategyInput } from '../../cuts';
import { FEEL, HEAT, strokesPerSide, type PlanStep, type StepMaker } from '../../steps';
import {
  BACK_OFF_FLAT_DEG,
  FLAT_SIDE_BY_HAND,
  FLAT_SIDE_BY_MACHINE,
  PUSHING_PASSES,
  ROD_FORCE_N,
  ROD_SPEED_M_PER_S,
} from '../first-guesses';
import { facetDegOf, scallopOf } from './geometry';
import type { Procedure } from '../strategy';

/**
 * Serrated edges: ground on one side only, each scallop with a rod or cone at its own angle until the flat
 * facet at its edge is gone; the burr comes up on the flat side and is pushed to and fro by ever finer grain.
 */
export const serratedProcedure = (input: StrategyInput): Procedure => {
  const ground = frontSide(input.answers);
  const flatSide = otherSide(ground);
  const way = input.input.choices.kind.serrationWay;

  /** One round a scallop: the count begins anew in each. */
  const scallopByScallop = (
    count: number,
    strokes: number,
  ): Pick<PlanStep, 'rounds' | 'pattern'> => ({
    rounds: Array.from({ length: count }, () => ({
      side: ground,
      count: strokes,
      zone: null,
      seconds: null,
    })),
    pattern: say('serrated.edge.pattern', { strokes, count }),
  });

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
            ...scallopByScallop(count, strokes),
          },
        ]
      : [];
  };

  const facetDeg = facetDegOf(input);
  const flatDeg = facetDeg ?? BACK_OFF_FLAT_DEG;

  /** The burr goes back into the scallops' side: by the rod, a turn in each, or by the strop along them. */
  const pushedBack = (make: StepMaker, work: BladeWork): PlanStep[] => {
    const { count } = scallopOf(input, work.angleDeg);
    const rod = way === 'flat side only' ? undefined : rodFor(make);
    const tool = rod ?? make.input.rack.find(({ kind }) => kind === 'strop');
    if (!tool) return [];
    const isRod = tool === rod;
    const strokes = isRod ? count : PUSHING_PASSES;
    return make
      .few(tool, [ground], strokes, 0, {
        operation: 'refine',
        title: isRod
          ? say('serrated.scallops-again.title', { stone: tool.name })
          : say('serrated.pushed-back.title', { stone: tool.name }),
        instruction: isRod
          ? say('serrated.scallops-again.instruction')
          : say('serrated.pushed-back.instruction'),
        zone: say('serrated.scallops-again.zone'),
        angleDeg: work.angleDeg,
        direction: 'edge-trailing',
        check: say('serrated.scallops-again.check'),
        gate: 'looked for',
        burrOn: [flatSide],
      })
      .map((step) =>
        isRod
          ? {
              ...step,
              ...scallopByScallop(count, 1),
            }
          : step,
      );
  };

  /** The flat side at one angle on every stone of the chain; between two the burr is pushed back, smaller each time. */
  const toAndFro = (make: StepMaker, work: BladeWork): PlanStep[] => {
    const stones = work.chain?.steps.map(({ id }) => make.stone(id)) ?? [];
    if (way === 'rod only') return [];
    return stones.flatMap((body, index) => {
      const moved = body.speedMPerS !== undefined;
      const passes = moved ? FLAT_SIDE_BY_MACHINE : FLAT_SIDE_BY_HAND;
      return [
        ...make.few(body, [flatSide], passes[Math.min(index, passes.length - 1)]!, 0, {
          operation: index === 0 && way === 'flat side only' ? 'edge' : 'refine',
          title: say('serrated.flat-side.title', { stone: body.name }),
          instruction:
            facetDeg === null
              ? say('serrated.flat-side.instruction')
              : say('serrated.flat-side.facet', { facetDeg }),
          zone: say('serrated.flat-side.zone'),
          angleDeg: flatDeg,
          check: say('serrated.flat-side.check'),
          gate: 'looked for',
          burrOn: [ground],
          caution: moved ? HEAT : FEEL,
        }),
        ...(index < stones.length - 1 ? pushedBack(make, work) : []),
      ];
    });
  };

  /** A belt never meets the scallops: their burr is pushed over once more, and one light pass takes it. */
  const burrOff = (make: StepMaker, work: BladeWork): PlanStep[] => {
    const end = work.chain?.steps.at(-1);
    const last = end && make.stone(end.id);
    if (last?.speedMPerS === undefined || way === 'rod only')
      return make.deburr({
        instruction: say('serrated.deburr.instruction'),
        direction: 'edge-trailing',
      });
    return [
      ...pushedBack(make, work),
      ...make.few(last, [flatSide], 1, 0, {
        operation: 'deburr',
        title: say('deburr.title', { stone: last.name }),
        instruction: say('serrated.deburr.belt'),
        zone: say('serrated.flat-side.zone'),
        angleDeg: flatDeg,
        check: say('serrated.deburr.check'),
        gate: 'gone',
        burrOn: [ground, flatSide],
        caution: HEAT,
      }),
    ];
  };

  return {
    steps: (make, work) => [
      ...scallopSteps(make, work),
      ...toAndFro(make, work),
      ...burrOff(make, work),
      ...make.strop(),
      ...make.wash(),
    ],
  };
};
