/** Work that is promised and not planned: nobody knows its steps, and it takes its time all the same. */
import type { DayFacts } from '@patient-edge/contract';
import { workingMinutesUntil } from '@patient-edge/core';
import { minuteOf, USUAL_UNTIL } from './facts';
import type { UnplannedRow } from './queries';

/** Of a blade the shop has done none like. */
const USUAL_MINUTES = 30;
/** Nine of ten take no longer than this much more. */
const CAUTION = 1.5;

/** What a blade of a kind takes, as the shop's own took; of no kind, as all did. */
const likelyMinutes = (usual: ReadonlyMap<string, number>, kind: string | null): number => {
  const known = kind === null ? undefined : usual.get(kind);
  if (known !== undefined) return known;
  const all = [...usual.values()];
  return all.length === 0 ? USUAL_MINUTES : all.reduce((sum, each) => sum + each, 0) / all.length;
};

export const cautiousMinutes = (usual: ReadonlyMap<string, number>, kind: string | null): number =>
  CAUTION * likelyMinutes(usual, kind);

export interface ExpectedJob {
  readonly tagNumber: number;
  readonly promisedOn: string;
  readonly place: string | null;
  /** Working minutes from now until it is promised. */
  readonly dueMinutes: number;
  readonly likelyMinutes: number;
  readonly cautiousMinutes: number;
}

export const expectedJobs = (
  { days, now }: DayFacts,
  rows: readonly UnplannedRow[],
  usual: ReadonlyMap<string, number>,
): readonly ExpectedJob[] =>
  rows.map(({ tagNumber, kind, promisedOn, place, closesAt }) => ({
    tagNumber,
    promisedOn,
    place,
    dueMinutes: workingMinutesUntil(days, now, {
      day: promisedOn,
      minute: minuteOf(closesAt ?? USUAL_UNTIL),
    }),
    likelyMinutes: likelyMinutes(usual, kind),
    cautiousMinutes: cautiousMinutes(usual, kind),
  }));
