import type { CustomerList, CustomerRecord, Found, Job } from '@patient-edge/contract';
import type { RowDataPacket } from 'mysql2/promise';
import type { Agent } from 'supertest';
import { errorOf, intake, openShop, sentHome, type TestShop } from '../../test/test-shop';
import { startOf, wordsOf } from '../search/find';
import { mergedCustomer } from './merge';

let shop: TestShop;
let counter: Agent;
let tag = 40;
beforeAll(async () => {
  shop = await openShop(__filename);
  counter = await shop.person('cal', 'counter');
});
afterAll(() => shop.close());

const person = (name: string, part: Record<string, unknown> = {}) => ({
  name,
  trade: '',
  phones: [],
  note: '',
  edgesLiked: '',
  ...part,
});

/** Somebody new who brings a blade. */
const brings = async (owner: Record<string, unknown>, bladeName = ''): Promise<Job> => {
  tag += 1;
  const body = intake({ tagNumber: tag, newCustomer: owner, bladeName });
  return (await counter.post('/api/jobs').send(body).expect(201)).body as Job;
};
const record = async (id: number): Promise<CustomerRecord> =>
  (await counter.get(`/api/customers/${id}`).expect(200)).body as CustomerRecord;
const found = async (q: string): Promise<Found> =>
  (await counter.get('/api/search').query({ q }).expect(200)).body as Found;
const names = (answer: Found): string[] => answer.customers.map(({ name }) => name).sort();

describe('what is typed into the search', () => {
  test('is words that begin so, without the signs a search would obey', () => {
    expect(wordsOf('Osric Str')).toBe('+osric* +str*');
    expect(wordsOf('+os* -(rope) "ab" øre')).toBe('+rope* +øre*');
    expect(wordsOf('a b')).toBeNull();
  });

  test('or the start of a name, its wildcards meant as letters', () => {
    expect(startOf('5%_\\')).toBe('5\\%\\_\\\\%');
  });
});

test('an owner is written down once, however often a lost connection asks again', async () => {
  const add = () =>
    counter
      .post('/api/customers')
      .set('Idempotency-Key', 'one-owner-once')
      .send(person('Ilse Fender'))
      .expect(201);
  const first = (await add()).body as CustomerRecord;
  expect(((await add()).body as CustomerRecord).customer.id).toBe(first.customer.id);
  const refused = await counter.post('/api/customers').send(person('')).expect(422);
  expect(errorOf(refused).fields![0]!.field).toBe('name');
});

describe('searching', () => {
  let withPhones: Job;
  beforeAll(async () => {
    withPhones = await brings(
      person('Tamsin Weir-Oake', {
        trade: 'Thatcher',
        phones: [
          { label: 'yard', number: '0171 / 555-0133' },
          { label: 'evenings', number: '+49 30 5550199' },
        ],
      }),
      'Reed knife',
    );
    await brings(person('Bo Ash'), 'Kitchen knife');
  });

  test.each(['tam', 'Oake tams', 'thatch', 'ta'])('finds an owner by "%s"', async (typed) => {
    expect(names(await found(typed))).toContain('Tamsin Weir-Oake');
  });

  test.each(['0171555', '0171/555', '0133', '5550199', '+49 30'])(
    'finds a telephone by "%s", however it was written',
    async (typed) => {
      expect(names(await found(typed))).toEqual(['Tamsin Weir-Oake']);
    },
  );

  test('finds a blade by its name, and by its tag while it hangs in the shop', async () => {
    expect((await found('reed')).blades).toMatchObject([
      { name: 'Reed knife', customer: 'Tamsin Weir-Oake', tagNumber: withPhones.tagNumber },
    ]);
    const byTag = await found(String(withPhones.tagNumber));
    expect(byTag.blades.map(({ jobId }) => jobId)).toEqual([withPhones.id]);
  });

  test('finds with one wrong letter what nobody is called as it was typed', async () => {
    await brings(person('Wendeline Quarrick'), 'Herring splitter');
    await brings(person('Émile Rousse'), 'Fleshing knife');
    for (const typed of ['Quarick', 'quarrikc', 'Quxrrick', 'wendelne quarrick'])
      expect([typed, (await found(typed)).customers.map(({ name }) => name)]).toEqual([
        typed,
        ['Wendeline Quarrick'],
      ]);
    expect((await found('herrings splitter')).blades.map(({ name }) => name)).toEqual([
      'Herring splitter',
    ]);
    // Accents and case never mattered.
    expect((await found('EMILE')).customers.map(({ name }) => name)).toEqual(['Émile Rousse']);
    expect((await found('quxxrick')).customers).toEqual([]);
  });

  test('forgets with a person the words only they were called by', async () => {
    const { customer } = await brings(person('Brimsella Rill'));
    const words = async (): Promise<number> =>
      (
        await shop.pool.query<RowDataPacket[]>(
          "SELECT 1 FROM search_word WHERE word = 'brimsella' OR word = 'rill'",
        )
      )[0].length;
    expect(await words()).toBeGreaterThan(5);
    await shop.pool.query("UPDATE job SET tag_in_use = NULL, stage = 'returned' WHERE id > 0");
    const { version } = await record(customer.id);
    await shop.owner
      .post(`/api/customers/${customer.id}/erase`)
      .send({ version, name: 'Brimsella Rill' })
      .expect(200);
    expect(await words()).toBe(0);
  });

  test('finds nothing for nothing, for signs alone, and for what nobody is called', async () => {
    for (const typed of ['', '%', '***', 'zzzz', '\\', "' OR 1=1"]) {
      expect(await found(typed)).toEqual({ customers: [], blades: [] });
    }
    await counter
      .get('/api/search')
      .query({ q: 'x'.repeat(81) })
      .expect(422);
  });
});

describe('an owner', () => {
  test('keeps several telephones in order, and how they like their edges', async () => {
    const { customer } = await brings(person('Sela Rudd'));
    const phones = [
      { label: 'kitchen', number: '12 34' },
      { label: '', number: '56 78' },
    ];
    const body = person('Sela Rudd', { phones, edgesLiked: 'Toothy', version: 0 });
    const kept = (await counter.put(`/api/customers/${customer.id}`).send(body).expect(200))
      .body as CustomerRecord;
    expect(kept).toMatchObject({ phones, version: 1 });
    expect(kept.customer).toMatchObject({ phone: '12 34', edgesLiked: 'Toothy' });
    const late = await counter.put(`/api/customers/${customer.id}`).send(body).expect(409);
    expect(errorOf(late).currentVersion).toBe(1);
  });

  test('has telephones with digits, and no more than six', async () => {
    const { customer } = await brings(person('Ode Fenn'));
    const send = (phones: unknown) =>
      counter
        .put(`/api/customers/${customer.id}`)
        .send(person('Ode Fenn', { phones, version: 0 }))
        .expect(422);
    const words = await send([{ label: '', number: 'ask the cook' }]);
    expect(errorOf(words).fields![0]).toMatchObject({ field: 'phones.0.number' });
    const many = await send(Array.from({ length: 7 }, () => ({ label: '', number: '123' })));
    expect(errorOf(many).fields![0]).toEqual({
      field: 'phones',
      message: 'Telephones must hold at most 6',
    });
  });
});

describe('the same person twice', () => {
  const side = (part: Record<string, unknown>) =>
    ({
      ...person('Anyone'),
      email: '',
      mayWrite: 'not asked',
      onAccount: false,
      ...part,
    }) as Parameters<typeof mergedCustomer>[0];

  test('who stays keeps their name and trade, and loses nothing of the other', () => {
    const merged = mergedCustomer(
      side({ name: 'Ida Moss', phones: [{ label: '', number: '12-34' }], note: 'No dogs' }),
      side({
        name: 'I. Moss',
        trade: 'Baker',
        phones: [
          { label: 'again', number: '1234' },
          { label: '', number: '99 00' },
        ],
        note: 'Rings twice',
        edgesLiked: 'Thin',
      }),
    );
    expect(merged).toMatchObject({
      name: 'Ida Moss',
      trade: 'Baker',
      phones: [
        { label: '', number: '12-34' },
        { label: '', number: '99 00' },
      ],
      note: 'No dogs; Rings twice',
      edgesLiked: 'Thin',
    });
  });

  test('whoever said no once is not written to', () => {
    const said = (mayWrite: string) => side({ mayWrite });
    expect(mergedCustomer(said('yes'), said('no')).mayWrite).toBe('no');
    expect(mergedCustomer(said('not asked'), said('yes')).mayWrite).toBe('yes');
  });

  test('a telephone beyond the sixth stands in the note', () => {
    const six = Array.from({ length: 6 }, (_, index) => ({ label: '', number: `10${index}` }));
    const merged = mergedCustomer(
      side({ phones: six }),
      side({ phones: [{ label: '', number: '777' }] }),
    );
    expect(merged.phones).toHaveLength(6);
    expect(merged.note).toBe('777');
  });

  test('the blades go over, the record goes, and nobody is merged with themselves', async () => {
    const stays = await brings(person('Wenna Thorp'), 'Bread knife');
    const gone = await brings(person('W. Thorp'), 'Ham knife');
    const path = `/api/customers/${gone.customer.id}/merge`;
    await counter.post(path).send({ version: 0, intoId: gone.customer.id }).expect(422);
    await counter.post(path).send({ version: 0, intoId: 999999 }).expect(422);
    await counter.post(path).send({ version: 3, intoId: stays.customer.id }).expect(409);
    const merged = (
      await counter.post(path).send({ version: 0, intoId: stays.customer.id }).expect(200)
    ).body as CustomerRecord;
    expect(merged.blades.map(({ name }) => name)).toEqual(['Bread knife', 'Ham knife']);
    await counter.get(`/api/customers/${gone.customer.id}`).expect(404);
  });
});

describe('forgetting a person', () => {
  test('takes their name from everywhere, and keeps the work on their blades', async () => {
    const job = await brings(
      person('Perpetua Vane', { phones: [{ label: '', number: '4711' }], note: 'Blue door' }),
      'Aunt’s knife',
    );
    const { id } = job.customer;
    const path = `/api/customers/${id}/erase`;
    const held = await shop.owner
      .post(path)
      .send({ version: 0, name: 'Perpetua Vane' })
      .expect(409);
    expect(errorOf(held).message).toContain('in the shop: hand over first');
    await sentHome(counter, job, 'Sent Perpetua Vane on to a wheel');
    const wrong = await shop.owner.post(path).send({ version: 0, name: 'Perpetua' }).expect(422);
    expect(errorOf(wrong).fields![0]!.message).toBe(
      'Name: type "Perpetua Vane"; "Perpetua" was given',
    );
    await counter.post(path).send({ version: 0, name: 'Perpetua Vane' }).expect(403);
    const erased = (
      await shop.owner.post(path).send({ version: 0, name: 'Perpetua Vane' }).expect(200)
    ).body as CustomerRecord;
    expect(erased.erasedAt).not.toBeNull();
    expect(erased.phones).toEqual([]);
    expect(erased.blades).toHaveLength(1);
    const kept = (await counter.get(`/api/jobs/${job.id}`).expect(200)).text;
    for (const personal of ['Perpetua', 'Vane', '4711', 'Blue door', 'Aunt']) {
      expect(kept).not.toContain(personal);
    }
    expect((kept.match(/the customer/g) ?? []).length).toBeGreaterThan(0);
    expect(names(await found('perpetua'))).toEqual([]);
  });

  test('are listed page by page, each once and in their order', async () => {
    await shop.pool.query(
      `INSERT INTO customer (name, trade) SELECT CONCAT('Page ', LPAD(MOD(seq, 7), 2, '0')), 'pages'
       FROM seq_1_to_250`,
    );
    const listed: { readonly name: string; readonly id: number }[] = [];
    let path: string | null = '/api/customers';
    while (path !== null) {
      const { customers, next }: CustomerList = (await counter.get(path).expect(200))
        .body as CustomerList;
      listed.push(...customers);
      path = next
        ? `/api/customers?${new URLSearchParams({ afterName: next.name, afterId: String(next.id) }).toString()}`
        : null;
    }
    expect(listed.filter(({ name }) => name.startsWith('Page '))).toHaveLength(250);
    expect(new Set(listed.map(({ id }) => id)).size).toBe(listed.length);
    const pages = listed.filter(({ name }) => name.startsWith('Page '));
    for (const [index, { name, id }] of pages.entries()) {
      const before = pages[index - 1];
      if (before) expect(before.name < name || (before.name === name && before.id < id)).toBe(true);
    }
  });

  test('nobody brings a blade under an erased record, and nothing is written there again', async () => {
    const list = (await counter.get('/api/customers').expect(200)).body as CustomerList;
    expect(list.customers.every(({ name }) => name !== 'Erased customer')).toBe(true);
    const job = await brings(person('Short Stay'));
    await sentHome(counter, job);
    const { id } = job.customer;
    await shop.owner
      .post(`/api/customers/${id}/erase`)
      .send({ version: 0, name: 'Short Stay' })
      .expect(200);
    expect((await record(id)).customer.name).toBe('Erased customer');
    tag += 1;
    const again = intake({ tagNumber: tag, newCustomer: null, customerId: id });
    const refused = await counter.post('/api/jobs').send(again).expect(422);
    expect(errorOf(refused).fields![0]!.field).toBe('customerId');
    await counter
      .put(`/api/customers/${id}`)
      .send(person('Back', { version: 1 }))
      .expect(409);
  });
});
