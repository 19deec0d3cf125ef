/** `demo` and `start`: database, build and server in one, until Ctrl-C. */
import { fork } from 'node:child_process';
import { chmod, mkdir } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { parseArgs } from 'node:util';
import { buildApart } from './build';
import {
  APP_DATABASE,
  databaseEnvironment,
  portIsTaken,
  startDatabase,
  type Database,
} from './database';
import { dataFolder, SERVER_ENTRY } from './paths';
import { runOrExplain, say, Trouble } from './say';
import { openServerLog, SERVER_LOG } from './server-log';

const DEFAULT_PORTS = { demo: { web: 4870, database: 3317 }, shop: { web: 4880, database: 3318 } };

const portFrom = (text: string | undefined, fallback: number, name: string): number => {
  if (text === undefined) return fallback;
  const port = Number(text);
  if (!Number.isInteger(port) || port < 1024 || port > 65535) {
    throw new Trouble(
      `${name} must be a port from 1024 to 65535; "${text}" was given.`,
      'Give another port.',
    );
  }
  return port;
};

const readArguments = () => {
  try {
    return parseArgs({
      args: process.argv.slice(2),
      allowPositionals: true,
      options: { fresh: { type: 'boolean', default: false }, port: { type: 'string' } },
    });
  } catch (error) {
    throw new Trouble(
      error instanceof Error ? error.message : String(error),
      'Usage: ./patient-edge demo [--fresh] [--port N], or ./patient-edge start [--port N]',
    );
  }
};

const emptyDatabase = async (database: Database): Promise<void> => {
  const root = await database.asRoot();
  await root.query(`DROP DATABASE IF EXISTS ${APP_DATABASE}`);
  await root.query(`CREATE DATABASE ${APP_DATABASE}`);
  await root.end();
  say('  emptied; the demo is loaded afresh');
};

/** The server until it ends or is asked to; gives its exit code. */
const runServer = async (
  mode: 'demo' | 'shop',
  port: number,
  folder: string,
  database: Database,
): Promise<number> => {
  const log = await openServerLog(folder);
  const server = fork(SERVER_ENTRY, {
    // Out of the terminal's group: Ctrl-C comes through us, so that both stop in order.
    detached: true,
    stdio: ['ignore', 'pipe', 'pipe', 'ipc'],
    env: {
      ...process.env,
      ...databaseEnvironment(database),
      PATIENT_EDGE_MODE: mode,
      PATIENT_EDGE_DEMO_PAST: 'years',
      PATIENT_EDGE_LABELS: join(folder, 'labels'),
      PORT: String(port),
    },
  });
  server.stdout?.pipe(log);
  server.stderr?.pipe(log);
  server.once('message', () => {
    say(`\nPatient Edge is open at http://127.0.0.1:${port}\nCtrl-C closes it.\n`);
  });
  const ask = (): void => {
    server.kill('SIGTERM');
  };
  process.on('SIGINT', ask);
  process.on('SIGTERM', ask);
  process.on('SIGHUP', ask);
  return new Promise<number>((resolve) => {
    server.once('exit', (exitCode) => resolve(exitCode ?? 1));
  });
};

const serve = async (): Promise<number> => {
  const { values, positionals } = readArguments();
  const mode = positionals[0] === 'demo' ? 'demo' : 'shop';
  if (values.fresh && mode === 'shop') {
    throw new Trouble('--fresh would empty a real shop.', 'It works with the demo only.');
  }
  const ports = DEFAULT_PORTS[mode];
  const port = portFrom(values.port ?? process.env['PORT'], ports.web, 'The port');
  const databasePort = portFrom(
    process.env['PATIENT_EDGE_DATABASE_PORT'],
    ports.database,
    'PATIENT_EDGE_DATABASE_PORT',
  );
  if (await portIsTaken(port)) {
    throw new Trouble(
      `Port ${port} on 127.0.0.1 is taken: perhaps the shop is already open there.`,
      `Look at http://127.0.0.1:${port}, stop it with Ctrl-C where it was started, or choose another: --port ${port + 1}`,
    );
  }
  const folder = dataFolder(mode);
  await mkdir(folder, { recursive: true, mode: 0o700 });
  await chmod(dirname(folder), 0o700);

  say('Database');
  const database = await startDatabase(folder, databasePort, {
    address: `http://127.0.0.1:${port}`,
  });
  try {
    say(`  MariaDB on 127.0.0.1:${databasePort}`);
    if (values.fresh) await emptyDatabase(database);
    say('Build');
    await buildApart();
    say('Server');
    const code = await runServer(mode, port, folder, database);
    if (code !== 0) {
      throw new Trouble('The server stopped by itself.', `Look at ${join(folder, SERVER_LOG)}.`);
    }
  } finally {
    say('Closing');
    await database.stop();
  }
  return 0;
};

runOrExplain(serve);
