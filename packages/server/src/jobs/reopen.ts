/** A way back from a stage: like every change on the version the caller saw, and a line of the history. */
import { versionSchema } from '@patient-edge/contract';
import type { JobAction, Message } from '@patient-edge/core';
import type { RequestHandler } from 'express';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { jobRoute } from './job-route';
import type { JobRow } from './queries';

interface WayBack {
  readonly action: JobAction;
  /** Throws what speaks against it. */
  readonly undo: (db: PoolConnection, row: JobRow) => Promise<unknown>;
  /** The line of the history. */
  readonly event: Message;
}

/** Handlers that answer with the job as it is then. */
export const wayBack = (pool: Pool, { action, undo, event }: WayBack): RequestHandler[] =>
  jobRoute(pool, {
    action,
    body: versionSchema,
    work: async ({ db, row, log }) => {
      await undo(db, row);
      await log('reopened', event);
    },
  });
