/** Was it right? Forecasts as they were when the work began, scored by what it took. */
import { median } from '../statistics';

export interface ScoredForecast {
  readonly p10: number;
  readonly p50: number;
  readonly p90: number;
  readonly actual: number;
}

export interface ForecastScore {
  readonly count: number;
  /** Share within p10 to p90, ends included; 0.8 is honest. */
  readonly coverage: number;
  /** Of actual over p50. */
  readonly medianRatio: number;
  readonly medianAbsLogError: number;
  /** Mean loss of the three quantiles: the less the better, in the unit of the forecasts. */
  readonly pinball: number;
}

const QUANTILES = [
  [0.1, 'p10'],
  [0.5, 'p50'],
  [0.9, 'p90'],
] as const;

/**
 * Coverage, bias and loss of at least one forecast; pinball loss of Koenker and Bassett (1978).
 *
 * @example
 * calibrationOf([{ p10: 80, p50: 100, p90: 130, actual: 130 }]).coverage; // 1
 */
export const calibrationOf = (forecasts: readonly ScoredForecast[]): ForecastScore => {
  const inside = forecasts.filter(({ p10, p90, actual }) => p10 <= actual && actual <= p90);
  const losses = forecasts.flatMap((forecast) =>
    QUANTILES.map(([q, name]) => {
      const beyond = forecast.actual - forecast[name];
      return Math.max(q * beyond, (q - 1) * beyond);
    }),
  );
  const ratios = forecasts.map(({ actual, p50 }) => actual / p50);
  return {
    count: forecasts.length,
    coverage: inside.length / forecasts.length,
    medianRatio: median(ratios)!,
    medianAbsLogError: median(ratios.map((ratio) => Math.abs(Math.log(ratio))))!,
    pinball: losses.reduce((sum, loss) => sum + loss, 0) / losses.length,
  };
};
