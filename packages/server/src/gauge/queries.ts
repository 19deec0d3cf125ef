import type { GaugeStroke } from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';

/** Keeps strokes numbered from `from`; a number that is there keeps what it had. One statement, however many. */
export const addGaugeStrokes = (
  db: Queryable,
  stepId: number,
  from: number,
  strokes: readonly GaugeStroke[],
) =>
  execute(
    db,
    `INSERT IGNORE INTO gauge_stroke
       (plan_step_id, number, side, mean_deg, sd_deg, from_share, to_share, seconds)
     VALUES ${strokes.map(() => '(?, ?, ?, ?, ?, ?, ?, ?)').join(', ')}`,
    strokes.flatMap(({ side, meanDeg, sdDeg, from: start, to, seconds }, index) => [
      stepId,
      from + index,
      side,
      meanDeg,
      sdDeg,
      start,
      to,
      seconds,
    ]),
  );

interface GaugeRow {
  readonly side: GaugeStroke['side'];
  readonly meanDeg: string;
  readonly sdDeg: string;
  readonly fromShare: string;
  readonly toShare: string;
  readonly seconds: string;
}

/** In the order they were made. */
export const gaugeStrokesOf = async (db: Queryable, stepId: number): Promise<GaugeStroke[]> =>
  (
    await select<GaugeRow>(
      db,
      `SELECT side, mean_deg AS meanDeg, sd_deg AS sdDeg, from_share AS fromShare,
         to_share AS toShare, seconds FROM gauge_stroke WHERE plan_step_id = ? ORDER BY number`,
      [stepId],
    )
  ).map((row) => ({
    side: row.side,
    meanDeg: Number(row.meanDeg),
    sdDeg: Number(row.sdDeg),
    from: Number(row.fromShare),
    to: Number(row.toShare),
    seconds: Number(row.seconds),
  }));
