/** The ordered operations of a plan, each as the bench shows it. */
import type { Why } from '../../units';
import { asMessage, asText, bandText, say, type Message, type Text } from '../../text';
import type { Side } from '../../section';
import type { BladeEdge } from '../../blade';
import { stepRange, type RackStone } from '../../abrasive';
import type { MachineSetting } from '../../machine';
import type { BurrPolicy, Direction, StrokePattern } from '../choices';
import type { StationLift, ZoneLift } from '../cuts';
import { STROKE_TRAVEL_M } from './first-guesses';
import { layStrokes, totalsOf, type StrokeRound } from './patterns';
import { STRINGS } from './strings';

export const PLAN_OPERATIONS = [
  'ready',
  'protect',
  'outline',
  'tapping',
  'thinning',
  'faces',
  'back',
  'edge',
  'refine',
  'micro',
  'deburr',
  'strop',
  'finish',
  'test',
  'wash',
  'own',
] as const;
export type Operation = (typeof PLAN_OPERATIONS)[number];

/** What must be found at a step before it can be left. */
export type BurrGate =
  /** A burr along the whole length, both sides. */
  | 'everywhere'
  /** Its burr is to be looked for; the finding is free. */
  | 'looked for'
  /** None left, or what the burr policy allows. */
  | 'gone'
  | 'no check';

/** What must be shown before a step is left. */
export const STEP_GATES = [
  'burr everywhere',
  'burr gone',
  'burr small and centred',
  'trace of burr',
  'thickness',
  'remnant',
  'flat',
  'soaked',
  'touch',
  'cuts',
  'picture',
] as const;
export type StepGateCode = (typeof STEP_GATES)[number];

/** The work of a step on one side of the blade. */
export interface SideWork {
  readonly side: Side;
  /** To the datum plane; null where no angle is held. */
  readonly angleDeg: number | null;
  readonly lifts: readonly ZoneLift[];
  readonly strokes: number;
}

/** A band of a thinning, held at an angle and lifts of its own. */
export interface StepBand {
  /** Above the edge, where it begins; 0 for the first, at the remnant of the old bevel. */
  readonly fromMm: number;
  readonly angleDeg: number;
  readonly lifts: readonly ZoneLift[];
  readonly stationLifts: readonly StationLift[];
}

/** Of a one-sided blade's front: under the ridge, over the lamination line, at the edge. */
export type FingerPosition = 1 | 2 | 3;

export interface PlanStep {
  /** Its operation and its place among those of the operation: `refine 2`. */
  readonly key: string;
  readonly operation: Operation;
  readonly stoneId: string | null;
  readonly title: Message;
  /** What to do, in one or two sentences. */
  readonly instruction: Text;
  /** The sides worked, in the order they are taken; empty where sides mean nothing. */
  readonly sides: readonly SideWork[];
  /** Where along or across the blade. */
  readonly zone: Message;
  /** Per side, of the first side worked; null where no angle is held. */
  readonly angleDeg: number | null;
  readonly lifts: readonly ZoneLift[];
  readonly stationLifts: readonly StationLift[];
  /** Where it is worked at one angle after another, from the edge up; empty where at one. */
  readonly bands: readonly StepBand[];
  readonly forceN: readonly [low: number, high: number] | null;
  readonly direction: Direction | 'edge-trailing only' | null;
  readonly pattern: Message | null;
  /** The pattern its rounds are laid out by; null where a step counts in a way of its own. */
  readonly laidBy: StrokePattern | null;
  readonly rounds: readonly StrokeRound[];
  readonly cooling: Text | null;
  /** What to look and feel for while working. */
  readonly check: Text;
  /** What must be true before the next step. */
  readonly before: Text | null;
  readonly removeMm3: number;
  readonly seconds: number;
  /** How the working time comes about. */
  readonly secondsWhy: Why;
  /** 10th to 90th percentile of the working time. */
  readonly rangeS: readonly [low: number, high: number];
  /** On each side; the most of them where they differ. */
  readonly strokesPerSide: number;
  readonly gate: BurrGate;
  /** All that must be shown before it is left. */
  readonly gates: readonly StepGateCode[];
  /** The stone it makes ready; null for every other step. */
  readonly readies: string | null;
  /** Where the fingers press on the front of a one-sided blade; null where that means nothing. */
  readonly position: FingerPosition | null;
  /** Which of two edges it works; null where there is one, or where it works both. */
  readonly edge: BladeEdge | null;
  /** Of a thinning: the band above the new edge, mm. */
  readonly bandMm: readonly [from: number, to: number] | null;
  /** Thickness behind the edge once it is done, mm; null where it is not aimed at. */
  readonly afterMm: number | null;
  /** The sides a burr is felt for on. */
  readonly burrOn: readonly Side[];
  readonly caution: Text | null;
  /** What to set on the machine that holds the angle; absent by hand. */
  readonly setting?: MachineSetting;
  /** Reasons of the operator's changes; absent where nothing was changed. */
  readonly changed?: readonly string[];
}

/** What a step may have been kept as: fields missing, and its wording as prose. */
export type KeptStep = Partial<
  Omit<PlanStep, WordedField | 'setting'> & {
    readonly [Field in WordedField]: PlanStep[Field] | string;
  } & { readonly setting: KeptSetting }
> &
  Pick<PlanStep, 'operation' | 'seconds' | 'stoneId' | 'strokesPerSide'>;

/** Its text stood under another name, as prose. */
type KeptSetting = Omit<MachineSetting, 'text'> & { readonly text?: Text; readonly words?: string };

type WordedField =
  'title' | 'instruction' | 'zone' | 'check' | 'before' | 'caution' | 'cooling' | 'pattern';

/**
 * A step kept before a field existed gets what was meant then: two sides alike, and the words it was kept with.
 *
 * @example
 * withStepDefaults({ operation: 'wash', seconds: 60, stoneId: null, strokesPerSide: 0 }).key; // "wash 1"
 */
export const withStepDefaults = (kept: KeptStep): PlanStep => {
  const { lowS, highS } = stepRange(kept.seconds);
  const { angleDeg = null, lifts = [], strokesPerSide: strokes } = kept;
  const { setting, ...rest } = kept;
  const base = blankStep(
    kept.operation,
    { title: asMessage(kept.title ?? ''), instruction: asText(kept.instruction ?? []) },
    kept.seconds,
    kept.secondsWhy ?? { rule: '', inputs: [], source: '' },
  );
  return {
    ...base,
    ...rest,
    ...(setting && {
      setting: {
        setDeg: setting.setDeg,
        text: setting.text ?? asText(setting.words ?? ''),
        why: setting.why,
      },
    }),
    title: base.title,
    instruction: base.instruction,
    key: kept.key ?? `${kept.operation} 1`,
    sides:
      kept.sides ??
      (kept.stoneId === null
        ? []
        : (['right', 'left'] as const).map((side) => ({ side, angleDeg, lifts, strokes }))),
    zone: asMessage(kept.zone ?? base.zone),
    check: asText(kept.check ?? []),
    before: kept.before ? asText(kept.before) : null,
    caution: kept.caution ? asText(kept.caution) : null,
    cooling: kept.cooling ? asText(kept.cooling) : null,
    pattern: kept.pattern ? asMessage(kept.pattern) : null,
    rangeS: kept.rangeS ?? [lowS, highS],
    burrOn: kept.burrOn ?? ['right', 'left'],
    gates: kept.gates ?? gatesOf({ gate: kept.gate ?? base.gate, gates: [] }, 'none'),
  };
};

/** A step with nothing in it but its name, its words and its time: others fill in what they know. */
export const blankStep = (
  operation: Operation,
  wording: Pick<PlanStep, 'title' | 'instruction'>,
  seconds: number,
  secondsWhy: Why,
): PlanStep => {
  const { lowS, highS } = stepRange(seconds);
  return {
    key: '',
    operation,
    stoneId: null,
    sides: [],
    zone: say('zone.whole-edge'),
    angleDeg: null,
    lifts: [],
    stationLifts: [],
    bands: [],
    forceN: null,
    direction: null,
    pattern: null,
    laidBy: null,
    rounds: [],
    cooling: null,
    check: [],
    before: null,
    removeMm3: 0,
    seconds,
    secondsWhy,
    rangeS: [lowS, highS],
    strokesPerSide: 0,
    gate: 'no check',
    gates: [],
    readies: null,
    position: null,
    edge: null,
    bandMm: null,
    afterMm: null,
    burrOn: [],
    caution: null,
    ...wording,
  };
};

/** The words and rounds of a step that is worked one side after the other. */
export const sideAfterSide = (
  sides: readonly Pick<SideWork, 'side' | 'strokes'>[],
): Pick<PlanStep, 'pattern' | 'rounds'> => {
  const rounds = sides.map(({ side, strokes }) => ({
    side,
    count: strokes,
    zone: null,
    seconds: null,
  }));
  return { pattern: say('pattern.side-after-side', { rounds }), rounds };
};

/**
 * The step with so many strokes on each of its sides in so many seconds: laid out anew by its pattern, and where
 * it has none, side after side. What is worked on no side keeps its words.
 */
export const withStrokes = (
  step: PlanStep,
  strokesOf: (side: SideWork) => number,
  seconds: number,
): PlanStep => {
  const due = Object.fromEntries(step.sides.map((side) => [side.side, strokesOf(side)]));
  const laid = step.laidBy && layStrokes(step.laidBy, due, seconds);
  const counts = laid ? totalsOf(laid.rounds) : due;
  const sides = step.sides.map((side) => ({ ...side, strokes: counts[side.side] ?? 0 }));
  const share = step.seconds > 0 ? seconds / step.seconds : 1;
  return {
    ...step,
    sides,
    strokesPerSide: Math.max(0, ...sides.map(({ strokes }) => strokes)),
    seconds,
    rangeS: [step.rangeS[0] * share, step.rangeS[1] * share],
    ...(laid ? { rounds: laid.rounds, pattern: laid.text } : {}),
    ...(laid === null && step.rounds.length > 0 ? sideAfterSide(sides) : {}),
  };
};

/** Strokes on each side from the working seconds: equal work on both sides. */
export const strokesPerSide = (seconds: number, speedMPerS: number): number =>
  Math.max(1, Math.ceil((seconds * speedMPerS) / STROKE_TRAVEL_M / 2));

const BURR_GATES: Readonly<Record<BurrPolicy, StepGateCode>> = {
  none: 'burr gone',
  'small and centred': 'burr small and centred',
  'a trace': 'trace of burr',
};

/**
 * All that must be shown at a step: its burr, by what is to be left of it, and what else it names.
 */
export const gatesOf = (
  { gate, gates }: Pick<PlanStep, 'gate' | 'gates'>,
  policy: BurrPolicy,
): readonly StepGateCode[] => {
  const burr: StepGateCode[] =
    gate === 'everywhere' ? ['burr everywhere'] : gate === 'gone' ? [BURR_GATES[policy]] : [];
  return [...new Set([...burr, ...gates])];
};

/** Numbers the steps within their operation: the names by which changes find them again. */
export const withKeys = (steps: readonly PlanStep[]): PlanStep[] => {
  const seen = new Map<Operation, number>();
  return steps.map((step) => {
    const place = (seen.get(step.operation) ?? 0) + 1;
    seen.set(step.operation, place);
    return { ...step, key: `${step.operation} ${place}` };
  });
};

/** Working seconds of all steps, with the changes between abrasives that no step of their own makes ready. */
export const secondsOf = (steps: readonly PlanStep[], rack: readonly RackStone[]): number => {
  let held: string | null = null;
  return steps.reduce((sum, { stoneId, readies, seconds }) => {
    if (readies !== null) held = readies;
    if (stoneId === null || stoneId === held) return sum + seconds;
    held = stoneId;
    return sum + seconds + (rack.find(({ id }) => id === stoneId)?.changeSeconds ?? 0);
  }, 0);
};

const byZone = (lifts: readonly ZoneLift[]): string =>
  lifts
    .flatMap(({ zone, liftMm }) => (liftMm === null ? [] : [`${zone} ${liftMm.toFixed(1)}`]))
    .join(', ');

/**
 * The lifts of a step in one line, mm: by station where a zone is too wide, else by zone, and side by side
 * where the sides are held differently. Empty where nothing is lifted.
 *
 * @example
 * liftText({ sides: [], lifts: [{ zone: 'heel', liftMm: 9.8 }], stationLifts: [], bands: [] }); // "heel 9.8"
 */
export const liftText = ({
  sides,
  lifts,
  stationLifts,
  bands,
}: Pick<PlanStep, 'sides' | 'lifts' | 'stationLifts' | 'bands'>): string => {
  if (bands.length > 0) {
    return bands
      .map((band) => `${bandText(band)}: ${byStation(band.stationLifts) || byZone(band.lifts)}`)
      .join('; ');
  }
  if (stationLifts.length > 0) return byStation(stationLifts);
  const differ = new Set(sides.map((side) => byZone(side.lifts))).size > 1;
  return differ
    ? sides.map((side) => `${side.side}: ${byZone(side.lifts) || 'none'}`).join('; ')
    : byZone(lifts);
};

const byStation = (lifts: readonly StationLift[]): string =>
  lifts.map(({ sMm, liftMm }) => STRINGS.atMm(Math.round(sMm), liftMm.toFixed(1))).join(', ');

/**
 * Whether every side worked is held at one angle.
 *
 * @example
 * sidesAlike({ sides: [] }); // true
 */
export const sidesAlike = ({ sides }: Pick<PlanStep, 'sides'>): boolean =>
  new Set(sides.map(({ angleDeg }) => angleDeg)).size <= 1;
