/** Who a session belongs to. It holds an id and an epoch only: the person is read anew for each request. */
import type { StaffMember } from '@patient-edge/contract';
import type { Request, RequestHandler } from 'express';
import type { Pool } from 'mysql2/promise';
import { setStaff } from '../http/request';
import { findSignedIn } from './queries';

declare module 'express-session' {
  interface SessionData {
    staffId: number;
    /** Sessions of an earlier epoch have been ended. */
    epoch: number;
  }
}

/** Reads the person of the session; whoever was deactivated or signed out everywhere is nobody. */
export const knowStaff =
  (pool: Pool): RequestHandler =>
  async (request, _response, next) => {
    const { staffId, epoch } = request.session;
    if (staffId !== undefined && epoch !== undefined) {
      const staff = await findSignedIn(pool, staffId, epoch);
      if (staff) setStaff(request, staff);
    }
    next();
  };

const asPromise = (work: (done: (error: unknown) => void) => void, failed: string): Promise<void> =>
  new Promise((resolve, reject) => {
    work((error) => {
      if (error) reject(error instanceof Error ? error : new Error(failed));
      else resolve();
    });
  });

const save = ({ session }: Request): Promise<void> =>
  asPromise((done) => session.save(done), 'The session could not be saved');

/** A new session id at sign-in, so that one planted before is worth nothing. */
export const startSession = async (
  request: Request,
  staff: StaffMember,
  epoch: number,
): Promise<void> => {
  await asPromise((done) => request.session.regenerate(done), 'The session could not be renewed');
  request.session.staffId = staff.id;
  request.session.epoch = epoch;
  await save(request);
  setStaff(request, staff);
};

/** Keeps this session when all others of the person are ended. */
export const carrySession = async (request: Request, epoch: number): Promise<void> => {
  request.session.epoch = epoch;
  await save(request);
};

export const endSession = (request: Request): Promise<void> =>
  asPromise((done) => request.session.destroy(done), 'The session could not be ended');

/** Whether the session is still there and still its person's: for what outlives a request. */
export const isStillSignedIn = async (pool: Pool, request: Request): Promise<boolean> => {
  const held = await new Promise<{ staffId?: number; epoch?: number } | null>((resolve, reject) => {
    request.sessionStore.get(request.sessionID, (error: unknown, session) => {
      if (error) reject(error instanceof Error ? error : new Error('The session cannot be read'));
      else resolve(session ?? null);
    });
  });
  if (held?.staffId === undefined || held.epoch === undefined) return false;
  return (await findSignedIn(pool, held.staffId, held.epoch)) !== undefined;
};
