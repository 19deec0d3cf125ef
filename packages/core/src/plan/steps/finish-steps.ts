/** The burr off, the strop, and the blade clean and dry. */
import { say } from '../../text';
import type { RackStone } from '../../abrasive';
import { chosenStrop, finishingText, type Direction } from '../choices';
import type { GroundSide } from '../cuts';
import { DEBURR_SECONDS, STROP_SECONDS, UNDER_MICRO_DEG, WASH_SECONDS } from './first-guesses';
import { BOTH, byHabit, FEEL, WET, type StepKit, type Wording } from './kit';
import { layStrokes } from './patterns';
import type { PlanStep, SideWork } from './step';

export interface FinishMaker {
  readonly deburr: (wording?: Wording) => PlanStep[];
  readonly strop: (wording?: Wording) => PlanStep[];
  readonly wash: (wording?: Wording) => PlanStep[];
}

/** A soft stone that sheds is drawn over: leading digs in. A hard one is pushed into: trailing draws the burr out again. */
const directionOf = ({ bond, strokes, speedMPerS }: RackStone): Direction =>
  speedMPerS !== undefined || strokes === 'trailing' || bond === 'soft, muddy'
    ? 'edge-trailing'
    : 'edge-leading';

export const finishMaker = ({ input, stone, drafted }: StepKit): FinishMaker => {
  const { rack, steel, choices, work } = input;

  // Once there is a micro bevel the apex is there alone: what works at the old angle does not reach it.
  const aboveDeg = work.micro?.aboveDeg ?? 0;
  const atApex = (angleDeg: number): GroundSide[] =>
    input
      .groundAt(angleDeg)
      .map((side) => ({ ...side, angleDeg: side.angleDeg + (side.angleDeg > 0 ? aboveDeg : 0) }));

  const deburr = (wording: Wording = {}): PlanStep[] => {
    const last = work.chain?.steps.at(-1);
    if (!last) return [];
    const body = stone(last.id);
    const clinging = steel.burr === 'clinging';
    const count = clinging ? 20 : 10;
    const ground = atApex(input.angleDeg);
    const sides = BOTH.map((side): SideWork => {
      const angleDeg = ground.find((each) => each.side === side)?.angleDeg ?? 0;
      return { side, angleDeg, lifts: angleDeg > 0 ? input.liftsAt(angleDeg) : [], strokes: count };
    });
    const laid = layStrokes('alternating', { right: count, left: count }, DEBURR_SECONDS);
    return [
      {
        ...drafted(
          'deburr',
          {
            title: say('deburr.title', { stone: body.name }),
            instruction: say('deburr.instruction', {
              policy: choices.burrPolicy,
              isClinging: clinging,
            }),
          },
          DEBURR_SECONDS,
          byHabit('Alternating light strokes until the burr is gone.'),
        ),
        stoneId: body.id,
        sides,
        angleDeg: input.angleDeg + aboveDeg,
        lifts: input.liftsAt(input.angleDeg + aboveDeg),
        forceN: [0.5, 2],
        direction: directionOf(body),
        pattern: laid.text,
        laidBy: laid.pattern,
        rounds: laid.rounds,
        cooling: body.liquid === 'water' ? WET : null,
        check: say('deburr.check'),
        before: say('deburr.before'),
        strokesPerSide: count,
        gate: 'gone',
        burrOn: BOTH,
        caution: FEEL,
        ...wording,
      },
    ];
  };

  const strop = (wording: Wording = {}): PlanStep[] => {
    const last = work.chain?.steps.at(-1);
    const { finishing } = choices;
    if (!last || finishing.on === 'none') return [];
    const body = chosenStrop(rack, finishing, stone(last.id).um);
    if (!body && finishing.on === 'strop') return [];
    // Up to two degrees under a micro bevel the strop still meets it; further under it polishes the face beside it.
    const underDeg = work.micro
      ? Math.min(finishing.underDeg, UNDER_MICRO_DEG)
      : finishing.underDeg;
    const angleDeg = input.angleDeg + aboveDeg - underDeg;
    const due = { right: finishing.strokes, left: finishing.strokes };
    const laid = layStrokes('alternating', due, STROP_SECONDS);
    const ground = atApex(input.angleDeg - underDeg);
    return [
      {
        ...drafted(
          'strop',
          {
            title: body
              ? say('strop.title.strop', { stone: body.name })
              : say('strop.title.surface', { on: finishing.on }),
            instruction: finishingText(finishing, body),
          },
          STROP_SECONDS,
          byHabit('A dozen light strokes a side.'),
        ),
        stoneId: body?.id ?? null,
        sides: BOTH.map((side): SideWork => {
          const own = ground.find((each) => each.side === side)?.angleDeg ?? 0;
          return {
            side,
            angleDeg: own,
            lifts: own > 0 ? input.liftsAt(own) : [],
            strokes: finishing.strokes,
          };
        }),
        angleDeg,
        lifts: input.liftsAt(angleDeg),
        forceN: [0.5, 2],
        direction: 'edge-trailing only',
        pattern: laid.text,
        laidBy: laid.pattern,
        rounds: laid.rounds,
        check: say('strop.check'),
        strokesPerSide: finishing.strokes,
        gate: 'gone',
        burrOn: BOTH,
        ...wording,
      },
    ];
  };

  const wash = (wording: Wording = {}): PlanStep[] => {
    if (!work.chain) return [];
    const oil = steel.stainless !== 'yes';
    return [
      drafted(
        'wash',
        {
          title: oil ? say('wash.title.oiled') : say('wash.title.plain'),
          instruction: oil ? say('wash.instruction.oiled') : say('wash.instruction.plain'),
          zone: say('wash.zone'),
          caution: say('wash.caution'),
          ...wording,
        },
        WASH_SECONDS,
        byHabit('Washing and drying.'),
      ),
    ];
  };
  return { deburr, strop, wash };
};
