/** A shop of its own for a test: the built server on a fresh database, to be killed and started again. */
import { fork, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import mysql from 'mysql2/promise';
import { startDatabase, type Database } from '../../scripts/database';
import { dataFolder, SERVER_ENTRY } from '../../scripts/paths';

const wanted = (name: string): string => {
  const value = process.env[name];
  if (value === undefined) throw new Error(`${name} is not set; run ./patient-edge test browser`);
  return value;
};

export class RunningShop {
  private server: ChildProcess | null = null;
  private log = '';

  private constructor(
    readonly mode: 'demo' | 'shop',
    private readonly databaseName: string,
    private readonly port: number,
  ) {}

  /** Opens an empty database under its own name and starts the server on it. */
  static async open(mode: 'demo' | 'shop', port: number): Promise<RunningShop> {
    const name = `patient_edge_browser_${port}`;
    const connection = await mysql.createConnection({
      host: '127.0.0.1',
      port: Number(wanted('DATABASE_PORT')),
      user: wanted('DATABASE_USER'),
      password: wanted('DATABASE_PASSWORD'),
    });
    await connection.query(`DROP DATABASE IF EXISTS ${name}`);
    await connection.query(`CREATE DATABASE ${name}`);
    await connection.end();
    const shop = new RunningShop(mode, name, port);
    await shop.start();
    return shop;
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
        DATABASE_NAME: this.databaseName,
        PATIENT_EDGE_MODE: this.mode,
        PORT: String(this.port),
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
    const folder = dataFolder('test');
    const port = Number(wanted('DATABASE_PORT'));
    const database: Database = await startDatabase(folder, port);
    await this.kill();
    await database.pullThePlug();
    await startDatabase(folder, port);
    await this.start();
  }
}
