/**
 * The bench's own rates: how long steps took against what was foreseen, taken apart into what the abrasive, the steel and
 * the person do to it. Normal equations, kept up to date record by record.
 */
import { CholeskyDecomposition, Matrix } from 'ml-matrix';
import { normalQuantile } from '../statistics';
import { fail, ok, type Result } from '../units';

export const RATE_ROLES = ['abrasive', 'steel', 'person'] as const;
export type RateRole = (typeof RATE_ROLES)[number];
/** Whose step it was, by name in each role. */
export type RateNames = Readonly<Record<RateRole, string>>;

export interface FinishedStep extends RateNames {
  /** By the model uncorrected, s. */
  readonly foreseenSeconds: number;
  readonly takenSeconds: number;
}

export interface RateSpreads {
  /** Prior standard deviation of the logarithm in each role. */
  readonly priorSd: Readonly<Record<RateRole, number>>;
  /** Of one step, with all three known. */
  readonly noiseSd: number;
}

/** Priors as in the range of a step that nobody has done yet. */
export const USUAL_SPREADS: RateSpreads = {
  priorSd: { abrasive: 0.5, steel: 0.5, person: 0.5 },
  noiseSd: 0.3,
};

export interface RateEffect {
  /** Of the logarithm of taken over foreseen. */
  readonly mean: number;
  readonly sd: number;
  /** exp(mean): 1.2 takes a fifth longer. */
  readonly factor: number;
  readonly records: number;
}

export interface RatePrediction {
  readonly factor: number;
  readonly p10Seconds: number;
  readonly p50Seconds: number;
  readonly p90Seconds: number;
}

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

  /** Counts a finished step; with -1 one that was counted before. */
  add(step: FinishedStep, times: 1 | -1 = 1): void {
    const log = times * Math.log(step.takenSeconds / step.foreseenSeconds);
    const keys = RATE_ROLES.map((role) => {
      const key = keyOf(role, step[role]);
      if (!this.order.has(key)) {
        this.order.set(key, this.order.size);
        this.index.set(key, { role, name: step[role] });
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
    const size = this.order.size;
    if (size > MOST_RATE_NAMES)
      return fail(
        'INVALID_INPUT',
        `records name ${size} abrasives, steels and persons; at most ${MOST_RATE_NAMES} are taken`,
        'records',
      );
    const precision = Matrix.zeros(size, size);
    const told = Matrix.zeros(size, 1);
    const weight = 1 / noiseSd ** 2;
    for (const [key, at] of this.order) {
      for (const [other, count] of this.met.get(key)!)
        precision.set(at, this.order.get(other)!, count * weight);
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
    for (const [key, at] of this.order) {
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
      new LearnedRates(effects, { priorSd, noiseSd }, (names) => {
        const known = RATE_ROLES.map((role) => this.order.get(keyOf(role, names[role])));
        let mean = 0;
        let variance = 0;
        known.forEach((at, role) => {
          if (at === undefined) variance += priorSd[RATE_ROLES[role]!] ** 2;
          else {
            mean += means.get(at, 0);
            for (const other of known)
              if (other !== undefined) variance += covariance.get(at, other);
          }
        });
        return { mean, variance };
      }),
    );
  }
}

/** What the records have taught. */
export class LearnedRates {
  constructor(
    readonly effects: Readonly<Record<RateRole, ReadonlyMap<string, RateEffect>>>,
    readonly spreads: RateSpreads,
    private readonly sumOf: (names: RateNames) => { mean: number; variance: number },
  ) {}

  /**
   * The sum of the three effects and its variance without the noise of the single step; a name not in the records has
   * mean 0 and its prior variance.
   */
  shared(names: RateNames): { readonly mean: number; readonly variance: number } {
    return this.sumOf(names);
  }

  /** Of one step: p10 and p90 with the noise of a single one. */
  predict(names: RateNames, foreseenSeconds: number): RatePrediction {
    const { mean, variance } = this.sumOf(names);
    const sd = Math.sqrt(variance + this.spreads.noiseSd ** 2);
    const z90 = normalQuantile(0.9);
    return {
      factor: Math.exp(mean),
      p10Seconds: foreseenSeconds * Math.exp(mean - z90 * sd),
      p50Seconds: foreseenSeconds * Math.exp(mean),
      p90Seconds: foreseenSeconds * Math.exp(mean + z90 * sd),
    };
  }
}

/**
 * The rates of a list of records at once.
 *
 * @example
 * valueOf(learnRates([])).predict({ abrasive: 'a', steel: 's', person: 'p' }, 100).p50Seconds; // 100
 */
export const learnRates = (
  steps: readonly FinishedStep[],
  spreads: RateSpreads = USUAL_SPREADS,
): Result<LearnedRates> => {
  const sums = new RateSums();
  for (const step of steps) sums.add(step);
  return sums.learn(spreads);
};
