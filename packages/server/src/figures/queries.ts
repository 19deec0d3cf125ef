/** The sums behind the figures: kept with every blade that goes home, taken back with every one that is undone, and read. */
import type { FigureGroup, FigureSums, LateReason } from '@patient-edge/contract';
import { execute, select, type Queryable } from '../database/pool';

/** +01:00: how far the workshop's clock is ahead of UTC on a day. */
const aheadOfUtc = (at: Date): string => {
  const minutes = -at.getTimezoneOffset();
  const two = (part: number): string => String(part).padStart(2, '0');
  const ahead = Math.abs(minutes);
  return `${minutes < 0 ? '-' : '+'}${two(Math.floor(ahead / 60))}:${two(ahead % 60)}`;
};

const local = (column: string): string => `DATE(CONVERT_TZ(${column}, '+00:00', ?))`;

/** A step that was worked. */
const DONE = "p.job_id = j.id AND p.status = 'done' AND p.superseded = FALSE";

/**
 * Why it was late, the first that holds: it failed a test; it took longer than nine times in ten; the customer was asked
 * on the day or later; work began after the day.
 */
const BECAUSE = `CASE WHEN DATEDIFF(readyOn, promisedOn) <= 0 THEN NULL WHEN round > 1 THEN 'sent back'
    WHEN worked > slow THEN 'took longer' WHEN askedOn >= promisedOn THEN 'waited for an answer'
    WHEN begunOn > promisedOn THEN 'begun late' ELSE 'other' END`;

/** Of one job, or of all where none is named; `ahead` is the clock of the day. */
const addVisits = (db: Queryable, ahead: string, jobId: number | null): Promise<unknown> =>
  execute(
    db,
    `INSERT IGNORE INTO visit_figure (job_id, returned_on, place_id, kind, customer_id, worked_seconds, foreseen_seconds,
       quoted_low_minor, quoted_high_minor, earned_minor, days_late, late_because, sent_back, declined)
     SELECT id, returnedOn, placeId, kind, customerId, worked, foreseen, low, high, earned,
       DATEDIFF(readyOn, promisedOn), ${BECAUSE}, round > 1, declined
     FROM (SELECT j.id, ${local('j.returned_at')} AS returnedOn, j.place_id AS placeId, b.kind, b.customer_id AS customerId,
         j.promised_on AS promisedOn, j.round, j.decline_reason IS NOT NULL AS declined,
         COALESCE(l.price_minor - l.discount_minor, 0) AS earned,
         COALESCE((SELECT SUM(p.worked_seconds) FROM plan_step p WHERE ${DONE}), 0) AS worked,
         (SELECT SUM(p.forecast_p50_seconds) FROM plan_step p WHERE ${DONE}) AS foreseen,
         (SELECT SUM(p.forecast_p90_seconds) FROM plan_step p WHERE ${DONE}) AS slow,
         (SELECT SUM(e.low_minor) FROM estimate_line e WHERE e.job_id = j.id) AS low,
         (SELECT SUM(e.high_minor) FROM estimate_line e WHERE e.job_id = j.id) AS high,
         COALESCE((SELECT ${local('MAX(v.at)')} FROM job_event v WHERE v.job_id = j.id AND v.kind = 'passed'),
           ${local('j.returned_at')}) AS readyOn,
         (SELECT ${local('MAX(c.at)')} FROM consent c WHERE c.job_id = j.id) AS askedOn,
         (SELECT ${local('MIN(p.finished_at)')} FROM plan_step p WHERE p.job_id = j.id) AS begunOn
       FROM job j JOIN blade b ON b.id = j.blade_id LEFT JOIN bill l ON l.job_id = j.id
       WHERE j.stage = 'returned' AND j.returned_at IS NOT NULL AND (? IS NULL OR j.id = ?)) f`,
    [ahead, ahead, ahead, ahead, ahead, jobId, jobId],
  );

/** Adds what the stones did for a job, or takes it back. */
const addStones = (db: Queryable, jobId: number | null, sign: 1 | -1): Promise<unknown> =>
  execute(
    db,
    `INSERT INTO stone_figure (stone_id, month, blades, steps, worked_seconds, steel_mm3)
     SELECT p.stone_id, DATE_FORMAT(f.returned_on, '%Y-%m-01'), ? * COUNT(DISTINCT p.job_id), ? * COUNT(*), ? * SUM(p.worked_seconds),
       ? * SUM(COALESCE(CAST(JSON_VALUE(p.detail, '$.removeMm3') AS DOUBLE), 0))
     FROM visit_figure f JOIN plan_step p ON p.job_id = f.job_id AND p.status = 'done' AND p.superseded = FALSE
     WHERE p.stone_id IS NOT NULL AND (? IS NULL OR f.job_id = ?)
     GROUP BY p.stone_id, DATE_FORMAT(f.returned_on, '%Y-%m-01')
     ON DUPLICATE KEY UPDATE blades = blades + VALUES(blades), steps = steps + VALUES(steps),
       worked_seconds = worked_seconds + VALUES(worked_seconds), steel_mm3 = steel_mm3 + VALUES(steel_mm3)`,
    [sign, sign, sign, sign, jobId, jobId],
  );

/** With the return of a blade, in its transaction. */
export const addFigures = async (db: Queryable, jobId: number, at: Date): Promise<void> => {
  await addVisits(db, aheadOfUtc(at), jobId);
  await addStones(db, jobId, 1);
};

/** With a return that is undone. */
export const takeFiguresBack = async (db: Queryable, jobId: number): Promise<void> => {
  await addStones(db, jobId, -1);
  await execute(db, 'DELETE FROM visit_figure WHERE job_id = ?', [jobId]);
};

/** A price that was changed after the blade had gone. */
export const setEarned = (db: Queryable, jobId: number, earnedMinor: number): Promise<unknown> =>
  execute(db, 'UPDATE visit_figure SET earned_minor = ? WHERE job_id = ?', [earnedMinor, jobId]);

/** All of them anew: for blades that came another way than over the counter. */
export const addAllFigures = async (db: Queryable, at: Date): Promise<void> => {
  await execute(db, 'DELETE FROM stone_figure');
  await execute(db, 'DELETE FROM visit_figure');
  await addVisits(db, aheadOfUtc(at), null);
  await addStones(db, null, 1);
};

/** A stretch of calendar days, both among it. */
export interface Days {
  readonly from: string;
  readonly to: string;
}
const WITHIN = 'f.returned_on BETWEEN CAST(? AS DATE) AND CAST(? AS DATE)';
const LATE = 'f.days_late > 0 AND f.declined = FALSE';
/** Sums of a driver that gives them as text. */
const sumOf = (what: string): string => `CAST(COALESCE(SUM(${what}), 0) AS DOUBLE)`;
const SUMS = `COUNT(*) AS blades, ${sumOf('f.worked_seconds')} AS workedSeconds, ${sumOf('f.earned_minor')} AS earnedMinor,
  ${sumOf(LATE)} AS late, ${sumOf('f.sent_back')} AS sentBack, ${sumOf('f.declined')} AS declined`;

export const figureSums = async (db: Queryable, { from, to }: Days): Promise<FigureSums> =>
  (
    await select<FigureSums>(db, `SELECT ${SUMS} FROM visit_figure f WHERE ${WITHIN}`, [from, to])
  )[0]!;

export interface SummedLine extends FigureSums {
  readonly id: string;
  /** Of a place or a customer; the id says it for all else. */
  readonly name: string | null;
}
/** More customers than this are not shown; weeks and months all are. */
const MOST_LINES = 50;
const GROUPS: Readonly<Record<FigureGroup, string>> = {
  week: 'DATE_SUB(f.returned_on, INTERVAL WEEKDAY(f.returned_on) DAY)',
  month: "DATE_FORMAT(f.returned_on, '%Y-%m-01')",
  place: 'COALESCE(f.place_id, 0)',
  kind: 'f.kind',
  customer: 'f.customer_id',
};
const NAMES: Readonly<Partial<Record<FigureGroup, string>>> = {
  place: 'LEFT JOIN place n ON n.id = g.id',
  customer: 'LEFT JOIN customer n ON n.id = g.id',
};

/** Added up by week and month in their order, by all else with most blades first. */
export const figureLines = (
  db: Queryable,
  by: FigureGroup,
  { from, to }: Days,
): Promise<SummedLine[]> => {
  const inTime = by === 'week' || by === 'month';
  // Names are looked up for the lines that are shown, not for all that are added up.
  return select<SummedLine>(
    db,
    `SELECT CAST(g.id AS CHAR) AS id, ${NAMES[by] ? 'n.name' : 'NULL'} AS name, g.blades, g.workedSeconds, g.earnedMinor, g.late,
       g.sentBack, g.declined
     FROM (SELECT ${GROUPS[by] ?? GROUPS.week} AS id, ${SUMS} FROM visit_figure f WHERE ${WITHIN} GROUP BY 1
       ORDER BY ${inTime ? '1' : 'COUNT(*) DESC, 1'} ${inTime ? '' : `LIMIT ${MOST_LINES}`}) g ${NAMES[by] ?? ''}
     ORDER BY ${inTime ? 'g.id' : 'g.blades DESC, g.id'}`,
    [from, to],
  );
};

export const lateReasons = (
  db: Queryable,
  { from, to }: Days,
): Promise<{ readonly because: LateReason; readonly blades: number }[]> =>
  select(
    db,
    `SELECT f.late_because AS because, COUNT(*) AS blades FROM visit_figure f
     WHERE ${WITHIN} AND ${LATE} AND f.late_because IS NOT NULL GROUP BY f.late_because ORDER BY blades DESC`,
    [from, to],
  );

/** Signs of the complaints that were told in a stretch of time. */
export const complaintSigns = (
  db: Queryable,
  from: Date,
  until: Date,
): Promise<{ readonly signs: Readonly<Record<string, boolean>> }[]> =>
  select(
    db,
    `SELECT c.signs FROM complaint c
     WHERE c.opened_at >= CAST(? AS DATETIME(3)) AND c.opened_at < CAST(? AS DATETIME(3))`,
    [from, until],
  );

/** What failed tests in the shop were put down to, of the blades that went home. */
export const sentBackCauses = (
  db: Queryable,
  { from, to }: Days,
): Promise<{ readonly cause: string | null; readonly blades: number }[]> =>
  select(
    db,
    `SELECT STRAIGHT_JOIN c.cause, COUNT(DISTINCT f.job_id) AS blades FROM visit_figure f
       LEFT JOIN fault_cause c ON c.job_id = f.job_id
     WHERE ${WITHIN} AND f.sent_back GROUP BY c.cause ORDER BY blades DESC`,
    [from, to],
  );

/** Blades by kind and month of the year. */
export const bladesByMonth = (
  db: Queryable,
  { from, to }: Days,
): Promise<{ readonly kind: string; readonly month: number; readonly blades: number }[]> =>
  select(
    db,
    `SELECT f.kind, MONTH(f.returned_on) AS month, COUNT(*) AS blades FROM visit_figure f WHERE ${WITHIN} GROUP BY 1, 2`,
    [from, to],
  );

/** What was quoted, charged, foreseen and worked, by kind. */
export interface QuoteSums {
  readonly kind: string;
  readonly blades: number;
  readonly quoted: number;
  readonly quotedLowMinor: number;
  readonly quotedHighMinor: number;
  readonly chargedMinor: number;
  readonly above: number;
  readonly below: number;
  readonly foreseenSeconds: number;
  readonly workedSeconds: number;
  readonly earnedMinor: number;
  readonly earnedSeconds: number;
}
export const quoteSums = (db: Queryable, { from, to }: Days): Promise<QuoteSums[]> =>
  select(
    db,
    `SELECT f.kind, COUNT(*) AS blades, COUNT(f.quoted_low_minor) AS quoted,
       ${sumOf('f.quoted_low_minor')} AS quotedLowMinor, ${sumOf('f.quoted_high_minor')} AS quotedHighMinor,
       ${sumOf('IF(f.quoted_low_minor IS NULL, 0, f.earned_minor)')} AS chargedMinor,
       ${sumOf('f.earned_minor > f.quoted_high_minor')} AS above, ${sumOf('f.earned_minor < f.quoted_low_minor')} AS below,
       ${sumOf('f.foreseen_seconds')} AS foreseenSeconds,
       ${sumOf('IF(f.foreseen_seconds IS NULL, 0, f.worked_seconds)')} AS workedSeconds,
       ${sumOf('f.earned_minor')} AS earnedMinor, ${sumOf('f.worked_seconds')} AS earnedSeconds
     FROM visit_figure f WHERE ${WITHIN} AND f.declined = FALSE GROUP BY f.kind ORDER BY blades DESC, f.kind`,
    [from, to],
  );

/** Who brought most blades, and from when to when. */
export interface RegularRow {
  readonly customerId: number;
  readonly name: string;
  readonly blades: number;
  /** Different days on which blades went home. */
  readonly days: number;
  readonly firstOn: string;
  readonly lastOn: string;
}
export const regularCustomers = (db: Queryable, { from, to }: Days): Promise<RegularRow[]> =>
  select<RegularRow>(
    db,
    `SELECT g.customerId, n.name, g.blades, g.days, CAST(g.firstOn AS CHAR) AS firstOn, CAST(g.lastOn AS CHAR) AS lastOn
     FROM (SELECT f.customer_id AS customerId, COUNT(*) AS blades, COUNT(DISTINCT f.returned_on) AS days,
         MIN(f.returned_on) AS firstOn, MAX(f.returned_on) AS lastOn
       FROM visit_figure f WHERE ${WITHIN} GROUP BY f.customer_id ORDER BY blades DESC, f.customer_id LIMIT ${MOST_LINES}) g
       JOIN customer n ON n.id = g.customerId WHERE n.erased_at IS NULL ORDER BY g.blades DESC, g.customerId`,
    [from, to],
  );

/** Blades of each kind that a customer brought. */
export const kindsBrought = (
  db: Queryable,
  { from, to }: Days,
  customerId: number,
): Promise<{ readonly kind: string; readonly blades: number }[]> =>
  select(
    db,
    `SELECT f.kind, COUNT(*) AS blades FROM visit_figure f
     WHERE f.customer_id = ? AND ${WITHIN} GROUP BY f.kind ORDER BY blades DESC, f.kind LIMIT 1`,
    [customerId, from, to],
  );

/** What a stone did in all, and within the months from one on. */
export const stoneSums = (
  db: Queryable,
  fromMonth: string,
): Promise<
  {
    readonly stoneId: number;
    readonly blades: number;
    readonly workedSeconds: number;
    readonly steelMm3: number;
    readonly steelInYearMm3: number;
  }[]
> =>
  select(
    db,
    `SELECT f.stone_id AS stoneId, CAST(SUM(f.blades) AS DOUBLE) AS blades, SUM(f.worked_seconds) AS workedSeconds, SUM(f.steel_mm3) AS steelMm3,
       SUM(IF(f.month >= CAST(? AS DATE), f.steel_mm3, 0)) AS steelInYearMm3
     FROM stone_figure f JOIN stone s ON s.id = f.stone_id WHERE s.retired = FALSE GROUP BY f.stone_id`,
    [fromMonth],
  );

/** A flattening, with the size of the stone that was made flat. */
export interface FlatteningLine {
  readonly stoneId: number;
  readonly plate: string;
  readonly minutes: number;
  readonly lostMm: number;
  readonly workedUntil: number;
  readonly thicknessAfterMm: number | null;
  readonly at: Date;
  readonly lengthMm: number | null;
  readonly widthMm: number | null;
}
/** More are not read: the first that were done are of stones long gone. */
const MOST_FLATTENINGS = 20_000;
export const allFlattenings = (db: Queryable): Promise<FlatteningLine[]> =>
  select<FlatteningLine>(
    db,
    `SELECT * FROM (SELECT f.id, f.stone_id AS stoneId, f.plate, f.minutes, f.lost_mm AS lostMm, f.worked_seconds_until AS workedUntil,
       f.thickness_after_mm AS thicknessAfterMm, f.at, s.length_mm AS lengthMm, s.width_mm AS widthMm
     FROM flattening f JOIN stone s ON s.id = f.stone_id ORDER BY f.id DESC LIMIT ${MOST_FLATTENINGS}) l ORDER BY l.id`,
  );

/** Kinds of the blades that went home in a stretch of days. */
export const kindsOf = async (db: Queryable, { from, to }: Days): Promise<string[]> =>
  (
    await select<{ readonly kind: string }>(
      db,
      `SELECT DISTINCT f.kind FROM visit_figure f WHERE ${WITHIN} ORDER BY f.kind`,
      [from, to],
    )
  ).map(({ kind }) => kind);
