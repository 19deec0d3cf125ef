/** State kept on this device, so that a closed tab or a lost connection loses nothing. */
import { useCallback, useState } from 'react';

const PREFIX = 'patient-edge ';

/** What is kept under a name; what cannot be read back is as if it were not there. */
export const readStored = <T>(name: string): T | null => {
  const text = localStorage.getItem(PREFIX + name);
  if (text === null) return null;
  try {
    return JSON.parse(text) as T;
  } catch {
    return null;
  }
};

export const writeStored = (name: string, value: unknown): void => {
  localStorage.setItem(PREFIX + name, JSON.stringify(value));
};

export const dropStored = (name: string): void => {
  localStorage.removeItem(PREFIX + name);
};

/** Like useState, kept under a name. */
export const useStored = <T>(name: string, initial: T): [T, (next: T) => void] => {
  const [value, setValue] = useState<T>(() => readStored<T>(name) ?? initial);
  const keep = useCallback(
    (next: T) => {
      writeStored(name, next);
      setValue(next);
    },
    [name],
  );
  return [value, keep];
};
