/** State kept on this device, so that a closed tab or a lost connection loses nothing. */
import { useCallback, useState } from 'react';

const PREFIX = 'patient-edge ';

/** What the device had no room for: kept as long as the page is open, and read before what is stored. */
const inMemory = new Map<string, string>();

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
    inMemory.delete(name);
    return true;
  } catch {
    inMemory.set(name, text);
    return false;
  }
};

export const dropStored = (name: string): void => {
  inMemory.delete(name);
  try {
    localStorage.removeItem(PREFIX + name);
  } catch {
    // A device that keeps nothing has nothing to drop.
  }
};

/** Like useState, kept under a name; another name is another value, at once. */
export const useStored = <T>(name: string, initial: T): [T, (next: T) => void] => {
  const read = (): { name: string; value: T } => ({
    name,
    value: readStored<T>(name) ?? initial,
  });
  const [state, setState] = useState(read);
  // Before anything is drawn: what is kept under another name must not be seen under this one.
  const held = state.name === name ? state : read();
  if (held !== state) setState(held);
  const keep = useCallback(
    (next: T) => {
      writeStored(name, next);
      setState({ name, value: next });
    },
    [name],
  );
  return [held.value, keep];
};
