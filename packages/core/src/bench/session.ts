/**
 * Work at the bench as a state machine: strokes and time as they happen, what the burr check found, and
 * whether the step may be left. Pure: the clock is told, never read.
 */
import { ZONES, type Zone } from '../blade/outline';
import type { BurrPolicy } from '../plan/manner';
import type { BurrGate } from '../plan/steps';

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
  /** When the timer was started, ms since the epoch; null while it stands. */
  readonly runningSinceMs: number | null;
  readonly burr: BurrCheck;
}

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
  | {
      readonly type: 'burr';
      readonly side: BladeSide;
      readonly zone: Zone;
      readonly finding: BurrFinding | null;
    };

/** Seconds worked up to a moment; a clock set back never takes time away. */
export const secondsWorked = (work: StepWork, atMs: number): number =>
  work.workedSeconds +
  (work.runningSinceMs === null ? 0 : Math.max(0, (atMs - work.runningSinceMs) / 1000));

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
    case 'burr': {
      const zones: Partial<Record<Zone, BurrFinding>> = { ...work.burr[action.side] };
      if (action.finding === null) delete zones[action.zone];
      else zones[action.zone] = action.finding;
      return { ...work, burr: { ...work.burr, [action.side]: zones } };
    }
  }
};

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

/** May this step be left? The reasons it may not are what the bench shows. */
export const gateOf = (
  gate: BurrGate,
  policy: BurrPolicy,
  burr: BurrCheck,
  /** The sides a burr is felt for on: one only where one side is ground. */
  sides: readonly BladeSide[] = BLADE_SIDES,
): GateVerdict => {
  if (gate === 'no check') return { open: true, missing: [] };
  const missing: string[] = [];
  for (const side of sides) {
    for (const zone of ZONES) {
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
