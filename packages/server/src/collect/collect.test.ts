import type { HandedOver, Job, ReadyList, Sale, Takings, ToWrite } from '@patient-edge/contract';
import type { Agent } from 'supertest';
import {
  errorOf,
  jobOf,
  onePrice,
  openShop,
  passed,
  takeIn,
  type TestShop,
} from '../../test/test-shop';

let shop: TestShop;
let bench: Agent;
let counter: Agent;
let tag = 0;
beforeAll(async () => {
  shop = await openShop('collect');
  bench = await shop.person('bench', 'bench');
  counter = await shop.person('front', 'counter');
  await onePrice(shop.owner, 1200);
});
afterAll(() => shop.close());

const ready = async (part: Record<string, unknown> = {}): Promise<Job> => {
  tag += 1;
  const job = await takeIn(shop.owner, { tagNumber: tag, ...part });
  return passed(bench, job);
};
/** Another blade of the same customer. */
const readyToo = (first: Job): Promise<Job> =>
  ready({ newCustomer: null, customerId: first.customer.id });

const lineOf = ({ id, version, tagNumber }: Job) => ({ jobId: id, version, tagNumber });
const handOver = (jobs: readonly Job[], part: Record<string, unknown> = {}) =>
  counter
    .post('/api/hand-overs')
    .send({ lines: jobs.map(lineOf), sheathed: true, collectedBy: '', payment: null, ...part });
const pay = (job: Job, amountMinor: number, method = 'cash') =>
  counter.post('/api/payments').send({ method, lines: [{ jobId: job.id, amountMinor }] });
const read = async (job: Job): Promise<Job> =>
  jobOf(await counter.get(`/api/jobs/${job.id}`).expect(200));
const setPrice = (job: Job, priceMinor: number, discountMinor = 0, discountReason = '') =>
  counter
    .put(`/api/jobs/${job.id}/bill`)
    .send({ version: job.version, priceMinor, discountMinor, discountReason });

describe('what is ready', () => {
  test('stands on the list with its price, once its test is passed', async () => {
    const job = await ready();
    const { blades } = (await counter.get('/api/ready').expect(200)).body as ReadyList;
    expect(blades.find(({ jobId }) => jobId === job.id)).toMatchObject({
      tagNumber: job.tagNumber,
      declined: false,
      customer: { name: job.customer.name },
      bill: { priceMinor: 1200, discountMinor: 0, paidMinor: 0 },
    });
  });

  test('whoever waits too long for it, or forgot it, is on the list of those to write to', async () => {
    const late = await takeIn(shop.owner, { tagNumber: 900, promisedOn: '2026-01-05' });
    const forgotten = await ready();
    await shop.pool.query(
      "UPDATE job_event SET at = '2026-01-01' WHERE job_id = ? AND kind = 'passed'",
      [forgotten.id],
    );
    const list = (await counter.get('/api/to-write').expect(200)).body as ToWrite[];
    const kindsOf = (job: Job) =>
      list
        .filter(({ blades }) => blades.some(({ jobId }) => jobId === job.id))
        .map(({ kind }) => kind);
    expect(kindsOf(late)).toEqual(['late']);
    expect(kindsOf(forgotten)).toEqual(['reminder']);
  });

  test('an edge that is due is on it until the blade comes again', async () => {
    const job = await ready();
    await handOver([job]).expect(201);
    const home = await read(job);
    // A household knife comes again after about 150 days.
    const days = (Date.parse(home.dueOn!) - Date.now()) / 86_400_000;
    expect(Math.round(days)).toBeGreaterThanOrEqual(149);
    expect(Math.round(days)).toBeLessThanOrEqual(150);
    await shop.pool.query('UPDATE job SET due_on = CURRENT_DATE WHERE id = ?', [job.id]);
    const due = async () =>
      ((await counter.get('/api/to-write').expect(200)).body as ToWrite[]).some(
        ({ kind, blades }) => kind === 'due' && blades.some(({ jobId }) => jobId === job.id),
      );
    expect(await due()).toBe(true);
    tag += 1;
    await takeIn(shop.owner, {
      tagNumber: tag,
      newCustomer: null,
      customerId: job.customer.id,
      bladeId: job.blade.id,
    });
    expect(await due()).toBe(false);
  });
});

describe('handing over', () => {
  test('all blades of a customer go at once, with the payment, or none of them', async () => {
    const one = await ready();
    const two = await readyToo(one);
    const payment = {
      method: 'card',
      lines: [one, two].map(({ id }) => ({ jobId: id, amountMinor: 1200 })),
    };
    // A tag misread: nothing is handed over and nothing is taken.
    const misread = await counter
      .post('/api/hand-overs')
      .send({
        lines: [lineOf(one), { ...lineOf(two), tagNumber: 999 }],
        sheathed: true,
        collectedBy: '',
        payment,
      })
      .expect(422);
    expect(misread.body).toMatchObject({ error: { fields: [{ field: 'lines.1.tagNumber' }] } });
    expect((await read(one)).stage).toBe('ready');
    expect((await read(one)).bill!.paidMinor).toBe(0);
    const { saleId } = (
      await handOver([one, two], { payment, collectedBy: 'the daughter' }).expect(201)
    ).body as HandedOver;
    expect(await read(two)).toMatchObject({
      stage: 'returned',
      collectedBy: 'the daughter',
      bill: { paidMinor: 1200 },
    });
    const receipt = await counter.get(`/api/payments/${saleId}/receipt.pdf`).expect(200);
    expect((receipt.body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  });

  test('not two customers at once, and not with a bare edge', async () => {
    const one = await ready();
    const other = await ready();
    expect(errorOf(await handOver([one, other]).expect(409)).message).toContain(
      `Tag ${other.tagNumber} is ${other.customer.name}’s`,
    );
    expect((await handOver([one], { sheathed: false }).expect(422)).body).toMatchObject({
      error: { fields: [{ field: 'sheathed' }] },
    });
  });

  test('sent twice it is one hand-over and one receipt', async () => {
    const job = await ready();
    const send = () =>
      handOver([job], {
        payment: { method: 'cash', lines: [{ jobId: job.id, amountMinor: 1200 }] },
      }).set('Idempotency-Key', 'handed-over-once');
    const first = (await send().expect(201)).body as HandedOver;
    expect((await send().expect(201)).body).toEqual(first);
    expect((await read(job)).bill!.paidMinor).toBe(1200);
  });
});

describe('money', () => {
  test('is taken in parts, never more than is to pay, and an undone receipt stays on record', async () => {
    const job = await ready();
    const first = (await pay(job, 500).expect(201)).body as Sale;
    expect(errorOf(await pay(job, 701).expect(422)).message).toContain('EUR\u00a07.00 is to pay');
    await pay(job, 700, 'transfer').expect(201);
    expect((await read(job)).bill!.paidMinor).toBe(1200);
    await counter.post(`/api/payments/${first.id}/undo`).send({}).expect(200);
    await counter.post(`/api/payments/${first.id}/undo`).send({}).expect(409);
    expect((await read(job)).bill!.paidMinor).toBe(700);
    const { sales } = (await counter.get('/api/takings').expect(200)).body as Takings;
    const ours = sales.filter(({ lines }) => lines.some(({ jobId }) => jobId === job.id));
    expect(ours.map(({ method, undoneAt }) => [method, undoneAt !== null])).toEqual([
      ['cash', true],
      ['transfer', false],
    ]);
    // Numbered without a gap.
    const numbers = sales.map(({ number }) => number);
    expect(numbers).toEqual(numbers.map((_, index) => numbers[0]! + index));
    const csv = await counter.get('/api/takings.csv').expect(200);
    expect(csv.text.split('\r\n')[0]).toBe(
      'receipt,at,customer,tag,blade,method,amount,currency,undone',
    );
    expect(csv.text).toContain('transfer,7.00,EUR');
    await bench.get('/api/takings').expect(403);
  });

  test('two tills cannot take the same money', async () => {
    const job = await ready();
    const answers = await Promise.all([pay(job, 1200), pay(job, 1200)]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 422]);
    expect((await read(job)).bill!.paidMinor).toBe(1200);
  });

  test('a discount says why, and what was agreed is the most', async () => {
    tag += 1;
    const agreed = await takeIn(shop.owner, { tagNumber: tag });
    const estimated = jobOf(
      await counter
        .put(`/api/jobs/${agreed.id}/estimate`)
        .send({
          version: agreed.version,
          lines: [{ label: 'Edge', lowMinor: 1400, highMinor: 1500 }],
          agreedBy: 'the customer',
        })
        .expect(200),
    );
    const done = await passed(bench, estimated);
    // The list says 12; what was agreed begins at 14.
    expect(done.bill!.priceMinor).toBe(1400);
    expect(errorOf(await setPrice(done, 1501).expect(422)).message).toContain(
      'at most EUR\u00a015.00, as agreed',
    );
    expect((await setPrice(done, 1500, 300).expect(422)).body).toMatchObject({
      error: { fields: [{ field: 'discountReason' }] },
    });
    await setPrice(done, 1500, 1501, 'too much').expect(422);
    const less = jobOf(await setPrice(done, 1500, 300, 'brought six').expect(200));
    expect(less.bill).toEqual({
      priceMinor: 1500,
      discountMinor: 300,
      discountReason: 'brought six',
      paidMinor: 0,
    });
  });

  test('a price set by hand is not reckoned anew at the next pass', async () => {
    const job = jobOf(await setPrice(await ready(), 900).expect(200));
    const again = jobOf(
      await bench
        .post(`/api/jobs/${job.id}/verdict/undo`)
        .send({ version: job.version })
        .expect(200),
    );
    const passed = jobOf(
      await bench
        .post(`/api/jobs/${job.id}/verdict`)
        .send({ version: again.version, backToStepId: null, cause: null, note: '' })
        .expect(200),
    );
    expect(passed.bill!.priceMinor).toBe(900);
  });

  test('a month of a customer on one statement', async () => {
    const one = await ready();
    const two = await readyToo(one);
    await handOver([one, two]).expect(201);
    const now = new Date();
    const month = `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}`;
    const at = `/api/customers/${one.customer.id}/statement`;
    const statement = (await counter.get(`${at}?month=${month}`).expect(200)).body as {
      lines: { tagNumber: number }[];
    };
    expect(statement.lines.map(({ tagNumber }) => tagNumber)).toEqual([
      one.tagNumber,
      two.tagNumber,
    ]);
    expect((await counter.get(`${at}.csv?month=${month}`).expect(200)).text).toContain(
      '12.00,0.00,0.00,12.00,EUR',
    );
    await counter.get(`${at}.pdf?month=${month}`).expect(200);
    await counter.get(`${at}?month=2026-13`).expect(422);
  });
});

describe('the sheet of the customer', () => {
  test('says what came and what was done in plain words, and prints on A5 and A4', async () => {
    const job = await ready();
    const sheet = (await counter.get(`/api/jobs/${job.id}/sheet`).expect(200)).body as {
      parts: { heading: string; lines: string[] }[];
    };
    const said = sheet.parts.flatMap(({ lines }) => lines).join(' ');
    expect(said).toContain('A new edge ground and refined.');
    expect(said).not.toMatch(/µm|strokes a side|Brown|burr policy/);
    for (const size of ['a4', 'a5']) {
      const pdf = await counter.get(`/api/jobs/${job.id}/sheet.pdf?size=${size}`).expect(200);
      expect((pdf.body as Buffer).toString('latin1').match(/\/Type \/Page\b/g)).toHaveLength(1);
    }
  });
});
