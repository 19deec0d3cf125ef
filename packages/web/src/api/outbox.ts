/**
 * What waits for the connection, in the order it was done: kept in the device's database, so that a reload or an empty
 * battery loses nothing. Each carries a key, so that what arrived twice is done once, and its age, never a time of day.
 */
import type { FinishStepBody, GaugeStrokesBody, ReadingsBody } from '@patient-edge/contract';
import type { DBSchema, IDBPDatabase } from 'idb';
import { useSyncExternalStore } from 'react';

/** A change of a job without its version: that is the newest when it is sent. */
export type QueuedWrite =
  | {
      readonly does: 'finish step';
      readonly stepId: number;
      readonly body: Omit<FinishStepBody, 'version'>;
    }
  | { readonly does: 'keep readings'; readonly body: Omit<ReadingsBody, 'version'> };

export type QueuedItem = { readonly jobId: number } & (
  | ({ readonly kind: 'write'; readonly version: number } & QueuedWrite)
  /** The strokes, time and findings of a step as this device keeps them. */
  | { readonly kind: 'work'; readonly stepId: number }
  | {
      readonly kind: 'gauge';
      readonly stepId: number;
      readonly body: GaugeStrokesBody;
    }
  | { readonly kind: 'photograph'; readonly name: string; readonly picture: Blob }
);

export type Waiting = QueuedItem & {
  readonly number: number;
  readonly key: string;
  /** By this device's own clock; only what has passed since then is ever sent. */
  readonly queuedMs: number;
  /** Why the server would not have it; null while it waits. */
  readonly refused: string | null;
};

interface Schema extends DBSchema {
  readonly outbox: { readonly key: number; readonly value: Omit<Waiting, 'number'> };
}

const NAME = 'patient-edge';
const STORE = 'outbox';

let opened: Promise<IDBPDatabase<Schema>> | null = null;
const database = (): Promise<IDBPDatabase<Schema>> => {
  opened ??= import('idb').then(({ openDB }) =>
    openDB<Schema>(NAME, 1, {
      upgrade: (db) => void db.createObjectStore(STORE, { autoIncrement: true }),
    }),
  );
  return opened;
};

/** Whether anything ever waited on this device: most pages need not open, nor load, its database. */
const everWaited = async (): Promise<boolean> => {
  if (!('indexedDB' in globalThis)) return false;
  if (opened !== null || !('databases' in indexedDB)) return true;
  return (await indexedDB.databases()).some(({ name }) => name === NAME);
};

/** As it stands in the database, read again after every change; the same list while nothing changed. */
let waiting: readonly Waiting[] = [];
let isRead = false;
const listeners = new Set<() => void>();

/** Reads what waits; a browser without a database keeps nothing and queues nothing. */
export const readOutbox = async (): Promise<readonly Waiting[]> => {
  if (!(await everWaited())) {
    isRead = true;
    return waiting;
  }
  const db = await database();
  const tx = db.transaction(STORE);
  const [keys, values] = await Promise.all([tx.store.getAllKeys(), tx.store.getAll()]);
  waiting = values.map((value, index) => ({ ...value, number: keys[index]! }) as Waiting);
  isRead = true;
  for (const listener of listeners) listener();
  return waiting;
};

/** Behind all that waits. Throws where the device has no room. */
export const queue = async (item: QueuedItem): Promise<void> => {
  const db = await database();
  await db.add(STORE, {
    ...item,
    key: crypto.randomUUID(),
    queuedMs: Date.now(),
    refused: null,
  });
  await readOutbox();
};

export const takeOut = async (number: number): Promise<void> => {
  await (await database()).delete(STORE, number);
  await readOutbox();
};

/** What changed of one that waits: refused, or on a newer version. */
export const changeWaiting = async (
  item: Waiting,
  part: Partial<Pick<Waiting, 'refused' | 'key'>> & { readonly version?: number },
): Promise<void> => {
  const { number, ...value } = item;
  await (await database()).put(STORE, { ...value, ...part }, number);
  await readOutbox();
};

export const emptyOutbox = async (): Promise<void> => {
  if (!(await everWaited())) return;
  await (await database()).clear(STORE);
  await readOutbox();
};

/** As it was read last. */
export const outboxNow = (): readonly Waiting[] => waiting;

/** Whether something of this job waits: what comes after it waits too. */
export const waitsFor = async (jobId: number): Promise<boolean> =>
  (isRead ? waiting : await readOutbox()).some((each) => each.jobId === jobId);

const subscribe = (listener: () => void): (() => void) => {
  listeners.add(listener);
  if (!isRead) void readOutbox();
  return () => listeners.delete(listener);
};

export const useOutbox = (): readonly Waiting[] => useSyncExternalStore(subscribe, outboxNow);
