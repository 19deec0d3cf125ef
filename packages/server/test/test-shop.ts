/** A shop on a real, empty database for a server test, and people who ask things of it. */
import { createHash } from 'node:crypto';
import { join } from 'node:path';
import type { ApiErrorBody, Job, ShopBody, StepRecord } from '@patient-edge/contract';
import {
  byZone,
  asksOfStep,
  DEFAULT_CHOICES,
  readingsOf,
  USUAL_TEMPLATES,
  USUAL_TESTS,
  type BurrFinding,
  type PlanChoices,
} from '@patient-edge/core';
import type { Express } from 'express';
import mysql, { type Pool } from 'mysql2/promise';
import { pino } from 'pino';
import request, { type Agent, type Response } from 'supertest';
import { intakeBody } from '../../contract/test/intake';
import { stoneBody } from '../../contract/test/stones';
import { createApp, type AppOptions } from '../src/app';
import { inProcessCompute } from '../src/compute/in-process';
import { migrate } from '../src/database/migrate';
import { openPool } from '../src/database/pool';

export const MIGRATIONS = join(__dirname, '..', 'src', 'database', 'migrations');

const wanted = (name: string): string => {
  const value = process.env[name];
  if (value === undefined) throw new Error(`${name} is not set; run ./patient-edge test unit`);
  return value;
};

const address = () => ({
  host: '127.0.0.1',
  port: Number(wanted('DATABASE_PORT')),
  user: wanted('DATABASE_USER'),
  password: wanted('DATABASE_PASSWORD'),
});

/** An empty database of its own for the test file of that name. */
export const emptyDatabase = async (name: string): Promise<Pool> => {
  const database = `patient_edge_unit_${createHash('sha1').update(name).digest('hex').slice(0, 10)}`;
  const connection = await mysql.createConnection(address());
  await connection.query(`DROP DATABASE IF EXISTS ${database}`);
  await connection.query(`CREATE DATABASE ${database}`);
  await connection.end();
  return openPool({ ...address(), database });
};

export const PASSWORD = 'long-enough-to-keep';

export interface TestShop {
  readonly pool: Pool;
  readonly app: Express;
  readonly owner: Agent;
  readonly close: () => Promise<void>;
  /** Adds somebody of that role and signs them in. */
  readonly person: (login: string, role: 'bench' | 'counter') => Promise<Agent>;
}

/** A shop with an owner signed in and three stones and a strop on the rack. */
export const openShop = async (
  name: string,
  options: Partial<
    Pick<
      AppOptions,
      | 'printer'
      | 'compute'
      | 'reach'
      | 'scale'
      | 'force'
      | 'sessionSecret'
      | 'mailBox'
      | 'microscope'
    >
  > = {},
): Promise<TestShop> => {
  const pool = await emptyDatabase(name);
  await migrate(pool, MIGRATIONS);
  const { app, close } = createApp({
    pool,
    mode: 'shop',
    sessionSecret: 'a secret for tests only',
    webFolder: null,
    logger: pino({ level: 'silent' }),
    compute: inProcessCompute(),
    ...options,
  });
  const owner = request.agent(app);
  await owner
    .post('/api/set-up')
    .send({ shopName: 'Test boat', name: 'Nara Weir', login: 'nara', password: PASSWORD })
    .expect(201);
  for (const [stoneName, um, abrasive] of [
    ['Brown', 17, 'aluminium-oxide'],
    ['Red', 11.5, 'aluminium-oxide'],
    ['Fine', 3, 'ceramic'],
    ['Strop', 2, 'compound'],
  ] as const) {
    const strop = abrasive === 'compound';
    await owner
      .post('/api/stones')
      .send(
        stone({
          name: stoneName,
          um,
          abrasive,
          ...(strop ? { kind: 'strop', liquid: 'dry', minutesFlat: null } : {}),
        }),
      )
      .expect(201);
  }
  await owner
    .put('/api/tests-in-use')
    .send({ inUse: [...USUAL_TESTS, 'force'] })
    .expect(200);
  return {
    pool,
    app,
    owner,
    close: async () => {
      await close();
      await pool.end();
    },
    person: async (login, role) => {
      await owner
        .post('/api/staff')
        .send({ name: login, login, role, password: PASSWORD })
        .expect(201);
      const agent = request.agent(app);
      await agent.post('/api/session').send({ login, password: PASSWORD }).expect(200);
      return agent;
    },
  };
};

export const errorOf = (response: Response): ApiErrorBody['error'] =>
  (response.body as ApiErrorBody).error;

export const stone = stoneBody;

/** Of an owner nobody knows yet. */
export const intake = (part: Record<string, unknown> = {}) =>
  intakeBody({
    customerId: null,
    newCustomer: { name: 'Hollis Reed', trade: 'Thatcher', phones: [], note: '', edgesLiked: '' },
    ...part,
  });

export const jobOf = (response: Response): Job => response.body as Job;

export const takeIn = async (agent: Agent, part: Record<string, unknown> = {}): Promise<Job> =>
  jobOf(await agent.post('/api/jobs').send(intake(part)).expect(201));

export const planned = async (
  agent: Agent,
  job: Job,
  choices: Partial<PlanChoices> = {},
): Promise<Job> =>
  jobOf(
    await agent
      .put(`/api/jobs/${job.id}/plan`)
      .send({ version: job.version, choices: { ...DEFAULT_CHOICES, ...choices } })
      .expect(200),
  );

export const begun = async (agent: Agent, job: Job): Promise<Job> =>
  jobOf(await agent.post(`/api/jobs/${job.id}/bench`).send({ version: job.version }).expect(200));

/** Handed back undone: its owner has it again, and the tag is free. */
export const sentHome = async (agent: Agent, job: Job, reason = 'Not ours'): Promise<Job> => {
  const declined = jobOf(
    await agent
      .post(`/api/jobs/${job.id}/decline`)
      .send({ version: job.version, reason })
      .expect(200),
  );
  return jobOf(
    await agent
      .post(`/api/jobs/${job.id}/return`)
      .send({
        version: declined.version,
        tagNumber: job.tagNumber,
        sheathed: true,
        remarks: '',
        holding: '',
      })
      .expect(200),
  );
};

export const burrEverywhere = (finding: BurrFinding) => ({
  right: byZone(() => finding),
  left: byZone(() => finding),
});

export const workBody = (part: Record<string, unknown> = {}) => ({
  revision: 0,
  strokesRight: 20,
  strokesLeft: 20,
  workedSeconds: 90,
  runningSeconds: null,
  burr: { right: {}, left: {} },
  ...part,
});

/** Works every open step through its gate until the blade is to be tested. */
/** The first stone of the edge. */
export const edgeOf = (job: Job): StepRecord =>
  job.steps.find(({ step, superseded }) => step.key === 'edge 1' && !superseded)!;

/** Works every step, or those before the one named. */
export const workThrough = async (agent: Agent, from: Job, upTo?: string): Promise<Job> => {
  let job = from;
  for (;;) {
    const open = job.steps.find(({ status, superseded }) => status === 'to do' && !superseded);
    if (!open || job.stage !== 'on the bench' || open.step.key === upTo) return job;
    const finding = open.step.gate === 'gone' ? 'none' : 'slight';
    await agent
      .put(`/api/jobs/${job.id}/steps/${open.id}/work`)
      .send(workBody({ revision: open.revision, burr: burrEverywhere(finding) }))
      .expect(200);
    job = jobOf(
      await agent
        .post(`/api/jobs/${job.id}/steps/${open.id}/finish`)
        .send({
          version: job.version,
          overrideReason: null,
          shown: asksOfStep(open.step).map(({ code }) => code),
        })
        .expect(200),
    );
  }
};

export const readings = (forceGf: readonly number[], light: 'dark' | 'glint' = 'dark') =>
  readingsOf(() => ({ classes: { light, paper: 'cuts clean' }, forceGf }));

export const tested = async (
  agent: Agent,
  job: Job,
  forceGf: readonly number[] = [200, 205, 210],
  light: 'dark' | 'glint' = 'dark',
): Promise<Job> =>
  jobOf(
    await agent
      .put(`/api/jobs/${job.id}/readings`)
      .send({ version: job.version, phase: 'after', readings: readings(forceGf, light) })
      .expect(200),
  );

/** Worked, tested keen and passed: ready for its customer. */
export const passed = async (bench: Agent, job: Job): Promise<Job> => {
  const worked = await workThrough(bench, await begun(bench, await planned(bench, job)));
  const { version } = await tested(bench, worked);
  return jobOf(
    await bench
      .post(`/api/jobs/${job.id}/verdict`)
      .send({ version, backToStepId: null, cause: null, note: '' })
      .expect(200),
  );
};

/** What stands on receipts and in messages, where nothing else is said. */
export const shopDetails = (part: Partial<ShopBody> = {}): ShopBody => ({
  shopName: 'Test boat',
  currency: 'EUR',
  address: 'Berth 4',
  phone: '0555 1',
  email: 'bench@shop.example',
  taxLines: '',
  publicAddress: '',
  houseDays: 14,
  templates: USUAL_TEMPLATES,
  ...part,
});

/** A list with one price: any blade, however long and whatever it takes. */
export const onePrice = (owner: Agent, amountMinor: number) =>
  owner
    .put('/api/prices')
    .send({
      version: 0,
      currency: 'EUR',
      prices: [{ item: 'blade', group: 'any', amountMinor }],
      lengthIncludedMm: 900,
      lengthStepMm: 50,
      minutesIncluded: 600,
    })
    .expect(200);
