/**
 * The bench's own rates: how long steps took against what was foreseen, taken apart into what the abrasive, the steel and
 * the person do to it. Normal equations, kept up to date record by record.
 */
import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { fail, ok, type Result } from '../units';
import {
  RATE_ROLES,
  USUAL_SPREADS,
  type RateNames,
  type RateRole,
  type RateSpreads,
} from './spreads';
import { timeQuantiles, type TimeQuantiles } from './time-quantiles';
import { STRINGS } from './strings';

export interface FinishedStep extends RateNames {
  /** By the model uncorrected, s. */
  readonly foreseenSeconds: number;
  readonly takenSeconds: number;
}

export interface RateEffect {
  /** Of the logarithm of taken over foreseen. */
  readonly mean: number;
  readonly sd: number;
  /** exp(mean): 1.2 takes a fifth longer. */
  readonly factor: number;
  readonly records: number;
}

export interface RatePrediction extends TimeQuantiles {
  readonly factor: number;
}

/** Sums of steps alike. */
export interface AlikeSums {
  readonly records: number;
  /** Of ln(taken/foreseen). */
  readonly logSum: number;
  readonly squareSum: number;
}

/** From so many records on the noise is read off them. */
const FEW_RECORDS = 30;
/** No step is more certain than this. */
const LEAST_NOISE_SD = 0.1;

/** More unknowns than this are not of one shop, and would take minutes. */
export const MOST_RATE_NAMES = 2000;

const keyOf = (role: RateRole, name: string): string => `${role} ${name}`;

/**
 * Sums of the records so far: counts of each name, and of each two that met, and the logarithms. A record more or less
 * is nine sums.
 */
export class RateSums {
  private readonly index = new Map<string, { readonly role: RateRole; readonly name: string }>();
  private readonly order = new Map<string, number>();
  private readonly met = new Map<string, Map<string, number>>();
  private readonly logs = new Map<string, number>();
  private records = 0;
  private squares = 0;

  /** Counts a finished step; with -1 one that was counted before. */
  add(step: FinishedStep, times: 1 | -1 = 1): void {
    const log = Math.log(step.takenSeconds / step.foreseenSeconds);
    this.addAlike(step, { records: times, logSum: times * log, squareSum: times * log ** 2 });
  }

  /** Counts many steps of the same three names by their sums of ln(taken/foreseen). */
  addAlike(names: RateNames, { records: times, logSum: log, squareSum }: AlikeSums): void {
    this.records += times;
    this.squares += squareSum;
    const keys = RATE_ROLES.map((role) => {
      const key = keyOf(role, names[role]);
      if (!this.order.has(key)) {
        this.order.set(key, this.order.size);
        this.index.set(key, { role, name: names[role] });
        this.met.set(key, new Map());
      }
      return key;
    });
    for (const key of keys) {
      this.logs.set(key, (this.logs.get(key) ?? 0) + log);
      const row = this.met.get(key)!;
      for (const other of keys) row.set(other, (row.get(other) ?? 0) + times);
    }
  }

  /** How many records there are. */
  get count(): number {
    return this.records;
  }

  /**
   * The noise of a single step as the residuals show it, never below 0.1; as it was believed while the records are few:
   * Σ(y − Xβ)² = Σy² − 2 βᵀXᵀy + βᵀXᵀXβ.
   */
  noiseSd(learned: LearnedRates): number {
    if (this.records < FEW_RECORDS) return learned.spreads.noiseSd;
    const means = new Map(
      [...this.index].map(([key, { role, name }]) => [
        key,
        learned.effects[role].get(name)?.mean ?? 0,
      ]),
    );
    let residual = this.squares;
    for (const [key, mean] of means) {
      residual -= 2 * mean * (this.logs.get(key) ?? 0);
      for (const [other, count] of this.met.get(key)!) residual += mean * means.get(other)! * count;
    }
    return Math.max(LEAST_NOISE_SD, Math.sqrt(Math.max(0, residual) / this.records));
  }

  /** Learns with the noise that the residuals of a first look show. Errors: as `learn`. */
  learnAll(spreads: RateSpreads = USUAL_SPREADS): Result<LearnedRates> {
    const first = this.learn(spreads);
    return first.ok ? this.learn({ ...spreads, noiseSd: this.noiseSd(first.value) }) : first;
  }

  /** How many records name it in that role. */
  recordsOf(role: RateRole, name: string): number {
    const key = keyOf(role, name);
    return this.met.get(key)?.get(key) ?? 0;
  }

  /**
   * Means and covariance of all effects under their normal priors (mean 0), with normal noise: the posterior precision is
   * XᵀX/σ² + diag(1/priorSd²). Errors: INVALID_INPUT for more names than `MOST_RATE_NAMES`.
   */
  learn({ priorSd, noiseSd }: RateSpreads = USUAL_SPREADS): Result<LearnedRates> {
    // As it is now: records may come while what was learnt is still used.
    const order = new Map(this.order);
    const size = order.size;
    if (size > MOST_RATE_NAMES)
      return fail(
        'INVALID_INPUT',
        STRINGS.recordsNameAbrasivesSteelsAndPersons(size, MOST_RATE_NAMES),
        'records',
      );
    const precision = Matrix.zeros(size, size);
    const told = Matrix.zeros(size, 1);
    const weight = 1 / noiseSd ** 2;
    for (const [key, at] of order) {
      for (const [other, count] of this.met.get(key)!)
        precision.set(at, order.get(other)!, count * weight);
      const { role } = this.index.get(key)!;
      precision.set(at, at, precision.get(at, at) + 1 / priorSd[role] ** 2);
      told.set(at, 0, this.logs.get(key)! * weight);
    }
    const covariance =
      size === 0 ? precision : new CholeskyDecomposition(precision).solve(Matrix.eye(size));
    const means = size === 0 ? told : covariance.mmul(told);
    const effects = Object.fromEntries(
      RATE_ROLES.map((role) => [role, new Map<string, RateEffect>()]),
    ) as Record<RateRole, Map<string, RateEffect>>;
    for (const [key, at] of order) {
      const { role, name } = this.index.get(key)!;
      const records = this.recordsOf(role, name);
      // A name whose records were all taken back is as one never seen.
      if (records === 0) continue;
      const mean = means.get(at, 0);
      effects[role].set(name, {
        mean,
        sd: Math.sqrt(covariance.get(at, at)),
        factor: Math.exp(mean),
        records,
      });
    }
    return ok(
      new LearnedRates(
        effects,
        { priorSd, noiseSd },
        (role, name) => {
          const at = order.get(keyOf(role, name));
          return at === undefined ? 0 : means.get(at, 0);
        },
        (role, name, otherRole, otherName) => {
          const at = order.get(keyOf(role, name));
          const other = order.get(keyOf(otherRole, otherName));
          if (at !== undefined && other !== undefined) return covariance.get(at, other);
          return at === other && role === otherRole && name === otherName ? priorSd[role] ** 2 : 0;
        },
      ),
    );
  }
}

/** What the records have taught. */
export class LearnedRates {
  constructor(
    readonly effects: Readonly<Record<RateRole, ReadonlyMap<string, RateEffect>>>,
    readonly spreads: RateSpreads,
    private readonly meanOf: (role: RateRole, name: string) => number,
    private readonly covarianceOf: (
      role: RateRole,
      name: string,
      otherRole: RateRole,
      otherName: string,
    ) => number,
  ) {}

  /**
   * The sum of the effects, of all three or of some, and its variance without the noise of the single step; a name not in
   * the records has mean 0 and its prior variance.
   */
  shared(
    names: RateNames,
    roles: readonly RateRole[] = RATE_ROLES,
  ): { readonly mean: number; readonly variance: number } {
    return {
      mean: roles.reduce((sum, role) => sum + this.meanOf(role, names[role]), 0),
      variance: this.covariance(names, names, roles),
    };
  }

  /** Of the sums of two steps' effects. */
  covariance(one: RateNames, other: RateNames, roles: readonly RateRole[] = RATE_ROLES): number {
    let sum = 0;
    for (const role of roles)
      for (const otherRole of roles)
        sum += this.covarianceOf(role, one[role], otherRole, other[otherRole]);
    return sum;
  }

  /** Of one step: p10 and p90 with the noise of a single one. */
  predict(names: RateNames, foreseenSeconds: number): RatePrediction {
    const { mean, variance } = this.shared(names);
    const factor = Math.exp(mean);
    return {
      factor,
      ...timeQuantiles(foreseenSeconds * factor, variance + this.spreads.noiseSd ** 2),
    };
  }
}

/**
 * The rates of a list of records at once.
 *
 * @example
 * learnRates([]).ok; // true
 */
export const learnRates = (
  steps: readonly FinishedStep[],
  spreads: RateSpreads = USUAL_SPREADS,
): Result<LearnedRates> => {
  const sums = new RateSums();
  for (const step of steps) sums.add(step);
  return sums.learn(spreads);
};
