/** Sends a change of a job and keeps the answer; a refusal is told where it was asked. */
import type { Job } from '@patient-edge/contract';
import { useState } from 'react';
import { ApiFailure, messageOf } from '../api/client';
import { writeJob } from '../api/job-writes';
import { updateJobCache } from '../api/hooks';

interface Sender {
  readonly busy: boolean;
  readonly problem: string | null;
  /** Whether it went through. */
  readonly send: (method: 'POST' | 'PUT', path: string, body: object) => Promise<boolean>;
}

export const useSend = (job: Job): Sender => {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const send: Sender['send'] = async (method, path, body) => {
    setBusy(true);
    setProblem(null);
    try {
      await updateJobCache(
        await writeJob({ jobId: job.id, method, path, version: job.version, body }),
      );
      return true;
    } catch (error) {
      const field = error instanceof ApiFailure ? error.fields[0] : undefined;
      setProblem(field?.message ?? messageOf(error));
      return false;
    } finally {
      setBusy(false);
    }
  };
  return { busy, problem, send };
};
