import { ZONES, type Zone } from '../geometry';
import type { BurrPolicy } from '../plan/choices';
import type { BurrGate, StepGateCode } from '../plan/steps';
import { LONGEST_RUN_S } from './first-guesses';

export const BURR_FINDINGS = ['none', 'slight', 'clear', 'heavy'] as const;
export type BurrFinding = (typeof BURR_FINDINGS)[number];

export const BLADE_SIDES = ['right', 'left'] as const;
export type BladeSide = (typeof BLADE_SIDES)[number];

export type BurrCheck = Readonly<Record<BladeSide, Readonly<Partial<Record<Zone, BurrFinding>>>>>;

export interface StepWork {
  readonly strokesRight: number;
  readonly strokesLeft: number;
  /** Time worked before the timer was last started. */
  readonly workedSeconds: number;
  /** When the timer was started by the clock of this device, ms; null while it stands. Never sent anywhere. */
  readonly runningSinceMs: number | null;
  readonly burr: BurrCheck;
}

/** No step takes longer than this in all, s. */
export const MOST_STEP_S = 100 * 3600;

export const NO_WORK: StepWork = {
  strokesRight: 0,
  strokesLeft: 0,
  workedSeconds: 0,
  runningSinceMs: null,
  burr: { right: {}, left: {} },
};

export type WorkAction =
  | { readonly type: 'stroke'; readonly side: BladeSide; readonly count: number }
  | { readonly type: 'start'; readonly atMs: number }
  | { readonly type: 'pause'; readonly atMs: number }
  /** Somebody says how long they worked in the run that was forgotten; the clock stops. */
  | { readonly type: 'worked'; readonly seconds: number }
  | {
      readonly type: 'burr';
      readonly side: BladeSide;
      readonly zone: Zone;
      readonly finding: BurrFinding | null;
    };

/**
 * Seconds of the run the clock is in, at most the longest that is believed; null while it stands.
 *
 * @example
 * runningSeconds({ runningSinceMs: 1000 }, 4000); // 3
 */
export const runningSeconds = (
  { runningSinceMs }: Pick<StepWork, 'runningSinceMs'>,
  atMs: number,
): number | null =>
  runningSinceMs === null
    ? null
    : Math.min(LONGEST_RUN_S, Math.max(0, (atMs - runningSinceMs) / 1000));

/**
 * Whether the clock was forgotten: how long was worked is asked before anything else is done with it.
 *
 * @example
 * isForgotten(null); // false
 */
export const isForgotten = (runS: number | null): boolean => runS !== null && runS >= LONGEST_RUN_S;

/** All time of a step, s: what was kept and the run the clock is in. */
export const totalSeconds = (workedS: number, runS: number | null): number =>
  Math.min(MOST_STEP_S, workedS + (runS ?? 0));

/** Seconds worked up to a moment; a clock set back never takes time away, one set forward never adds a day. */
export const secondsWorked = (work: StepWork, atMs: number): number =>
  totalSeconds(work.workedSeconds, runningSeconds(work, atMs));

/** The work after an action. */
export const workReducer = (work: StepWork, action: WorkAction): StepWork => {
  switch (action.type) {
    case 'stroke': {
      const key = action.side === 'right' ? 'strokesRight' : 'strokesLeft';
      return { ...work, [key]: Math.max(0, work[key] + action.count) };
    }
    case 'start':
      return work.runningSinceMs === null ? { ...work, runningSinceMs: action.atMs } : work;
    case 'pause':
      return {
        ...work,
        workedSeconds: secondsWorked(work, action.atMs),
        runningSinceMs: null,
      };
    case 'worked':
      return {
        ...work,
        workedSeconds: totalSeconds(work.workedSeconds, Math.max(0, action.seconds)),
        runningSinceMs: null,
      };
    case 'burr': {
      const zones: Partial<Record<Zone, BurrFinding>> = { ...work.burr[action.side] };
      if (action.finding === null) delete zones[action.zone];
      else zones[action.zone] = action.finding;
      return { ...work, burr: { ...work.burr, [action.side]: zones } };
    }
  }
};

/** What is asked at the bench for each thing a step must show; the burr is asked zone by zone. */
const GATE_ASKS: Readonly<Partial<Record<StepGateCode, string>>> = {
  thickness: 'The caliper reads what is aimed at',
  remnant: 'A line of the old bevel is left, heel to tip',
  flat: 'Flat: no pencil left, no light under the straightedge',
  soaked: 'The bubbles have stopped',
  touch: 'Three fingers resting: it bites at heel, middle and tip',
  cuts: 'It cuts at heel, middle, belly and tip',
  picture: 'A picture is taken',
};

export interface AskedGate {
  readonly code: StepGateCode;
  readonly text: string;
}

/**
 * What the bench asks at a step besides its burr.
 *
 * @example
 * gatesAsked(['burr everywhere', 'soaked']); // [{"code":"soaked","text":"The bubbles have stopped"}]
 */
export const gatesAsked = (gates: readonly StepGateCode[]): readonly AskedGate[] =>
  gates.flatMap((code) => {
    const text = GATE_ASKS[code];
    return text === undefined ? [] : [{ code, text }];
  });

export interface GateVerdict {
  readonly open: boolean;
  /** What still stands in the way, in words. */
  readonly missing: readonly string[];
}

const GONE: Readonly<Record<BurrPolicy, readonly BurrFinding[]>> = {
  none: ['none'],
  'small and centred': ['none', 'slight'],
  'a trace': ['none', 'slight'],
};

/**
 * May this step be left? The reasons it may not are what the bench shows.
 *
 * @example
 * gateOf('no check', 'none', { right: {}, left: {} }).open; // true
 */
export const gateOf = (
  gate: BurrGate,
  policy: BurrPolicy,
  burr: BurrCheck,
  /** The sides a burr is felt for on: one only where one side is ground. */
  sides: readonly BladeSide[] = BLADE_SIDES,
  /** Where it is felt for: what passed its test is not felt for again. */
  zones: readonly Zone[] = ZONES,
): GateVerdict => {
  if (gate === 'no check') return { open: true, missing: [] };
  const missing: string[] = [];
  for (const side of sides) {
    for (const zone of zones) {
      const finding = burr[side][zone];
      if (finding === undefined) missing.push(`${side} ${zone}: not checked`);
      else if (gate === 'everywhere' && finding === 'none') {
        missing.push(`${side} ${zone}: no burr yet, more there, not everywhere`);
      } else if (gate === 'gone' && !GONE[policy].includes(finding)) {
        missing.push(`${side} ${zone}: burr still ${finding}`);
      }
    }
  }
  return { open: missing.length === 0, missing };
};
