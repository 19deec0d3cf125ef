/** How long edges last: lives that ended and lives that have not, by group, and which group lasts longer. */
import { chanceLess, chiTail } from '../statistics';

export interface EdgeLife {
  /** What was done alike. */
  readonly group: string;
  readonly days: number;
  /** False while it still cuts, or came back for another reason. */
  readonly ended: boolean;
}

export interface LifePrior {
  readonly events: number;
  readonly days: number;
}

/** One life of two months: what is believed of an edge nobody has seen dull yet. */
export const USUAL_LIFE_PRIOR: LifePrior = { events: 1, days: 60 };

export interface SurvivalPoint {
  readonly days: number;
  readonly atRisk: number;
  readonly ended: number;
  readonly survival: number;
}

export interface LivesOfGroup {
  readonly lives: number;
  readonly ended: number;
  /** The first day on which half or fewer are left; null while more are. */
  readonly medianDays: number | null;
  /** Of the posterior; null where it has none. */
  readonly meanDays: number | null;
  readonly curve: readonly SurvivalPoint[];
}

export interface LivesCompared {
  /** Null where no life of either has ended. */
  readonly logRankChi2: number | null;
  readonly p: number | null;
  /** That the first outlasts the second. */
  readonly longerProbability: number;
}

/** A share of one half is one half, whatever the multiplication left. */
const HALF = 0.5 + 1e-12;

const sumOf = (values: readonly number[]): number => values.reduce((sum, each) => sum + each, 0);

const daysEnded = (lives: readonly EdgeLife[]): readonly number[] =>
  [...new Set(lives.filter(({ ended }) => ended).map(({ days }) => days))].sort((a, b) => a - b);

/** How many lives there are at each day, and how many end on it: two sorted lists, walked once. */
const countsOn = (
  lives: readonly EdgeLife[],
  days: readonly number[],
): readonly { readonly atRisk: number; readonly ended: number }[] => {
  const sorted = [...lives].sort((a, b) => a.days - b.days);
  const endedOn = new Map<number, number>();
  for (const life of sorted)
    if (life.ended) endedOn.set(life.days, (endedOn.get(life.days) ?? 0) + 1);
  let gone = 0;
  return days.map((day) => {
    while (gone < sorted.length && sorted[gone]!.days < day) gone += 1;
    return { atRisk: sorted.length - gone, ended: endedOn.get(day) ?? 0 };
  });
};

/** Gamma posterior of the daily rate: prior and lives together. */
const posteriorOf = (
  lives: readonly EdgeLife[],
  prior: LifePrior,
): { readonly events: number; readonly days: number } => ({
  events: prior.events + lives.filter(({ ended }) => ended).length,
  days: prior.days + sumOf(lives.map(({ days }) => days)),
});

/**
 * The product-limit estimate (Kaplan and Meier 1958) and the posterior mean of one group. A life that has not ended
 * counts on its own day.
 *
 * @example
 * livesOf([{ group: 'a', days: 10, ended: true }, { group: 'a', days: 20, ended: false }]).medianDays; // 10
 */
export const livesOf = (
  lives: readonly EdgeLife[],
  prior: LifePrior = USUAL_LIFE_PRIOR,
): LivesOfGroup => {
  const days = daysEnded(lives);
  let survival = 1;
  const curve = countsOn(lives, days).map(({ atRisk, ended }, index): SurvivalPoint => {
    survival *= 1 - ended / atRisk;
    return { days: days[index]!, atRisk, ended, survival };
  });
  const posterior = posteriorOf(lives, prior);
  return {
    lives: lives.length,
    ended: lives.filter(({ ended }) => ended).length,
    medianDays: curve.find((point) => point.survival <= HALF)?.days ?? null,
    meanDays: posterior.events > 1 ? posterior.days / (posterior.events - 1) : null,
    curve,
  };
};

/**
 * The log-rank test (Mantel 1966) of two groups, and the probability that the first has the lower rate: of two gamma
 * distributed rates, by the regularised incomplete beta function.
 *
 * @example
 * compareLives([{ group: 'a', days: 90, ended: false }], [{ group: 'b', days: 90, ended: false }]).logRankChi2; // null
 */
export const compareLives = (
  first: readonly EdgeLife[],
  second: readonly EdgeLife[],
  prior: LifePrior = USUAL_LIFE_PRIOR,
): LivesCompared => {
  const days = daysEnded([...first, ...second]);
  const ofFirst = countsOn(first, days);
  const ofSecond = countsOn(second, days);
  let beyond = 0;
  let variance = 0;
  days.forEach((_, index) => {
    const one = ofFirst[index]!;
    const two = ofSecond[index]!;
    const atRisk = one.atRisk + two.atRisk;
    const ended = one.ended + two.ended;
    beyond += one.ended - (ended * one.atRisk) / atRisk;
    if (atRisk > 1)
      variance +=
        (ended * (one.atRisk / atRisk) * (two.atRisk / atRisk) * (atRisk - ended)) / (atRisk - 1);
  });
  const logRankChi2 = variance === 0 ? null : beyond ** 2 / variance;
  const a = posteriorOf(first, prior);
  const b = posteriorOf(second, prior);
  return {
    logRankChi2,
    p: logRankChi2 === null ? null : chiTail(logRankChi2),
    longerProbability: chanceLess(a, b),
  };
};
