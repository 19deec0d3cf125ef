import { ZONES, type Zone } from '../geometry';
import type { BurrPolicy } from '../plan/choices';
import type { BurrGate } from '../plan/steps';
import type { BenchAskCode } from './asks';
import { LONGEST_RUN_S } from './first-guesses';
import { MOST_ADDED_ROUNDS, NO_NOTES, type AddedRound, type StepNotes } from './notes';
import type { BenchReadingId } from './readings';
import { named } from '../text';
import { STRINGS } from './strings';

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
  readonly notes: StepNotes;
}

/** No step takes longer than this in all, s. */
export const MOST_STEP_S = 100 * 3600;

export const NO_WORK: StepWork = {
  strokesRight: 0,
  strokesLeft: 0,
  workedSeconds: 0,
  runningSinceMs: null,
  burr: { right: {}, left: {} },
  notes: NO_NOTES,
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
    }
  /** One finding along a whole side, at the zones that are felt for. */
  | {
      readonly type: 'burr along';
      readonly side: BladeSide;
      readonly zones: readonly Zone[];
      readonly finding: BurrFinding;
    }
  /** Strokes added; what is missing a burr there is felt for again. */
  | { readonly type: 'add rounds'; readonly rounds: readonly AddedRound[] }
  | { readonly type: 'shown'; readonly code: BenchAskCode; readonly value: boolean }
  | {
      readonly type: 'reading';
      readonly reading: BenchReadingId;
      readonly value: number | null;
    };

const withFinding = (
  burr: BurrCheck,
  side: BladeSide,
  zones: readonly Zone[],
  finding: BurrFinding | null,
): BurrCheck => {
  const found: Partial<Record<Zone, BurrFinding>> = { ...burr[side] };
  for (const zone of zones) {
    if (finding === null) delete found[zone];
    else found[zone] = finding;
  }
  return { ...burr, [side]: found };
};

const noted = (work: StepWork, notes: Partial<StepNotes>): StepWork => ({
  ...work,
  notes: { ...work.notes, ...notes },
});

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
        notes: { ...work.notes, interrupted: true },
      };
    case 'burr':
      return {
        ...work,
        burr: withFinding(work.burr, action.side, [action.zone], action.finding),
      };
    case 'burr along':
      return {
        ...work,
        burr: withFinding(work.burr, action.side, action.zones, action.finding),
      };
    case 'add rounds':
      return noted(work, {
        added: [...work.notes.added, ...action.rounds].slice(0, MOST_ADDED_ROUNDS),
      });
    case 'shown': {
      const others = work.notes.shown.filter((code) => code !== action.code);
      return noted(work, { shown: action.value ? [...others, action.code] : others });
    }
    case 'reading': {
      const readings = { ...work.notes.readings };
      if (action.value === null) delete readings[action.reading];
      else readings[action.reading] = action.value;
      return noted(work, { readings });
    }
  }
};

export interface GateVerdict {
  readonly open: boolean;
  /** What still stands in the way, in words. */
  readonly missing: readonly string[];
}

/** What may be left of a burr by each policy. */
export const GONE: Readonly<Record<BurrPolicy, readonly BurrFinding[]>> = {
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
      if (finding === undefined) missing.push(STRINGS.notChecked(named(side), named(zone)));
      else if (gate === 'everywhere' && finding === 'none') {
        missing.push(STRINGS.noBurrYetMoreThereNot(named(side), named(zone)));
      } else if (gate === 'gone' && !GONE[policy].includes(finding)) {
        missing.push(STRINGS.burrStill(named(side), named(zone), named(finding)));
      }
    }
  }
  return { open: missing.length === 0, missing };
};
