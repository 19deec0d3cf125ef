/**
 * What every step of a plan is made of: strokes on a stone laid out by the pattern, the chain of a part of the
 * blade, a job of the hand. The operations stand beside this; a kind changes words, sides or counts of its own.
 */
import type { DomainError, Result, Why } from '../../units';
import { joined, say, type Message } from '../../text';
import type { Side } from '../../section';
import type { Steel } from '../../steel';
import type { BladeKind, Damage } from '../../blade';
import type { Answers } from '../../intake';
import type { Zone } from '../../geometry';
import {
  chooseProgression,
  forTask,
  HAND_SPEED_M_PER_S,
  removalPerNewtonMetre,
  scratchDepthUm,
  type Chain,
  type ProgressionInput,
  type RackStone,
} from '../../abrasive';
import { abrasiveOf, onSide, raiseOf, settingOn, type Machine } from '../../machine';
import {
  namedChain,
  PART_LABELS,
  partChain,
  type BladePart,
  type PartChain,
  type PlanChoices,
  type StrokePattern,
} from '../choices';
import type { BladeWork, GroundSide, StationLift, ZoneLift } from '../cuts';
import type { HeldAgain, OnStone } from './apply-changes';
import {
  CIRCLE_TRAVEL_M,
  EXTRA_SHARE,
  FEW_N,
  LEAST_FIRST_STROKES,
  LEAST_PASSES,
  LEAST_STROKES,
  MACHINE_N,
  MACHINE_PASS_S,
  SCRUB_SPEED_M_PER_S,
  STROKE_TRAVEL_M,
  THINNING_FINISH_UM,
} from './first-guesses';
import { forceN, middleOf, type ForceFor } from './force';
import { paceOf, secondsAt, type Pace } from './pace';
import { layStrokes, totalsOf } from './patterns';
import {
  blankStep,
  sideAfterSide,
  sidesAlike,
  withStrokes,
  type Operation,
  type PlanStep,
  type SideWork,
} from './step';
import { STRINGS } from './strings';

export interface StepsInput {
  readonly kind: BladeKind;
  readonly steel: Steel;
  readonly rack: readonly RackStone[];
  readonly machine: Machine | null;
  readonly choices: PlanChoices;
  readonly angleDeg: number;
  readonly bevelFaceMm: number;
  readonly edgeLengthMm: number;
  /** Chips, recurves and an over-ground heel that are to come out. */
  readonly hasFaults: boolean;
  readonly hasChips: boolean;
  readonly hasLowSpots: boolean;
  readonly damage: readonly Damage[];
  readonly answers: Answers;
  /** Zones that are due more strokes than the rest. */
  readonly extraZones: readonly Zone[];
  /** The angle a side that is not ground is laid at when the burr is taken. */
  readonly flatSideDeg: number;
  /** Bevels so wide that they bear the pressure of stock. */
  readonly wideBevel: boolean;
  /** Behind the edge once the work is done. */
  readonly behindEdgeMm: number;
  /** Whether a burr that clings is scrubbed first: not where the spine guides, nor on a back that lies flat. */
  readonly scrubsBurr: boolean;
  readonly groundAt: (angleDeg: number) => readonly GroundSide[];
  readonly liftsAt: (angleDeg: number) => readonly ZoneLift[];
  readonly stationLiftsAt: (angleDeg: number) => readonly StationLift[];
  readonly work: BladeWork;
}

export const FEEL = say('caution.feel');
export const HEAT = say('caution.heat');
export const WET = say('cooling.wet');
const COOL_EVERY_PASS = say('cooling.every-pass');

/** A working time that is a habit of the bench rather than the outcome of a model. */
export const byHabit = (rule: string): Why => ({
  rule,
  inputs: [],
  source: STRINGS.habitOfTheBenchFirstGuess,
});

export const handStroke = { forceN, speedMPerS: HAND_SPEED_M_PER_S };
export const stockStroke = {
  forceN: (um: number) => forceN(um, 'stock'),
  speedMPerS: SCRUB_SPEED_M_PER_S,
};

/** Says of a part that it has no stones, beside its chain. */
const forPart = (part: BladePart, error: DomainError): DomainError => ({
  ...error,
  message: `${PART_LABELS[part]}: ${error.message}`,
  field: `choices.chains.${part}`,
});

/** The stones a part of the blade is worked on: named by hand, or the quickest chain of its bond. */
export const chainForPart = (
  input: ProgressionInput,
  part: PartChain | undefined,
  rack: readonly RackStone[],
  choose: (input: ProgressionInput) => Result<Chain> = chooseProgression,
): Result<Chain> => {
  const field = part ? `choices.chains.${part.part}` : 'choices.chains';
  if (part?.stones) return namedChain({ ...input, rack }, part.stones, field);
  const bonded = part?.bond ? rack.filter(({ bond }) => bond === part.bond) : rack;
  return choose({ ...input, rack: bonded, finishUm: part?.finishUm ?? input.finishUm });
};

/** What a kind may say of a step in its own words. */
export type AreaStrings = Partial<
  Pick<
    PlanStep,
    | 'title'
    | 'instruction'
    | 'zone'
    | 'check'
    | 'before'
    | 'caution'
    | 'cooling'
    | 'gate'
    | 'burrOn'
    | 'angleDeg'
    | 'direction'
    | 'forceN'
    | 'gates'
    | 'readies'
    | 'bandMm'
    | 'afterMm'
    | 'operation'
  >
>;

/** The same with what no step does without. */
export type Named = AreaStrings & Pick<PlanStep, 'title' | 'instruction'>;

interface OnBody {
  readonly operation: Operation;
  readonly body: RackStone;
  readonly removeMm3: number;
  readonly rule: string;
  readonly ground: readonly GroundSide[];
  readonly part?: PartChain | undefined;
  readonly pattern?: StrokePattern | undefined;
  /** The edge where nothing else is said. */
  readonly work?: ForceFor;
  /** Its place among the stones of its chain. */
  readonly index?: number;
  /** Where the pace is not that of a stone. */
  readonly pace?: Pace;
  readonly text: Named;
}

export interface PartWork {
  readonly part: PartChain | undefined;
  readonly chain: Chain;
  readonly ground: readonly GroundSide[];
  readonly firstRule: string;
  readonly work?: ForceFor;
  readonly step: (
    body: RackStone,
    index: number,
  ) => Named &
    Pick<PlanStep, 'operation'> & {
      /** Where a stone holds other angles than the rest of its chain. */
      readonly ground?: readonly GroundSide[];
    };
}

export interface StepKit {
  readonly input: StepsInput;
  readonly stone: (id: string) => RackStone;
  /** The first part no stones lead to its finish for; null when all have theirs. */
  readonly problem: () => DomainError | null;
  /** Keeps the problem of a part, whose steps are left out. */
  readonly trouble: (part: BladePart, error: DomainError) => PlanStep[];
  /** What a step tells of holding another angle than it was made for. */
  readonly heldAt: HeldAgain;
  /** A step on another stone of the rack. */
  readonly onStone: OnStone;
  readonly drafted: (operation: Operation, wording: Named, seconds: number, why: Why) => PlanStep;
  readonly onBody: (spec: OnBody) => PlanStep;
  readonly chainSteps: (work: PartWork) => PlanStep[];
  /** What is set on the machine for an angle held on that stone; nothing by hand. */
  readonly settingFor: (body: RackStone, angleDeg: number) => Pick<PlanStep, 'setting'>;
  readonly partSteps: (
    name: BladePart,
    stock: { mm3: number; faceMm2: number },
    rest: Omit<PartWork, 'part' | 'chain'>,
  ) => PlanStep[];
  readonly hand: (operation: Operation, minutes: number, wording: Named) => PlanStep[];
  /** A face given so many strokes rather than so much steel. */
  readonly few: (
    body: RackStone,
    sides: readonly Side[],
    strokes: number,
    removeMm3: number,
    wording: Named,
  ) => PlanStep[];
}

/** The place of a step among the stones of its chain, by its key: `refine 2` is the third. */
const placeOf = ({ operation, key }: PlanStep): number =>
  operation === 'refine' ? Number(/ (\d+)$/.exec(key)?.[1] ?? 1) : 0;

/** An angle a machine is set for; the side where each has its own. */
interface AngleSet {
  readonly side: Side | null;
  readonly angleDeg: number;
}

/** One angle where it is said or the sides are held alike, one a side where not, none where none is held. */
const anglesSet = (
  said: number | null | undefined,
  sides: readonly SideWork[],
): readonly AngleSet[] => {
  if (said === null) return [];
  if (said !== undefined) return [{ side: null, angleDeg: said }];
  const held = sides.flatMap(({ side, angleDeg }) =>
    angleDeg === null ? [] : [{ side, angleDeg }],
  );
  return sidesAlike({ sides }) ? held.slice(0, 1) : held;
};

/** On a running belt or wheel whatever the school: an edge that faces it digs in. */
const ON_MACHINE: Pick<PlanStep, 'direction' | 'forceN'> = {
  direction: 'edge-trailing',
  forceN: MACHINE_N,
};

/** Sides of the whole edge, whatever is ground. */
export const BOTH: readonly Side[] = ['right', 'left'];

/** A kit for one plan. */
export const stepKit = (input: StepsInput): StepKit => {
  const { rack, steel, choices, work } = input;
  const { practice } = choices;
  let problem: DomainError | null = null;
  const trouble = (part: BladePart, error: DomainError): PlanStep[] => {
    problem ??= forPart(part, error);
    return [];
  };
  const stone = (id: string): RackStone => rack.find((candidate) => candidate.id === id)!;
  /** What becomes of the grit: only a water stone makes mud, and what is fixed to a plate or belt makes none. */
  const slurry = (body: RackStone, part: PartChain | undefined): Message[] => {
    if (body.liquid === 'oil') return [say('slurry.oil')];
    if (body.kind !== 'water stone') return [];
    return [
      (part?.slurry ?? practice.slurry) === 'keep the mud'
        ? say('slurry.keep')
        : say('slurry.float'),
    ];
  };

  const drafted = (operation: Operation, wording: Named, seconds: number, why: Why): PlanStep => ({
    ...blankStep(operation, wording, seconds, why),
    ...wording,
  });

  const usualPattern = (count: number): StrokePattern =>
    input.kind.grind === 'convex'
      ? 'circles'
      : work.bands.length === 0 && input.stationLiftsAt(input.angleDeg).length > 0
        ? 'one long sweep'
        : count >= 30
          ? 'N and swap'
          : count >= 8
            ? 'N, N, then alternating'
            : 'alternating';

  /** Zones that are due more than the rest, in every round. */
  const extras = input.extraZones.map((zone) => ({ zone, share: EXTRA_SHARE }));

  /** What every step on a stone shares: the strokes each side is due, laid out by the pattern. */
  const onBody = (spec: OnBody): PlanStep => {
    const { body, ground, part, work = 'edge', index = 0 } = spec;
    const moved = body.speedMPerS !== undefined;
    const isEdge = spec.operation === 'edge' || spec.operation === 'refine';
    const direction = spec.text.direction ?? part?.direction ?? choices.direction;
    const pace =
      spec.pace ??
      paceOf(input, body, {
        work,
        index,
        direction: direction === 'edge-trailing only' ? 'edge-trailing' : direction,
      });
    const wanted = spec.pattern ?? choices.pattern;
    // Scrubbing cuts both ways, as does the school that presses both: a count is there and back.
    const bothWays =
      practice.returnStroke === 'pressure both ways' || pace.speedMPerS === SCRUB_SPEED_M_PER_S
        ? 2
        : 1;
    const travelM = wanted === 'circles' ? CIRCLE_TRAVEL_M : STROKE_TRAVEL_M * bothWays;
    // However little steel there is to take, fewer strokes than this show nothing.
    const least = spec.operation === 'edge' && index === 0 ? LEAST_FIRST_STROKES : LEAST_STROKES;
    const leastS = moved ? LEAST_PASSES * MACHINE_PASS_S : (least * travelM) / pace.speedMPerS;
    const seconds = Math.max(secondsAt(spec.removeMm3, body, steel, pace), ground.length * leastS);
    const all = moved ? seconds / MACHINE_PASS_S : (seconds * pace.speedMPerS) / travelM;
    const shares = ground.reduce((sum, { share }) => sum + share, 0);
    const counts = ground.map(({ share }) => Math.max(1, Math.ceil((all * share) / shares)));
    const due = Object.fromEntries(ground.map(({ side }, at) => [side, counts[at]!]));
    const laid = layStrokes(
      wanted ?? usualPattern(Math.max(0, ...counts)),
      due,
      seconds,
      isEdge && !moved ? extras : [],
    );
    const totals = totalsOf(laid.rounds);
    const angled = spec.text.angleDeg !== null;
    const sides = ground.map(({ side, angleDeg }): SideWork => ({
      side,
      angleDeg: angled ? angleDeg : null,
      lifts: moved || !angled ? [] : input.liftsAt(angleDeg),
      strokes: totals[side],
    }));
    const angleDeg = sides[0]?.angleDeg ?? null;
    return {
      ...drafted(
        spec.operation,
        spec.text,
        seconds,
        whyRemoval(body, spec.removeMm3, spec.rule, pace),
      ),
      stoneId: body.id,
      sides,
      angleDeg,
      lifts: sides[0]?.lifts ?? [],
      stationLifts: moved || angleDeg === null ? [] : input.stationLiftsAt(angleDeg),
      forceN: pace.forceN,
      // Circles run every way.
      direction: laid.pattern === 'circles' ? null : (part?.direction ?? choices.direction),
      pattern: moved
        ? say(sides.length > 1 ? 'pattern.machine' : 'pattern.machine.one')
        : laid.text,
      laidBy: moved ? null : laid.pattern,
      rounds: moved ? [] : laid.rounds,
      cooling: moved ? COOL_EVERY_PASS : body.liquid === 'water' ? WET : null,
      removeMm3: spec.removeMm3,
      strokesPerSide: Math.max(0, ...sides.map(({ strokes }) => strokes)),
      ...settingOf(spec.operation, body, anglesSet(spec.text.angleDeg, sides), index),
      ...spec.text,
      ...(moved ? ON_MACHINE : {}),
    };
  };

  /** Why a stone takes as long as it does: the volume it must take, and how fast it cuts this steel. */
  const whyRemoval = (body: RackStone, removeMm3: number, rule: string, pace: Pace): Why => ({
    rule,
    formula: 't = V / (K · F · v)',
    inputs: [
      { label: STRINGS.vSteelToTake, value: removeMm3, unit: 'mm³' },
      { label: STRINGS.kMm3PerNAndM, value: 1000 * removalPerNewtonMetre(body, steel) },
      { label: STRINGS.grain, value: body.um, unit: 'µm' },
      { label: 'F', value: middleOf(pace.forceN), unit: 'N' },
      { label: 'v, m/s', value: pace.speedMPerS },
      { label: STRINGS.itLeavesScratchesOf, value: scratchDepthUm(body), unit: 'µm' },
    ],
    source: STRINGS.removalModelFirstGuessesToBe,
  });

  /** The machine's setting at a step whose abrasive it moves, or whose angle it holds for the hand. */
  const settingOf = (
    operation: Operation,
    body: RackStone,
    angles: readonly AngleSet[],
    index: number,
  ): Pick<PlanStep, 'setting'> => {
    const { machine, bevelFaceMm } = input;
    // A blade that stands upright or lies on its back is held by no rig.
    if (!machine || operation === 'outline' || operation === 'back') return {};
    const moves = abrasiveOf(machine.kind);
    if (moves !== null && body.kind !== moves) return {};
    const settings = angles.map(({ side, angleDeg }) => ({
      side,
      setting: settingOn(
        machine,
        angleDeg + raiseOf(machine, index),
        bevelFaceMm,
        body.thicknessMm,
      ),
    }));
    const [first] = settings;
    if (!first) return {};
    if (settings.length === 1) return { setting: first.setting };
    const text = joined(
      ...settings.map(({ side, setting }) =>
        joined(side === null ? setting.text : onSide(side, setting.text)),
      ),
    );
    return { setting: { ...first.setting, text } };
  };

  const heldAt: HeldAgain = (step, angleDeg) => {
    const body = step.stoneId === null ? null : stone(step.stoneId);
    // A spine that lies on the stone is not lifted, nor a blade that a machine holds.
    const isLifted = step.lifts.length > 0 || step.angleDeg === null;
    return {
      lifts: isLifted ? input.liftsAt(angleDeg) : [],
      stationLifts: step.stationLifts.length > 0 ? input.stationLiftsAt(angleDeg) : [],
      ...(step.setting && body
        ? settingOf(step.operation, body, [{ side: null, angleDeg }], placeOf(step))
        : {}),
    };
  };

  const onStone: OnStone = (step, stoneId) => {
    const body = rack.find(({ id }) => id === stoneId);
    if (!body || step.stoneId === null) return null;
    const isStock = step.operation === 'thinning' || step.operation === 'outline';
    const { direction } = step;
    const pace = paceOf(input, body, {
      work: isStock ? 'stock' : 'edge',
      index: placeOf(step),
      direction:
        direction === null || direction === 'edge-trailing only' ? 'edge-trailing' : direction,
    });
    const seconds =
      step.removeMm3 > 0 ? secondsAt(step.removeMm3, body, steel, pace) : step.seconds;
    const share = step.seconds > 0 ? seconds / step.seconds : 1;
    const before = stone(step.stoneId);
    return {
      ...withStrokes(
        step,
        ({ strokes }) => (strokes > 0 ? Math.max(1, Math.round(strokes * share)) : 0),
        seconds,
      ),
      stoneId,
      // The name of a stone stands in the title where it is worked on.
      title:
        step.title.params?.['stone'] === before.name
          ? { ...step.title, params: { ...step.title.params, stone: body.name } }
          : step.title,
      forceN: step.forceN === null ? null : pace.forceN,
      cooling: body.liquid === 'water' ? WET : null,
      secondsWhy:
        step.removeMm3 > 0
          ? whyRemoval(body, step.removeMm3, step.secondsWhy.rule, pace)
          : step.secondsWhy,
      ...(step.setting && step.angleDeg !== null
        ? settingOf(step.operation, body, [{ side: null, angleDeg: step.angleDeg }], placeOf(step))
        : {}),
    };
  };

  /** The steps of one chain: what they share, and what each part says of its own. */
  const chainSteps = ({ part, chain, ground, firstRule, work, step }: PartWork): PlanStep[] =>
    chain.steps.map(({ id, removeMm3 }, index) => {
      const body = stone(id);
      const { ground: ownGround, ...own } = step(body, index);
      const rule =
        index === 0
          ? firstRule
          : choices.refineFace === 'whole face'
            ? STRINGS.theScratchesOfTheAbrasiveBefore
            : STRINGS.theScratchesOfTheAbrasiveBeforeWhere;
      return onBody({
        operation: own.operation,
        body,
        removeMm3,
        rule,
        ground: ownGround ?? ground,
        part,
        index,
        ...(work ? { work } : {}),
        text: {
          ...own,
          instruction: joined(
            own.instruction,
            ...slurry(body, part),
            ...(body.speedMPerS === undefined ? [] : [say('edge.instruction.tip-on-machine')]),
          ),
        },
      });
    });

  const partSteps = (
    name: BladePart,
    stock: { mm3: number; faceMm2: number },
    rest: Omit<PartWork, 'part' | 'chain'>,
  ): PlanStep[] => {
    const part = partChain(choices.chains, name);
    const chain = chainForPart(
      {
        steel,
        rack,
        work: { stockMm3: stock.mm3, faceAreaMm2: stock.faceMm2 },
        stroke: stockStroke,
        finishUm: THINNING_FINISH_UM,
      },
      part,
      forTask(rack, 'edge'),
    );
    return chain.ok
      ? chainSteps({ work: 'stock', ...rest, part, chain: chain.value })
      : trouble(name, chain.error);
  };

  const hand: StepKit['hand'] = (operation, minutes, wording) => [
    drafted(operation, wording, 60 * minutes, byHabit(STRINGS.aboutMinutes(minutes))),
  ];

  const few: StepKit['few'] = (body, sides, strokes, removeMm3, wording) => {
    const travelS = (sides.length * strokes * STROKE_TRAVEL_M) / HAND_SPEED_M_PER_S;
    const seconds = Math.max(10, travelS + 10);
    const angleDeg = wording.angleDeg ?? null;
    return [
      {
        ...drafted(
          wording.operation ?? 'back',
          wording,
          seconds,
          byHabit(STRINGS.soFewStrokesSlowAndFlat),
        ),
        stoneId: body.id,
        sides: sides.map((side) => ({ side, angleDeg, lifts: [], strokes })),
        forceN: FEW_N,
        direction: choices.direction === 'circles' ? 'edge-trailing' : choices.direction,
        ...sideAfterSide(sides.map((side) => ({ side, strokes }))),
        cooling: body.liquid === 'water' ? WET : null,
        removeMm3,
        strokesPerSide: strokes,
        ...wording,
        ...(body.speedMPerS === undefined ? {} : { direction: ON_MACHINE.direction }),
      },
    ];
  };

  return {
    input,
    stone,
    problem: () => problem,
    trouble,
    heldAt,
    onStone,
    drafted,
    onBody,
    chainSteps,
    settingFor: (body, angleDeg) => settingOf('edge', body, [{ side: null, angleDeg }], 0),
    partSteps,
    hand,
    few,
  };
};
