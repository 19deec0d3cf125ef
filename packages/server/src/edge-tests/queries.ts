import type { ConfirmedCauses, TestRound } from '@patient-edge/contract';
import {
  EDGE_TESTS,
  NO_READINGS,
  readingsOf,
  USUAL_TESTS,
  ZONES,
  type ClassReadings,
  type EdgeReadings,
  type EdgeTestId,
  type AnyCauseId,
  type OwnFault,
  type PlaceReading,
  type TestBench,
  type Zone,
  type ZoneReadings,
} from '@patient-edge/core';
import { readSetting, writeSetting } from '../auth/queries';
import { execute, select, type Queryable } from '../database/pool';

interface ReadingRow {
  readonly phase: TestRound['phase'];
  readonly round: number;
  readonly zone: Zone | 'blade';
  readonly classes: Readonly<Record<string, string | null>> | null;
  readonly media: ClassReadings | null;
  readonly places: readonly PlaceReading[] | null;
  readonly first: number | null;
  readonly second: number | null;
  readonly third: number | null;
}

/** Readings kept before a test could be left out hold nothing of it. */
const classesOf = (kept: ReadingRow['classes']): ClassReadings =>
  Object.fromEntries(
    Object.entries(kept ?? {}).flatMap(([test, read]) => (read === null ? [] : [[test, read]])),
  );

/** On what a test was done, of those that still say so: a hair held free is a test of its own by now. */
const mediaOf = (kept: ClassReadings): ClassReadings =>
  Object.fromEntries(
    Object.entries(kept).filter(
      ([test]) =>
        test.startsWith('own-') ||
        EDGE_TESTS.some(({ id, media }) => id === test && media.length > 0),
    ),
  );

/** Every round of tests, those before the work first. */
export const testRoundsOfJob = async (db: Queryable, jobId: number): Promise<TestRound[]> => {
  const rows = await select<ReadingRow>(
    db,
    `SELECT phase, round, zone, classes, media, places, force_1_gf AS first, force_2_gf AS second,
       force_3_gf AS third FROM edge_reading WHERE job_id = ? ORDER BY phase, round`,
    [jobId],
  );
  const rounds = new Map<string, ReadingRow[]>();
  for (const row of rows) {
    const key = `${row.phase} ${row.round}`;
    rounds.set(key, [...(rounds.get(key) ?? []), row]);
  }
  return [...rounds.values()].map((ofRound) => {
    const at = (zone: Zone | 'blade'): ReadingRow | undefined =>
      ofRound.find((row) => row.zone === zone);
    const readZone = (zone: Zone): ZoneReadings => {
      const row = at(zone);
      return row
        ? {
            classes: classesOf(row.classes),
            forceGf: [row.first, row.second, row.third].filter((gf) => gf !== null),
          }
        : NO_READINGS;
    };
    const { phase, round } = ofRound[0]!;
    const blade = at('blade');
    return {
      phase,
      round,
      readings: readingsOf(readZone, {
        blade: classesOf(blade?.classes ?? null),
        media: mediaOf(blade?.media ?? {}),
        ...(blade?.places && blade.places.length > 0 ? { places: blade.places } : {}),
      }),
    };
  });
};

export const saveReadings = async (
  db: Queryable,
  jobId: number,
  phase: TestRound['phase'],
  round: number,
  readings: EdgeReadings,
): Promise<void> => {
  const keep = (
    zone: Zone | 'blade',
    classes: ClassReadings,
    media: ClassReadings | null,
    forceGf: readonly number[],
    places: readonly PlaceReading[] | null = null,
  ) =>
    execute(
      db,
      `REPLACE INTO edge_reading (job_id, phase, round, zone, classes, media, places, force_1_gf, force_2_gf,
         force_3_gf) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
      [
        jobId,
        phase,
        round,
        zone,
        JSON.stringify(classes),
        media === null ? null : JSON.stringify(media),
        places === null ? null : JSON.stringify(places),
        forceGf[0] ?? null,
        forceGf[1] ?? null,
        forceGf[2] ?? null,
      ],
    );
  for (const zone of ZONES) {
    const { classes, forceGf } = readings[zone];
    await keep(zone, classes, null, forceGf);
  }
  await keep('blade', readings.blade, readings.media, [], readings.places ?? []);
};

const SETTING = 'tests in use';

/** The tests this bench has; those that want nothing bought until somebody said. */
export const testsInUse = async (db: Queryable): Promise<TestBench> => {
  const kept = await readSetting(db, SETTING);
  if (kept === null) return { inUse: USUAL_TESTS, own: [] };
  const read = JSON.parse(kept) as TestBench | readonly EdgeTestId[];
  // Before a shop had tests of its own only the list was kept.
  return 'own' in read ? read : { inUse: read, own: [] };
};

export const setTestsInUse = (db: Queryable, bench: TestBench) =>
  writeSetting(db, SETTING, JSON.stringify(bench));

const FAULTS_SETTING = 'own faults';

/** The rows this shop added to the table of faults. */
export const ownFaults = async (db: Queryable): Promise<readonly OwnFault[]> => {
  const kept = await readSetting(db, FAULTS_SETTING);
  return kept === null ? [] : (JSON.parse(kept) as OwnFault[]);
};

export const setOwnFaults = (db: Queryable, own: readonly OwnFault[]) =>
  writeSetting(db, FAULTS_SETTING, JSON.stringify(own));

/** What a blade that goes back is thought to have, by the round that failed. */
export const suspectCause = (db: Queryable, jobId: number, round: number, cause: AnyCauseId) =>
  execute(db, 'REPLACE INTO fault_cause (job_id, round, cause) VALUES (?, ?, ?)', [
    jobId,
    round,
    cause,
  ]);

/** The round after it has passed: its remedy was followed. Taken back with the pass. */
export const setCauseConfirmed = (
  db: Queryable,
  jobId: number,
  passedRound: number,
  confirmed: boolean,
) =>
  execute(db, 'UPDATE fault_cause SET confirmed = ? WHERE job_id = ? AND round = ?', [
    confirmed,
    jobId,
    passedRound - 1,
  ]);

export const confirmedCauses = async (db: Queryable): Promise<ConfirmedCauses> =>
  Object.fromEntries(
    (
      await select<{ readonly cause: AnyCauseId; readonly times: number }>(
        db,
        'SELECT cause, COUNT(*) AS times FROM fault_cause WHERE confirmed GROUP BY cause',
        [],
      )
    ).map(({ cause, times }) => [cause, times]),
  );
