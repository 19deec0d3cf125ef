/** The time of day for things that wait: by the second while something runs, else by the minute. */
import { useEffect, useState } from 'react';

const useNow = (everyMs: number | null): number => {
  const [nowMs, setNowMs] = useState(() => Date.now());
  useEffect(() => {
    if (everyMs === null) return;
    const timer = setInterval(() => setNowMs(Date.now()), everyMs);
    return () => clearInterval(timer);
  }, [everyMs]);
  return nowMs;
};

export const useMinute = (): number => useNow(60_000);
export const useSecond = (running: boolean): number => useNow(running ? 1000 : null);
