/** What a blade sent back still wants: where it failed, how much there, and what lies behind a fault that recurs. */
import { ZONES, type Zone } from '../geometry';
import type { Use } from '../blade';
import { findTest, type TestBench, type TestId } from './catalogue';
import { findFaults, type FoundFault } from './faults';
import { FAULT_CAUSES, type FaultCause, type FaultCauseId, type FaultSignId } from './fault-table';
import { FEWEST_BACK, REWORK_SHARE } from './first-guesses';
import { NO_READINGS, readingsOf, type EdgeReadings } from './tests';
import { judgeEdge } from './verdict';

/** Readings of a round of work; those of the first have round 1. */
export interface ReadRound {
  readonly phase: 'before' | 'after';
  readonly round: number;
  readonly readings: EdgeReadings;
}

export interface RecurringFault {
  readonly sign: FaultSignId;
  readonly zones: readonly Zone[];
  /** What is looked into before more strokes are spent. */
  readonly root: FaultCause;
  readonly rootId: FaultCauseId;
}

export interface Rework {
  /** Where it failed, heel to tip; all of it where only the blade as a whole did. */
  readonly zones: readonly Zone[];
  readonly faults: readonly FoundFault[];
  readonly recurring: readonly RecurringFault[];
}

interface ReworkInput {
  readonly rounds: readonly ReadRound[];
  /** The round that is worked now, from 1. */
  readonly round: number;
  readonly use: Use;
  readonly bench: TestBench;
  /** Held in a clamp or jig: the clamp's place is looked at before the stone. */
  readonly isClamped: boolean;
}

/** A fault that more strokes did not cure lies in what the strokes have in common. */
const rootOf = (sign: FaultSignId, zones: readonly Zone[], isClamped: boolean): FaultCauseId => {
  if (sign === 'glint all along') return 'shoulder ground';
  if (isClamped) return 'clamp off centre';
  if (zones.every((zone) => zone === 'tip')) return 'handle not raised';
  return sign === 'burr at the end' ? 'too much pressure' : 'stone hollow';
};

const readingsAfter = (rounds: readonly ReadRound[], round: number): EdgeReadings | undefined =>
  rounds.find((each) => each.phase === 'after' && each.round === round)?.readings;

/** Null in the first round, and where the round before was not tested. */
export const reworkOf = ({ rounds, round, use, bench, isClamped }: ReworkInput): Rework | null => {
  const failed = readingsAfter(rounds, round - 1);
  if (failed === undefined) return null;
  const faults = findFaults(failed, use);
  const failedZones = judgeEdge(failed, use, bench)
    .zones.filter(({ verdict }) => verdict === 'back to the bench')
    .map(({ zone }) => zone);
  const before = readingsAfter(rounds, round - 2);
  const faultsBefore = before === undefined ? [] : findFaults(before, use);
  const recurring = faults.flatMap(({ id, zones }) => {
    const same = zones.filter((zone) =>
      faultsBefore.some((fault) => fault.id === id && fault.zones.includes(zone)),
    );
    if (same.length === 0) return [];
    const rootId = rootOf(id, same, isClamped);
    return [{ sign: id, zones: same, rootId, root: FAULT_CAUSES[rootId] }];
  });
  return {
    zones: failedZones.length > 0 ? failedZones : ZONES,
    faults,
    recurring,
  };
};

/**
 * Strokes a side that a step worked again wants at the places that failed, before they are looked at again.
 *
 * @example
 * strokesBack(30); // 10
 */
export const strokesBack = (strokesPerSide: number): number =>
  Math.min(strokesPerSide, Math.max(FEWEST_BACK, Math.round(strokesPerSide * REWORK_SHARE)));

/**
 * Readings to begin the next test with: what passed stays as it was read, what failed is read anew.
 * `zones` are those that failed.
 */
export const keptReadings = (
  failed: EdgeReadings,
  zones: readonly Zone[],
  bench: TestBench,
): EdgeReadings =>
  readingsOf((zone) => (zones.includes(zone) ? NO_READINGS : failed[zone]), {
    blade: Object.fromEntries(
      (Object.entries(failed.blade) as [TestId, string][]).filter(
        ([test, read]) =>
          findTest(bench, test)?.classes.find(({ id }) => id === read)?.means === 'good',
      ),
    ),
    media: failed.media,
    places: (failed.places ?? []).filter(({ zone }) => !zones.includes(zone)),
  });
