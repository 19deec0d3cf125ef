/** Care of a stone: is it still flat enough, thick enough, dry enough. Judged from minutes, not by memory. */
import { SLACK } from '../units';
import { HOLLOW_SHARE, SOON_SHARE } from './first-guesses';
import { abrasiveKind, type AbrasiveKindId } from './kinds';
import { STRINGS } from './strings';

export interface CareInput {
  readonly kind: AbrasiveKindId;
  /** Work since it was last made flat, from the bench's own steps. */
  readonly minutesSinceFlat: number;
  /** Minutes it bears between flattenings; null for what does not dish. */
  readonly minutesFlat: number | null;
  readonly thicknessMm: number | null;
  readonly minThicknessMm: number | null;
  /** Hours since it came out of the water; null when it has not been soaked, or is in it now. */
  readonly hoursSinceSoak: number | null;
  readonly dryHours: number;
}

export type Flatness = 'stays flat' | 'flat' | 'due soon' | 'due' | 'not flat';

export interface Care {
  readonly flatness: Flatness;
  /** Minutes it still bears; negative when it is past due, null when it does not dish. */
  readonly minutesLeft: number | null;
  readonly tooThin: boolean;
  readonly wet: boolean;
  /** What to do, in the words of a colleague; empty when there is nothing. */
  readonly todo: readonly string[];
}

const flatnessOf = (input: CareInput): Flatness => {
  if (!abrasiveKind(input.kind).dishes || input.minutesFlat === null) return 'stays flat';
  const share = input.minutesSinceFlat / input.minutesFlat;
  if (share >= HOLLOW_SHARE) return 'not flat';
  if (share >= 1) return 'due';
  return share >= SOON_SHARE ? 'due soon' : 'flat';
};

/** True where a hollow stone would spoil the work: it is due, or past it. */
export const isHollow = (flatness: Flatness): boolean =>
  flatness === 'due' || flatness === 'not flat';

export const judgeCare = (input: CareInput): Care => {
  const flatness = flatnessOf(input);
  const tooThin =
    input.thicknessMm !== null &&
    input.minThicknessMm !== null &&
    input.thicknessMm < input.minThicknessMm;
  const wet = input.hoursSinceSoak !== null && input.hoursSinceSoak < input.dryHours;
  const worked = Math.round(input.minutesSinceFlat);
  const todo: string[] = [];
  if (isHollow(flatness)) {
    todo.push(
      STRINGS.workedSince(
        input.kind === 'wheel' ? STRINGS.dressIt : STRINGS.makeItFlat,
        worked,
        input.minutesFlat,
      ),
    );
  }
  if (tooThin) {
    todo.push(STRINGS.mmLeftLessThanMmBed(input.thicknessMm, input.minThicknessMm));
  }
  if (wet) {
    todo.push(STRINGS.stillDryingHToGoNot(Math.ceil(input.dryHours - input.hoursSinceSoak)));
  }
  return {
    flatness,
    minutesLeft:
      flatness === 'stays flat' ? null : (input.minutesFlat ?? 0) - input.minutesSinceFlat,
    tooThin,
    wet,
    todo,
  };
};

/**
 * Flattenings a stone has left before it is too thin, from what each has taken so far.
 * Null when nothing is known of it.
 *
 * @example
 * flatteningsLeft(20, 8, [2, 2]); // 6
 */
export const flatteningsLeft = (
  thicknessMm: number | null,
  minThicknessMm: number | null,
  lostMm: readonly number[],
): number | null => {
  const taken = lostMm.filter((lost) => lost > 0);
  if (thicknessMm === null || minThicknessMm === null || taken.length === 0) return null;
  const each = taken.reduce((sum, lost) => sum + lost, 0) / taken.length;
  return Math.max(0, Math.floor((thicknessMm - minThicknessMm) / each + SLACK));
};
