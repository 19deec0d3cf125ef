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
      title: `Scallops on ${rod.name}`,
      instruction: `${count} scallops, one after another from the heel, at ${work.angleDeg.toFixed(1)}°: about ${strokes} strokes each, turning the rod, edge-trailing out of the scallop, until the flat facet at its edge is gone. Rod no thicker than ${(2 * rodRadiusMm).toFixed(1)} mm; where it is thinner, sweep it across the ${pitchMm} mm. Points wear first: do not cut them down.`,
      zone: 'each scallop, heel to tip',
      angleDeg: work.angleDeg,
      check: 'No bright facet left in the scallop; the burr is felt on the flat side.',
      before: 'Every scallop has raised its burr on the flat side.',
      gate: 'everywhere',
      burrOn: [flatSide],
      caution:
        'Cut-resistant glove on the holding hand: the points catch. Feel for the burr away from the edge.',
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
            pattern: `${strokes} in each of ${count} scallops`,
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
        title: `Flat side on ${body.name}`,
        instruction:
          'Nearly flat, weight of the hand, the whole length: the burr goes over into the scallops.',
        zone: 'the flat side',
        angleDeg: 1,
        check: 'The burr is felt in the scallops now, and less of it.',
        gate: 'looked for',
        burrOn: [ground],
        caution: FEEL,
      }),
      ...(rod && index < stones.length - 1 && way !== 'flat side only'
        ? make.few(rod, [ground], scallopOf(input, work.angleDeg).count, 0, {
            operation: 'refine',
            title: `Back over the scallops with ${rod.name}`,
            instruction:
              'One light turn in each scallop: the burr goes back to the flat side, smaller than before.',
            zone: 'each scallop',
            angleDeg: work.angleDeg,
            check: 'Less burr than the time before.',
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
        instruction:
          'Strop, soft brush or the finest stone: flat side nearly flat, scallop side drawn over an edge of leather, in turn, until no burr is felt. A powered brush wheel throws and catches: goggles, edge away from its turn.',
        direction: 'edge-trailing',
      }),
      ...make.strop(),
      ...make.wash(),
    ],
  };
};
