/** The tray: blades worked together, stone by stone; kept on this device. */
import type { Job } from '@patient-edge/contract';
import {
  asksOfStep,
  bladeKind,
  isOneSided,
  trayNext,
  trayOrder,
  type TrayBlade,
  type TrayTurn,
} from '@patient-edge/core';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import useSWR, { type SWRResponse } from 'swr';
import { request, type ApiFailure } from '../api/client';
import { useStones } from '../api/hooks';
import { writeJob } from '../api/job-writes';
import { useShared } from '../api/shared';

const NONE: readonly number[] = [];
export const useTrayIds = () => useShared<readonly number[]>('tray', NONE);

export const leftOf = (job: Job) =>
  job.steps.filter(({ superseded, status }) => !superseded && status === 'to do');

const asTrayBlade = (job: Job): TrayBlade => ({
  jobId: job.id,
  isOneSided: isOneSided(bladeKind(job.measures.kindId)),
  left: leftOf(job).map(({ step }) => step),
});

/** The blades of a tray as they are now, in the order they were chosen. */
export const useTrayJobs = (ids: readonly number[]): SWRResponse<readonly Job[], ApiFailure> =>
  useSWR<readonly Job[], ApiFailure>(
    ids.length === 0 ? null : ['tray', ...ids],
    () => Promise.all(ids.map((id) => request<Job>('GET', `/jobs/${id}`))),
    { refreshInterval: 5000, keepPreviousData: true },
  );

/** How coarse a stone is; what is not on the rack any more comes last. */
export const useUmOf = (): ((stoneId: string) => number) => {
  const { data: stones } = useStones();
  return useMemo(() => {
    const ums = new Map((stones ?? []).map(({ id, um }) => [String(id), um]));
    return (stoneId) => ums.get(stoneId) ?? 0;
  }, [stones]);
};

export const useTrayOrder = (jobs: readonly Job[]): readonly TrayTurn[] => {
  const umOf = useUmOf();
  return useMemo(() => trayOrder(jobs.map(asTrayBlade), umOf), [jobs, umOf]);
};

/** A stone made ready is ready for all: the same step of the others is done with it. A hollow back wants it flat again. */
const readyForAll = async (left: Job, stoneId: string, others: readonly Job[]): Promise<void> => {
  for (const job of others) {
    const open = leftOf(job)[0];
    if (job.id === left.id || open?.step.readies !== stoneId) continue;
    const wantsFlat =
      open.step.gates.includes('flat') && isOneSided(bladeKind(job.measures.kindId));
    if (wantsFlat) continue;
    await writeJob({
      jobId: job.id,
      method: 'POST',
      path: `/steps/${open.id}/finish`,
      version: job.version,
      body: { overrideReason: null, shown: asksOfStep(open.step).map(({ code }) => code) },
    });
  }
};

export interface Tray {
  readonly jobs: readonly Job[];
  /** Whose turn it is after this blade; null where this blade is in no tray, or all is done. */
  readonly next: TrayTurn | null;
  readonly toNext: () => void;
  /** To the next blade on the stone, once a step of this one was done. */
  readonly afterStep: (left: Job, stepId: number) => Promise<void>;
}

/** Null where the blade is worked alone. */
export const useTray = (job: Job): Tray | null => {
  const [ids] = useTrayIds();
  const isInTray = ids.includes(job.id) && ids.length > 1;
  const { data, mutate } = useTrayJobs(isInTray ? ids : NONE);
  const umOf = useUmOf();
  const navigate = useNavigate();
  if (!isInTray || !data) return null;
  const jobs = data.map((each) => (each.id === job.id ? job : each));
  const open = leftOf(job)[0]?.step;
  const atStone = open ? (open.stoneId ?? open.readies) : null;
  const others = jobs.filter(({ id }) => id !== job.id).map(asTrayBlade);
  const next = trayNext(others, atStone, umOf);
  return {
    jobs,
    next,
    toNext: () => {
      if (next) void navigate(`/jobs/${next.jobId}/bench`);
    },
    afterStep: async (left, stepId) => {
      const done = left.steps.find(({ id }) => id === stepId)!.step;
      if (done.readies !== null) await readyForAll(left, done.readies, jobs);
      const now = (await mutate()) ?? jobs;
      const stone = done.stoneId ?? done.readies;
      const turn = trayNext(
        now.map((each) => asTrayBlade(each.id === left.id ? left : each)),
        stone,
        umOf,
      );
      // Its own next step may be on the same stone: the work after the stone was made ready.
      const own = leftOf(left)[0]?.step;
      const staysHere = own !== undefined && stone !== null && own.stoneId === stone;
      if (turn && !staysHere && turn.jobId !== left.id) await navigate(`/jobs/${turn.jobId}/bench`);
    },
  };
};
