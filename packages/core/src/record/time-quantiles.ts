/** A time that is log-normal about its median. */
import { normalQuantile } from '../statistics';

export interface TimeQuantiles {
  readonly p10Seconds: number;
  readonly p50Seconds: number;
  readonly p90Seconds: number;
}

const Z90 = normalQuantile(0.9);

/** From its median and the variance of its logarithm. */
export const timeQuantiles = (p50Seconds: number, variance: number): TimeQuantiles => {
  const factor = Math.exp(Z90 * Math.sqrt(variance));
  return { p10Seconds: p50Seconds / factor, p50Seconds, p90Seconds: p50Seconds * factor };
};
