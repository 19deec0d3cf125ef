/** The customer's page of a visit: its token, and the address it is reached by. */
import { randomBytes } from 'node:crypto';
import type { Queryable } from '../database/pool';
import { addPage, pageOfJob } from './queries';

/** 256 bits: nobody guesses one. */
const TOKEN_BYTES = 32;
export const TOKEN = /^[\w-]{43}$/;
/** A page ends after so many days, whatever else. */
export const MOST_DAYS = 400;

/** Where a customer finds the visit; null where the shop is not reached from outside, or the page was closed. */
export const pageAddress = async (
  db: Queryable,
  jobId: number,
  publicAddress: string,
): Promise<string | null> => {
  if (publicAddress === '') return null;
  if (!(await pageOfJob(db, jobId)))
    await addPage(db, jobId, randomBytes(TOKEN_BYTES).toString('base64url'));
  const page = (await pageOfJob(db, jobId))!;
  return page.revoked ? null : `${publicAddress.replace(/\/+$/, '')}/v/${page.token}`;
};
