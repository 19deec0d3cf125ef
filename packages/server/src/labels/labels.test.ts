import { mkdtemp, readdir } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { labelPrinter } from '@patient-edge/devices';
import type { PrintedLabel } from '@patient-edge/contract';
import { errorOf, openShop, takeIn, type TestShop } from '../../test/test-shop';
import { tagInWords } from './draw';
import { inOurLetters } from './page';

let shop: TestShop;
let folder: string;
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'patient-edge-labels-'));
  shop = await openShop(__filename, { printer: labelPrinter(folder) });
});
afterAll(() => shop.close());

test('the tag in words', () => {
  expect(tagInWords(47)).toBe('forty-seven');
});

test('a grain in micrometres is written with a letter that the font has', () => {
  expect(inOurLetters('1 \u00b5m, 30 °')).toBe('1 \u03bcm, 30 °');
});

test('a tag and a ticket lie in the printer’s tray, and can be looked at there', async () => {
  const job = await takeIn(shop.owner, { tagNumber: 47, bladeName: 'Żółta łódź' });
  const before = await shop.owner.get(`/api/jobs/${job.id}/tag.pdf`).expect(200);
  expect((before.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  for (const what of ['tag', 'ticket']) {
    await shop.owner.post(`/api/jobs/${job.id}/labels`).send({ what }).expect(201);
  }
  expect((await readdir(folder)).sort()).toEqual([
    `tag-47-job-${job.id}.pdf`,
    `ticket-47-job-${job.id}.pdf`,
  ]);
  const tray = (await shop.owner.get('/api/labels').expect(200)).body as PrintedLabel[];
  expect(tray.map(({ what, tagNumber, jobId }) => [what, tagNumber, jobId]).sort()).toEqual([
    ['tag', 47, job.id],
    ['ticket', 47, job.id],
  ]);
  const sheet = await shop.owner.get(`/api/labels/${tray[0]!.name}`).expect(200);
  expect(sheet.headers['content-type']).toBe('application/pdf');
});

test('what is no sheet is not there, and nothing outside the tray is reached', async () => {
  await shop.owner.get('/api/labels/none.pdf').expect(404);
  await shop.owner.get('/api/labels/..%2F..%2Fsecrets.json').expect(404);
  const refused = await shop.owner.post('/api/jobs/1/labels').send({ what: 'poster' }).expect(422);
  expect(errorOf(refused).fields![0]!.field).toBe('what');
  await expect(labelPrinter(folder).print('../out.pdf', Buffer.from(''))).rejects.toThrow();
});
