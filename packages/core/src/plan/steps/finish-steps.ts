/** The burr off, the proof that it already cuts, and the blade clean and dry. */
import { say } from '../../text';
import { chosenStrop, type Direction } from '../choices';
import type { RackStone } from '../../abrasive';
import type { GroundSide } from '../cuts';
import {
  DEBURR_PASSES,
  DEBURR_SECONDS,
  DEBURR_STROKES,
  MACHINE_N,
  PROOF_SECONDS,
  PROOF_STROKES,
  RIG_DEBURR_STROKES,
  RINSE_SECONDS,
  SCRUB_LADDER,
  WASH_SECONDS,
  WEIGHT_OF_HAND_N,
} from './first-guesses';
import { BOTH, byHabit, FEEL, WET, type StepKit, type AreaStrings } from './kit';
import { layStrokes, type StrokeRound } from './patterns';
import { sideAfterSide, type PlanStep, type SideWork } from './step';
import { STRINGS } from './strings';

export interface FinishMaker {
  /** On the last stone of the edge, or on the tool named. */
  readonly deburr: (wording?: AreaStrings, on?: RackStone) => PlanStep[];
  /** After the first stone it must already cut; nothing where that is not the school. */
  readonly proof: (body: RackStone) => PlanStep[];
  readonly wash: (wording?: AreaStrings) => PlanStep[];
}

/**
 * The school of the stroke holds for the burr too. Where it leaves the direction open, and where it leads on a stone
 * that sheds, the stone decides: soft ones are drawn over, for leading digs in; hard ones pushed into.
 */
const directionOf = (body: RackStone, school: Direction): Direction => {
  const sheds = body.bond === 'soft, muddy' || body.strokes === 'trailing';
  if (body.speedMPerS !== undefined || sheds || school === 'edge-trailing') return 'edge-trailing';
  return school === 'edge-leading' || body.bond === 'hard' || body.bond === 'plate or film'
    ? 'edge-leading'
    : 'edge-trailing';
};

export const finishMaker = ({ input, stone, drafted }: StepKit): FinishMaker => {
  const { rack, steel, choices, work } = input;

  // Once there is a micro bevel the apex is there alone: what works at the old angle does not reach it.
  const aboveDeg = work.micro?.aboveDeg ?? 0;
  const raiseDeg = work.micro ? 0 : choices.deburrRaiseDeg;
  const atApex = (): GroundSide[] =>
    input.groundAt(input.angleDeg).map((side) => ({
      ...side,
      angleDeg: side.angleDeg + (side.angleDeg > 0 ? aboveDeg + raiseDeg : 0),
    }));
  const sidesWith = (strokes: number): readonly SideWork[] => {
    const ground = atApex();
    return BOTH.map((side) => {
      const angleDeg = ground.find((each) => each.side === side)?.angleDeg ?? input.flatSideDeg;
      const isGround = ground.some((each) => each.side === side);
      return { side, angleDeg, lifts: isGround ? input.liftsAt(angleDeg) : [], strokes };
    });
  };
  const apexDeg = input.angleDeg + aboveDeg + raiseDeg;
  const onStone = (body: RackStone, strokes: number) => ({
    stoneId: body.id,
    sides: sidesWith(strokes),
    angleDeg: apexDeg,
    lifts: body.speedMPerS === undefined ? input.liftsAt(apexDeg) : [],
    cooling: body.liquid === 'water' ? WET : null,
    strokesPerSide: strokes,
    caution: FEEL,
  });

  /** A big burr that clings is scrubbed to and fro with light passes first, and the mud rinsed off. */
  const scrubbed = (body: RackStone): PlanStep[] => {
    const rounds: StrokeRound[] = SCRUB_LADDER.flatMap((count) =>
      BOTH.map((side) => ({ side, count, zone: null, seconds: null })),
    );
    const passes = SCRUB_LADDER.reduce((sum, count) => sum + count, 0);
    return [
      {
        ...drafted(
          'deburr',
          {
            title: say('deburr.scrub.title', { stone: body.name }),
            instruction: say('deburr.scrub.instruction', { swaps: rounds.length - 1 }),
          },
          DEBURR_SECONDS,
          byHabit(STRINGS.lightPassesASwapAfterEach),
        ),
        ...onStone(body, passes),
        forceN: WEIGHT_OF_HAND_N,
        direction: choices.direction === 'edge-trailing' ? 'edge-trailing' : 'back and forth',
        pattern: sideAfterSide(rounds.map(({ side, count }) => ({ side: side!, strokes: count })))
          .pattern,
        rounds,
        check: say('deburr.scrub.check'),
        gate: 'looked for',
        burrOn: BOTH,
      },
      {
        ...drafted(
          'ready',
          { title: say('ready.rinse.title'), instruction: say('ready.rinse.instruction') },
          RINSE_SECONDS,
          byHabit(STRINGS.stoneAndBladeRinsed),
        ),
        zone: say('ready.zone'),
        check: say('ready.rinse.check'),
      },
    ];
  };

  const deburr: FinishMaker['deburr'] = (wording = {}, on) => {
    const last = work.chain?.steps.at(-1);
    const body = on ?? (last && stone(last.id));
    if (!body) return [];
    const moved = body.speedMPerS !== undefined;
    const clinging = steel.burr === 'clinging' && !moved;
    const onRig = input.machine?.kind === 'clamp rig';
    const count = moved ? DEBURR_PASSES : onRig ? RIG_DEBURR_STROKES : DEBURR_STROKES;
    // With one stone alone it is this burr that must be off before the proof.
    const isProved = choices.practice.mustCutAfterFirst && work.chain?.steps.length === 1;
    const laid = layStrokes(
      moved || onRig ? 'alternating' : 'falling ladder',
      { right: count, left: count },
      DEBURR_SECONDS,
    );
    return [
      ...(clinging && input.scrubsBurr ? scrubbed(body) : []),
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
          byHabit(STRINGS.lightStrokesInFallingCountsUntil),
        ),
        ...onStone(body, count),
        forceN: moved ? MACHINE_N : WEIGHT_OF_HAND_N,
        direction: directionOf(body, choices.direction),
        pattern: laid.text,
        laidBy: laid.pattern,
        rounds: laid.rounds,
        check: say('deburr.check'),
        before: say('deburr.before'),
        gate: 'gone',
        burrOn: BOTH,
        ...wording,
      },
      ...(isProved ? [cutTest(body)] : []),
    ];
  };

  const cutTest = (body: RackStone): PlanStep => {
    const strop = chosenStrop(rack, choices.finishing, body.um);
    return {
      ...drafted(
        'test',
        {
          title: say('proof.title'),
          instruction: say('proof.instruction', { strop: strop?.name ?? null }),
        },
        PROOF_SECONDS,
        byHabit(STRINGS.rinseStropLapsAndATest),
      ),
      check: say('proof.check'),
      before: say('proof.before', { stone: body.name }),
      caution: say('proof.caution'),
      gates: ['cuts'],
    };
  };

  const proof: FinishMaker['proof'] = (body) => {
    if (!choices.practice.mustCutAfterFirst) return [];
    const laid = layStrokes(
      'falling ladder',
      { right: PROOF_STROKES, left: PROOF_STROKES },
      DEBURR_SECONDS,
    );
    return [
      {
        ...drafted(
          'deburr',
          {
            title: say('proof.deburr.title', { stone: body.name }),
            instruction: say('proof.deburr.instruction'),
          },
          DEBURR_SECONDS,
          byHabit(STRINGS.theBurrOfTheFirstStone),
        ),
        ...onStone(body, PROOF_STROKES),
        forceN: WEIGHT_OF_HAND_N,
        direction: directionOf(body, choices.direction),
        pattern: laid.text,
        laidBy: laid.pattern,
        rounds: laid.rounds,
        check: say('deburr.check'),
        gate: 'looked for',
        burrOn: BOTH,
      },
      cutTest(body),
    ];
  };

  const wash = (wording: AreaStrings = {}): PlanStep[] => {
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
        byHabit(STRINGS.washingAndDrying),
      ),
    ];
  };
  return { deburr, proof, wash };
};
