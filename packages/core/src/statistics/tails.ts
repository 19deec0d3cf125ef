/** Tails of the chi-squared and of two gamma distributions, by the functions of a library. */
import jstat from 'jstat';

/** A gamma distribution of a rate: shape and rate. */
interface GammaRate {
  readonly events: number;
  readonly days: number;
}

/** P(χ² with one degree of freedom is above that). */
export const chiTail = (chi2: number): number => jstat.erfc(Math.sqrt(chi2 / 2));

/** P(the first rate is less than the second), both gamma distributed and independent. */
export const chanceLess = (first: GammaRate, second: GammaRate): number =>
  jstat.ibeta(first.days / (first.days + second.days), first.events, second.events);
