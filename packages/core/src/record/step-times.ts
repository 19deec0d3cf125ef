/** Times of a blade's steps by the bench's own rates: each step for itself, and all of them together. */
import type { LearnedRates } from './rates';
import { USUAL_SPREADS, type RateNames } from './spreads';
import { timeQuantiles, type TimeQuantiles } from './time-quantiles';

/** What the rates say of one steel in one person's hands, stone by stone; small enough to be sent to a page. */
export interface BladeRates {
  readonly noiseSd: number;
  /** Of the steel and the person together: it moves all steps alike. */
  readonly common: { readonly mean: number; readonly variance: number };
  readonly stones: readonly StoneRate[];
  readonly steelRecords: number;
  readonly personRecords: number;
}

export interface StoneRate {
  readonly id: string;
  /** Of its own effect and what is common. */
  readonly mean: number;
  readonly records: number;
  /** Covariances of that sum with those of the stones up to this one, itself the last. */
  readonly covariances: readonly number[];
}

export interface StepTime extends TimeQuantiles {
  /** Of the time foreseen uncorrected. */
  readonly factor: number;
  /** Records of its stone. */
  readonly records: number;
}

/**
 * The rates of one steel in one person's hands, of these stones.
 */
export const bladeRates = (
  learned: LearnedRates,
  steel: string,
  person: string,
  stoneIds: readonly string[],
): BladeRates => {
  const namesOf = (abrasive: string): RateNames => ({ abrasive, steel, person });
  return {
    noiseSd: learned.spreads.noiseSd,
    common: learned.shared(namesOf(''), ['steel', 'person']),
    stones: stoneIds.map((id, index) => ({
      id,
      mean: learned.shared(namesOf(id)).mean,
      records: learned.effects.abrasive.get(id)?.records ?? 0,
      covariances: stoneIds
        .slice(0, index + 1)
        .map((other) => learned.covariance(namesOf(id), namesOf(other))),
    })),
    steelRecords: learned.effects.steel.get(steel)?.records ?? 0,
    personRecords: learned.effects.person.get(person)?.records ?? 0,
  };
};

/** The prior of a stone that came to the rack meanwhile. */
const NEW_STONE_VARIANCE = USUAL_SPREADS.priorSd.abrasive ** 2;

const covarianceOf = ({ stones, common }: BladeRates, one: number, other: number): number =>
  one < 0 || other < 0
    ? common.variance
    : stones[Math.max(one, other)]!.covariances[Math.min(one, other)]!;

/**
 * One step on a stone, log-normal about its median.
 *
 * @example
 * stepTime(60, '7', { noiseSd: 0.3, common: { mean: 0, variance: 0.5 }, stones: [], steelRecords: 0, personRecords: 0 }).p50Seconds; // 60
 */
export const stepTime = (seconds: number, stoneId: string, rates: BladeRates): StepTime => {
  const at = rates.stones.findIndex(({ id }) => id === stoneId);
  const stone = rates.stones[at];
  const factor = Math.exp(stone?.mean ?? rates.common.mean);
  const variance =
    covarianceOf(rates, at, at) + (stone ? 0 : NEW_STONE_VARIANCE) + rates.noiseSd ** 2;
  return { ...timeQuantiles(seconds * factor, variance), factor, records: stone?.records ?? 0 };
};

/**
 * All steps of a blade: the noise is each step's own, a stone's effect is one for all steps on it, steel and person are
 * the same throughout. First order about the medians: Var(ln ΣT) ≈ ΣΣ wᵢ wⱼ Cov(i, j). What is spent between the steps
 * is known.
 *
 * @example
 * bladeTime([], { noiseSd: 0.3, common: { mean: 0, variance: 0.5 }, stones: [], steelRecords: 0, personRecords: 0 }, 90).p90Seconds; // 90
 */
export const bladeTime = (
  steps: readonly { readonly stoneId: string; readonly seconds: number }[],
  rates: BladeRates,
  betweenS = 0,
): TimeQuantiles => {
  const times = steps.map(({ stoneId, seconds }) => stepTime(seconds, stoneId, rates).p50Seconds);
  const total = times.reduce((sum, each) => sum + each, 0);
  if (total === 0) return { p10Seconds: betweenS, p50Seconds: betweenS, p90Seconds: betweenS };
  const shareOf = new Map<string, number>();
  let variance = 0;
  steps.forEach(({ stoneId }, index) => {
    const share = times[index]! / total;
    shareOf.set(stoneId, (shareOf.get(stoneId) ?? 0) + share);
    variance += (share * rates.noiseSd) ** 2;
  });
  const used = [...shareOf].map(([stoneId, share]) => ({
    at: rates.stones.findIndex(({ id }) => id === stoneId),
    share,
  }));
  for (const one of used) {
    for (const other of used)
      variance += one.share * other.share * covarianceOf(rates, one.at, other.at);
    if (one.at < 0) variance += one.share ** 2 * NEW_STONE_VARIANCE;
  }
  const { p10Seconds, p50Seconds, p90Seconds } = timeQuantiles(total, Math.max(0, variance));
  return {
    p10Seconds: p10Seconds + betweenS,
    p50Seconds: p50Seconds + betweenS,
    p90Seconds: p90Seconds + betweenS,
  };
};
