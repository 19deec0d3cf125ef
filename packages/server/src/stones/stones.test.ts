import type { Job, OwnSteel, ShopMachine, Stone, TouchUp } from '@patient-edge/contract';
import { rackFromCsv } from '@patient-edge/contract';
import { DEFAULT_CHOICES, NO_SIZES, textOf } from '@patient-edge/core';
import type { Agent } from 'supertest';
import { edgeOf, errorOf, intake, openShop, stone, type TestShop } from '../../test/test-shop';

let shop: TestShop;
let bench: Agent;
let counter: Agent;
beforeAll(async () => {
  shop = await openShop(__filename);
  bench = await shop.person('bo', 'bench');
  counter = await shop.person('cal', 'counter');
});
afterAll(() => shop.close());

const rack = async (): Promise<Stone[]> =>
  (await bench.get('/api/stones').expect(200)).body as Stone[];
const named = async (name: string): Promise<Stone> =>
  (await rack()).find((each) => each.name === name)!;
const addStone = async (part: Parameters<typeof stone>[0]): Promise<Stone> =>
  (await bench.post('/api/stones').send(stone(part)).expect(201)).body as Stone;

/** Takes a blade in, plans it and works its first step for that long. */
const workOn = async (tagNumber: number, seconds: number): Promise<Job> => {
  const taken = (await counter.post('/api/jobs').send(intake({ tagNumber })).expect(201))
    .body as Job;
  const planned = (
    await bench
      .put(`/api/jobs/${taken.id}/plan`)
      .send({ version: taken.version, choices: { ...DEFAULT_CHOICES, maxRatio: null } })
      .expect(200)
  ).body as Job;
  const begun = (
    await bench.post(`/api/jobs/${planned.id}/bench`).send({ version: planned.version }).expect(200)
  ).body as Job;
  await bench
    .put(`/api/jobs/${begun.id}/steps/${edgeOf(begun).id}/work`)
    .send({
      revision: 0,
      strokesRight: 10,
      strokesLeft: 10,
      workedSeconds: seconds,
      runningSeconds: null,
      burr: { right: {}, left: {} },
    })
    .expect(200);
  return begun;
};

describe('flattening', () => {
  test('minutes are counted from the bench, and begin anew when the stone is flat', async () => {
    const job = await workOn(31, 1500);
    const id = Number(edgeOf(job).step.stoneId);
    const worked = (await rack()).find((each) => each.id === id)!;
    expect(worked).toMatchObject({
      workedSeconds: 1500,
      secondsSinceFlat: 1500,
      flattenedAt: null,
    });
    const flat = (
      await bench
        .post(`/api/stones/${id}/flattenings`)
        .send({ plate: 'Glass and paper', gridGone: true, minutes: 4, lostMm: 0.3 })
        .expect(201)
    ).body as Stone;
    expect(flat).toMatchObject({ workedSeconds: 1500, secondsSinceFlat: 0 });
    expect(flat.flattenedAt).not.toBeNull();
  });

  test('takes from the thickness, and gives it back when it is taken back', async () => {
    const { id } = await addStone({
      name: 'Thin',
      thicknessNewMm: 20,
      thicknessMm: 10.1,
      minThicknessMm: 8,
    });
    const body = { plate: 'Plate', gridGone: true, minutes: 3, lostMm: 0.2 };
    const after = (await bench.post(`/api/stones/${id}/flattenings`).send(body).expect(201))
      .body as Stone;
    expect(after.thicknessMm).toBe(9.9);
    const [kept] = (await counter.get(`/api/stones/${id}/flattenings`).expect(200)).body as {
      id: number;
    }[];
    expect(kept).toMatchObject({ plate: 'Plate', who: 'bo', lostMm: 0.2, thicknessAfterMm: 9.9 });
    const back = (await bench.delete(`/api/stones/${id}/flattenings/${kept!.id}`).expect(200))
      .body as Stone;
    expect(back.thicknessMm).toBe(10.1);
    expect((await bench.get(`/api/stones/${id}/flattenings`)).body).toEqual([]);
  });

  test('cannot take more than there is, and only the last is taken back', async () => {
    const { id } = await addStone({ name: 'Wafer', thicknessMm: 0.5 });
    const body = { plate: 'Plate', gridGone: true, minutes: 3, lostMm: 0.5 };
    const refused = await bench.post(`/api/stones/${id}/flattenings`).send(body).expect(422);
    expect(errorOf(refused).fields![0]).toMatchObject({
      field: 'lostMm',
      message: 'Thickness lost must be less than the 0.5 mm that are left; 0.5 was given',
    });
    await bench.delete(`/api/stones/${id}/flattenings/99999`).expect(409);
    await counter.post(`/api/stones/${id}/flattenings`).send(body).expect(403);
  });
});

describe('soaking', () => {
  test('a stone lies in the water once, and is drying afterwards', async () => {
    const { id } = await addStone({ name: 'Thirsty', soaking: 'soak', soakMinutes: 10 });
    const soaking = (
      await bench.post(`/api/stones/${id}/soak`).send({ minutes: 10, jobId: null }).expect(201)
    ).body as Stone;
    expect(soaking.soak!.minutes).toBe(10);
    await bench.post(`/api/stones/${id}/soak`).send({ minutes: 10, jobId: null }).expect(409);
    const out = (await bench.delete(`/api/stones/${id}/soak`).expect(200)).body as Stone;
    expect(out.soak).toBeNull();
    // Taken out too early: its time in the water goes on as if it had never been out.
    const back = (await bench.post(`/api/stones/${id}/soak/undo`).send({}).expect(200))
      .body as Stone;
    expect(back.soak).toEqual(soaking.soak);
    expect(back.takenOutAt).toBeNull();
    await bench.post(`/api/stones/${id}/soak/undo`).send({}).expect(409);
    await bench.delete(`/api/stones/${id}/soak`).expect(200);
    expect(out.takenOutAt).not.toBeNull();
  });

  test('both sides of one block are in the water together', async () => {
    const coarse = await addStone({ name: 'Block, coarse', soaking: 'soak', soakMinutes: 8 });
    const fine = await addStone({
      name: 'Block, fine',
      um: 9,
      soaking: 'soak',
      soakMinutes: 8,
      otherSideId: coarse.id,
    });
    expect((await named('Block, coarse')).otherSideId).toBe(fine.id);
    await bench.post(`/api/stones/${coarse.id}/soak`).send({ minutes: 8, jobId: null }).expect(201);
    expect((await named('Block, fine')).soak).not.toBeNull();
    await bench.post(`/api/stones/${fine.id}/soak`).send({ minutes: 8, jobId: null }).expect(409);
    await bench.delete(`/api/stones/${fine.id}/soak`).expect(200);
    expect((await named('Block, coarse')).soak).toBeNull();
  });

  test('a splash stone does not go in', async () => {
    const { id } = await addStone({ name: 'Splash' });
    const refused = await bench
      .post(`/api/stones/${id}/soak`)
      .send({ minutes: 5, jobId: null })
      .expect(422);
    expect(errorOf(refused).message).toContain('wet it, do not soak it');
  });

  test('no stone is its own other side', async () => {
    const own = await addStone({ name: 'Alone' });
    const { id, version } = own;
    const refused = await bench
      .put(`/api/stones/${id}`)
      .send({ ...stone({ name: 'Alone' }), otherSideId: id, version })
      .expect(422);
    expect(errorOf(refused).fields![0]!.field).toBe('otherSideId');
  });
});

describe('the rack in and out', () => {
  test('as a file, corrected in it, and back: by name, all or nothing', async () => {
    const file = await counter
      .get('/api/stones.csv')
      .expect(200)
      .expect('Content-Type', /text\/csv/);
    const read = rackFromCsv(file.text);
    if (!read.ok) throw new Error(read.message);
    const fine = read.lines.find(({ name }) => name === 'Fine')!.stone!;
    const body = {
      stones: [{ ...fine, place: 'Top shelf' }, stone({ name: 'Bought today', um: 6 })],
    };
    const outcome = (await bench.post('/api/stones/import').send(body).expect(201)).body as {
      added: number[];
      changed: number;
    };
    expect(outcome).toMatchObject({ changed: 1 });
    expect((await named('Fine')).place).toBe('Top shelf');
    expect(outcome.added).toEqual([(await named('Bought today')).id]);

    const before = (await rack()).length;
    const broken = { stones: [stone({ name: 'One more' }), stone({ name: 'Bad', um: 0 })] };
    const refused = await bench.post('/api/stones/import').send(broken).expect(422);
    expect(errorOf(refused).fields![0]!.field).toBe('stones.1.um');
    expect(await rack()).toHaveLength(before);
  });

  test('an addition is taken back; a stone that has worked stays, and can be retired', async () => {
    const { id } = await addStone({ name: 'Mistake' });
    await bench.delete(`/api/stones/${id}`).expect(200);
    await bench.delete(`/api/stones/${id}`).expect(404);
    const job = await workOn(32, 60);
    const refused = await bench.delete(`/api/stones/${edgeOf(job).step.stoneId}`).expect(409);
    expect(errorOf(refused).message).toContain('retire it instead');
  });
});

describe('the shop’s own steels', () => {
  const own = {
    designation: 'Gate spring',
    standard: '',
    steelClass: 'spring steel',
    stainless: 'no',
    composition: '',
    hrcLow: 54,
    hrcHigh: 57,
    wearFactor: 0.85,
    wearFactorDiamond: 0.95,
    finestUsefulUm: 3,
    burr: 'moderate',
    edge: 'very tough',
    note: '',
  };

  test('can be taken in and planned with, and then keep their name', async () => {
    const added = (await bench.post('/api/steels').send(own).expect(201)).body as OwnSteel;
    const job = (
      await counter
        .post('/api/jobs')
        .send(intake({ tagNumber: 33, steel: 'Gate spring' }))
        .expect(201)
    ).body as Job;
    await bench
      .put(`/api/jobs/${job.id}/plan`)
      .send({ version: job.version, choices: { ...DEFAULT_CHOICES, maxRatio: null } })
      .expect(200);
    const renamed = { ...own, designation: 'Other', version: added.version };
    const refused = await bench.put(`/api/steels/${added.id}`).send(renamed).expect(422);
    expect(errorOf(refused).message).toContain('1 blade names');
    await bench
      .put(`/api/steels/${added.id}`)
      .send({ ...own, hrcHigh: 58, version: added.version })
      .expect(200);
    await bench
      .put(`/api/steels/${added.id}`)
      .send({ ...own, version: added.version })
      .expect(409);
    await bench.delete(`/api/steels/${added.id}`).expect(409);
  });

  test('never take a name of the table, nor one twice; an unknown steel is not taken in', async () => {
    const taken = await bench
      .post('/api/steels')
      .send({ ...own, designation: 'SAE 1095' })
      .expect(422);
    expect(errorOf(taken).fields![0]!.field).toBe('designation');
    await bench.post('/api/steels').send(own).expect(422);
    const unknown = await counter
      .post('/api/jobs')
      .send(intake({ tagNumber: 34, steel: 'Moonsteel' }))
      .expect(422);
    expect(errorOf(unknown).fields![0]).toMatchObject({ field: 'steel' });
    await counter
      .post('/api/steels')
      .send({ ...own, designation: 'Another' })
      .expect(403);
  });
});

describe('machines', () => {
  const table = {
    name: 'Table',
    kind: 'table',
    ...NO_SIZES,
    note: '',
    retired: false,
  };

  test('are calibrated by test cuts, and a plan on one says what to set', async () => {
    const { id } = (await bench.post('/api/machines').send(table).expect(201)).body as ShopMachine;
    for (const [setDeg, measuredDeg] of [
      [15, 16],
      [20, 21],
    ]) {
      await bench.post(`/api/machines/${id}/cuts`).send({ setDeg, measuredDeg }).expect(201);
    }
    const job = (
      await counter
        .post('/api/jobs')
        .send(intake({ tagNumber: 35 }))
        .expect(201)
    ).body as Job;
    const planned = (
      await bench
        .put(`/api/jobs/${job.id}/plan`)
        .send({
          version: job.version,
          choices: { ...DEFAULT_CHOICES, maxRatio: null, machineId: String(id) },
        })
        .expect(200)
    ).body as Job;
    const edge = planned.steps.find(({ step }) => step.operation === 'edge')!.step;
    expect(edge.setting!.setDeg).toBeCloseTo(planned.plan!.angleDeg - 1, 6);
    expect(planned.plan!.choices.machineId).toBe(String(id));
  });

  test('a cut is taken back; a machine retired or unknown is not planned with', async () => {
    const made = (
      await bench
        .post('/api/machines')
        .send({ ...table, name: 'Old table' })
        .expect(201)
    ).body as ShopMachine;
    const cut = (
      await bench
        .post(`/api/machines/${made.id}/cuts`)
        .send({ setDeg: 15, measuredDeg: 18 })
        .expect(201)
    ).body as ShopMachine;
    const after = (
      await bench.delete(`/api/machines/${made.id}/cuts/${cut.cuts[0]!.id}`).expect(200)
    ).body as ShopMachine;
    expect(after.cuts).toEqual([]);
    await bench.delete(`/api/machines/${made.id}/cuts/${cut.cuts[0]!.id}`).expect(404);
    await bench
      .put(`/api/machines/${made.id}`)
      .send({ ...table, name: 'Old table', retired: true, version: made.version })
      .expect(200);
    await bench
      .put(`/api/machines/${made.id}`)
      .send({ ...table, version: made.version })
      .expect(409);
    const job = (
      await counter
        .post('/api/jobs')
        .send(intake({ tagNumber: 36 }))
        .expect(201)
    ).body as Job;
    for (const machineId of [String(made.id), '424242', 'table']) {
      const refused = await bench
        .put(`/api/jobs/${job.id}/plan`)
        .send({ version: job.version, choices: { ...DEFAULT_CHOICES, maxRatio: null, machineId } })
        .expect(422);
      expect(errorOf(refused).fields![0]!.field).toBe('choices.machineId');
    }
  });
});

describe('touching up', () => {
  test('goes up the ladder, on to the test when it is enough, and back when that fails', async () => {
    let job = (
      await counter
        .post('/api/jobs')
        .send(intake({ tagNumber: 37 }))
        .expect(201)
    ).body as Job;
    const touch = async (rung: string, enough: boolean, more: object = {}): Promise<Job> =>
      (
        await bench
          .post(`/api/jobs/${job.id}/touch-ups`)
          .send({ version: job.version, rung, stoneId: null, enough, note: '', ...more })
          .expect(200)
      ).body as Job;
    const coins = { coinMm: 1, count: 5, angleDeg: 17.7 };
    job = await touch('smooth rod', false, { coins, passes: 6 });
    expect(job.stage).toBe('taken in');
    job = await touch('strop', true);
    expect(job.stage).toBe('testing');
    job = await touch('strop', false);
    expect(job.stage).toBe('taken in');
    const kept = (await counter.get(`/api/jobs/${job.id}/touch-ups`).expect(200)).body as TouchUp[];
    expect(kept.map(({ rung, enough }) => [rung, enough])).toEqual([
      ['strop', false],
      ['strop', true],
      ['smooth rod', false],
    ]);
    // How the angle was set is there for the next visit.
    expect(kept[2]).toMatchObject({ coins, passes: 6 });
    expect(kept[0]).toMatchObject({ coins: null, passes: null });
    expect(job.events.some(({ message }) => textOf(message) === 'touched up: strop, enough')).toBe(
      true,
    );
  });

  test('knows no full round, no stone that is not there, and no counter', async () => {
    const job = (
      await counter
        .post('/api/jobs')
        .send(intake({ tagNumber: 38 }))
        .expect(201)
    ).body as Job;
    const body = {
      version: job.version,
      rung: 'smooth rod',
      stoneId: null,
      enough: true,
      note: '',
    };
    await bench
      .post(`/api/jobs/${job.id}/touch-ups`)
      .send({ ...body, rung: 'full round' })
      .expect(422);
    await bench
      .post(`/api/jobs/${job.id}/touch-ups`)
      .send({ ...body, stoneId: 99999 })
      .expect(422);
    await counter.post(`/api/jobs/${job.id}/touch-ups`).send(body).expect(403);
  });
});
