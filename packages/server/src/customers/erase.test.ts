/** Nothing of a person is left in the records or in the printer's tray: a full dump is searched for them. */
import { textOf } from '@patient-edge/core';
import { mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { CustomerRecord } from '@patient-edge/contract';
import { labelPrinter } from '@patient-edge/devices';
import {
  begun,
  burrEverywhere,
  jobOf,
  openShop,
  planned,
  sentHome,
  takeIn,
  workBody,
  type TestShop,
} from '../../test/test-shop';
import { select } from '../database/pool';
import { jsonWithoutPerson, termsOf, withoutPerson } from './erase';

let shop: TestShop;
let tray: string;
beforeAll(async () => {
  tray = await mkdtemp(join(tmpdir(), 'tray-'));
  shop = await openShop('erase', { printer: labelPrinter(tray) });
});
afterAll(async () => {
  await shop.close();
  await rm(tray, { recursive: true });
});

/** Every value of every table, as text. */
const dump = async (): Promise<string> => {
  const tables = await select<{ name: string }>(
    shop.pool,
    'SELECT TABLE_NAME AS name FROM information_schema.TABLES WHERE TABLE_SCHEMA = DATABASE()',
  );
  const parts: string[] = [];
  for (const { name } of tables) {
    const [rows] = await shop.pool.query('SELECT * FROM ??', [name]);
    parts.push(JSON.stringify(rows));
  }
  return parts.join('\n');
};

const NAME = 'Perpetua Vane';

test('an erased person stands nowhere in a full dump, nor in the tray', async () => {
  const { owner } = shop;
  let job = await takeIn(owner, {
    tagNumber: 31,
    bladeName: 'Aunt Isolde’s carver',
    newCustomer: {
      name: NAME,
      trade: 'Lacemaker',
      phones: [{ label: 'shop', number: '0471 555 19' }],
      note: `${NAME} comes on Fridays`,
      edgesLiked: '',
    },
  });
  const customer = job.customer;
  await owner.post(`/api/jobs/${job.id}/labels`).send({ what: 'ticket' }).expect(201);
  await owner.post(`/api/jobs/${job.id}/labels`).send({ what: 'tag' }).expect(201);
  job = jobOf(
    await owner
      .post(`/api/jobs/${job.id}/consents`)
      .send({
        version: job.version,
        matter: 'as-found',
        text: `Shown to ${NAME} at the counter`,
        answer: 'yes',
        name: NAME,
      })
      .expect(201),
  );
  job = jobOf(
    await owner
      .put(`/api/jobs/${job.id}/estimate`)
      .send({
        version: job.version,
        lines: [{ label: `As for ${NAME} last year`, lowMinor: 100, highMinor: 200 }],
        agreedBy: NAME,
      })
      .expect(200),
  );
  job = await planned(owner, job, {
    added: [
      {
        after: null,
        title: `Show it to ${NAME}`,
        instruction: `Ask ${NAME} whether the tip suits`,
        minutes: 1,
        reason: `${NAME} asked for it`,
      },
    ],
  });
  await owner
    .post(`/api/jobs/${job.id}/templates`)
    .send({ name: `As ${NAME} likes it`, note: `For ${NAME}` })
    .expect(201);
  job = await begun(owner, job);
  const [step] = job.steps;
  await owner
    .put(`/api/jobs/${job.id}/steps/${step!.id}/work`)
    .send(workBody({ burr: burrEverywhere('none') }))
    .expect(200);
  const left = await owner
    .post(`/api/jobs/${job.id}/steps/${step!.id}/finish`)
    .send({ version: job.version, overrideReason: `Mrs Vane waits; call 0471 555 19` });
  expect(left.status).toBe(200);
  await sentHome(owner, jobOf(left), `${NAME} took it to a smith`);
  expect(await dump()).toContain(NAME);
  expect(await readdir(tray)).toHaveLength(2);
  const record = (await owner.get(`/api/customers/${customer.id}`)).body as CustomerRecord;
  await owner
    .post(`/api/customers/${customer.id}/erase`)
    .send({ version: record.version, name: NAME })
    .expect(200);
  const after = await dump();
  for (const personal of [NAME, 'Perpetua', 'Vane', 'Isolde', '0471 555 19', 'Lacemaker']) {
    expect({ personal, found: after.includes(personal) }).toEqual({ personal, found: false });
  }
  expect(await readdir(tray)).toEqual([]);
  // The work itself stays on record, and can still be read.
  const kept = jobOf(await owner.get(`/api/jobs/${job.id}`).expect(200));
  expect(kept.steps.map(({ step: each }) => each.operation)).toEqual(
    job.steps.map(({ step: each }) => each.operation),
  );
});

test('no text the shop writes by itself holds a name', async () => {
  const job = await takeIn(shop.owner, { tagNumber: 32, bladeName: 'Knife of Ottilie' });
  const home = await sentHome(shop.owner, job, 'Not ours');
  const texts = home.events.map(({ message }) => textOf(message)).join('\n');
  expect(texts).not.toContain('Hollis');
  expect(texts).not.toContain('Ottilie');
});

describe('a name taken out of what was typed', () => {
  const terms = termsOf({ name: 'Rose Stone', bladeNames: ['Deburr', 'Bread knife'], phones: [] });

  test('whole and in part, but never out of a word of the craft', () => {
    expect(withoutPerson('Ms Stone; rose stone; the stone rose', terms)).toBe(
      'Ms the customer; the customer; the stone rose',
    );
    expect(withoutPerson('Stonework', terms)).toBe('Stonework');
  });

  test('also one with signs that mean something in a pattern', () => {
    const odd = termsOf({ name: 'J. (Jo) O’Neil+Sons', bladeNames: [], phones: ['+49 (0)30 1'] });
    expect(withoutPerson('J. (Jo) O’Neil+Sons, +49 (0)30 1. Jx (Jo)', odd)).toBe(
      'the customer, the customer. Jx (Jo)',
    );
  });

  test('out of a plan only where it can be nothing else', () => {
    const json = '{"operation":"deburr","stone":"Stone","reason":"Rose Stone asked, Bread knife"}';
    expect(JSON.parse(jsonWithoutPerson(json, terms))).toEqual({
      operation: 'deburr',
      stone: 'Stone',
      reason: 'the customer asked, a blade',
    });
    // What names nobody is left to the letter.
    expect(jsonWithoutPerson('{"a": 1.50}', terms)).toBe('{"a": 1.50}');
  });
});
