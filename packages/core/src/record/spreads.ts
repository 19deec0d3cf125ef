/** What a rate is of, and how far it may lie from what is foreseen before anything is known. */

export const RATE_ROLES = ['abrasive', 'steel', 'person'] as const;
export type RateRole = (typeof RATE_ROLES)[number];
/** Whose step it was, by name in each role. */
export type RateNames = Readonly<Record<RateRole, string>>;

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
