import type { TestRound } from '@patient-edge/contract';
import {
  NO_READINGS,
  byZone,
  ZONES,
  type EdgeReadings,
  type LightFinding,
  type PaperFinding,
  type Zone,
  type ZoneReadings,
} from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';

interface ReadingRow {
  readonly phase: TestRound['phase'];
  readonly round: number;
  readonly zone: Zone;
  readonly light: LightFinding | null;
  readonly paper: PaperFinding | null;
  readonly first: number | null;
  readonly second: number | null;
  readonly third: number | null;
}

/** Every round of tests, those before the work first. */
export const testRoundsOfJob = async (db: Queryable, jobId: number): Promise<TestRound[]> => {
  const rows = await select<ReadingRow>(
    db,
    `SELECT phase, round, zone, light, paper, force_1_gf AS first, force_2_gf AS second,
       force_3_gf AS third FROM edge_reading WHERE job_id = ? ORDER BY phase, round`,
    [jobId],
  );
  const rounds = new Map<
    string,
    { phase: TestRound['phase']; round: number; readings: Record<Zone, ZoneReadings> }
  >();
  for (const row of rows) {
    const key = `${row.phase} ${row.round}`;
    const round = rounds.get(key) ?? {
      phase: row.phase,
      round: row.round,
      readings: byZone(() => NO_READINGS),
    };
    round.readings[row.zone] = {
      light: row.light,
      paper: row.paper,
      forceGf: [row.first, row.second, row.third].filter((gf) => gf !== null),
    };
    rounds.set(key, round);
  }
  return [...rounds.values()];
};

export const saveReadings = async (
  db: Queryable,
  jobId: number,
  phase: TestRound['phase'],
  round: number,
  readings: EdgeReadings,
): Promise<void> => {
  for (const zone of ZONES) {
    const { light, paper, forceGf } = readings[zone];
    await execute(
      db,
      `REPLACE INTO edge_reading (job_id, phase, round, zone, light, paper, force_1_gf, force_2_gf,
         force_3_gf) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)`,
      [
        jobId,
        phase,
        round,
        zone,
        light,
        paper,
        forceGf[0] ?? null,
        forceGf[1] ?? null,
        forceGf[2] ?? null,
      ],
    );
  }
};
