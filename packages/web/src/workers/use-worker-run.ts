/** Long work in a worker that tells how far it is, and can be stopped. */
import type { Remote } from 'comlink';
import { useCallback, useEffect, useRef, useState } from 'react';
import { messageOf } from '../api/client';
import { WorkerClient } from './worker-client';

export interface WorkerRun<Api extends object> {
  readonly isRunning: boolean;
  /** Why the last run ended before its end; null otherwise. */
  readonly error: string | null;
  /** Begins; what ran before is stopped. */
  readonly start: (ask: (remote: Remote<Api>) => Promise<void>) => void;
  readonly stop: () => void;
}

/** `create` must be a constant of its module. Leaving the page stops the work. */
export const useWorkerRun = <Api extends object>(create: () => Worker): WorkerRun<Api> => {
  const [state, setState] = useState<{ isRunning: boolean; error: string | null }>({
    isRunning: false,
    error: null,
  });
  const client = useRef<WorkerClient<Api> | null>(null);

  const end = useCallback(() => {
    const open = client.current;
    client.current = null;
    open?.close();
  }, []);
  useEffect(() => end, [end]);

  const stop = useCallback(() => {
    end();
    setState({ isRunning: false, error: null });
  }, [end]);

  const start = useCallback(
    (ask: (remote: Remote<Api>) => Promise<void>) => {
      end();
      const opened = new WorkerClient<Api>(create);
      client.current = opened;
      setState({ isRunning: true, error: null });
      const run = async (): Promise<void> => {
        let error: string | null = null;
        try {
          await opened.run(ask);
        } catch (failure) {
          error = messageOf(failure);
        }
        // One that was stopped or followed by another says nothing more.
        if (client.current !== opened) return;
        end();
        setState({ isRunning: false, error });
      };
      void run();
    },
    [create, end],
  );

  return { ...state, start, stop };
};
