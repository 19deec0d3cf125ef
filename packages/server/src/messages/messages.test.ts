import type { Job, QueuedMessage, WrittenMessage } from '@patient-edge/contract';
import { startMailBox, type MailBox } from '@patient-edge/devices';
import { USUAL_TEMPLATES } from '@patient-edge/core';
import type { Agent } from 'supertest';
import {
  errorOf,
  openShop,
  passed,
  shopDetails,
  takeIn,
  type TestShop,
} from '../../test/test-shop';
import { giveUpUnfinished, takeMessage } from './queries';
import { sendNext, throughSmtp } from './sender';

let shop: TestShop;
let bench: Agent;
let mailBox: MailBox;
let tag = 0;
beforeAll(async () => {
  mailBox = await startMailBox();
  shop = await openShop('messages', { mailBox });
  bench = await shop.person('bench', 'bench');
  await shop.owner.put('/api/shop-details').send(shopDetails()).expect(200);
});
afterAll(async () => {
  await shop.close();
  await mailBox.close();
});

const somebody = (part: Record<string, unknown> = {}) => ({
  name: `Somebody ${tag}`,
  email: `somebody${tag}@home.example`,
  mayWrite: 'yes',
  ...part,
});
const brought = (part: Record<string, unknown> = {}): Promise<Job> => {
  tag += 1;
  return takeIn(shop.owner, { tagNumber: tag, newCustomer: somebody(), ...part });
};
const queue = async (): Promise<QueuedMessage[]> =>
  (await bench.get('/api/messages').expect(200)).body as QueuedMessage[];
/** As if they had waited. */
const letThemGo = () =>
  shop.pool.query("UPDATE message SET next_try_at = NOW(3) WHERE state = 'queued'");
const sendAll = async (
  deliver = throughSmtp(`smtp://127.0.0.1:${mailBox.port}`),
): Promise<void> => {
  await letThemGo();
  while (await sendNext(shop.pool, deliver));
};
const write = (kind: string, ...jobs: readonly Job[]) =>
  bench.post('/api/messages').send({ kind, jobIds: jobs.map(({ id }) => id) });

test('who said yes is told once, of all their blades, when the last of them is ready', async () => {
  const one = await brought();
  const two = await brought({ newCustomer: null, customerId: one.customer.id });
  await passed(bench, one);
  expect(await queue()).toEqual([]);
  await passed(bench, two);
  await sendAll();
  const [mail] = mailBox.mails();
  expect(mail).toMatchObject({
    to: `somebody${one.tagNumber}@home.example`,
    from: expect.stringContaining('bench@shop.example') as string,
  });
  expect(mail!.text).toContain(`(tag ${one.tagNumber}, ${two.tagNumber})`);
  expect(mail!.text).toContain('Berth 4');
  expect((await queue())[0]).toMatchObject({ state: 'sent', problem: null });
  await sendAll();
  expect(mailBox.mails()).toHaveLength(1);
});

test.each([
  ['was not asked', { mayWrite: 'not asked' }, /was not asked/],
  ['said no', { mayWrite: 'no' }, /does not want to be written to/],
  ['left no address', { email: '' }, /No e-mail address/],
])(
  'who %s is not written to, and the text is there for the telephone',
  async (_what, part, why) => {
    const before = (await queue()).length;
    tag += 1;
    const job = await takeIn(shop.owner, { tagNumber: tag, newCustomer: somebody(part) });
    await passed(bench, job);
    const written = (await write('ready', job).expect(201)).body as WrittenMessage;
    expect(written.notSent).toMatch(why);
    expect(written.body).toContain(`(tag ${job.tagNumber})`);
    expect(await queue()).toHaveLength(before);
  },
);

test('a pass undone in time withdraws it, and the next pass writes anew', async () => {
  const job = await passed(bench, await brought());
  await bench.post(`/api/jobs/${job.id}/verdict/undo`).send({ version: job.version }).expect(200);
  expect((await queue())[0]!.state).toBe('withdrawn');
  await bench
    .post(`/api/jobs/${job.id}/verdict`)
    .send({ version: job.version + 1, backToStepId: null, cause: null, note: '' })
    .expect(200);
  expect((await queue())[0]!.state).toBe('queued');
  await sendAll();
});

test('a second blade under test again, or one gone home meanwhile: nobody is told that all is ready', async () => {
  const one = await brought();
  const two = await brought({ newCustomer: null, customerId: one.customer.id });
  await passed(bench, one);
  const second = await passed(bench, two);
  await bench
    .post(`/api/jobs/${two.id}/verdict/undo`)
    .send({ version: second.version })
    .expect(200);
  expect((await queue())[0]!.state).toBe('withdrawn');
  const alone = await passed(bench, await brought());
  await bench
    .post(`/api/jobs/${alone.id}/return`)
    .send({ version: alone.version, tagNumber: alone.tagNumber, sheathed: true, remarks: '' })
    .expect(200);
  expect((await queue())[0]!.state).toBe('withdrawn');
});

test('who changes their mind is not written to any more', async () => {
  const job = await passed(bench, await brought());
  const record = (await shop.owner.get(`/api/customers/${job.customer.id}`)).body as {
    version: number;
    email: string;
  };
  await shop.owner
    .put(`/api/customers/${job.customer.id}`)
    .send({ ...somebody({ mayWrite: 'no' }), version: record.version })
    .expect(200);
  expect((await queue())[0]!.state).toBe('withdrawn');
});

test('asked for twice at once it is one message', async () => {
  const job = await brought();
  await Promise.all([write('late', job), write('late', job)]);
  expect((await queue()).filter(({ kind }) => kind === 'late')).toHaveLength(1);
  await sendAll();
});

test('where nobody answers it is tried again later, and a refusal for good is told', async () => {
  await passed(bench, await brought());
  await sendAll(() => Promise.reject(new Error('connect ECONNREFUSED')));
  // The queue is asked again as long as something is due: it is not, for a minute.
  expect((await queue())[0]).toMatchObject({ state: 'queued', problem: 'connect ECONNREFUSED' });
  await sendAll(() =>
    Promise.reject(Object.assign(new Error('550 no such mailbox'), { responseCode: 550 })),
  );
  const [failed] = await queue();
  expect(failed).toMatchObject({ state: 'failed', problem: '550 no such mailbox' });
  await bench.post(`/api/messages/${failed!.id}/again`).send({}).expect(200);
  await sendAll();
  expect((await queue())[0]!.state).toBe('sent');
  await bench.post(`/api/messages/${failed!.id}/again`).send({}).expect(409);
});

test('a server that stopped while sending does not send it twice', async () => {
  await passed(bench, await brought());
  await letThemGo();
  const taken = await takeMessage(shop.pool);
  expect(taken).toBeDefined();
  // Somebody else finds nothing to send, and later says what is not known.
  expect(await sendNext(shop.pool, () => Promise.resolve())).toBe(false);
  await shop.pool.query("UPDATE message SET next_try_at = '2026-01-01' WHERE id = ?", [taken!.id]);
  await giveUpUnfinished(shop.pool, 120);
  expect((await queue())[0]).toMatchObject({
    state: 'failed',
    problem: expect.stringContaining('may have gone') as string,
  });
});

test('two processes send each message once', async () => {
  await letThemGo();
  while (await sendNext(shop.pool, () => Promise.resolve()));
  for (let n = 0; n < 4; n += 1) await write('late', await brought()).expect(201);
  await letThemGo();
  const sent: number[] = [];
  const run = async (): Promise<void> => {
    while (
      await sendNext(shop.pool, ({ id }) => {
        sent.push(id);
        return Promise.resolve();
      })
    );
  };
  await Promise.all([run(), run(), run()]);
  expect([...new Set(sent)]).toHaveLength(sent.length);
  expect(sent).toHaveLength(4);
});

test('blades of two customers are no one’s message, and a blank nobody knows is refused where it stands', async () => {
  await write('late', await brought(), await brought()).expect(404);
  const wrong = await shop.owner
    .put('/api/shop-details')
    .send(
      shopDetails({
        templates: { ...USUAL_TEMPLATES, ready: { subject: 'Ready', body: 'Dear {name}' } },
      }),
    )
    .expect(422);
  expect(wrong.body).toMatchObject({ error: { fields: [{ field: 'templates.ready.body' }] } });
  expect(errorOf(wrong).message).toContain('{name} is not known');
});
