import { textOf } from '@patient-edge/core';
import type { Job } from '@patient-edge/contract';
import { drawnMicroscope } from '@patient-edge/devices';
import sharp from 'sharp';
import type { Agent } from 'supertest';
import { errorOf, jobOf, openShop, sentHome, takeIn, type TestShop } from '../../test/test-shop';

let shop: TestShop;
let counter: Agent;
let job: Job;
beforeAll(async () => {
  shop = await openShop(__filename, { microscope: drawnMicroscope() });
  counter = await shop.person('cal', 'counter');
  job = await takeIn(counter, { tagNumber: 601 });
});
afterAll(() => shop.close());

const picture = (widthPx: number, heightPx: number) =>
  sharp({ create: { width: widthPx, height: heightPx, channels: 3, background: '#8a8' } });
const send = (bytes: Buffer, name = 'blade.jpg') =>
  counter.post(`/api/jobs/${job.id}/photographs`).attach('photograph', bytes, name);

test('a telephone’s picture stands upright, is no larger than it need be, and tells no place', async () => {
  const held = await picture(5000, 3000)
    .withExif({
      IFD0: { Make: 'phone' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '52/1 30/1 0/1' },
    })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();
  expect((await sharp(held).metadata()).exif).toBeDefined();
  const kept = jobOf(await send(held).expect(201)).photographs.at(-1)!;
  expect([kept.widthPx, kept.heightPx]).toEqual([2458, 4096]);
  const full = (await counter.get(`/api/photographs/${kept.id}/full.jpg`).expect(200))
    .body as Buffer;
  const found = await sharp(full).metadata();
  expect([found.width, found.height, found.format]).toEqual([2458, 4096, 'jpeg']);
  expect(found.exif).toBeUndefined();
  expect(full.includes('GPS')).toBe(false);
  const small = (await counter.get(`/api/photographs/${kept.id}/small.jpg`).expect(200))
    .body as Buffer;
  expect((await sharp(small).metadata()).height).toBe(640);
});

test('a picture of the microscope is one like any other, with its spot, scale and what was measured', async () => {
  const taken = jobOf(
    await counter
      .post(`/api/jobs/${job.id}/photographs/microscope`)
      .send({ shot: 'coarse' })
      .expect(201),
  ).photographs.at(-1)!;
  expect([taken.widthPx, taken.heightPx, taken.closeUp]).toEqual([960, 640, null]);
  await counter
    .post(`/api/jobs/${job.id}/photographs/microscope`)
    .send({ shot: '../../etc/passwd' })
    .expect(404);
  const closeUp = {
    taken: 'before',
    stepId: null,
    spot: 'middle, right',
    umPerPx: 0.5,
    measured: [{ what: 'burr width', um: 24 }],
  };
  const put = (part: object) =>
    counter
      .put(`/api/photographs/${taken.id}`)
      .send({ version: taken.version, note: '', marks: [], closeUp: { ...closeUp, ...part } });
  const refused = await put({ umPerPx: 0 }).expect(422);
  expect(errorOf(refused).fields![0]!.field).toBe('closeUp.umPerPx');
  const kept = jobOf(await put({}).expect(200)).photographs.at(-1)!;
  expect(kept.closeUp).toEqual(closeUp);
});

test('PNG and WebP come in as well', async () => {
  await send(await picture(300, 200).png().toBuffer(), 'b.png').expect(201);
  await send(await picture(300, 200).webp().toBuffer(), 'b.webp').expect(201);
});

test.each([
  ['text in a picture’s name', () => Promise.resolve(Buffer.from('not a picture'))],
  ['another format', () => picture(20, 20).tiff().toBuffer()],
  [
    'a picture cut short',
    async () => (await picture(2000, 2000).jpeg().toBuffer()).subarray(0, 900),
  ],
])('%s is refused, and says what is taken', async (_, bytes) => {
  const refused = await send(await bytes()).expect(422);
  expect(errorOf(refused).fields![0]!.field).toBe('photograph');
  expect(errorOf(refused).fields![0]!.message).toMatch(/^Photograph: /);
});

test('a file too large, no file and no blade are told apart', async () => {
  const large = await send(Buffer.alloc(26 * 1024 * 1024)).expect(422);
  expect(errorOf(large).fields![0]!.message).toBe('Photograph: must be at most 25 MB');
  const path = `/api/jobs/${job.id}/photographs`;
  const none = await counter.post(path).attach('other', Buffer.from('x'), 'x.jpg').expect(422);
  expect(errorOf(none).fields![0]!.field).toBe('photograph');
  const bytes = await picture(20, 20).jpeg().toBuffer();
  await counter
    .post('/api/jobs/99999/photographs')
    .attach('photograph', bytes, 'b.jpg')
    .expect(404);
  await counter.get('/api/photographs/99999/full.jpg').expect(404);
});

test('marks with notes are kept on it, and it can go again', async () => {
  const made = jobOf(await send(await picture(400, 300).jpeg().toBuffer()).expect(201));
  const { id } = made.photographs.at(-1)!;
  const body = { version: 0, note: 'right side', marks: [{ x: 0.25, y: 0.5, note: 'chip' }] };
  const marked = jobOf(await counter.put(`/api/photographs/${id}`).send(body).expect(200));
  expect(marked.photographs.at(-1)).toMatchObject({ ...body, version: 1 });
  const late = await counter.put(`/api/photographs/${id}`).send(body).expect(409);
  expect(errorOf(late).currentVersion).toBe(1);
  const off = await counter
    .put(`/api/photographs/${id}`)
    .send({ version: 1, note: '', marks: [{ x: 1.5, y: 0, note: '' }] })
    .expect(422);
  expect(errorOf(off).fields![0]!.field).toBe('marks.0.x');
  await counter.delete(`/api/photographs/${id}`).expect(422);
  await counter.delete(`/api/photographs/${id}?version=0`).expect(409);
  const without = jobOf(await counter.delete(`/api/photographs/${id}?version=1`).expect(200));
  expect(textOf(without.events.at(-1)!.message)).toBe('deleted a photograph');
  expect(without.photographs.some((each) => each.id === id)).toBe(false);
  await counter.delete(`/api/photographs/${id}?version=1`).expect(404);
});

test('what is no picture, or none that fits, is refused and never a failure of ours', async () => {
  const path = `/api/jobs/${job.id}/photographs`;
  const empty = await send(Buffer.alloc(0)).expect(422);
  expect(errorOf(empty).fields![0]!.message).toBe('Photograph: the file is empty');
  const bomb = await picture(9000, 6000).png({ compressionLevel: 1 }).toBuffer();
  expect(errorOf(await send(bomb).expect(422)).fields![0]!.field).toBe('photograph');
  const broken: readonly (readonly [string, string])[] = [
    ['multipart/form-data', 'nothing'],
    ['multipart/form-data; boundary=x', '--x\r\nContent-Disposition: form-data; name="photograph"'],
    ['multipart/form-data; boundary=x', ''],
  ];
  for (const [type, body] of broken) {
    const answer = await counter.post(path).set('Content-Type', type).send(body);
    expect([400, 422]).toContain(answer.status);
  }
});

test('the photographs of a blade that went home stay', async () => {
  const gone = await takeIn(counter, { tagNumber: 700 });
  const bytes = await picture(40, 30).jpeg().toBuffer();
  const { photographs } = jobOf(
    await counter
      .post(`/api/jobs/${gone.id}/photographs`)
      .attach('photograph', bytes, 'blade.jpg')
      .expect(201),
  );
  await sentHome(counter, gone);
  await counter.delete(`/api/photographs/${photographs[0]!.id}?version=0`).expect(409);
});
