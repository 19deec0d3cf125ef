/** Requests to the server; a refusal comes as an ApiFailure with its fields. */
import type { ApiErrorBody, FieldError } from '@patient-edge/contract';
import { mutate } from 'swr';
import { setAway } from './connection';
import { STRINGS } from './strings';

export class ApiFailure extends Error {
  constructor(
    readonly status: number,
    readonly code: string,
    message: string,
    readonly fields: readonly FieldError[] = [],
    readonly currentVersion: number | null = null,
    /** Seconds to wait before a further try. */
    readonly retryAfterS: number | null = null,
  ) {
    super(message);
  }
}

/** The server did not answer: the connection is gone, or it is being started again. */
export const isOffline = (error: unknown): boolean =>
  error instanceof ApiFailure && (error.code === 'OFFLINE' || error.status === 503);

/** A reading that has not come by then was lost on its way: it is asked for again. A write is not, it may have arrived. */
const LONGEST_READ_MS = 20_000;

/** Browsers refuse to keep a request alive whose body passes 64 KiB; a letter may take three bytes. */
const MOST_KEPT_ALIVE = 20_000;

export type Method = 'GET' | 'POST' | 'PUT' | 'DELETE';

const offline = () => new ApiFailure(0, 'OFFLINE', STRINGS.noConnectionToTheWorkshopJust);

/** The answer of the server, or its refusal thrown. */
const answerOf = async <T>(asked: Promise<Response>): Promise<T> => {
  let response: Response;
  let answer: unknown;
  try {
    response = await asked;
    answer = JSON.parse(await response.text());
  } catch {
    setAway(true);
    throw offline();
  }
  // What this device had of it, where the workshop did not answer.
  setAway(response.headers.has('From-Device'));
  if (response.ok) return answer as T;
  const { error } = answer as ApiErrorBody;
  // Somebody was quicker: what is on the screen is fetched anew, so that a second try can go through.
  if (response.status === 409) void mutate(() => true);
  throw new ApiFailure(
    response.status,
    error.code,
    error.message,
    error.fields,
    error.currentVersion ?? null,
    error.retryAfterS ?? null,
  );
};

/** A part of an address, whatever it holds: what came out of an address bar goes into one as a single part. */
export const asPart = (part: string | number): string => encodeURIComponent(String(part));

/** Writes that have no answer yet, by all that is sent with them. */
const underWay = new Map<string, Promise<unknown>>();

/**
 * Asks the server and gives its answer. Throws ApiFailure for what it refuses, and where nobody is reached. A write that
 * is asked for again, the same in all, before it is answered goes out once: a wet finger presses twice.
 */
export const request = <T>(
  method: Method,
  path: string,
  body?: unknown,
  headers: Record<string, string> = {},
): Promise<T> => {
  const text = body === undefined ? null : JSON.stringify(body);
  const ask = (): Promise<T> =>
    answerOf<T>(
      fetch(`/api${path}`, {
        method,
        credentials: 'same-origin',
        // A write goes through even when its page is being left; browsers carry only small ones so far.
        keepalive: method !== 'GET' && (text?.length ?? 0) < MOST_KEPT_ALIVE,
        ...(method === 'GET' ? { signal: AbortSignal.timeout(LONGEST_READ_MS) } : {}),
        headers: body === undefined ? headers : { 'Content-Type': 'application/json', ...headers },
        ...(text === null ? {} : { body: text }),
      }),
    );
  if (method === 'GET') return ask();
  const key = JSON.stringify([method, path, text, headers]);
  const same = underWay.get(key) as Promise<T> | undefined;
  if (same) return same;
  const asked = ask().finally(() => underWay.delete(key));
  underWay.set(key, asked);
  return asked;
};

/** Sends a picture as a file; answers with the blade it now belongs to. A refusal tells its first field. */
export const uploadPhotograph = async <T>(
  jobId: number,
  file: File,
  headers: Record<string, string> = {},
): Promise<T> => {
  const form = new FormData();
  form.append('photograph', file);
  try {
    return await answerOf<T>(
      fetch(`/api/jobs/${jobId}/photographs`, {
        method: 'POST',
        credentials: 'same-origin',
        headers,
        body: form,
      }),
    );
  } catch (error) {
    const field = error instanceof ApiFailure ? error.fields[0] : undefined;
    throw field ? new Error(`${file.name}: ${field.message}`) : error;
  }
};

/** What to tell somebody about a failure. */
export const messageOf = (error: unknown): string =>
  error instanceof Error ? error.message : STRINGS.somethingWentWrong;
