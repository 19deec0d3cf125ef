/**
 * Computation in threads of its own, so that nobody's request waits for another's sums: one pool for the open
 * calculator, one for the shop's own plans, so that the first cannot starve the second. What takes too long is ended.
 */
import type { BladePlan, AnyOperation, PlanInput, Result } from '@patient-edge/core';
import { Piscina } from 'piscina';
import { ApiError, busy } from '../http/errors';
import type { CalcText, DrawingName, Task, TaskName, TASKS } from './tasks';
import { STRINGS } from './strings';

export interface Compute {
  /** An operation of the calculator. Throws TOO_LONG after `limitMs`, BUSY when too many wait. */
  readonly calc: (operation: AnyOperation, input: unknown, limitMs: number) => Promise<CalcText>;
  readonly plan: (input: PlanInput) => Promise<Result<BladePlan>>;
  /** A sheet as PDF. */
  readonly drawing: <Name extends DrawingName>(
    name: Name,
    input: Task<Name>['input'],
  ) => Promise<Buffer>;
  readonly close: () => Promise<void>;
}

/** More than so many waiting is a flood, not a busy day. */
const MOST_WAITING = 32;
/** The shop's own sums are short; but the first sheet loads its letters, and a small machine may be busy. */
const OWN_LIMIT_MS = 30_000;
const IDLE_MS = 60_000;
const THREAD_MEMORY_MB = 256;

const isAborted = (error: unknown): boolean =>
  error instanceof Error && (error.name === 'AbortError' || error.name === 'TimeoutError');

const tooLong = (limitMs: number): ApiError =>
  new ApiError(
    422,
    'TOO_LONG',
    `This takes longer than ${limitMs / 1000} s and was ended. Ask for less at once, or use the command line.`,
  );

const openPool = (workerFile: string): Piscina =>
  new Piscina({
    filename: workerFile,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: THREAD_MEMORY_MB },
  });

type Answer<Name extends TaskName> = Awaited<ReturnType<(typeof TASKS)[Name]>>;

const runIn = async <Name extends TaskName>(
  pool: Piscina,
  task: Task<Name>,
  limitMs: number,
): Promise<Answer<Name>> => {
  const waiting = pool.queueSize;
  if (waiting >= MOST_WAITING) throw busy(STRINGS.tooMuchIsBeingComputedJust);
  try {
    return (await pool.run(task, { signal: AbortSignal.timeout(limitMs) })) as Answer<Name>;
  } catch (error) {
    if (!isAborted(error)) throw error;
    // Behind others it may never have begun.
    throw waiting > 0 ? busy(STRINGS.tooMuchIsBeingComputedJust) : tooLong(limitMs);
  }
};

/** Threads that run the built worker. */
export const threadedCompute = (workerFile: string): Compute => {
  const open = openPool(workerFile);
  const own = openPool(workerFile);
  return {
    calc: (operation, input, limitMs) =>
      runIn(open, { name: 'calc', input: { operation, input } }, limitMs),
    plan: (input) => runIn(own, { name: 'plan', input }, OWN_LIMIT_MS),
    // What crosses from a thread comes as bare bytes.
    drawing: async (name, input) =>
      Buffer.from((await runIn(own, { name, input }, OWN_LIMIT_MS)) as Uint8Array),
    close: async () => {
      await Promise.all([open.destroy(), own.destroy()]);
    },
  };
};
