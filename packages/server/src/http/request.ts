/** What every route does first: validate the body and the path, and know who asks. */
import { rolesFor, type Action } from '@patient-edge/core';
import { idSchema, validate, type Role, type StaffMember } from '@patient-edge/contract';
import type { Request, RequestHandler } from 'express';
import type Joi from 'joi';
import { ApiError, forbidden, invalid, notFound } from './errors';
import { STRINGS } from './strings';

/** Who asks, read from the records for each request: what a session was told once may have changed since. */
const signedIn = new WeakMap<Request, StaffMember>();

export const setStaff = (request: Request, staff: StaffMember): void => {
  signedIn.set(request, staff);
};

/** Who is signed in; null when nobody is. */
export const findStaffOf = (request: Request): StaffMember | null => signedIn.get(request) ?? null;

export const bodyOf = <T>(schema: Joi.Schema<T>, request: Request): T => {
  const checked = validate(schema, request.body as unknown);
  if (!checked.ok) throw invalid(checked.fields);
  return checked.value;
};

export const queryOf = <T>(schema: Joi.Schema<T>, request: Request): T => {
  const checked = validate(schema, request.query);
  if (!checked.ok) throw invalid(checked.fields);
  return checked.value;
};

/** The id in the path; what is not one is simply not found. */
export const pathId = (request: Request, name: string, what: string): number => {
  const checked = validate<number>(idSchema, request.params[name]);
  if (!checked.ok) throw notFound(what);
  return checked.value;
};

export const staffOf = (request: Request): StaffMember => {
  const staff = findStaffOf(request);
  if (!staff) throw new ApiError(401, 'SIGN_IN', 'Sign in first');
  return staff;
};

/** Lets only signed-in people through, and of those only the roles named. */
export const allow =
  (...roles: Role[]): RequestHandler =>
  (request, _response, next) => {
    const { role } = staffOf(request);
    if (roles.length > 0 && !roles.includes(role)) {
      throw forbidden(STRINGS.onlyTheCanDoThisYou(roles.join(' or the '), role));
    }
    next();
  };

/** A key that makes a repeated request harmless; null when none was sent. */
export const idempotencyKey = (request: Request): string | null => {
  const key = request.get('Idempotency-Key');
  if (key === undefined) return null;
  if (!/^[\w-]{8,80}$/.test(key)) {
    throw invalid([
      {
        field: 'Idempotency-Key',
        message: STRINGS.idempotencyKeyMustBe8To,
      },
    ]);
  }
  return key;
};

/** Whatever waited longer for a connection is told as done then. */
const LONGEST_AGE_S = 30 * 86_400;

/**
 * When what is asked was done: now, or so many seconds ago where it waited for the connection. The clock is this server's;
 * what a tablet's says is never believed.
 */
export const doneAt = (request: Request): Date => {
  const text = request.get('Age-Seconds');
  const ageS = text !== undefined && /^\d{1,9}$/.test(text) ? Number(text) : 0;
  return new Date(Date.now() - 1000 * Math.min(LONGEST_AGE_S, ageS));
};

/** Only those who may do this: with a job, or in the shop. */
export const mayDo = (action: Action): RequestHandler => allow(...rolesFor(action));
