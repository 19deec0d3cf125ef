/**
 * The order as it was found last, kept while the application is open: whoever asks next begins with it, so that nothing
 * moves without a reason; and what was told of the last change, for every page that shows the order.
 */
import type { DayFacts } from '@patient-edge/contract';
import { useSyncExternalStore } from 'react';
import { whatChanged, type FoundDay } from './what-changed';

const found = new Map<boolean, FoundDay>();
let told: string | null = null;
/** What these changed has been told: by the other times it is no news. */
let known: DayFacts | null = null;
const listeners = new Set<() => void>();

export const orderKept = (isCautious: boolean): FoundDay | null => found.get(isCautious) ?? null;

const tell = (next: string | null): void => {
  told = next;
  for (const listener of listeners) listener();
};

/** The first order for new facts: what changed is told, until something else does. */
export const keepFirstOrder = (isCautious: boolean, next: FoundDay): void => {
  const before = found.get(isCautious);
  found.set(isCautious, next);
  const isNews = before !== undefined && next.facts !== known;
  known = next.facts;
  const change = isNews ? whatChanged(before, next, isCautious) : null;
  if (change !== null) tell(change);
};

/** A better one for the same facts. */
export const keepOrder = (isCautious: boolean, next: FoundDay): void => {
  found.set(isCautious, next);
};

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

const putAway = (): void => tell(null);

/** The last change in a sentence, and a way to put it away. */
export const useToldChange = (): readonly [told: string | null, putAway: () => void] => [
  useSyncExternalStore(subscribe, () => told),
  putAway,
];
