/** The ordered operations of a plan, each as the bench shows it. */
import type { Zone } from '../blade/outline';
import type { Why } from '../units/figure';
import type { MachineSetting } from '../machine/machine';
import type { BurrPolicy, Direction } from './choices';

export const PLAN_OPERATIONS = [
  'outline',
  'thinning',
  'faces',
  'edge',
  'refine',
  'micro',
  'deburr',
  'strop',
  'wash',
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

export interface ZoneLift {
  readonly zone: Zone;
  /** Null where the zone is too low to be held by lift. */
  readonly liftMm: number | null;
  /** How the lift comes about; null with it. */
  readonly why: Why | null;
}

export interface PlanStep {
  readonly operation: Operation;
  readonly stoneId: string | null;
  readonly title: string;
  /** What to do, in one or two sentences. */
  readonly instruction: string;
  /** Per side; null where no angle is held. */
  readonly angleDeg: number | null;
  readonly lifts: readonly ZoneLift[];
  readonly forceN: readonly [low: number, high: number] | null;
  readonly direction: Direction | 'edge-trailing only' | null;
  readonly pattern: string | null;
  readonly removeMm3: number;
  readonly seconds: number;
  /** How the working time comes about. */
  readonly secondsWhy: Why;
  /** On each side. */
  readonly strokesPerSide: number;
  readonly gate: BurrGate;
  readonly caution: string | null;
  /** What to set on the machine that holds the angle; absent by hand. */
  readonly setting?: MachineSetting;
}

/** Travel of one stroke by hand over a bench stone, m. First guess. */
export const STROKE_TRAVEL_M = 0.15;

/** Strokes on each side from the working seconds: equal work on both sides. */
export const strokesPerSide = (seconds: number, speedMPerS: number): number =>
  Math.max(1, Math.ceil((seconds * speedMPerS) / STROKE_TRAVEL_M / 2));

/** Pressure falls as the grain gets finer: firm, medium, light. */
export const forceBandN = (um: number): readonly [number, number] =>
  um >= 30 ? [10, 14] : um >= 8 ? [6, 10] : um >= 3 ? [4, 6] : [2, 4];

export const forceN = (um: number): number => {
  const [low, high] = forceBandN(um);
  return (low + high) / 2;
};

/** Falling counts: the last strokes alternate. */
export const patternFor = (count: number): string =>
  count >= 30
    ? `${Math.ceil(count / 3)} a side, swap; three rounds; the last 10 alternating`
    : count >= 8
      ? `${Math.ceil(count / 2)} a side, swap; then alternate`
      : 'alternate, one stroke a side';

export const burrPolicyText = (policy: BurrPolicy): string =>
  ({
    none: 'until no burr is felt on either side',
    'small and centred': 'until what is left is small and centred',
    'a trace': 'leaving a trace for skins',
  })[policy];
