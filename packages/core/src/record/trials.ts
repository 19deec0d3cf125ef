/** Trials: two ways of doing a thing on like blades, drawn by lot and written down before the work. */
import { seededUniform } from '../statistics';
import { compareLives, type EdgeLife, type LivesCompared } from './edge-life';

export const TRIAL_ARMS = ['first', 'second'] as const;
export type TrialArm = (typeof TRIAL_ARMS)[number];

export const TRIAL_WAYS = ['pair', 'alternate'] as const;
/** Two like blades of one customer, each its own way; or one blade, the one way and the other in turn. */
export type TrialWay = (typeof TRIAL_WAYS)[number];

export const otherArm = (arm: TrialArm): TrialArm => (arm === 'first' ? 'second' : 'first');

/**
 * The lot of a trial's draws in their order, from its seed alone, so that anybody can draw it again: of every two, one is
 * the first arm and one the second.
 *
 * @example
 * drawLot(7, 0) !== drawLot(7, 1); // true
 */
export const drawLot = (seed: number, draw: number): TrialArm => {
  const block = Math.floor(draw / 2);
  // Neighbouring seeds and blocks are not alike.
  const isFirst = seededUniform(Math.imul(seed >>> 0, 0x9e3779b1) + block)() < 0.5;
  return isFirst === (draw % 2 === 0) ? 'first' : 'second';
};

/**
 * What a blade gets at a visit of its trial, the visits before it counted from the draw on.
 *
 * @example
 * armOfVisit('alternate', 'first', 3); // "second"
 */
export const armOfVisit = (way: TrialWay, begins: TrialArm, visitsBefore: number): TrialArm =>
  way === 'pair' || visitsBefore % 2 === 0 ? begins : otherArm(begins);

export interface TrialResult extends LivesCompared {
  readonly lives: Readonly<Record<TrialArm, number>>;
  readonly ended: Readonly<Record<TrialArm, number>>;
  /** Enough is known to stop. */
  readonly isEnough: boolean;
}

/** Ended lives of each arm before a trial is called, and how sure it must be. */
const LEAST_ENDED = 5;
const SURE = 0.95;

/**
 * What the lives of a trial say: how probable it is that the first arm lasts longer. Null before each arm has a life.
 *
 * @example
 * trialResult({ first: [], second: [] }); // null
 */
export const trialResult = (
  lives: Readonly<Record<TrialArm, readonly EdgeLife[]>>,
): TrialResult | null => {
  if (lives.first.length === 0 || lives.second.length === 0) return null;
  const compared = compareLives(lives.first, lives.second);
  const endedOf = (arm: TrialArm): number => lives[arm].filter(({ ended }) => ended).length;
  const ended = { first: endedOf('first'), second: endedOf('second') };
  const surest = Math.max(compared.longerProbability, 1 - compared.longerProbability);
  return {
    ...compared,
    lives: { first: lives.first.length, second: lives.second.length },
    ended,
    isEnough: Math.min(ended.first, ended.second) >= LEAST_ENDED && surest >= SURE,
  };
};
