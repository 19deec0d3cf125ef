import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Pool } from 'mysql2/promise';
import { emptyDatabase } from '../../test/test-shop';
import { migrate } from './migrate';
import { change, inTransaction, select } from './pool';

let pool: Pool;
let folder: string;
beforeEach(async () => {
  pool = await emptyDatabase('migrate');
  folder = await mkdtemp(join(tmpdir(), 'migrations-'));
  await writeFile(
    join(folder, '001_first.sql'),
    'CREATE TABLE IF NOT EXISTS first (id INT NOT NULL PRIMARY KEY) ENGINE=InnoDB;\nINSERT IGNORE INTO first VALUES (1);\n',
  );
});
afterEach(async () => {
  await pool.end();
  await rm(folder, { recursive: true });
});

describe('migrations', () => {
  test('are applied once and in order', async () => {
    await writeFile(join(folder, '002_second.sql'), 'INSERT INTO first VALUES (2);\n');
    expect(await migrate(pool, folder)).toEqual(['001_first.sql', '002_second.sql']);
    expect(await migrate(pool, folder)).toEqual([]);
    expect(await select(pool, 'SELECT id FROM first ORDER BY id')).toEqual([{ id: 1 }, { id: 2 }]);
  });

  test('two servers starting at once apply them once', async () => {
    const done = await Promise.all([migrate(pool, folder), migrate(pool, folder)]);
    expect(done.flat()).toEqual(['001_first.sql']);
  });

  test('one that was changed afterwards is refused by name', async () => {
    await migrate(pool, folder);
    await writeFile(
      join(folder, '001_first.sql'),
      'CREATE TABLE other (id INT NOT NULL PRIMARY KEY);\n',
    );
    await expect(migrate(pool, folder)).rejects.toThrow('001_first.sql was changed');
  });

  test('one cut short is simply run again', async () => {
    await writeFile(
      join(folder, '002_second.sql'),
      'INSERT INTO first VALUES (2);\nINSERT INTO nowhere VALUES (1);\n',
    );
    await expect(migrate(pool, folder)).rejects.toThrow('nowhere');
    await writeFile(join(folder, '002_second.sql'), 'INSERT IGNORE INTO first VALUES (2);\n');
    expect(await migrate(pool, folder)).toEqual(['002_second.sql']);
  });
});

describe('a transaction', () => {
  test('that fails leaves nothing behind', async () => {
    await migrate(pool, folder);
    const failing = inTransaction(pool, async (on) => {
      await change(on, 'INSERT INTO first VALUES (7)');
      throw new Error('dropped');
    });
    await expect(failing).rejects.toThrow('dropped');
    expect(await select(pool, 'SELECT id FROM first WHERE id = 7')).toEqual([]);
  });

  test('broken by a deadlock is tried again until both are through', async () => {
    await migrate(pool, folder);
    await change(pool, 'INSERT INTO first VALUES (10), (11)');
    const lockBoth = (first: number, second: number) =>
      inTransaction(pool, async (on) => {
        await change(on, 'UPDATE first SET id = id WHERE id = ?', [first]);
        await select(on, 'SELECT id FROM first WHERE id = ? FOR UPDATE', [first]);
        await new Promise((resolve) => setTimeout(resolve, 60));
        await select(on, 'SELECT id FROM first WHERE id = ? FOR UPDATE', [second]);
        return first;
      });
    expect(await Promise.all([lockBoth(10, 11), lockBoth(11, 10)])).toEqual([10, 11]);
  });
});
