/** What starts the shop: one at a time on a data folder, and a database that is looked after. */
import { expect, test } from '@playwright/test';
import { fork, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { chmod, mkdtemp, readdir, readFile, rm, stat, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import mysql from 'mysql2/promise';
import { databaseEnvironment, startDatabase, type Database } from '../scripts/database';
import { dataFolder, SERVER_ENTRY } from '../scripts/paths';
import { openServerLog } from '../scripts/server-log';

const FOLDER = dataFolder('launcher');
const PORT = 3339;
let database: Database;

test.beforeAll(async () => {
  await rm(FOLDER, { recursive: true, force: true });
  database = await startDatabase(FOLDER, PORT, { address: 'http://127.0.0.1:4999' });
});
test.afterAll(() => database.stop());

const pidOfDatabase = async (): Promise<number> =>
  Number((await readFile(join(FOLDER, 'run', 'm.pid'), 'utf8')).trim());

test('a second start on the same folder says who has it, and touches nothing', async () => {
  const pid = await pidOfDatabase();
  await expect(startDatabase(FOLDER, PORT + 1)).rejects.toMatchObject({
    message: expect.stringContaining(`process ${process.pid}`) as unknown as string,
    remedy: expect.stringContaining('http://127.0.0.1:4999') as unknown as string,
  });
  expect(await pidOfDatabase()).toBe(pid);
});

test('what it holds is for its own user alone', async () => {
  for (const [path, mode] of [
    ['', 0o700],
    ['run', 0o700],
    ['secrets.json', 0o600],
  ] as const) {
    expect((await stat(join(FOLDER, path))).mode & 0o777).toBe(mode);
  }
  for (const user of ['root', 'patient_edge']) {
    await expect(
      mysql.createConnection({ host: '127.0.0.1', port: PORT, user, password: '' }),
    ).rejects.toThrow();
  }
});

test('a database that was killed is started again, and its user is the one it had', async () => {
  const madeAt = async (): Promise<unknown> => {
    const root = await database.asRoot();
    const [rows] = await root.query(
      "SELECT authentication_string AS held FROM mysql.user WHERE User = 'patient_edge'",
    );
    await root.end();
    return rows;
  };
  const before = await madeAt();
  const pid = await pidOfDatabase();
  process.kill(pid, 'SIGKILL');
  await expect
    .poll(async () => {
      try {
        return (await pidOfDatabase()) !== pid && JSON.stringify(await madeAt());
      } catch {
        return false;
      }
    })
    .toBe(JSON.stringify(before));
});

test('three servers at once on an empty database all open, and the demo is loaded once', async () => {
  const name = 'patient_edge_three';
  const root = await database.asRoot();
  await root.query(`DROP DATABASE IF EXISTS ${name}`);
  await root.query(`CREATE DATABASE ${name}`);
  const servers = [5081, 5082, 5083].map((port): ChildProcess =>
    fork(SERVER_ENTRY, {
      stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
      env: {
        ...process.env,
        ...databaseEnvironment(database, name),
        PATIENT_EDGE_MODE: 'demo',
        PATIENT_EDGE_LABELS: join(FOLDER, 'labels'),
        PORT: String(port),
      },
    }),
  );
  try {
    const opened = await Promise.all(
      servers.map((server) =>
        Promise.race([
          once(server, 'message').then(() => 'open'),
          once(server, 'exit').then(() => 'ended'),
        ]),
      ),
    );
    expect(opened).toEqual(['open', 'open', 'open']);
    const [people] = await root.query(`SELECT COUNT(*) AS n FROM ${name}.staff`);
    expect(people).toEqual([{ n: 3 }]);
  } finally {
    for (const server of servers) server.kill('SIGKILL');
    await root.end();
  }
});

test('what the server says is kept in a few files, for their owner alone', async () => {
  const folder = await mkdtemp(join(tmpdir(), 'server-log-'));
  // One from before, open to everybody.
  await writeFile(join(folder, 'server.log'), 'an older line\n');
  await chmod(join(folder, 'server.log'), 0o644);
  const log = await openServerLog(folder, '8K');
  for (let line = 0; line < 60; line += 1)
    await new Promise((resolve) => log.write(`${line} ${'x'.repeat(1000)}\n`, resolve));
  await new Promise<void>((resolve) => log.end(() => resolve()));
  const kept = (await readdir(folder)).filter((name) => /server\.log$/.test(name));
  expect(kept.length).toBeGreaterThan(2);
  expect(kept.length).toBeLessThanOrEqual(6);
  for (const name of kept) expect((await stat(join(folder, name))).mode & 0o777, name).toBe(0o600);
  await rm(folder, { recursive: true });
});
