/** Kept on this device like `useStored`, and told to every part of the page at once. */
import { useCallback, useSyncExternalStore } from 'react';
import { readStored, writeStored } from './stored';

const listeners = new Map<string, Set<() => void>>();
/** The same object as long as nothing was written: a store must not change by being read. */
const held = new Map<string, unknown>();

const read = <T>(name: string, initial: T): T => {
  if (!held.has(name)) held.set(name, readStored<T>(name) ?? initial);
  return held.get(name) as T;
};

export const useShared = <T>(name: string, initial: T): [T, (next: T) => void] => {
  const subscribe = useCallback(
    (listener: () => void) => {
      const all = listeners.get(name) ?? new Set();
      listeners.set(name, all.add(listener));
      return () => all.delete(listener);
    },
    [name],
  );
  const value = useSyncExternalStore(subscribe, () => read(name, initial));
  const write = useCallback(
    (next: T) => {
      held.set(name, next);
      writeStored(name, next);
      for (const listener of listeners.get(name) ?? []) listener();
    },
    [name],
  );
  return [value, write];
};
