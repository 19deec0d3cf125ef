/**
 * The operator's own changes to single steps, each with its reason. They are part of the choices, so every
 * recomputing applies them anew; a change whose step is no longer there is kept and told, never dropped.
 */
import { DIRECTIONS, STROKE_PATTERNS } from './manner';
import { STRINGS } from './strings';

export const CHANGEABLE = [
  'stone',
  'angle',
  'pattern',
  'rounds',
  'strokes',
  'force',
  'direction',
  'minutes',
  'words',
  'order',
  'left out',
] as const;
export type Changeable = (typeof CHANGEABLE)[number];

export interface StepChange {
  /** The step by its operation and its place among those: `refine 2`. */
  readonly step: string;
  readonly what: Changeable;
  /**
   * As typed: rounds a side ("20, 15, 10" or "90 s, 60 s"), a stone of the rack by its id, degrees per side, a pattern, strokes a side, newtons, a direction, minutes,
   * words, the step it is to follow (empty puts it first); empty for left out.
   */
  readonly to: string;
  readonly reason: string;
}

export interface AddedStep {
  /** The step it follows; null puts it first. */
  readonly after: string | null;
  readonly title: string;
  readonly instruction: string;
  readonly minutes: number;
  readonly reason: string;
}

export const MOST_CHANGES = 60;
export const MOST_ADDED = 20;

/** One round on each side, in the order they are laid. */
export interface TypedRound {
  readonly strokes: number | null;
  readonly seconds: number | null;
}

/**
 * Falling counts or times as a hand writes them, each for both sides; null for what is none.
 *
 * @example
 * roundsTyped('20, 15'); // [{"strokes":20,"seconds":null},{"strokes":15,"seconds":null}]
 */
export const roundsTyped = (typed: string): readonly TypedRound[] | null => {
  const parts = typed.split(/[,;]/).map((part) => part.trim());
  if (parts.length > MOST_TYPED_ROUNDS) return null;
  const rounds = parts.map((part): TypedRound | null => {
    const match = /^(\d{1,4})\s*(s)?$/.exec(part);
    const value = Number(match?.[1] ?? 0);
    if (!match || value < 1) return null;
    return match[2] ? { strokes: null, seconds: value } : { strokes: value, seconds: null };
  });
  return rounds.every((round) => round !== null) ? rounds : null;
};
const MOST_TYPED_ROUNDS = 20;

/**
 * What a change may say, and the words of a refusal; null when it is sound.
 *
 * @example
 * changeProblem({ what: 'minutes', to: '5' }); // null
 */
export const changeProblem = ({ what, to }: Pick<StepChange, 'what' | 'to'>): string | null => {
  const value = Number(to);
  const within = (label: string, low: number, high: number, unit: string): string | null =>
    to.trim() !== '' && Number.isFinite(value) && value >= low && value <= high
      ? null
      : STRINGS.mustBeFromToWasGiven(label, low, high, unit, to);
  switch (what) {
    case 'angle':
      return within(STRINGS.anglePerSide, 0, 60, '°');
    case 'strokes':
      return within(STRINGS.strokesASide, 0, 5000, '');
    case 'force':
      return within(STRINGS.pressure, 0.2, 60, ' N');
    case 'minutes':
      return within(STRINGS.minutes, 0.1, 600, '');
    case 'direction':
      return DIRECTIONS.some((each) => each === to)
        ? null
        : STRINGS.directionMustBeOneOfWas(DIRECTIONS.join(', '), to);
    case 'stone':
      return to.trim().length > 0 && to.length <= 40 ? null : STRINGS.stoneMustBeOneOfThe(to);
    case 'pattern':
      return STROKE_PATTERNS.some((each) => each === to)
        ? null
        : STRINGS.patternMustBeOneOfWas(STROKE_PATTERNS.join(', '), to);
    case 'rounds':
      return roundsTyped(to) === null ? STRINGS.roundsMustBeStrokesOrSeconds(to) : null;
    case 'order':
      return to.length <= 40 ? null : STRINGS.stepMustBeNamedInAt(to);
    case 'words':
      return to.trim().length >= 3 && to.length <= 600
        ? null
        : STRINGS.wordsMustBeFrom3To(to.length);
    case 'left out':
      return null;
  }
};
