/** A MariaDB of our own: in a folder of the checkout, on loopback, with its own port and socket. */
import { execFile, spawn } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import { existsSync } from 'node:fs';
import { chmod, lstat, mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import { connect } from 'node:net';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { promisify } from 'node:util';
import mysql, { type Connection } from 'mysql2/promise';
import { lockFolder } from './folder-lock';
import { say, Trouble } from './say';

const run = promisify(execFile);

export interface Secrets {
  readonly rootPassword: string;
  readonly appPassword: string;
  readonly sessionSecret: string;
}

export interface Database {
  readonly port: number;
  readonly secrets: Secrets;
  /** A connection with all rights, over the socket. */
  readonly asRoot: () => Promise<Connection>;
  /** Stops it in order and lets go of the folder. */
  readonly stop: () => Promise<void>;
  /** Kills the database as a power cut would; for tests. */
  readonly pullThePlug: () => Promise<void>;
}

export const APP_USER = 'patient_edge';
export const APP_DATABASE = 'patient_edge';
/** Rows, and the definitions that migrations make. */
const APP_RIGHTS =
  'SELECT, INSERT, UPDATE, DELETE, CREATE, ALTER, INDEX, TRIGGER, REFERENCES, DROP';
const START_TRIES = 300;
const STOP_TRIES = 300;
/** How often it is looked after, and how many restarts in a row are still bad luck. */
const LOOK_EVERY_MS = 500;
const MOST_RESTARTS = 5;
const RESTARTS_WITHIN_MS = 60_000;

const readSecrets = async (folder: string): Promise<Secrets> => {
  const file = join(folder, 'secrets.json');
  if (existsSync(file)) return JSON.parse(await readFile(file, 'utf8')) as Secrets;
  const secret = (): string => randomBytes(24).toString('hex');
  const secrets: Secrets = {
    rootPassword: secret(),
    appPassword: secret(),
    sessionSecret: secret(),
  };
  await writeFile(file, JSON.stringify(secrets), { mode: 0o600 });
  await chmod(file, 0o600);
  return secrets;
};

/** Whether anything listens on that port of the loopback. */
export const portIsTaken = (port: number): Promise<boolean> =>
  new Promise((resolve) => {
    const socket = connect({ host: '127.0.0.1', port });
    socket.once('connect', () => {
      socket.destroy();
      resolve(true);
    });
    socket.once('error', () => resolve(false));
  });

const isAlive = (pid: number): boolean => {
  try {
    process.kill(pid, 0);
    return true;
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
};

/** The process in a pid file, if it is alive and still a database server. */
const runningPid = async (pidFile: string): Promise<number | null> => {
  if (!existsSync(pidFile)) return null;
  const pid = Number((await readFile(pidFile, 'utf8')).trim());
  if (!Number.isInteger(pid) || pid <= 0 || !isAlive(pid)) return null;
  const name = await readFile(`/proc/${pid}/comm`, 'utf8').catch(() => '');
  return /^(mariadbd|mysqld)/.test(name) ? pid : null;
};

const asRootArgs = (): string[] => (process.getuid?.() === 0 ? ['--user=root'] : []);

const tail = async (file: string): Promise<string> => {
  if (!existsSync(file)) return '';
  return (await readFile(file, 'utf8')).trim().split('\n').slice(-6).join('\n');
};

const ONLY_OURS = 0o700;

/** A folder that nobody else can look into. Throws Trouble where somebody else's stands in its place. */
const privateFolder = async (folder: string): Promise<string> => {
  await mkdir(folder, { recursive: true, mode: ONLY_OURS });
  const found = await lstat(folder);
  if (!found.isDirectory() || found.uid !== (process.getuid?.() ?? found.uid)) {
    throw new Trouble(`${folder} belongs to somebody else.`, 'Remove it, then start again.');
  }
  await chmod(folder, ONLY_OURS);
  return folder;
};

/** Socket paths are limited to about 100 bytes; a deep checkout gets a folder for it in the temporary one. */
const socketFor = async (folder: string): Promise<string> => {
  const own = join(folder, 'run', 'm.sock');
  if (own.length < 100) return own;
  const digest = createHash('sha256').update(folder).digest('hex').slice(0, 16);
  const short = await privateFolder(`/tmp/patient-edge-${process.getuid?.() ?? 0}-${digest}`);
  return join(short, 'm.sock');
};

interface Place {
  readonly folder: string;
  readonly data: string;
  readonly socketPath: string;
  readonly pidFile: string;
  readonly errorLog: string;
  /** Its own: a server clears what others left in a shared one when it starts, and may be wrong about that. */
  readonly temporary: string;
}

/**
 * For a database that nobody misses after a power cut: what is written is not waited for to reach the disk. A killed
 * server still loses nothing of what it said is kept; a machine that goes dark does. What another version does not know is
 * passed over.
 */
const THROWAWAY = [
  '--innodb-flush-method=nosync',
  '--innodb-flush-log-at-trx-commit=2',
  '--loose-skip-innodb-doublewrite',
  '--loose-skip-sync-frm',
  '--loose-debug-no-sync',
];

const NO_NETWORK = ['--skip-networking'];
const networkOn = (port: number): string[] => [`--port=${port}`, '--bind-address=127.0.0.1'];

interface StartOptions {
  /** Where the shop is open, for whoever is told that the folder is taken. */
  readonly address?: string;
  readonly isThrowaway?: boolean;
}

const answers = async ({ socketPath }: Place, password: string): Promise<boolean> => {
  try {
    const connection = await mysql.createConnection({ socketPath, user: 'root', password });
    await connection.end();
    return true;
  } catch (error) {
    // Refused by a server is an answer too.
    return (error as NodeJS.ErrnoException).code === 'ER_ACCESS_DENIED_ERROR';
  }
};

/** Runs the database server of a folder and waits until it answers on its socket. */
const launch = async (
  place: Place,
  password: string,
  settings: readonly string[],
): Promise<void> => {
  // In a process group of its own, so that Ctrl-C reaches it only through us, after the server.
  const child = spawn(
    existsSync('/usr/sbin/mariadbd') ? '/usr/sbin/mariadbd' : 'mariadbd',
    [
      '--no-defaults',
      ...asRootArgs(),
      `--datadir=${place.data}`,
      `--socket=${place.socketPath}`,
      ...settings,
      `--pid-file=${place.pidFile}`,
      `--log-error=${place.errorLog}`,
      `--tmpdir=${place.temporary}`,
      // A shop's customers, telephones and open blades stay in memory, however many plans lie behind them.
      '--innodb-buffer-pool-size=384M',
      '--skip-name-resolve',
      '--character-set-server=utf8mb4',
      '--collation-server=utf8mb4_unicode_ci',
      '--default-time-zone=+00:00',
    ],
    { detached: true, stdio: 'ignore' },
  );
  child.unref();
  let exited = false;
  child.once('exit', () => {
    exited = true;
  });
  for (let attempt = 0; !(await answers(place, password)); attempt += 1) {
    if (exited || attempt > START_TRIES) {
      throw new Trouble(
        `MariaDB did not start. Its log ends:\n${await tail(place.errorLog)}`,
        `Look at ${place.errorLog}.`,
      );
    }
    await sleep(100);
  }
};

const end = async (
  { pidFile }: Place,
  signal: 'SIGTERM' | 'SIGKILL',
  everyMs: number,
): Promise<void> => {
  const pid = await runningPid(pidFile);
  if (pid === null) return;
  process.kill(pid, signal);
  for (let attempt = 0; isAlive(pid) && attempt < STOP_TRIES; attempt += 1) await sleep(everyMs);
};

/**
 * Makes the database of a folder. Until root has a password it listens on no port, and on a socket in a folder of ours
 * alone. One that was cut short is made anew.
 */
const makeDatabase = async (place: Place, secrets: Secrets): Promise<void> => {
  say('  making the database folder');
  await rm(place.data, { recursive: true, force: true });
  await run('mariadb-install-db', [
    '--no-defaults',
    ...asRootArgs(),
    `--datadir=${place.data}`,
    '--auth-root-authentication-method=normal',
    '--skip-test-db',
  ]);
  await launch(place, '', NO_NETWORK);
  const root = await mysql.createConnection({ socketPath: place.socketPath, user: 'root' });
  await root.query(`ALTER USER root@localhost IDENTIFIED BY ${root.escape(secrets.rootPassword)}`);
  await dropOtherRoots(root);
  await root.end();
  await end(place, 'SIGTERM', 100);
  await writeFile(join(place.folder, 'data-ready'), '');
};

/** Installing makes root under several names of this machine, none with a password: one stays, and nobody unnamed. */
const dropOtherRoots = async (root: Connection): Promise<void> => {
  const [rows] = await root.query(
    "SELECT User AS user, Host AS host FROM mysql.user WHERE (User = 'root' AND Host <> 'localhost') OR User = ''",
  );
  for (const { user, host } of rows as { user: string; host: string }[])
    await root.query(`DROP USER IF EXISTS ${root.escape(user)}@${root.escape(host)}`);
};

/** The application's user and database, made where they are missing; its password set anew where it is another. */
const ensureUser = async (root: Connection, port: number, secrets: Secrets): Promise<void> => {
  const password = root.escape(secrets.appPassword);
  const user = `${APP_USER}@'127.0.0.1'`;
  await root.query(`CREATE DATABASE IF NOT EXISTS ${APP_DATABASE}`);
  await root.query(`CREATE USER IF NOT EXISTS ${user} IDENTIFIED BY ${password}`);
  await root.query(`GRANT ${APP_RIGHTS} ON \`${APP_DATABASE}%\`.* TO ${user}`);
  try {
    const asApp = await mysql.createConnection({
      host: '127.0.0.1',
      port,
      user: APP_USER,
      password: secrets.appPassword,
    });
    await asApp.end();
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'ER_ACCESS_DENIED_ERROR') throw error;
    await root.query(`ALTER USER ${user} IDENTIFIED BY ${password}`);
  }
};

/** Looks after the server and starts it again when it ended by itself; gives what ends the looking. */
const supervise = (
  place: Place,
  secrets: Secrets,
  settings: readonly string[],
): (() => Promise<void>) => {
  let watching = true;
  let restarts: number[] = [];
  let looking: Promise<void> = Promise.resolve();
  const look = async (): Promise<void> => {
    if (!watching || (await runningPid(place.pidFile)) !== null) return;
    const now = Date.now();
    restarts = [...restarts.filter((at) => now - at < RESTARTS_WITHIN_MS), now];
    if (restarts.length > MOST_RESTARTS) {
      watching = false;
      say(`  MariaDB keeps ending; it is not started again. Look at ${place.errorLog}.`);
      return;
    }
    say('  MariaDB ended by itself; starting it again');
    await launch(place, secrets.rootPassword, settings);
  };
  const timer = setInterval(() => {
    looking = looking.then(look).catch((error: unknown) => {
      say(
        `  MariaDB could not be started again: ${error instanceof Error ? error.message : String(error)}`,
      );
    });
  }, LOOK_EVERY_MS);
  timer.unref();
  return async () => {
    watching = false;
    clearInterval(timer);
    await looking;
  };
};

/**
 * Starts the database of a data folder, making it first where it is missing, and looks after it until it is stopped.
 * The folder is locked meanwhile: a second start of it is Trouble that says who has it, and touches nothing. A server
 * left over from an earlier start of the same folder is used again; any other program on the port is Trouble.
 */
export const startDatabase = async (
  folder: string,
  port: number,
  { address, isThrowaway = false }: StartOptions = {},
): Promise<Database> => {
  await privateFolder(folder);
  const unlock = await lockFolder(folder, address ?? null);
  try {
    return await startLocked(folder, port, isThrowaway ? THROWAWAY : [], unlock);
  } catch (error) {
    await unlock();
    throw error;
  }
};

const startLocked = async (
  folder: string,
  port: number,
  settings: readonly string[],
  unlock: () => Promise<void>,
): Promise<Database> => {
  const atWork = [...networkOn(port), ...settings];
  const runFolder = await privateFolder(join(folder, 'run'));
  const secrets = await readSecrets(folder);
  const place: Place = {
    folder,
    data: join(folder, 'data'),
    socketPath: await socketFor(folder),
    pidFile: join(runFolder, 'm.pid'),
    errorLog: join(runFolder, 'err.log'),
    temporary: await privateFolder(join(runFolder, 'tmp')),
  };
  const pid = await runningPid(place.pidFile);
  const taken = await portIsTaken(port);
  if (pid !== null && !taken) {
    throw new Trouble(
      `The database of ${folder} is already running on another port (process ${pid}).`,
      `Stop it with "kill ${pid}", or start with the port it had.`,
    );
  }
  if (pid === null && taken) {
    throw new Trouble(
      `Port ${port} on 127.0.0.1 is taken by another program.`,
      `Stop that program, or choose another port: PATIENT_EDGE_DATABASE_PORT=${port + 10} ./patient-edge …`,
    );
  }
  if (pid !== null) {
    say(`  MariaDB of this folder was still running (process ${pid}); using it`);
  } else {
    if (!existsSync(join(folder, 'data-ready'))) await makeDatabase(place, secrets);
    await launch(place, secrets.rootPassword, atWork);
  }
  const asRoot = (): Promise<Connection> =>
    mysql.createConnection({
      socketPath: place.socketPath,
      user: 'root',
      password: secrets.rootPassword,
    });
  const root = await asRoot();
  await dropOtherRoots(root);
  await ensureUser(root, port, secrets);
  await root.end();
  const endWatch = supervise(place, secrets, atWork);
  return {
    port,
    secrets,
    asRoot,
    stop: async () => {
      await endWatch();
      await end(place, 'SIGTERM', 100);
      await unlock();
    },
    pullThePlug: async () => {
      await endWatch();
      await end(place, 'SIGKILL', 20);
      await unlock();
    },
  };
};

/** What the server needs to know of a database, as environment. */
export const databaseEnvironment = (
  { port, secrets }: Database,
  name = APP_DATABASE,
): Record<string, string> => ({
  DATABASE_PORT: String(port),
  DATABASE_USER: APP_USER,
  DATABASE_PASSWORD: secrets.appPassword,
  DATABASE_NAME: name,
  SESSION_SECRET: secrets.sessionSecret,
});
