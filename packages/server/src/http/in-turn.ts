/** Heavy work a few at a time, and few waiting: what comes beyond is told to come back. */
import pLimit from 'p-limit';
import { busy } from './errors';

interface Turns {
  readonly atOnce: number;
  /** More waiting than a shop has people is a flood. */
  readonly mostWaiting: number;
  readonly whenBusy: string;
  readonly retryAfterS: number;
}

/** Runs each work when its turn has come. Throws 503 while too many wait. */
export const inTurnOf = ({ atOnce, mostWaiting, whenBusy, retryAfterS }: Turns) => {
  const limit = pLimit(atOnce);
  return <T>(work: () => Promise<T>): Promise<T> => {
    if (limit.pendingCount >= mostWaiting) throw busy(whenBusy, retryAfterS);
    return limit(work);
  };
};
