/** A MariaDB of our own: in a folder of the checkout, on loopback, with its own port and socket. */
import { execFile, spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync } from 'node:fs';
import { chmod, mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import { connect } from 'node:net';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { promisify } from 'node:util';
import mysql, { type Connection } from 'mysql2/promise';
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
  readonly stop: () => Promise<void>;
  /** Kills the database as a power cut would; for tests. */
  readonly pullThePlug: () => Promise<void>;
}

export const APP_USER = 'patient_edge';
export const APP_DATABASE = 'patient_edge';
/** Rows, and the definitions that migrations make. */
const APP_RIGHTS = 'SELECT, INSERT, UPDATE, DELETE, CREATE, ALTER, INDEX, REFERENCES, DROP';
const START_TRIES = 300;
const STOP_TRIES = 300;

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

/** Socket paths are limited to about 100 bytes; a deep checkout gets a socket in the temporary folder. */
const socketFor = (folder: string, port: number): string => {
  const own = join(folder, 'run', 'm.sock');
  return own.length < 100 ? own : `/tmp/patient-edge-${process.getuid?.() ?? 0}-${port}.sock`;
};

/**
 * Starts the database of a data folder, making it first where it is missing. A server left over from an
 * earlier start of the same folder is used again; any other program on the port is Trouble.
 */
export const startDatabase = async (folder: string, port: number): Promise<Database> => {
  const data = join(folder, 'data');
  const runFolder = join(folder, 'run');
  await mkdir(runFolder, { recursive: true });
  const secrets = await readSecrets(folder);
  const socketPath = socketFor(folder, port);
  const pidFile = join(runFolder, 'm.pid');
  const errorLog = join(runFolder, 'err.log');

  const pid = await runningPid(pidFile);
  if (pid !== null && !(await portIsTaken(port))) {
    throw new Trouble(
      `The database of ${folder} is already running on another port (process ${pid}).`,
      `Stop it with "kill ${pid}", or start with the port it had.`,
    );
  }
  if (pid !== null) {
    say(`  MariaDB of this folder was still running (process ${pid}); using it`);
  } else {
    if (await portIsTaken(port)) {
      throw new Trouble(
        `Port ${port} on 127.0.0.1 is taken by another program.`,
        `Stop that program, or choose another port: PATIENT_EDGE_DATABASE_PORT=${port + 10} ./patient-edge …`,
      );
    }
    // A first start that was cut short leaves a folder that is no database.
    if (!existsSync(join(folder, 'data-ready'))) {
      say('  making the database folder');
      await rm(data, { recursive: true, force: true });
      await run('mariadb-install-db', [
        '--no-defaults',
        ...asRootArgs(),
        `--datadir=${data}`,
        '--auth-root-authentication-method=normal',
        '--skip-test-db',
      ]);
      await writeFile(join(folder, 'data-ready'), '');
    }
    // In a process group of its own, so that Ctrl-C reaches it only through us, after the server.
    const child = spawn(
      existsSync('/usr/sbin/mariadbd') ? '/usr/sbin/mariadbd' : 'mariadbd',
      [
        '--no-defaults',
        ...asRootArgs(),
        `--datadir=${data}`,
        `--socket=${socketPath}`,
        `--port=${port}`,
        '--bind-address=127.0.0.1',
        `--pid-file=${pidFile}`,
        `--log-error=${errorLog}`,
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
    for (let attempt = 0; !(await portIsTaken(port)); attempt += 1) {
      if (exited || attempt > START_TRIES) {
        throw new Trouble(
          `MariaDB did not start. Its log ends:\n${await tail(errorLog)}`,
          `Look at ${errorLog}.`,
        );
      }
      await sleep(100);
    }
  }

  const asRoot = async (): Promise<Connection> => {
    const open = (password: string): Promise<Connection> =>
      mysql.createConnection({ socketPath, user: 'root', password });
    // Until its first start is through, root has no password.
    return open(secrets.rootPassword).catch(() => open(''));
  };
  const root = await asRoot();
  const quoted = (text: string): string => root.escape(text);
  await root.query(`ALTER USER root@localhost IDENTIFIED BY ${quoted(secrets.rootPassword)}`);
  await root.query(
    `CREATE OR REPLACE USER ${APP_USER}@'127.0.0.1' IDENTIFIED BY ${quoted(secrets.appPassword)}`,
  );
  await root.query(`CREATE DATABASE IF NOT EXISTS ${APP_DATABASE}`);
  await root.query(`GRANT ${APP_RIGHTS} ON \`${APP_DATABASE}%\`.* TO ${APP_USER}@'127.0.0.1'`);
  await root.end();

  return {
    port,
    secrets,
    asRoot,
    stop: async () => {
      const now = await runningPid(pidFile);
      if (now === null) return;
      process.kill(now, 'SIGTERM');
      for (let attempt = 0; isAlive(now) && attempt < STOP_TRIES; attempt += 1) await sleep(100);
    },
    pullThePlug: async () => {
      const now = await runningPid(pidFile);
      if (now === null) return;
      process.kill(now, 'SIGKILL');
      for (let attempt = 0; isAlive(now) && attempt < STOP_TRIES; attempt += 1) await sleep(20);
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
