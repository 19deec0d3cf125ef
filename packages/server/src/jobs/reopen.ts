/** A way back from a stage: like every change on the version the caller saw, and a line of the history. */
import { versionSchema, type Stage } from '@patient-edge/contract';
import type { RequestHandler } from 'express';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { bodyOf, pathId, staffOf } from '../http/request';
import { changeJob, mustBeAt } from './job';
import { addEvent, type JobRow } from './queries';

interface WayBack {
  readonly from: Stage;
  /** What is undone, as a refusal says it. */
  readonly what: string;
  /** Throws what speaks against it. */
  readonly undo: (on: PoolConnection, row: JobRow) => Promise<unknown>;
  /** The line of the history. */
  readonly text: string;
}

/** Answers with the job as it is then. */
export const wayBack =
  (pool: Pool, { from, what, undo, text }: WayBack): RequestHandler =>
  async (request, response) => {
    const staffId = staffOf(request).id;
    const { version } = bodyOf(versionSchema, request);
    const id = pathId(request, 'id', 'This blade');
    const job = await changeJob(pool, id, version, async (on, row) => {
      mustBeAt(row, [from], what);
      await undo(on, row);
      await addEvent(on, { jobId: row.id, staffId, kind: 'reopened', text });
    });
    response.json(job);
  };
