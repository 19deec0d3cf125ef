/** The plan for the choices of this moment, computed in a worker; the newest question wins. */
import type { BladePlan, PlanInput, Result } from '@patient-edge/core';
import { releaseProxy, wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { PlanWorker } from './plan-worker';

export const usePlan = (input: PlanInput | null): Result<BladePlan> | null => {
  const [result, setResult] = useState<Result<BladePlan> | null>(null);
  const worker = useRef<Remote<PlanWorker> | null>(null);
  const asked = useRef(0);

  useEffect(() => {
    const thread = new Worker(new URL('./plan-worker.ts', import.meta.url), { type: 'module' });
    const remote = wrap<PlanWorker>(thread);
    worker.current = remote;
    return () => {
      worker.current = null;
      remote[releaseProxy]();
      thread.terminate();
    };
  }, []);

  useEffect(() => {
    if (!input || !worker.current) return;
    asked.current += 1;
    const question = asked.current;
    void worker.current.plan(input).then((answer) => {
      if (question === asked.current) setResult(answer);
    });
  }, [input]);

  return result;
};
