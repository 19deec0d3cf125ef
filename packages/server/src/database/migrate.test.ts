import { copyFile, mkdtemp, readdir, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Pool } from 'mysql2/promise';
import { emptyDatabase, MIGRATIONS } from '../../test/test-shop';
import { migrate, whileStartingAlone } from './migrate';
import { execute, inTransaction, select } from './pool';

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
    const failing = inTransaction(pool, async (db) => {
      await execute(db, 'INSERT INTO first VALUES (7)');
      throw new Error('dropped');
    });
    await expect(failing).rejects.toThrow('dropped');
    expect(await select(pool, 'SELECT id FROM first WHERE id = 7')).toEqual([]);
  });

  test('broken by a deadlock is tried again until both are through', async () => {
    await migrate(pool, folder);
    await execute(pool, 'INSERT INTO first VALUES (10), (11)');
    const lockBoth = (first: number, second: number) =>
      inTransaction(pool, async (db) => {
        await execute(db, 'UPDATE first SET id = id WHERE id = ?', [first]);
        await select(db, 'SELECT id FROM first WHERE id = ? FOR UPDATE', [first]);
        await new Promise((resolve) => setTimeout(resolve, 60));
        await select(db, 'SELECT id FROM first WHERE id = ? FOR UPDATE', [second]);
        return first;
      });
    expect(await Promise.all([lockBoth(10, 11), lockBoth(11, 10)])).toEqual([10, 11]);
  });
});

describe('the records of a shop from before nothing was mixed up', () => {
  /** The migrations up to that one, in a folder of their own. */
  const upTo = async (last: string): Promise<string> => {
    const before = await mkdtemp(join(tmpdir(), 'before-'));
    for (const file of (await readdir(MIGRATIONS)).filter((each) => each <= last))
      await copyFile(join(MIGRATIONS, file), join(before, file));
    return before;
  };

  test('are mended: vanished blades, forgotten clocks, a blade taken in twice, a first visit’s guesses', async () => {
    const before = await upTo('010_honing_rods.sql');
    await migrate(pool, before);
    await execute(pool, "INSERT INTO customer (id, name) VALUES (1, 'Hollis Reed')");
    await execute(
      pool,
      "INSERT INTO staff (id, name, login, password_hash, role) VALUES (1, 'Nara', 'nara', 'x', 'owner')",
    );
    for (const id of [1, 2, 3])
      await execute(
        pool,
        "INSERT INTO blade (id, customer_id, kind, steel) VALUES (?, 1, 'chef', 'x')",
        [id],
      );
    const job = (id: number, bladeId: number, tag: number, stage: string, measuredWith: string) =>
      execute(
        pool,
        `INSERT INTO job (id, blade_id, tag_number, stage, promised_on, use_id, sharpness, edge_length_mm,
           height_heel_mm, height_middle_mm, height_tip_mm, spine_heel_mm, spine_middle_mm, spine_tip_mm,
           thickness_behind_edge_mm, measured_with)
         VALUES (?, ?, ?, ?, '2026-11-01', 'general-soft', 'dull', 210, 46, 40, 17, 2, 2, 1, 0.4, ?)`,
        [id, bladeId, tag, stage, JSON.stringify({ spineTipMm: measuredWith })],
      );
    // Declined, and its tag given out again; declined and still there; taken in twice.
    await job(1, 1, 7, 'declined', 'last visit');
    await job(2, 2, 7, 'taken in', 'caliper');
    await job(3, 1, 8, 'declined', 'last visit');
    await job(4, 3, 9, 'taken in', 'last visit');
    await job(5, 3, 10, 'planned', 'last visit');
    await execute(
      pool,
      `INSERT INTO plan_step (id, job_id, position, operation, detail, worked_seconds, running_since_ms)
       VALUES (1, 5, 1, 'edge', '{}', 30, (UNIX_TIMESTAMP() - 5 * 86400) * 1000),
         (2, 5, 2, 'strop', '{}', 10, NULL)`,
    );
    await migrate(pool, MIGRATIONS);
    expect(
      await select(
        pool,
        `SELECT id, stage, tag_in_use AS tag, blade_in_shop AS blade, declined_at_stage AS stood,
           JSON_VALUE(measured_with, '$.spineTipMm') AS spineTip FROM job ORDER BY id`,
      ),
    ).toEqual([
      {
        id: 1,
        stage: 'returned',
        tag: null,
        blade: null,
        stood: 'taken in',
        spineTip: 'the usual',
      },
      { id: 2, stage: 'taken in', tag: 7, blade: 2, stood: null, spineTip: 'caliper' },
      { id: 3, stage: 'declined', tag: 8, blade: 1, stood: 'taken in', spineTip: 'last visit' },
      { id: 4, stage: 'taken in', tag: 9, blade: null, stood: null, spineTip: 'the usual' },
      { id: 5, stage: 'planned', tag: 10, blade: 3, stood: null, spineTip: 'last visit' },
    ]);
    expect(
      await select(
        pool,
        'SELECT id, running_seconds AS ran, running_at IS NULL AS stands FROM plan_step ORDER BY id',
      ),
    ).toEqual([
      { id: 1, ran: 10800, stands: 0 },
      { id: 2, ran: null, stands: 1 },
    ]);
    await rm(before, { recursive: true });
  });

  test('a start that finds another one at it for too long says so', async () => {
    const held = await pool.getConnection();
    await held.query("SELECT GET_LOCK(CONCAT('patient-edge start ', DATABASE()), 0)");
    await expect(whileStartingAlone(pool, () => Promise.resolve(1), 1)).rejects.toThrow(
      'Another server has been preparing this database for 1 s',
    );
    held.release();
  });
});
