/** A way back from a stage: like every change on the version the caller saw, and a line of the history. */
import { versionSchema } from '@patient-edge/contract';
import type { JobAction, Message } from '@patient-edge/core';
import type { RequestHandler } from 'express';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { bodyOf, pathId, staffOf } from '../http/request';
import { changeJob } from './job';
import { addEvent, type JobRow } from './queries';

interface WayBack {
  readonly action: JobAction;
  /** Throws what speaks against it. */
  readonly undo: (db: PoolConnection, row: JobRow) => Promise<unknown>;
  /** The line of the history. */
  readonly event: Message;
}

/** Answers with the job as it is then. */
export const wayBack =
  (pool: Pool, { action, undo, event }: WayBack): RequestHandler =>
  async (request, response) => {
    const staffId = staffOf(request).id;
    const { version } = bodyOf(versionSchema, request);
    const id = pathId(request, 'id', 'This blade');
    const job = await changeJob(pool, id, version, action, async (db, row) => {
      await undo(db, row);
      await addEvent(db, { jobId: row.id, staffId, kind: 'reopened', message: event });
    });
    response.json(job);
  };
