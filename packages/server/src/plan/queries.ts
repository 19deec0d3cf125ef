import type {
  Habits,
  PlanRecord,
  PlanTemplate,
  PlanVersion,
  TemplateBody,
} from '@patient-edge/contract';
import {
  DEFAULT_CHOICES,
  withDefaults,
  type PlanChoices,
  type PlanStep,
  asMessage,
} from '@patient-edge/core';
import { execute, select, type Queryable } from '../database/pool';

export const addVersion = async (
  db: Queryable,
  jobId: number,
  { staffId, reason }: { readonly staffId: number; readonly reason: string },
  choices: PlanChoices,
  record: PlanRecord,
  steps: readonly PlanStep[],
): Promise<void> => {
  const kept = steps.map(({ key, title, seconds }) => ({ key, title, seconds }));
  await execute(
    db,
    `INSERT INTO plan_version (job_id, number, staff_id, reason, choices, record, steps)
     SELECT ?, COALESCE(MAX(number), 0) + 1, ?, ?, ?, ?, ? FROM plan_version WHERE job_id = ?`,
    [
      jobId,
      staffId,
      reason,
      JSON.stringify(choices),
      JSON.stringify(record),
      JSON.stringify(kept),
      jobId,
    ],
  );
};

/** Every plan settled for a job, the first one first. */
export const versionsOfJob = async (db: Queryable, jobId: number): Promise<PlanVersion[]> =>
  (
    await select<Omit<PlanVersion, 'at'> & { readonly at: Date }>(
      db,
      `SELECT v.number, v.at, s.name AS who, v.reason, v.choices, v.record, v.steps FROM plan_version v
       JOIN staff s ON s.id = v.staff_id WHERE v.job_id = ? ORDER BY v.number`,
      [jobId],
    )
  ).map((row) => ({
    ...row,
    at: row.at.toISOString(),
    choices: withDefaults(row.choices),
    record: planRecordOf(row.record),
    steps: row.steps.map((step) => ({ ...step, title: asMessage(step.title) })),
  }));

/** As it was kept: choices that came since at their default, warnings that were prose as they were said. */
export const planRecordOf = (kept: PlanRecord): PlanRecord => ({
  ...kept,
  choices: withDefaults(kept.choices),
  warnings: kept.warnings.map(asMessage),
});

/** Of the last plan settled for it; null before the first. */
export const lastChoicesOf = async (db: Queryable, jobId: number): Promise<PlanChoices | null> => {
  const [last] = await select<{ readonly choices: Partial<PlanChoices> }>(
    db,
    'SELECT choices FROM plan_version WHERE job_id = ? ORDER BY number DESC LIMIT 1',
    [jobId],
  );
  return last ? withDefaults(last.choices) : null;
};

const THE_SHOP = 1;

export const readHabits = async (db: Queryable): Promise<Habits> => {
  const [kept] = await select<{ readonly choices: Partial<PlanChoices>; readonly version: number }>(
    db,
    'SELECT choices, version FROM shop_habit WHERE id = ?',
    [THE_SHOP],
  );
  return kept
    ? { choices: withDefaults(kept.choices), version: kept.version }
    : { choices: DEFAULT_CHOICES, version: 0 };
};

/** False when someone else changed them since that version. */
export const writeHabits = async (
  db: Queryable,
  { choices, version }: Habits,
): Promise<boolean> => {
  await execute(db, `INSERT IGNORE INTO shop_habit (id, choices, version) VALUES (?, ?, 0)`, [
    THE_SHOP,
    JSON.stringify(DEFAULT_CHOICES),
  ]);
  const changed = await execute(
    db,
    'UPDATE shop_habit SET choices = ?, version = version + 1 WHERE id = ? AND version = ?',
    [JSON.stringify(choices), THE_SHOP, version],
  );
  return changed.affectedRows === 1;
};

const TEMPLATE_SELECT = `SELECT t.id, t.kind_id AS kindId, t.name, t.note, t.choices, t.job_id AS jobId, t.at, s.name AS who
  FROM plan_template t JOIN staff s ON s.id = t.staff_id`;

export const listTemplates = async (db: Queryable): Promise<PlanTemplate[]> =>
  (
    await select<Omit<PlanTemplate, 'at'> & { readonly at: Date }>(
      db,
      `${TEMPLATE_SELECT} ORDER BY t.kind_id, t.name`,
    )
  ).map((row) => ({ ...row, at: row.at.toISOString(), choices: withDefaults(row.choices) }));

/** False when the kind has one of that name. */
export const addTemplate = async (
  db: Queryable,
  kindId: string,
  { name, note }: TemplateBody,
  choices: PlanChoices,
  jobId: number,
  staffId: number,
): Promise<boolean> =>
  (
    await execute(
      db,
      `INSERT IGNORE INTO plan_template (kind_id, name, note, choices, job_id, staff_id)
       VALUES (?, ?, ?, ?, ?, ?)`,
      [kindId, name, note, JSON.stringify(choices), jobId, staffId],
    )
  ).affectedRows === 1;

/** False when there is none. */
export const removeTemplate = async (db: Queryable, id: number): Promise<boolean> =>
  (await execute(db, 'DELETE FROM plan_template WHERE id = ?', [id])).affectedRows === 1;
