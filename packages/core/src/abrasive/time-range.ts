/** The range of a foreseen time: what the model cannot know until the bench's own log has taught it. */
import { normalQuantile } from '../statistics';

export interface TimeRange {
  /** 10th percentile, s. */
  readonly lowS: number;
  /** 90th percentile, s. */
  readonly highS: number;
}

/** Standard deviations of ln(taken / foreseen) before any record: abrasive, steel, person, and chance. */
export const PRIOR_SD = { abrasive: 0.5, steel: 0.5, person: 0.5, chance: 0.3 } as const;

const Z90 = normalQuantile(0.9);
/** The steel and the person are the same at every step of one job. */
const COMMON_VARIANCE = PRIOR_SD.steel ** 2 + PRIOR_SD.person ** 2;
const OWN_VARIANCE = PRIOR_SD.abrasive ** 2 + PRIOR_SD.chance ** 2;

const rangeOf = (seconds: number, variance: number): TimeRange => {
  const factor = Math.exp(Z90 * Math.sqrt(variance));
  return { lowS: seconds / factor, highS: seconds * factor };
};

/**
 * 10th to 90th percentile of one step, log-normal about its median.
 *
 * @example
 * stepRange(60).lowS < 60; // true
 */
export const stepRange = (seconds: number): TimeRange =>
  rangeOf(seconds, COMMON_VARIANCE + OWN_VARIANCE);

/**
 * The same of a sequence of steps, and of what is spent between them, which is known. What is common to all moves all of them; what is each step's own evens
 * out: its variance counts with the square of the step's share.
 *
 * @example
 * totalRange([]); // {"lowS":0,"highS":0}
 */
export const totalRange = (seconds: readonly number[], betweenS = 0): TimeRange => {
  const total = seconds.reduce((sum, each) => sum + each, 0);
  if (total === 0) return { lowS: betweenS, highS: betweenS };
  const own = seconds.reduce((sum, each) => sum + (each / total) ** 2, 0) * OWN_VARIANCE;
  const { lowS, highS } = rangeOf(total, COMMON_VARIANCE + own);
  return { lowS: lowS + betweenS, highS: highS + betweenS };
};
