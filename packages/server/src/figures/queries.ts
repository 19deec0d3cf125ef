/** The sums behind the figures: kept with every blade that goes home, taken back with every one that is undone, and read. */
import type { FigureSums, LateReason } from '@patient-edge/contract';
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

/** A blade that goes back as it came is not late. */
const LATE = '(f.days_late > 0 AND f.declined = FALSE)';
const QUOTED = '(f.quoted_low_minor IS NOT NULL AND f.declined = FALSE)';
const LATE_COLUMNS = [
  ['late_sent_back', 'sent back'],
  ['late_took_longer', 'took longer'],
  ['late_waited', 'waited for an answer'],
  ['late_begun', 'begun late'],
] as const satisfies readonly (readonly [column: string, because: LateReason])[];

/** Of one job, or of all where none is named; `ahead` is the clock of the day. */
const addVisits = (db: Queryable, ahead: string, jobId: number | null): Promise<unknown> =>
  execute(
    db,
    `INSERT IGNORE INTO visit_figure (job_id, returned_on, place_id, kind, customer_id, worked_seconds, foreseen_seconds,
       quoted_low_minor, quoted_high_minor, agreed, earned_minor, days_late, late_because, sent_back, declined)
     SELECT id, returnedOn, placeId, kind, customerId, worked, foreseen, low, high, agreed, earned,
       DATEDIFF(readyOn, promisedOn), ${BECAUSE}, round > 1, declined
     FROM (SELECT j.id, ${local('j.returned_at')} AS returnedOn, j.place_id AS placeId, b.kind, b.customer_id AS customerId,
         j.promised_on AS promisedOn, j.round, j.decline_reason IS NOT NULL AS declined,
         COALESCE(l.price_minor - l.discount_minor, 0) AS earned, j.estimate_agreed_at IS NOT NULL AS agreed,
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

/** Adds what a visit comes to to its day, or takes it back; of all visits where no job is named. */
const addDays = (db: Queryable, jobId: number | null, sign: 1 | -1): Promise<unknown> => {
  const sums: readonly (readonly [column: string, of: string])[] = [
    ['blades', '1'],
    ['worked_seconds', 'f.worked_seconds'],
    ['earned_minor', 'f.earned_minor'],
    ['late', LATE],
    ...LATE_COLUMNS.map(
      ([column, because]) => [column, `${LATE} AND f.late_because = '${because}'`] as const,
    ),
    ['sent_back', 'f.sent_back'],
    ['declined', 'f.declined'],
    ['quoted', QUOTED],
    ['agreed', `${QUOTED} AND f.agreed`],
    ['quoted_low_minor', `IF(${QUOTED}, f.quoted_low_minor, 0)`],
    ['quoted_high_minor', `IF(${QUOTED}, f.quoted_high_minor, 0)`],
    ['charged_minor', `IF(${QUOTED}, f.earned_minor, 0)`],
    ['charged_above', `${QUOTED} AND f.earned_minor > f.quoted_high_minor`],
    ['charged_below', `${QUOTED} AND f.earned_minor < f.quoted_low_minor`],
    ['foreseen_seconds', 'COALESCE(f.foreseen_seconds, 0)'],
    ['foreseen_worked_seconds', 'IF(f.foreseen_seconds IS NULL, 0, f.worked_seconds)'],
  ];
  const columns = sums.map(([column]) => column);
  return execute(
    db,
    `INSERT INTO day_figure (returned_on, place_id, kind, ${columns.join(', ')})
     SELECT f.returned_on, COALESCE(f.place_id, 0), f.kind, ${sums.map(([, of]) => `${sign} * SUM(${of})`).join(', ')}
     FROM visit_figure f WHERE ? IS NULL OR f.job_id = ? GROUP BY f.returned_on, COALESCE(f.place_id, 0), f.kind
     ON DUPLICATE KEY UPDATE ${columns.map((column) => `${column} = ${column} + VALUES(${column})`).join(', ')}`,
    [jobId, jobId],
  );
};

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
  await addDays(db, jobId, 1);
  await addStones(db, jobId, 1);
};

/** With a return that is undone. */
export const takeFiguresBack = async (db: Queryable, jobId: number): Promise<void> => {
  await addStones(db, jobId, -1);
  await addDays(db, jobId, -1);
  await execute(db, 'DELETE FROM visit_figure WHERE job_id = ?', [jobId]);
};

/** A price that was changed after the blade had gone. */
export const setEarned = async (
  db: Queryable,
  jobId: number,
  earnedMinor: number,
): Promise<void> => {
  await addDays(db, jobId, -1);
  await execute(db, 'UPDATE visit_figure SET earned_minor = ? WHERE job_id = ?', [
    earnedMinor,
    jobId,
  ]);
  await addDays(db, jobId, 1);
};

/** All of them anew: for blades that came another way than over the counter. */
export const addAllFigures = async (db: Queryable, at: Date): Promise<void> => {
  await execute(db, 'DELETE FROM stone_figure');
  await execute(db, 'DELETE FROM day_figure');
  await execute(db, 'DELETE FROM visit_figure');
  await addVisits(db, aheadOfUtc(at), null);
  await addDays(db, null, 1);
  await addStones(db, null, 1);
};

/** A stretch of calendar days, both among it. */
export interface Days {
  readonly from: string;
  readonly to: string;
}
const WITHIN = 'f.returned_on BETWEEN CAST(? AS DATE) AND CAST(? AS DATE)';
/** Sums of a stretch of time, a place and a kind. */
export interface DaySums extends FigureSums, Omit<QuoteSums, 'earnedMinor' | 'earnedSeconds'> {
  /** The first day of the week or month. */
  readonly time: string;
  /** 0 where no place is named. */
  readonly placeId: number;
  readonly kind: string;
  readonly lateSentBack: number;
  readonly lateTookLonger: number;
  readonly lateWaited: number;
  readonly lateBegun: number;
}
export interface QuoteSums {
  readonly quoted: number;
  readonly agreed: number;
  readonly quotedLowMinor: number;
  readonly quotedHighMinor: number;
  readonly chargedMinor: number;
  readonly above: number;
  readonly below: number;
  readonly foreseenSeconds: number;
  readonly foreseenWorkedSeconds: number;
}
/** Sums of a driver that gives them as text. */
const sumOf = (what: string): string => `CAST(COALESCE(SUM(${what}), 0) AS DOUBLE)`;

/** Everything that is added up by day, by weeks or by months. */
export const daySums = (
  db: Queryable,
  by: 'week' | 'month',
  { from, to }: Days,
): Promise<DaySums[]> =>
  select<DaySums>(
    db,
    `SELECT CAST(${by === 'week' ? 'DATE_SUB(f.returned_on, INTERVAL WEEKDAY(f.returned_on) DAY)' : "DATE_FORMAT(f.returned_on, '%Y-%m-01')"} AS CHAR) AS time,
       f.place_id AS placeId, f.kind, ${sumOf('f.blades')} AS blades, ${sumOf('f.worked_seconds')} AS workedSeconds,
       ${sumOf('f.earned_minor')} AS earnedMinor, ${sumOf('f.late')} AS late, ${sumOf('f.sent_back')} AS sentBack, ${sumOf('f.declined')} AS declined,
       ${sumOf('f.late_sent_back')} AS lateSentBack, ${sumOf('f.late_took_longer')} AS lateTookLonger,
       ${sumOf('f.late_waited')} AS lateWaited, ${sumOf('f.late_begun')} AS lateBegun,
       ${sumOf('f.quoted')} AS quoted, ${sumOf('f.agreed')} AS agreed, ${sumOf('f.quoted_low_minor')} AS quotedLowMinor, ${sumOf('f.quoted_high_minor')} AS quotedHighMinor,
       ${sumOf('f.charged_minor')} AS chargedMinor, ${sumOf('f.charged_above')} AS above, ${sumOf('f.charged_below')} AS below,
       ${sumOf('f.foreseen_seconds')} AS foreseenSeconds, ${sumOf('f.foreseen_worked_seconds')} AS foreseenWorkedSeconds
     FROM day_figure f WHERE ${WITHIN} GROUP BY 1, 2, 3 HAVING blades > 0 ORDER BY 1`,
    [from, to],
  );

const SUMS = `COUNT(*) AS blades, ${sumOf('f.worked_seconds')} AS workedSeconds, ${sumOf('f.earned_minor')} AS earnedMinor,
  ${sumOf(LATE)} AS late, ${sumOf('f.sent_back')} AS sentBack, ${sumOf('f.declined')} AS declined`;

/** More customers than this are not shown. */
const MOST_CUSTOMERS = 50;
export interface CustomerSums extends FigureSums {
  readonly customerId: number;
  readonly name: string;
}
/** Those with most blades first. Names are looked up for the lines that are shown, not for all that are added up. */
export const customerSums = (db: Queryable, { from, to }: Days): Promise<CustomerSums[]> =>
  select<CustomerSums>(
    db,
    // Who is added up first by count alone: all sums of all customers would take three times as long.
    `SELECT STRAIGHT_JOIN g.customerId, n.name, ${SUMS}
     FROM (SELECT f.customer_id AS customerId, COUNT(*) AS blades FROM visit_figure f FORCE INDEX (visit_figure_customer)
       WHERE ${WITHIN} GROUP BY f.customer_id ORDER BY blades DESC, f.customer_id LIMIT ${MOST_CUSTOMERS}) g
       JOIN customer n ON n.id = g.customerId JOIN visit_figure f ON f.customer_id = g.customerId AND ${WITHIN}
     WHERE n.erased_at IS NULL GROUP BY g.customerId, n.name ORDER BY blades DESC, g.customerId`,
    [from, to, from, to],
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

/** On which days a customer's blades went home, of which kinds. */
export const bladesBrought = (
  db: Queryable,
  { from, to }: Days,
  customerId: number,
): Promise<{ readonly day: string; readonly kind: string; readonly blades: number }[]> =>
  select(
    db,
    `SELECT CAST(f.returned_on AS CHAR) AS day, b.kind, COUNT(*) AS blades
     FROM visit_figure f JOIN job j ON j.id = f.job_id JOIN blade b ON b.id = j.blade_id
     WHERE f.customer_id = ? AND ${WITHIN} GROUP BY f.returned_on, b.kind ORDER BY f.returned_on`,
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
      `SELECT DISTINCT f.kind FROM day_figure f WHERE ${WITHIN} AND f.blades > 0 ORDER BY f.kind`,
      [from, to],
    )
  ).map(({ kind }) => kind);
