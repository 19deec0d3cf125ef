/** A plan as others read it: its words in English, its codes and figures beside them. */
import { textOf } from '../../text';
import type { Side } from '../../section';
import type { Zone } from '../../geometry';
import { estimateFactsOf, toldPrice, type PriceTerms } from '../../price';
import { judge, questionsOfSteps } from '../../judge';
import { bladeKind, findUse, type Damage } from '../../blade';
import type { PlanInput } from '../choices';
import { OUTLINE_FAULTS } from '../cuts';
import type { BladePlan } from '../planner';
import type { FingerPosition, Operation, PlanStep, StepGateCode, StrokeRound } from '../steps';
import { STRINGS } from './strings';

export interface ResultStep {
  readonly key: string;
  readonly operation: Operation;
  readonly title: string;
  readonly instruction: string;
  /** Name of the stone; null without one. */
  readonly stone: string | null;
  readonly stoneId: string | null;
  /** Kind of the abrasive, or "none". */
  readonly tool: string;
  readonly um: number | null;
  readonly zone: string;
  readonly anglePerSideDeg: number | null;
  readonly sides: readonly {
    readonly side: Side;
    readonly angleDeg: number | null;
    readonly strokes: number;
  }[];
  /** Of the two edges of a double-edged blade. */
  readonly edge: 'A' | 'B' | null;
  /** Of the fingers, on a one-sided blade. */
  readonly position: FingerPosition | null;
  readonly part: string | null;
  readonly bandMm: readonly [from: number, to: number] | null;
  /** Thickness behind the edge after the step, mm. */
  readonly afterMm: number | null;
  readonly forceN: readonly [number, number] | null;
  readonly direction: string | null;
  readonly pattern: string | null;
  readonly rounds: readonly StrokeRound[];
  /** Of the spine, by zone, or by the place along the edge where one lift for a zone would not do; empty where none is lifted. */
  readonly lifts: readonly {
    readonly zone: Zone | null;
    readonly atMm: number | null;
    readonly liftMm: number | null;
  }[];
  readonly setting: { readonly dialDeg: number | null; readonly pivotMm: number | null } | null;
  readonly steelMm3: number;
  readonly seconds: number;
  /** 10th to 90th percentile, s. */
  readonly secondsRange: readonly [number, number];
  readonly check: string;
  readonly before: string | null;
  readonly gate: readonly StepGateCode[];
  readonly caution: string | null;
}

/** A wish that could not be met, and why. */
export interface Unmet {
  readonly code: string;
  readonly text: string;
}

export interface PlanResult {
  readonly anglePerSideDeg: number;
  readonly steelMm3: number;
  readonly heightLostMm: number;
  readonly workingSeconds: number;
  readonly schools: readonly { readonly question: string; readonly school: string }[];
  readonly figures: readonly {
    readonly label: string;
    readonly value: number;
    readonly unit: string;
  }[];
  readonly steps: readonly ResultStep[];
  readonly warnings: readonly string[];
  /** How the angle is held with what was chosen, and where. */
  readonly holding: readonly string[];
  readonly facts: readonly string[];
  readonly behindEdgeMm: { readonly before: number; readonly after: number };
  readonly damage: readonly {
    readonly id: string;
    /** Keys of the steps that answer it. */
    readonly steps: readonly string[];
    readonly leftBecause: string | null;
  }[];
  readonly consents: readonly { readonly question: string; readonly asked: readonly string[] }[];
  readonly unmet: readonly Unmet[];
  readonly price: { readonly likelyMinor: number; readonly mostMinor: number };
}

/** Nothing is told of how the measures were taken: they count as they are. */
const NO_SIGMA_MM = 0;

const PARTS: Readonly<Partial<Record<Operation, string>>> = {
  thinning: 'primary',
  back: 'back',
  tapping: 'back',
  edge: 'edge',
  refine: 'edge',
  micro: 'micro',
  deburr: 'edge',
  strop: 'edge',
  finish: 'edge',
};

const partOf = (step: PlanStep, input: PlanInput): string | null => {
  const { grind } = bladeKind(input.measures.kindId);
  if (step.operation === 'faces') {
    const { params } = step.title;
    if (step.title.code === 'spine.title') return 'spine';
    return typeof params?.['part'] === 'string' ? params['part'] : 'face';
  }
  const part = PARTS[step.operation] ?? null;
  return part === 'edge' && grind === 'serrated' && step.operation === 'edge' ? 'scallop' : part;
};

/** Faults of the edge that go as the edge itself is ground. */
const GOES_WITH_THE_EDGE: readonly Damage['kind'][] = [
  'rolled edge',
  'dull zone',
  'glint',
  'facet',
  'chip',
  'pit',
  'recurve',
  'over-ground heel',
];

/** Why a fault is not worked here. */
const LEFT_BECAUSE: Readonly<Partial<Record<Damage['kind'], string>>> = {
  crack: STRINGS.aCrackIsNotGroundAway,
  'heat tint': STRINGS.burntSteelStaysSoftDeeperThan,
  bend: STRINGS.aBentBladeIsStraightenedBefore,
  'bent tip': STRINGS.aBentTipIsStraightenedFirst,
  'low spot': STRINGS.cosmeticTheStoneDoesNotReach,
  pit: STRINGS.deeperThanTheEdgeComesUp,
  'high spot': STRINGS.notWorkedInThisPlanSight,
};

const stepsFor = (damage: Damage, plan: BladePlan): string[] => {
  const { steps } = plan.work;
  const keysOf = (operation: Operation): string[] =>
    steps
      .filter(
        (step) =>
          step.operation === operation &&
          step.title.code !== 'tip.title' &&
          step.title.code !== 'high-spot.title',
      )
      .map(({ key }) => key);
  if (damage.kind === 'missing tip') {
    const tip = steps.filter(({ title }) => title.code === 'tip.title').map(({ key }) => key);
    // Where two edges meet in the point, they bring it back.
    return tip.length > 0
      ? tip
      : steps
          .filter(({ edge }) => edge !== null)
          .map(({ key }) => key)
          .slice(0, 2);
  }
  if (damage.kind === 'low spot')
    return steps.filter(({ title }) => title.code.startsWith('low-spots.')).map(({ key }) => key);
  if (damage.kind === 'high spot') {
    // Of several, the one whose place the step names.
    return steps
      .filter(
        ({ title, zone }) =>
          title.code === 'high-spot.title' && zone.params?.['fromMm'] === damage.fromMm,
      )
      .map(({ key }) => key);
  }
  if (!GOES_WITH_THE_EDGE.includes(damage.kind)) return [];
  const outline = OUTLINE_FAULTS.includes(damage.kind) ? keysOf('outline') : [];
  return outline.length > 0 ? outline : keysOf('edge').slice(0, 1);
};

const damageOf = (input: PlanInput, plan: BladePlan): PlanResult['damage'] =>
  input.damage.map((damage) => {
    if (input.choices.chipsLeft.includes(damage.id))
      return { id: damage.id, steps: [], leftBecause: STRINGS.leftInOnPurpose };
    const steps = stepsFor(damage, plan);
    return {
      id: damage.id,
      steps,
      leftBecause:
        steps.length > 0 ? null : (LEFT_BECAUSE[damage.kind] ?? STRINGS.noStepOfThisPlanReaches),
    };
  });

/** What the customer is asked, and the steps each question holds back. */
const consentsOf = (input: PlanInput, plan: BladePlan): PlanResult['consents'] => {
  const { consents } = judge({
    kind: bladeKind(input.measures.kindId),
    measures: input.measures,
    steel: input.steel,
    use: findUse(input.useId),
    damage: input.damage,
    answers: input.answers,
    plan,
    thicknessSigmaMm: NO_SIGMA_MM,
  });
  const { steps } = plan.work;
  const perStep = questionsOfSteps(steps, consents);
  return consents.map(({ id }) => ({
    question: id,
    asked: steps.flatMap(({ key }, index) =>
      perStep[index]!.some((each) => each.id === id) ? [key] : [],
    ),
  }));
};

/** Two grains nearer than this are told apart by no customer. */
const FINISH_MET_RATIO = 1.25;

/** The last stone beside the finish asked for: what a customer is told. */
const finishOf = ({ progression }: BladePlan): { ratio: number; text: string } | null => {
  const last = progression.chain?.steps.at(-1);
  const { wish } = progression;
  if (!wish || !last) return null;
  const ratio = wish.um / last.um;
  const off = Math.max(ratio, 1 / ratio);
  const how =
    off < 1.02
      ? STRINGS.asAsked
      : STRINGS.timesThanAsked(off.toFixed(1), ratio > 1 ? STRINGS.finer : STRINGS.coarser);
  return {
    ratio: off,
    text: STRINGS.finishMAskedForTheLast(wish.asked, figureText(wish.um), figureText(last.um), how),
  };
};

const figureText = (um: number): string => String(Number(um.toPrecision(2)));

/** Stones named in a choice that the rack does not hold. */
const notOnRack = ({ rack, choices }: PlanInput): Unmet[] => {
  const named: readonly [string, string | null][] = [
    ...(choices.thinBands ?? []).map(({ stoneId }) => ['choices.thinBands', stoneId] as const),
    ...(choices.series ?? []).map(({ stoneId }) => ['choices.series', stoneId] as const),
  ].map(([code, id]) => [code, id]);
  return named.flatMap(([code, id]) =>
    id === null || rack.some((each) => each.id === id)
      ? []
      : [{ code, text: STRINGS.isNotOnTheRackWhat(id) }],
  );
};

const unmetOf = (input: PlanInput, plan: BladePlan): Unmet[] => {
  const { problem, unplaced } = plan.work;
  const finish = finishOf(plan);
  const { notDone } = plan.section.thinning;
  return [
    ...(problem === null ? [] : [{ code: 'no stones', text: `${problem.message}.` }]),
    ...(notDone === null ? [] : [{ code: 'thinning', text: `${notDone}.` }]),
    ...(finish !== null && finish.ratio > FINISH_MET_RATIO
      ? [{ code: 'finish', text: `${finish.text}.` }]
      : []),
    ...notOnRack(input),
    ...unplaced.map((change) => ({
      code: 'changes',
      text: STRINGS.isNotInThisPlan('step' in change ? change.step : change.title, change.reason),
    })),
  ];
};

/**
 * A plan as others read it.
 *
 * @example
 * const planned = planBlade(input);
 * if (planned.ok) planResult(input, planned.value, DEMO_PRICES).steps.map(({ title }) => title);
 */
export const planResult = (input: PlanInput, plan: BladePlan, terms: PriceTerms): PlanResult => {
  const { figures, facts, warnings, schools } = plan.report;
  const { steps } = plan.work;
  const finish = finishOf(plan);
  return {
    anglePerSideDeg: plan.angle.angleDeg,
    steelMm3: figures.steelLost.value,
    heightLostMm: figures.heightLost.value,
    workingSeconds: figures.workingTime.value,
    schools,
    figures: facts.map(({ label, figure }) => ({ label, value: figure.value, unit: figure.unit })),
    steps: steps.map((step) => resultStep(step, input)),
    warnings: [
      ...warnings.map(textOf),
      ...plan.progression.advice.map(({ message }) => textOf(message)),
      ...plan.report.holding.warnings.map(textOf),
    ],
    holding: plan.report.holding.lines.map(textOf),
    facts: [
      ...facts.map(({ label, figure }) => `${label}: ${figure.value} ${figure.unit}`),
      ...(finish === null ? [] : [finish.text]),
    ],
    behindEdgeMm: {
      before: figures.behindEdgeBefore.value,
      after: figures.behindEdgeAfter.value,
    },
    damage: damageOf(input, plan),
    consents: consentsOf(input, plan),
    unmet: unmetOf(input, plan),
    price: toldPrice(terms, estimateFactsOf(input, plan), plan.work.seconds),
  };
};

const liftsOf = ({ lifts, stationLifts }: PlanStep): ResultStep['lifts'] =>
  stationLifts.length > 0
    ? stationLifts.map(({ sMm, liftMm }) => ({ zone: null, atMm: sMm, liftMm }))
    : lifts.map(({ zone, liftMm }) => ({ zone, atMm: null, liftMm }));

const resultStep = (step: PlanStep, input: PlanInput): ResultStep => {
  const body = input.rack.find(({ id }) => id === step.stoneId);
  const readied = input.rack.find(({ id }) => id === step.readies);
  return {
    key: step.key,
    operation: step.operation,
    title: textOf(step.title),
    instruction: textOf(step.instruction),
    stone: body?.name ?? readied?.name ?? null,
    stoneId: step.stoneId ?? step.readies,
    tool: body?.kind ?? 'none',
    um: body?.um ?? null,
    zone: textOf(step.zone),
    anglePerSideDeg: step.angleDeg,
    sides: step.sides.map(({ side, angleDeg, strokes }) => ({ side, angleDeg, strokes })),
    edge: step.edge,
    position: step.position,
    part: partOf(step, input),
    bandMm: step.bandMm,
    afterMm: step.afterMm,
    forceN: step.forceN,
    direction: step.direction,
    pattern: step.pattern && textOf(step.pattern),
    rounds: step.rounds,
    lifts: liftsOf(step),
    setting: step.setting
      ? { dialDeg: step.setting.dialDeg ?? null, pivotMm: step.setting.pivotMm ?? null }
      : null,
    steelMm3: step.removeMm3,
    seconds: step.seconds,
    secondsRange: step.rangeS,
    check: textOf(step.check),
    before: step.before && textOf(step.before),
    gate: step.gates,
    caution: step.caution && textOf(step.caution),
  };
};
