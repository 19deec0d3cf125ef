/** Work that a press begins: busy while it runs, and what went wrong told where it was pressed. */
import { useState } from 'react';
import { messageOf } from '../api/client';

export interface Running {
  readonly busy: boolean;
  readonly problem: string | null;
  readonly run: (work: () => Promise<void>) => Promise<void>;
}

export const useRun = (): Running => {
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const run = async (work: () => Promise<void>): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await work();
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  return { busy, problem, run };
};
