/** What follows the last stone: every surface of the series a step, with its strokes, its degrees and its preparation. */
import { joined, say, type Message } from '../../text';
import { finestOf, forTask, scratchDepthUm, type RackStone } from '../../abrasive';
import { SOFT_BACK_ROUNDS_DEG, seriesOf, stropAfter, type SeriesPart } from '../choices';
import type { GroundSide } from '../cuts';
import { STROP_SECONDS, UNDER_MICRO_DEG, WEIGHT_OF_HAND_N } from './first-guesses';
import { BOTH, byHabit, type StepKit, type AreaStrings } from './kit';
import { layStrokes } from './patterns';
import type { Operation, PlanStep, SideWork } from './step';
import { STRINGS } from './strings';

export interface SeriesMaker {
  readonly strop: (wording?: AreaStrings) => PlanStep[];
}

type Surface = SeriesPart['surface'];

const OPERATION: Readonly<Record<Surface, Operation>> = {
  stone: 'finish',
  'dry stone': 'finish',
  wood: 'finish',
  felt: 'finish',
  newspaper: 'finish',
  leather: 'strop',
  cloth: 'strop',
  'smooth hard edge': 'finish',
  'wet paper': 'finish',
};

/** How each surface is prepared and used. */
const TEXT: Readonly<Record<Surface, Message>> = {
  stone: say('series.stone'),
  'dry stone': say('series.dry-stone'),
  wood: say('series.wood'),
  felt: say('series.felt'),
  newspaper: say('series.newspaper'),
  leather: say('finish.strop'),
  cloth: say('series.cloth'),
  'smooth hard edge': say('series.smooth-hard-edge'),
  'wet paper': say('series.wet-paper'),
};

/** What lies under the hand: stones of the rack under laps and newspaper, strops for leather and cloth. */
const bodyOf = (
  part: SeriesPart,
  rack: readonly RackStone[],
  last: RackStone,
): RackStone | null => {
  const named = rack.find(({ id }) => id === part.stoneId);
  switch (part.surface) {
    case 'stone':
    case 'dry stone':
    case 'newspaper':
      return named ?? (part.surface === 'newspaper' ? null : last);
    case 'leather':
    case 'cloth':
      return named ?? stropAfter(rack, last.um);
    case 'wet paper':
      return named ?? finestOf(forTask(rack, 'edge').filter(({ kind }) => kind === 'paper'));
    case 'wood':
    case 'felt':
    case 'smooth hard edge':
      return null;
  }
};

/** Passes for bite stand over the bevel, the rest at it or a little under. */
const USUAL_UNDER_DEG: Readonly<Partial<Record<Surface, number>>> = { 'smooth hard edge': -3 };

export const seriesMaker = ({ input, stone, drafted }: StepKit): SeriesMaker => {
  const { choices, work, rack } = input;
  const aboveDeg = work.micro?.aboveDeg ?? 0;
  /** After a micro bevel the apex stands at its angle: the strop meets it up to two degrees under. */
  const atApex = (underDeg: number): readonly GroundSide[] =>
    input.groundAt(input.angleDeg).map((side) => ({
      ...side,
      angleDeg: side.angleDeg > 0 ? side.angleDeg + aboveDeg - underDeg : 0,
    }));

  const partStep = (part: SeriesPart, last: RackStone, wording: AreaStrings): PlanStep[] => {
    const body = bodyOf(part, rack, last);
    if (!body && part.surface === 'leather') return [];
    const usual = part.underDeg ?? USUAL_UNDER_DEG[part.surface] ?? 0;
    const underDeg = work.micro ? Math.max(0, Math.min(usual, UNDER_MICRO_DEG)) : usual;
    const ground = atApex(underDeg);
    const { strokes } = part;
    const laid = layStrokes('alternating', { right: strokes, left: strokes }, STROP_SECONDS);
    const angleDeg = input.angleDeg + aboveDeg - underDeg;
    const strop = OPERATION[part.surface] === 'strop';
    return [
      {
        ...drafted(
          OPERATION[part.surface],
          {
            title: strop
              ? body
                ? say('strop.title.strop', { stone: body.name })
                : say('strop.title.surface', { on: part.surface })
              : say('series.title', { surface: part.surface, stone: body?.name ?? null }),
            instruction: joined(
              underDeg < 0
                ? say('series.over', { overDeg: -underDeg })
                : say('finish.under', { underDeg }),
              TEXT[part.surface],
              ...(strop && body
                ? [say('finish.scratches', { scratchUm: scratchDepthUm(body) })]
                : []),
              ...(strop && choices.finishing.back === 'soft'
                ? [say('finish.soft-back', { roundsDeg: SOFT_BACK_ROUNDS_DEG })]
                : []),
            ),
          },
          Math.max(20, (STROP_SECONDS * strokes) / 12),
          byHabit(STRINGS.soManyLightStrokesASide),
        ),
        stoneId: body?.id ?? null,
        sides: BOTH.map((side): SideWork => {
          const own = ground.find((each) => each.side === side)?.angleDeg ?? input.flatSideDeg;
          const isGround = ground.some((each) => each.side === side);
          return { side, angleDeg: own, lifts: isGround ? input.liftsAt(own) : [], strokes };
        }),
        angleDeg,
        lifts: input.liftsAt(angleDeg),
        forceN: WEIGHT_OF_HAND_N,
        direction: 'edge-trailing only',
        pattern: laid.text,
        laidBy: laid.pattern,
        rounds: laid.rounds,
        check: say('strop.check'),
        strokesPerSide: strokes,
        ...wording,
      },
    ];
  };

  return {
    strop: (wording = {}) => {
      const end = work.chain?.steps.at(-1);
      if (!end) return [];
      const last = stone(end.id);
      const steps = seriesOf(choices.series, choices.finishing).flatMap((part) =>
        // What a kind says of its strop is said of one strop, not of every surface of a series.
        partStep(part, last, choices.series === null ? wording : {}),
      );
      // The burr is felt for once all of it is done.
      return steps.map((step, index) =>
        index === steps.length - 1 ? { ...step, gate: 'gone' as const, burrOn: BOTH } : step,
      );
    },
  };
};
