/** What this device keeps of the workshop, so that it opens and works without it; gone when somebody signs out. */
import type { Board } from '@patient-edge/contract';
import { emptyOutbox } from './outbox';

const RECORDS = 'records';

/** Only where the browser has one: on this machine itself, or over a secure line. */
export const canKeepCopy = (): boolean => 'serviceWorker' in navigator && 'caches' in globalThis;

/** What the bundler's plugin puts there. */
interface Registering {
  readonly registerSW: (options: {
    readonly immediate: boolean;
    readonly onNeedRefresh: () => void;
  }) => (reload: boolean) => Promise<void>;
}

/** Installs what opens the pages; `onNewer` hears when a newer application is there, and may take it. */
export const keepApplication = async (onNewer: (take: () => void) => void): Promise<void> => {
  if (!canKeepCopy()) return;
  const { registerSW } = (await import('virtual:pwa-register')) as Registering;
  const take = registerSW({ immediate: true, onNeedRefresh: () => onNewer(() => void take(true)) });
};

/** How far each blade was when this device read it. */
const read = new Map<number, string>();

const AT_WORK: readonly Board['jobs'][number]['stage'][] = ['planned', 'on the bench', 'testing'];

/** What a step wants besides its blade: stones, machines, steels, what is tested and what is known of faults. */
const TABLES = [
  'stones',
  'machines',
  'steels',
  'habits',
  'tests-in-use',
  'own-faults',
  'confirmed-causes',
  'devices',
] as const;
let areTablesRead = false;

/** Through the worker, which keeps it; false where the workshop did not answer. */
const readOne = async (path: string): Promise<boolean> => {
  try {
    const answer = await fetch(`/api/${path}`, { credentials: 'same-origin' });
    return answer.ok && !answer.headers.has('From-Device');
  } catch {
    // No connection: what was read before stays.
    return false;
  }
};

/**
 * Reads every blade that is worked or waits for it, one after another, so that each opens without the workshop. What has
 * not changed since is not read again.
 */
export const readAhead = async ({ jobs }: Board): Promise<void> => {
  if (!canKeepCopy() || navigator.serviceWorker.controller === null) return;
  if (!areTablesRead) {
    for (const table of TABLES) if (!(await readOne(table))) return;
    areTablesRead = true;
  }
  for (const { jobId, stage, stepsDone, sentBack } of jobs) {
    if (!AT_WORK.includes(stage)) continue;
    const now = `${stage} ${stepsDone} ${sentBack}`;
    if (read.get(jobId) === now) continue;
    if (!(await readOne(`jobs/${jobId}`))) return;
    read.set(jobId, now);
  }
};

/** Nothing of one person stays for the next. */
export const forgetCopy = async (): Promise<void> => {
  read.clear();
  areTablesRead = false;
  await emptyOutbox();
  if ('caches' in globalThis) await caches.delete(RECORDS);
};
