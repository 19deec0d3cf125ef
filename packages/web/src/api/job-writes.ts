/**
 * Changes of one job go out one after another, each on the version that the one before it made. Somebody else's change
 * in between is still refused: only what this page wrote itself carries a version on.
 */
import type { Job } from '@patient-edge/contract';
import { ApiFailure, isOffline, request, type Method } from './client';
import { queue, waitsFor, type QueuedWrite } from './outbox';
import { STRINGS } from './strings';

/** Of each job the last change under way, and what versions of this page's own became. */
const underWay = new Map<number, Promise<unknown>>();
const followedBy = new Map<number, Map<number, number>>();

/** The version that one seen on this page has become by changes of this page alone. */
const carriedOn = (jobId: number, version: number): number => {
  const own = followedBy.get(jobId);
  let now = version;
  for (let next = own?.get(now); next !== undefined && next > now; next = own?.get(now)) now = next;
  return now;
};

const remember = (jobId: number, from: number, to: number): void => {
  const own = followedBy.get(jobId) ?? new Map<number, number>();
  own.set(from, to);
  followedBy.set(jobId, own);
};

export interface JobWrite {
  readonly jobId: number;
  readonly method: Method;
  /** Below `/jobs/:id`. */
  readonly path: string;
  /** As the page shows it. */
  readonly version: number;
  readonly body?: object;
}

/** Sends a change after those before it; gives the job as it is then. Throws what `request` throws. */
export const writeJob = ({ jobId, method, path, version, body }: JobWrite): Promise<Job> => {
  const before = underWay.get(jobId) ?? Promise.resolve();
  const work = before
    // What became of an earlier one was told where it was asked.
    .catch(() => undefined)
    .then(async () => {
      await mustNotWait(jobId);
      const now = carriedOn(jobId, version);
      const job = await request<Job>(method, `/jobs/${jobId}${path}`, { ...body, version: now });
      remember(jobId, now, job.version);
      return job;
    });
  underWay.set(jobId, work);
  return work;
};

/** Behind all that waits; the strokes of a step before the step is left. */
export const queueWrite = async (
  jobId: number,
  version: number,
  write: QueuedWrite,
): Promise<void> => {
  if (write.does === 'finish step') await queue({ kind: 'work', jobId, stepId: write.stepId });
  await queue({ kind: 'write', jobId, version: carriedOn(jobId, version), ...write });
};

/** A change that waits for the connection where there is none: null then. */
export const writeOrQueue = async (
  jobId: number,
  version: number,
  write: QueuedWrite,
): Promise<Job | null> => {
  const waits = async (): Promise<null> => {
    await queueWrite(jobId, version, write);
    return null;
  };
  // What is done after something that waits, waits behind it.
  if (await waitsFor(jobId)) return waits();
  try {
    return await writeJob({
      jobId,
      version,
      ...(write.does === 'finish step'
        ? { method: 'POST', path: `/steps/${write.stepId}/finish`, body: write.body }
        : { method: 'PUT', path: '/readings', body: write.body }),
    });
  } catch (error) {
    if (isOffline(error)) return waits();
    throw error;
  }
};

/** Throws for what cannot be done while something of the same blade waits. */
export const mustNotWait = async (jobId: number): Promise<void> => {
  if (await waitsFor(jobId)) {
    throw new ApiFailure(0, 'OFFLINE', STRINGS.somethingOfThisBladeStillWaits);
  }
};
