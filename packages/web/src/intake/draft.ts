/** The intake of a job as far as it is typed, kept on this device until it is sent. */
import type { Job } from '@patient-edge/contract';
import { dropStored, readStored, writeStored } from '../api/stored';
import { fromJob, type IntakeValues } from './values';

const nameOf = (jobId: number): string => `intake of job ${jobId}`;

/** What was typed and not sent; null when there is nothing. A draft of an older form may lack fields. */
export const keptDraft = (job: Job): IntakeValues | null => {
  const kept = readStored<Partial<IntakeValues>>(nameOf(job.id));
  return kept && { ...fromJob(job), ...kept };
};

export const keepDraft = (jobId: number, values: IntakeValues): void => {
  writeStored(nameOf(jobId), values);
};

/** Whether an intake was typed here that the server has not. */
export const hasDraft = (jobId: number): boolean => readStored(nameOf(jobId)) !== null;

export const dropDraft = (jobId: number): void => dropStored(nameOf(jobId));
