/** State kept on this device, so that a closed tab or a lost connection loses nothing. */
import { useCallback, useState, useSyncExternalStore } from 'react';

const PREFIX = 'patient-edge ';

/** What the device had no room for: kept as long as the page is open, and read before what is stored. */
const inMemory = new Map<string, string>();
const listeners = new Set<() => void>();

const holdInMemory = (name: string, text: string | null): void => {
  const wasFull = inMemory.size > 0;
  if (text === null) inMemory.delete(name);
  else inMemory.set(name, text);
  if (wasFull !== inMemory.size > 0) for (const listener of listeners) listener();
};

/** Whether something could only be kept in the page, because the device is full or keeps nothing. */
export const isStorageFull = (): boolean => inMemory.size > 0;

const storedText = (name: string): string | null => {
  const held = inMemory.get(name);
  if (held !== undefined) return held;
  try {
    return localStorage.getItem(PREFIX + name);
  } catch {
    // A device that keeps nothing has nothing.
    return null;
  }
};

/** The same, told to a page whenever it changes. */
export const useStorageFull = (): boolean =>
  useSyncExternalStore((listener) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  }, isStorageFull);

/** What is kept under a name; what cannot be read back is as if it were not there. */
export const readStored = <T>(name: string): T | null => {
  const text = storedText(name);
  if (text === null) return null;
  try {
    return JSON.parse(text) as T;
  } catch {
    return null;
  }
};

/** Never throws: what the device has no room for is kept in the page. False then. */
export const writeStored = (name: string, value: unknown): boolean => {
  const text = JSON.stringify(value);
  try {
    localStorage.setItem(PREFIX + name, text);
    holdInMemory(name, null);
    return true;
  } catch {
    holdInMemory(name, text);
    return false;
  }
};

export const dropStored = (name: string): void => {
  holdInMemory(name, null);
  try {
    localStorage.removeItem(PREFIX + name);
  } catch {
    // A device that keeps nothing has nothing to drop.
  }
};

/**
 * Like useState, kept under a name until it is what it was at first; another name is another value, at once.
 */
export const useStored = <T>(name: string, initial: T): [T, (next: T) => void] => {
  const read = (): { name: string; value: T } => ({
    name,
    value: readStored<T>(name) ?? initial,
  });
  const [state, setState] = useState(read);
  const first = JSON.stringify(initial);
  // Before anything is drawn: what is kept under another name must not be seen under this one.
  const held = state.name === name ? state : read();
  if (held !== state) setState(held);
  const keep = useCallback(
    (next: T) => {
      if (JSON.stringify(next) === first) dropStored(name);
      else writeStored(name, next);
      setState({ name, value: next });
    },
    [name, first],
  );
  return [held.value, keep];
};
