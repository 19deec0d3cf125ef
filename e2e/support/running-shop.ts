/** A shop of its own for a test: the built server on a fresh database, to be killed and started again. */
import { fork, spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { existsSync } from 'node:fs';
import { open, rm } from 'node:fs/promises';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import {
  databaseEnvironment,
  portIsTaken,
  startDatabase,
  type Database,
} from '../../scripts/database';
import { dataFolder, SERVER_ENTRY } from '../../scripts/paths';

const wanted = (name: string): string => {
  const value = process.env[name];
  if (value === undefined) throw new Error(`${name} is not set; run ./patient-edge test browser`);
  return value;
};

/** Files side by side, each with ports of its own; what runs before them all has the last ones. */
const FIRST_PORT = 5100;
const PORTS_EACH = 40;
const MOST_SIDE_BY_SIDE = 8;
let opened = 0;
const ownPort = async (): Promise<number> => {
  const side = Number(process.env['TEST_PARALLEL_INDEX'] ?? MOST_SIDE_BY_SIDE);
  const port = FIRST_PORT + PORTS_EACH * side + (opened % PORTS_EACH);
  opened += 1;
  return (await portIsTaken(port)) ? ownPort() : port;
};

/** A database that may lose its power stands apart from the one the other tests share. */
const POWER_CUT_PORT = 3329;
const startOwnDatabase = (): Promise<Database> =>
  startDatabase(dataFolder('power-cut'), POWER_CUT_PORT);

/** The demo as it is when it was just loaded. */
export const DEMO_DUMP = join(dataFolder('test'), 'demo.sql');

type Address = Readonly<Record<string, string>>;

const inOrder = async (address: Address, ...statements: readonly string[]): Promise<void> => {
  const connection = await mysql.createConnection({
    host: '127.0.0.1',
    port: Number(address['DATABASE_PORT']),
    user: address['DATABASE_USER']!,
    password: address['DATABASE_PASSWORD']!,
  });
  for (const statement of statements) await connection.query(statement);
  await connection.end();
};
const dropDatabase = (name: string): string => `DROP DATABASE IF EXISTS ${name}`;

const client = (address: Address, ...rest: readonly string[]): string[] => [
  '--no-defaults',
  '--host=127.0.0.1',
  `--port=${address['DATABASE_PORT']!}`,
  `--user=${address['DATABASE_USER']!}`,
  `--password=${address['DATABASE_PASSWORD']!}`,
  ...rest,
];

const ended = async (child: ChildProcess, what: string): Promise<void> => {
  const [code] = (await once(child, 'close')) as [number | null];
  if (code !== 0) throw new Error(`${what} ended with ${code}`);
};

/** Fills an empty database with the demo. */
const readDump = async (address: Address, name: string): Promise<void> => {
  const dump = await open(DEMO_DUMP);
  const child = spawn('mariadb', client(address, name), { stdio: [dump.fd, 'ignore', 'inherit'] });
  await ended(child, 'Reading the demo');
  await dump.close();
};

/** Keeps what is in a database for `readDump`. */
const writeDump = async (address: Address, name: string): Promise<void> => {
  const dump = await open(DEMO_DUMP, 'w');
  const child = spawn(
    'mariadb-dump',
    client(address, '--skip-lock-tables', '--skip-add-locks', name),
    {
      stdio: ['ignore', dump.fd, 'inherit'],
    },
  );
  await ended(child, 'Writing the demo');
  await dump.close();
};

export class RunningShop {
  private server: ChildProcess | null = null;
  private log = '';

  private constructor(
    readonly mode: 'demo' | 'shop',
    readonly databaseName: string,
    private readonly port: number,
    private own: Database | null,
  ) {}

  /** Opens an empty database under its own name and starts the server on it. */
  static async open(mode: 'demo' | 'shop', { mayLosePower = false } = {}): Promise<RunningShop> {
    const port = await ownPort();
    const name = `patient_edge_browser_${port}`;
    const own = mayLosePower ? await startOwnDatabase() : null;
    const shop = new RunningShop(mode, name, port, own);
    const address = shop.databaseSettings();
    await inOrder(address, dropDatabase(name), `CREATE DATABASE ${name}`);
    // The demo is loaded once, in `demo-once.ts`; everybody else begins with a copy of it.
    if (mode === 'demo' && existsSync(DEMO_DUMP)) await readDump(address, name);
    await rm(shop.tray, { recursive: true, force: true });
    await shop.start();
    return shop;
  }

  private databaseSettings(): Record<string, string> {
    if (this.own) return databaseEnvironment(this.own, this.databaseName);
    const shared = Object.fromEntries(
      ['DATABASE_PORT', 'DATABASE_USER', 'DATABASE_PASSWORD', 'SESSION_SECRET'].map((name) => [
        name,
        wanted(name),
      ]),
    );
    return { ...shared, DATABASE_NAME: this.databaseName };
  }

  /** What its label printer prints lies here. */
  private get tray(): string {
    return join(dataFolder('test'), `labels-${this.port}`);
  }

  get address(): string {
    return `http://127.0.0.1:${this.port}`;
  }

  /** What the server logged, for a test that wants to know that nothing unexpected happened. */
  get logged(): string {
    return this.log;
  }

  async start(): Promise<void> {
    const server = fork(SERVER_ENTRY, {
      stdio: ['ignore', 'ignore', 'pipe', 'ipc'],
      env: {
        ...process.env,
        ...this.databaseSettings(),
        PATIENT_EDGE_MODE: this.mode,
        PATIENT_EDGE_LABELS: this.tray,
        PORT: String(this.port),
        // What went well is not written down: only what did not is looked at.
        LOG_LEVEL: 'warn',
      },
    });
    this.server = server;
    server.stderr?.on('data', (chunk: Buffer) => {
      this.log += chunk.toString();
    });
    await Promise.race([
      once(server, 'message'),
      once(server, 'exit').then(() => {
        throw new Error(`The server ended at its start:\n${this.log.slice(-2000)}`);
      }),
    ]);
  }

  /** Keeps this shop as it is now as the one that others begin with. */
  keepAsDemo(): Promise<void> {
    return writeDump(this.databaseSettings(), this.databaseName);
  }

  /** As a power cut would: nothing is asked, nothing is finished. */
  async kill(): Promise<void> {
    if (!this.server) return;
    const gone = once(this.server, 'exit');
    this.server.kill('SIGKILL');
    await gone;
    this.server = null;
  }

  async killAndRestart(): Promise<void> {
    await this.kill();
    await this.start();
  }

  /** Server and database both lose their power, and come back. */
  async powerCut(): Promise<void> {
    if (!this.own) throw new Error('Only a shop with its own database may lose its power');
    await this.kill();
    await this.own.pullThePlug();
    this.own = await startOwnDatabase();
    await this.start();
  }

  /** Ends the test: the server and its database. */
  async close(): Promise<void> {
    await this.kill();
    if (this.own) await this.own.stop();
    else await inOrder(this.databaseSettings(), dropDatabase(this.databaseName));
  }
}
