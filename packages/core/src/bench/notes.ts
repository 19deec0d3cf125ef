/** What is kept of a step beside strokes, time and burr: strokes added, what was shown, what was measured. */
import { type Zone } from '../geometry';
import type { StrokeRound } from '../plan/steps';
import type { BenchAskCode } from './asks';
import type { BenchReadings } from './readings';

/** Strokes added at the bench, and why; worked after the plan's own rounds. */
export interface AddedRound {
  readonly side: StrokeRound['side'];
  readonly count: number;
  readonly zone: Zone | null;
  readonly because: string;
}

export interface StepNotes {
  readonly added: readonly AddedRound[];
  /** What the step must show and was seen. */
  readonly shown: readonly BenchAskCode[];
  readonly readings: BenchReadings;
  /** The clock ran on while nobody worked: its time tells nothing about the stone. */
  readonly interrupted: boolean;
}

export const NO_NOTES: StepNotes = { added: [], shown: [], readings: {}, interrupted: false };

/** So many rounds are added to a step at most: past that it is planned anew. */
export const MOST_ADDED_ROUNDS = 40;

/**
 * What two places noted of one step: nothing seen, read or added at either is lost; ours where both read.
 *
 * @example
 * mergeNotes(NO_NOTES, NO_NOTES).interrupted; // false
 */
export const mergeNotes = (theirs: StepNotes, ours: StepNotes): StepNotes => ({
  added: ours.added.length >= theirs.added.length ? ours.added : theirs.added,
  shown: [...new Set([...theirs.shown, ...ours.shown])],
  readings: { ...theirs.readings, ...ours.readings },
  interrupted: theirs.interrupted || ours.interrupted,
});
