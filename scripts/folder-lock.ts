/**
 * One launcher a data folder. The lock is a socket without a file (Linux's abstract ones): the kernel lets it go with
 * its process, however that ended, and whoever comes second can ask it who holds the folder.
 */
import { createHash } from 'node:crypto';
import { realpath } from 'node:fs/promises';
import { connect, createServer } from 'node:net';
import { setTimeout as sleep } from 'node:timers/promises';
import { Trouble } from './say';

export interface Holder {
  readonly pid: number;
  /** Where the shop is open; null when it is not a shop that holds the folder. */
  readonly address: string | null;
}

const nameOf = async (folder: string): Promise<string> => {
  const whole = await realpath(folder);
  return `\0patient-edge ${createHash('sha256').update(whole).digest('hex').slice(0, 32)}`;
};

const ASK_MS = 2000;

/** Who holds it; null when they let go meanwhile or do not answer. */
const holderOf = (name: string): Promise<Holder | null> =>
  new Promise((resolve) => {
    let text = '';
    const socket = connect(name);
    socket.setEncoding('utf8');
    socket.setTimeout(ASK_MS, () => socket.destroy());
    socket.on('data', (piece: string) => {
      text += piece;
    });
    socket.on('error', () => socket.destroy());
    socket.on('close', () => {
      try {
        resolve(JSON.parse(text) as Holder);
      } catch {
        resolve(null);
      }
    });
  });

const inUse = (folder: string, holder: Holder | null): Trouble =>
  new Trouble(
    `${folder} is in use by another Patient Edge${holder ? ` (process ${holder.pid})` : ''}.`,
    holder?.address
      ? `Open ${holder.address}, or stop it with Ctrl-C where it was started.`
      : 'Wait until it is done, or stop it with Ctrl-C where it was started.',
  );

/** Takes the folder; gives what lets go of it. Throws Trouble that names the holder when somebody has it. */
export const lockFolder = async (
  folder: string,
  address: string | null,
): Promise<() => Promise<void>> => {
  const name = await nameOf(folder);
  const holder: Holder = { pid: process.pid, address };
  const server = createServer((socket) => {
    socket.on('error', () => socket.destroy());
    socket.end(JSON.stringify(holder));
  });
  try {
    await new Promise<void>((resolve, reject) => {
      server.once('error', reject);
      server.listen(name, resolve);
    });
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EADDRINUSE') throw error;
    throw inUse(folder, await holderOf(name));
  }
  // The lock alone keeps no process running.
  server.unref();
  return () => new Promise((resolve) => server.close(() => resolve()));
};

const TRY_EVERY_MS = 300;
const LONGEST_WAIT_MS = 300_000;

/** Runs `work` with the folder to itself, waiting for whoever has it. */
export const withFolder = async <T>(folder: string, work: () => Promise<T>): Promise<T> => {
  const until = Date.now() + LONGEST_WAIT_MS;
  for (;;) {
    let unlock: (() => Promise<void>) | null = null;
    try {
      unlock = await lockFolder(folder, null);
    } catch (error) {
      if (!(error instanceof Trouble) || Date.now() > until) throw error;
      await sleep(TRY_EVERY_MS);
      continue;
    }
    try {
      return await work();
    } finally {
      await unlock();
    }
  }
};
