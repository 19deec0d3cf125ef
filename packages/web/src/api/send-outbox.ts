/**
 * Sends what waits, one after another, as soon as the workshop answers again. Only one window does it at a time. What the
 * server would not have is kept and shown; what comes after it for the same blade waits with it.
 */
import type { Job } from '@patient-edge/contract';
import { flushKeptWork } from '../bench/kept-work';
import { ApiFailure, isOffline, messageOf, request, uploadPhotograph } from './client';
import { updateJobCache } from './hooks';
import { changeWaiting, outboxNow, readOutbox, takeOut, type Waiting } from './outbox';

const LOCK = 'patient-edge outbox';

const headersOf = ({ key, queuedMs }: Waiting): Record<string, string> => ({
  'Idempotency-Key': key,
  'Age-Seconds': String(Math.max(0, Math.round((Date.now() - queuedMs) / 1000))),
});

/** The version a job has after it, where it changed the job; null otherwise. */
const send = async (item: Waiting): Promise<Job | null> => {
  const headers = headersOf(item);
  switch (item.kind) {
    case 'work':
      await flushKeptWork(item.jobId, item.stepId);
      return null;
    case 'gauge':
      await request('POST', `/jobs/${item.jobId}/steps/${item.stepId}/gauge-strokes`, item.body);
      return null;
    case 'photograph':
      return uploadPhotograph<Job>(
        item.jobId,
        new File([item.picture], item.name, { type: item.picture.type }),
        headers,
      );
    case 'write': {
      const body = { ...item.body, version: item.version };
      return item.does === 'finish step'
        ? request<Job>('POST', `/jobs/${item.jobId}/steps/${item.stepId}/finish`, body, headers)
        : request<Job>('PUT', `/jobs/${item.jobId}/readings`, body, headers);
    }
  }
};

/** Neither a fault of what is sent: later it may go through. */
const isForLater = (error: unknown): boolean =>
  isOffline(error) ||
  (error instanceof ApiFailure &&
    (error.status >= 500 || error.status === 401 || error.status === 429));

/** What waits for the same blade follows on the version that was made. */
const carryOn = async (job: Job): Promise<void> => {
  for (const item of outboxNow()) {
    if (item.jobId === job.id && item.kind === 'write' && item.version < job.version)
      await changeWaiting(item, { version: job.version });
  }
};

const drain = async (): Promise<void> => {
  const stuck = new Set<number>();
  for (;;) {
    const item = (await readOutbox()).find(
      ({ jobId, refused }) => refused === null && !stuck.has(jobId),
    );
    if (!item) return;
    // Behind one that was refused nothing of the same blade is sent.
    if (outboxNow().some(({ jobId, refused }) => jobId === item.jobId && refused !== null)) {
      stuck.add(item.jobId);
      continue;
    }
    try {
      const job = await send(item);
      if (job) await carryOn(job);
      await takeOut(item.number);
      if (job) await updateJobCache(job);
    } catch (error) {
      if (isForLater(error)) return;
      await changeWaiting(item, { refused: messageOf(error) });
    }
  }
};

let isSending = false;

/** Nothing where nothing waits, where it is being done, or where another window does it. */
export const sendOutbox = async (): Promise<void> => {
  if (isSending) return;
  isSending = true;
  try {
    if ((await readOutbox()).every(({ refused }) => refused !== null)) return;
    if (!('locks' in navigator)) await drain();
    else {
      await navigator.locks.request(LOCK, { ifAvailable: true }, async (lock) => {
        if (lock) await drain();
      });
    }
  } finally {
    isSending = false;
  }
};
