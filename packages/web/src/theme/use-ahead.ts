/** What a hand changes and the server keeps at once, as a tick in a list: the hand does not wait for the answer. */
import { useRef, useState } from 'react';

interface Asked<T> {
  readonly wanted: T;
}

/**
 * Gives the value to show, and what changes it. Until the answer is there the value is the one asked for, so that the next
 * change builds on it; changes go out one after another, and of those that wait the last alone. `send` tells its failures
 * itself; after one, what the server has is shown again. What is not `isWhole` yet, as a time half typed, is shown and not
 * sent.
 */
export const useAhead = <T>(
  known: T,
  send: (wanted: T) => Promise<unknown>,
  isWhole: (wanted: T) => boolean = () => true,
): readonly [T, (wanted: T) => void] => {
  const [asked, setAsked] = useState<Asked<T> | null>(null);
  const latest = useRef<Asked<T> | null>(null);
  const sending = useRef<Promise<unknown>>(Promise.resolve());
  const change = (wanted: T): void => {
    const mine = { wanted };
    latest.current = mine;
    setAsked(mine);
    if (!isWhole(wanted)) return;
    const inTurn = async (): Promise<void> => {
      if (latest.current !== mine) return;
      await send(wanted);
      setAsked((now) => (now === mine ? null : now));
    };
    sending.current = sending.current.then(inTurn);
  };
  return [asked ? asked.wanted : known, change];
};
