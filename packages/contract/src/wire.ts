/** What crosses the wire: the answers of the API. Times are ISO 8601 in UTC, dates YYYY-MM-DD. */
import type {
  BladeMeasures,
  BladeVerdict,
  BurrCheck,
  Damage,
  EdgeReadings,
  PlanFigures,
  PlanChoices,
  PlanStep,
  Sharpness,
} from '@patient-edge/core';
import type { FieldError } from './validate';

export const ROLES = ['owner', 'bench', 'counter'] as const;
export type Role = (typeof ROLES)[number];

export const STAGES = [
  'taken in',
  'planned',
  'on the bench',
  'testing',
  'ready',
  'returned',
  'declined',
] as const;
export type Stage = (typeof STAGES)[number];

export interface ApiErrorBody {
  readonly error: {
    readonly code: string;
    readonly message: string;
    readonly fields?: readonly FieldError[];
    /** With a conflict: the version now held. */
    readonly currentVersion?: number;
  };
}

export interface StaffMember {
  readonly id: number;
  readonly name: string;
  readonly login: string;
  readonly role: Role;
}

export interface SessionInfo {
  readonly staff: StaffMember | null;
  readonly shopName: string | null;
  /** No owner yet: the first-owner page comes first. */
  readonly needsSetUp: boolean;
  /** Present in the demo only. */
  readonly demoSignIns?: readonly {
    readonly login: string;
    readonly password: string;
    readonly role: Role;
  }[];
}

export interface Mooring {
  /** 1 is Monday. */
  readonly weekday: number;
  readonly wharf: string;
}

export interface Customer {
  readonly id: number;
  readonly name: string;
  readonly trade: string;
  readonly phone: string;
  readonly note: string;
}

export interface BladeSummary {
  readonly id: number;
  readonly name: string;
  readonly steel: string;
  readonly measures: BladeMeasures;
}

/** A blade as the shop shows it: enough to draw its silhouette and say where it stands. */
export interface BoardJob {
  readonly jobId: number;
  readonly tagNumber: number;
  readonly stage: Stage;
  readonly promisedOn: string;
  readonly owner: string;
  readonly blade: BladeSummary;
  readonly stepsDone: number;
  readonly stepsTotal: number;
  readonly sentBack: boolean;
}

export interface Board {
  readonly today: string;
  readonly jobs: readonly BoardJob[];
  readonly moorings: readonly Mooring[];
}

export const BONDS = ['soft, muddy', 'middling', 'hard', 'plate or film', 'strop'] as const;
export const LIQUIDS = ['water', 'oil', 'dry'] as const;

export interface Stone {
  readonly id: number;
  readonly name: string;
  readonly abrasive: string;
  readonly um: number;
  readonly gritLabel: string;
  readonly bond: string;
  readonly soakMinutes: number;
  readonly liquid: string;
  readonly cutFactor: number;
  readonly scratchFactor: number;
  readonly changeSeconds: number;
  readonly retired: boolean;
  readonly version: number;
}

export interface StepRecord {
  readonly id: number;
  readonly step: PlanStep;
  readonly status: 'to do' | 'done';
  readonly strokesRight: number;
  readonly strokesLeft: number;
  readonly workedSeconds: number;
  readonly runningSinceMs: number | null;
  readonly burr: BurrCheck;
  readonly overrideReason: string | null;
  readonly revision: number;
  readonly superseded: boolean;
}

export interface PlanRecord {
  readonly choices: PlanChoices;
  readonly angleDeg: number;
  readonly figures: PlanFigures;
  readonly finishUm: readonly [number, number];
  readonly outlineVerdict: string;
  readonly thinningReason: string;
  readonly warnings: readonly string[];
}

export interface TestRound {
  readonly phase: 'before' | 'after';
  readonly round: number;
  readonly readings: EdgeReadings;
}

export interface JobEvent {
  readonly at: string;
  readonly who: string;
  readonly kind: string;
  readonly text: string;
}

export interface Job {
  readonly id: number;
  readonly tagNumber: number;
  readonly stage: Stage;
  readonly round: number;
  readonly version: number;
  readonly promisedOn: string;
  readonly takenInAt: string;
  readonly returnedAt: string | null;
  readonly customer: Customer;
  readonly blade: BladeSummary;
  readonly measures: BladeMeasures;
  readonly steel: string;
  readonly useId: string;
  readonly cuts: string;
  readonly askedFor: string;
  readonly sharpness: Sharpness;
  readonly carefulHands: boolean;
  readonly damage: readonly Damage[];
  readonly plan: PlanRecord | null;
  readonly steps: readonly StepRecord[];
  readonly tests: readonly TestRound[];
  readonly verdict: BladeVerdict | null;
  readonly remarks: string;
  readonly declineReason: string | null;
  readonly events: readonly JobEvent[];
}

/** A past or present visit, as the blade's record lists it. */
export interface Visit {
  readonly jobId: number;
  readonly tagNumber: number;
  readonly stage: Stage;
  readonly takenInAt: string;
  readonly returnedAt: string | null;
  readonly anglePerSideDeg: number | null;
  readonly heightHeelMm: number;
  readonly thicknessBehindEdgeMm: number;
  readonly steelLostMm3: number | null;
  readonly workedSeconds: number;
  readonly stones: readonly string[];
  readonly forceBeforeGf: number | null;
  readonly forceAfterGf: number | null;
}

export interface BladeRecord {
  readonly blade: BladeSummary;
  readonly customer: Customer;
  readonly visits: readonly Visit[];
  /** The last visit whole, for its lifts and steps. */
  readonly lastJob: Job | null;
}

export interface CustomerRecord {
  readonly customer: Customer;
  readonly blades: readonly BladeSummary[];
}
