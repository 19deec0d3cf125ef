import { LEAST_SLOPE } from './first-guesses';

/**
 * A machine's setting is not the effective angle: measured test cuts say what it is. A straight line
 * through the cuts by least squares; one cut, or cuts at one setting only, give an offset.
 */
export const MACHINE_KINDS = [
  'belt',
  'wheel',
  'clamp rig',
  'table',
  'guide rail',
  'shims',
  'honing rod',
] as const;
export type MachineKind = (typeof MACHINE_KINDS)[number];

export interface TestCut {
  readonly setDeg: number;
  /** Measured on the bevel it ground, per side. */
  readonly measuredDeg: number;
}

export interface Calibration {
  readonly cuts: number;
  /** effective = offset + slope · set. */
  readonly offsetDeg: number;
  readonly slope: number;
  /** Scatter of the cuts about the line; null when there are too few to tell. */
  readonly sdDeg: number | null;
}

export const UNCALIBRATED: Calibration = { cuts: 0, offsetDeg: 0, slope: 1, sdDeg: null };

/** Settings closer together than this say nothing of the slope, degrees. */
const LEAST_SPREAD_DEG = 1;

/**
 * The line through the cuts. A line no machine can have falls back on the mean offset.
 *
 * @example
 * calibrate([]).cuts; // 0
 */
export const calibrate = (cuts: readonly TestCut[]): Calibration => {
  const n = cuts.length;
  if (n === 0) return UNCALIBRATED;
  const mean = (value: (cut: TestCut) => number): number =>
    cuts.reduce((sum, cut) => sum + value(cut), 0) / n;
  const meanSet = mean(({ setDeg }) => setDeg);
  const meanMeasured = mean(({ measuredDeg }) => measuredDeg);
  const spread = Math.max(...cuts.map(({ setDeg }) => Math.abs(setDeg - meanSet)));
  const across = cuts.reduce((sum, cut) => sum + (cut.setDeg - meanSet) ** 2, 0);
  const along = cuts.reduce(
    (sum, cut) => sum + (cut.setDeg - meanSet) * (cut.measuredDeg - meanMeasured),
    0,
  );
  const fitted = spread >= LEAST_SPREAD_DEG / 2 ? along / across : 1;
  const isLine = spread >= LEAST_SPREAD_DEG / 2 && fitted >= LEAST_SLOPE;
  const slope = isLine ? fitted : 1;
  const offsetDeg = meanMeasured - slope * meanSet;
  const freedom = n - (isLine ? 2 : 1);
  const squares = cuts.reduce(
    (sum, cut) => sum + (cut.measuredDeg - offsetDeg - slope * cut.setDeg) ** 2,
    0,
  );
  return {
    cuts: n,
    offsetDeg,
    slope,
    sdDeg: freedom > 0 ? Math.sqrt(squares / freedom) : null,
  };
};

/**
 * What the bevel will measure at that setting, per side.
 *
 * @example
 * effectiveDeg({ offsetDeg: 1, slope: 1, cuts: 1, sdDeg: null }, 15); // 16
 */
export const effectiveDeg = ({ offsetDeg, slope }: Calibration, setDeg: number): number =>
  offsetDeg + slope * setDeg;

/** What to set so that the bevel measures that angle, per side. */
export const settingFor = ({ offsetDeg, slope }: Calibration, angleDeg: number): number =>
  (angleDeg - offsetDeg) / slope;
