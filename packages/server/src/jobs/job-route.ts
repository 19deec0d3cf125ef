/** The route of one action with a job: who may, on which version, what is done, and the job as it is then. */
import type { StaffMember } from '@patient-edge/contract';
import type { JobAction, Message } from '@patient-edge/core';
import type { Request, RequestHandler } from 'express';
import type Joi from 'joi';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { bodyOf, doneAt, mayDo, pathId, staffOf } from '../http/request';
import { changeJobOnce } from './job';
import { addEvent, type JobRow } from './queries';
import { STRINGS } from './strings';

interface AtJob<T> {
  readonly db: PoolConnection;
  /** As it was before, locked. */
  readonly row: JobRow;
  readonly body: T;
  readonly staff: StaffMember;
  readonly request: Request;
  /** A line of the job's history. */
  readonly log: (kind: string, message: Message) => Promise<unknown>;
}

interface JobRoute<T> {
  readonly action: JobAction;
  readonly body: Joi.Schema<T>;
  /** Throws what speaks against it; nothing is applied then. */
  readonly work: (at: AtJob<T>) => Promise<unknown>;
  /** 200 unless something was made. */
  readonly status?: number;
}

/** Handlers for a router, in their order. */
export const jobRoute = <T extends { readonly version: number }>(
  pool: Pool,
  { action, body: schema, work, status = 200 }: JobRoute<T>,
): RequestHandler[] => [
  mayDo(action),
  async (request, response) => {
    const staff = staffOf(request);
    const body = bodyOf(schema, request);
    const id = pathId(request, 'id', STRINGS.thisBlade);
    const at = doneAt(request);
    const job = await changeJobOnce(pool, request, body, id, action, async (db, row) => {
      const log = (kind: string, message: Message): Promise<unknown> =>
        addEvent(db, { jobId: row.id, staffId: staff.id, kind, message, at });
      await work({ db, row, body, staff, request, log });
    });
    response.status(status).json(job);
  },
];
