/** Whether the workshop answers, as the last request found it; told to whoever listens. */
import { useSyncExternalStore } from 'react';

let isAway = false;
const listeners = new Set<() => void>();

export const setAway = (next: boolean): void => {
  if (isAway === next) return;
  isAway = next;
  for (const listener of listeners) listener();
};

const isConnectionAway = (): boolean => isAway;

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

export const useConnectionAway = (): boolean => useSyncExternalStore(subscribe, isConnectionAway);
