/** Loads the demo through the same functions the counter and the bench use, so that every record is a real one. */
import { NO_RIG_SETTING, type Stage, type TakeInBody } from '@patient-edge/contract';
import {
  bevelsOf,
  bladeKind,
  DEFAULT_CHOICES,
  findUse,
  byZone,
  readingsOf,
  USUAL_TESTS,
  ZONES,
  type BurrCheck,
  type BurrFinding,
  type BurrGate,
  type EdgeReadings,
  type Rung,
  type Message,
  say,
  NO_NOTES,
} from '@patient-edge/core';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { addStaff, readSetting, writeSetting } from '../auth/queries';
import { hashPassword } from '../auth/password';
import {
  finishStep,
  keepForecasts,
  reopenStepsFrom,
  replaceBurr,
  saveWork,
  stepsOfJob,
} from '../bench/queries';
import type { Compute } from '../compute/compute';
import { addCustomer } from '../customers/queries';
import { inTransaction } from '../database/pool';
import { saveReadings, setTestsInUse } from '../edge-tests/queries';
import {
  addEvent,
  damageOfJob,
  findJobRow,
  jobOfBladeNamed,
  setDeclined,
  setNextRound,
  setReturned,
  setStage,
} from '../jobs/queries';
import { takeIn } from '../jobs/take-in';
import { addConsent } from '../judge/queries';
import { makePlan } from '../plan/make-plan';
import { putPlace } from '../places/queries';
import { localDay } from '../shop/days';
import { addTouchUp } from '../touch-ups/queries';
import { drawPhotograph } from './photograph';
import { toPicture as toKept } from '../photographs/picture';
import { addPhotograph, changePhotograph } from '../photographs/queries';
import { measuresOf } from '../jobs/rows';
import { loadCare, loadShelf } from './load-shelf';
import { addAllFigures } from '../figures/queries';
import { loadPast, PAST_DAYS } from './past';
import { dueOn } from '../hand-over/hand-over';
import { addSale, billOfJob } from '../money/queries';
import { reckonBill } from '../money/reckon';
import { writePriceList } from '../prices/queries';
import { writeShopDetails } from '../shop/details';
import {
  BLADES,
  PLACES,
  OWNERS,
  PRICE_LIST,
  SHOP,
  SHOP_DETAILS,
  type DemoBlade,
  type OwnerKey,
} from './people-and-blades';
import { DEMO_SIGN_INS } from './sign-ins';

const DAY_MS = 24 * 60 * 60 * 1000;
const LOADED = 'demo loaded';

interface Crew {
  readonly counterId: number;
  readonly benchId: number;
}

/** Small steady differences between blades, so that no two are the same; no chance in it. */
const vary = (seed: number, spread: number): number => 1 + spread * Math.sin(seed * 12.9898);
const round = (value: number, digits: number): number => Number(value.toFixed(digits));

/** The next day with a mooring, Sunday has none. */
const mooringDay = (from: Date): Date =>
  from.getDay() === 0 ? new Date(from.getTime() + DAY_MS) : from;

const intakeOf = (
  blade: DemoBlade,
  seed: number,
  tagNumber: number,
  promised: Date,
): Omit<TakeInBody, 'customerId'> => {
  const kind = bladeKind(blade.kind);
  const { usual } = kind;
  const size = (blade.size ?? 1) * vary(seed, 0.06);
  const edgeLengthMm = round(usual.edgeLengthMm * size, 0);
  const height = (at: 0 | 1 | 2): number => round(usual.heightsMm[at] * (1 + (size - 1) / 2), 1);
  const spine = (at: 0 | 1 | 2): number => round(usual.spineMm[at] * vary(seed + 7, 0.05), 2);
  const side = (given: 'right' | 'left' | 'both' | undefined) => given ?? 'both';
  return {
    kindId: kind.id,
    bladeName: blade.name,
    steel: blade.steel,
    useId: blade.use ?? usual.use,
    cuts: blade.cuts ?? '',
    askedFor: blade.askedFor ?? '',
    promisedOn: localDay(promised),
    placeId: null,
    sharpness: blade.sharpness ?? 'dull',
    carefulHands: blade.owner === 'vellum',
    edgeLengthMm,
    heightHeelMm: height(0),
    heightMiddleMm: height(1),
    heightTipMm: height(2),
    spineHeelMm: spine(0),
    spineMiddleMm: spine(1),
    spineTipMm: spine(2),
    thicknessBehindEdgeMm:
      blade.behindEdgeMm ?? round(usual.thicknessBehindEdgeMm * vary(seed + 3, 0.1), 2),
    bevelFaceMm: null,
    presentAngle: {
      valueDeg: round(
        bevelsOf(bladeKind(blade.kind)) * usual.anglePerSideDeg * vary(seed + 5, 0.08),
        0,
      ),
      as: 'inclusive',
    },
    measuredWith: {},
    angleReadings: [],
    bellyStartMm: null,
    tipRiseMm: null,
    traced: null,
    answers: blade.answers ?? {},
    damage: [
      ...(blade.faults ?? []).map(([found, at, lengthMm, depthMm, on], index) => ({
        id: `fault-${index + 1}`,
        kind: found,
        side: side(on),
        fromMm: round(at * edgeLengthMm, 0),
        lengthMm,
        depthMm,
      })),
      ...(blade.chips ?? []).map(([at, lengthMm, depthMm, on], index) => ({
        id: `chip-${index + 1}`,
        kind: 'chip' as const,
        side: side(on),
        fromMm: round(at * edgeLengthMm, 0),
        lengthMm,
        depthMm,
      })),
      ...(blade.dull ?? []).map(([from, to, on], index) => ({
        id: `dull-${index + 1}`,
        kind: 'dull zone' as const,
        side: side(on),
        fromMm: round(from * edgeLengthMm, 0),
        lengthMm: round((to - from) * edgeLengthMm, 0),
        depthMm: 0,
      })),
    ],
    newCustomer: null,
    bladeId: null,
    tagNumber,
  };
};

const AS_IT_CAME_GF = { keen: 190, tired: 310, dull: 430, blunt: 620 } as const;

const readingsAt = (forceGf: number, seed: number, glintAtTip = false): EdgeReadings =>
  readingsOf((zone) => {
    const index = ZONES.indexOf(zone);
    const base = forceGf * vary(seed + index, 0.06);
    const dull = forceGf > 300;
    const glint = glintAtTip && zone === 'tip';
    return {
      classes: {
        light: dull || glint ? 'glint' : 'dark',
        paper: dull ? 'tears' : glint ? 'catches' : 'cuts clean',
      },
      forceGf: [0.97, 1, 1.04].map((share) => Math.round(base * share)),
    };
  });

const burrFor = (gate: BurrGate): BurrCheck => {
  const finding: BurrFinding = gate === 'gone' ? 'none' : 'slight';
  const zones = byZone(() => finding);
  return gate === 'no check' ? { right: {}, left: {} } : { right: zones, left: zones };
};

interface Visit {
  readonly compute: Compute;
  readonly blade: DemoBlade;
  readonly seed: number;
  readonly tagNumber: number;
  readonly customerId: number;
  readonly bladeId: number | null;
  readonly takenInAt: Date;
  readonly promised: Date;
  readonly ending: DemoBlade['ending'];
  readonly touchUp?: Rung | undefined;
}

/** Works the first `count` steps of a job as the bench would. */
const workSteps = async (
  db: PoolConnection,
  jobId: number,
  seed: number,
  count: number,
  staffId: number,
): Promise<void> => {
  const steps = (await stepsOfJob(db, jobId, 1)).filter(({ superseded }) => !superseded);
  for (const [index, { id, step }] of steps.slice(0, count).entries()) {
    const pace = vary(seed + index, 0.18);
    const strokes = Math.round(step.strokesPerSide * pace);
    await saveWork(db, id, {
      revision: 0,
      strokesRight: strokes,
      strokesLeft: strokes,
      workedSeconds: round(step.seconds * pace, 1),
      runningSeconds: null,
      burr: burrFor(step.gate),
      notes: NO_NOTES,
    });
    await replaceBurr(db, id, 1, burrFor(step.gate));
    await finishStep(db, id, null, staffId);
  }
};

const ORDER: readonly Stage[] = [
  'taken in',
  'planned',
  'on the bench',
  'testing',
  'ready',
  'returned',
];

type Log = (staffId: number, kind: string, message: Message) => Promise<unknown>;

const passed = async (
  db: PoolConnection,
  visit: Visit,
  jobId: number,
  log: Log,
  benchId: number,
): Promise<void> => {
  const row = (await findJobRow(db, jobId))!;
  const target = findUse(row.useId).targetForceGf;
  await saveReadings(db, jobId, 'after', 1, readingsAt(target * 0.85, visit.seed));
  await setStage(db, jobId, 'ready');
  await reckonBill(db, row);
  await log(benchId, 'passed', say('event.passed', { verdict: 'meets', note: '' }));
};

/** Tested, passed and handed over on the day it was promised for. */
const returned = async (
  db: PoolConnection,
  visit: Visit,
  crew: Crew,
  jobId: number,
  bladeId: number,
  log: Log,
): Promise<{ jobId: number; bladeId: number }> => {
  await passed(db, visit, jobId, log, crew.benchId);
  await setReturned(
    db,
    jobId,
    {
      remarks: '',
      holding: visit.blade.holding ?? '',
      rigSetting: visit.blade.rigSetting ?? NO_RIG_SETTING,
      collectedBy: '',
      dueOn: await dueOn(db, (await findJobRow(db, jobId))!, visit.promised),
    },
    visit.promised,
  );
  const bill = await billOfJob(db, jobId);
  if (bill && !OWNERS[visit.blade.owner].onAccount) {
    await addSale(db, {
      customerId: visit.customerId,
      staffId: crew.counterId,
      method: 'cash',
      lines: [{ jobId, amountMinor: bill.priceMinor }],
      at: visit.promised,
    });
  }
  await addEvent(db, {
    jobId,
    staffId: crew.counterId,
    kind: 'returned',
    message: say('event.handed-over', { tag: visit.tagNumber }),
    at: visit.promised,
  });
  return { jobId, bladeId };
};

/** Brings one visit in and takes it as far as its ending; gives the job and blade. */
const loadVisit = async (
  db: PoolConnection,
  visit: Visit,
  crew: Crew,
): Promise<{ jobId: number; bladeId: number }> => {
  const { blade, seed, ending } = visit;
  const body: TakeInBody = {
    ...intakeOf(blade, seed, visit.tagNumber, visit.promised),
    customerId: visit.customerId,
    bladeId: visit.bladeId,
  };
  const jobId = await takeIn(db, body, { id: crew.counterId }, visit.takenInAt);
  let minutes = 10;
  const log = (staffId: number, kind: string, message: Message) => {
    minutes += 25;
    return addEvent(db, {
      jobId,
      staffId,
      kind,
      message,
      at: new Date(visit.takenInAt.getTime() + minutes * 60_000),
    });
  };
  const row = (await findJobRow(db, jobId))!;
  const done = { jobId, bladeId: row.bladeId };
  await saveReadings(db, jobId, 'before', 0, readingsAt(AS_IT_CAME_GF[row.sharpness], seed));
  if (ending === 'declined') {
    await setDeclined(db, jobId, blade.reason ?? 'Sent on');
    await log(
      crew.benchId,
      'declined',
      say('event.declined', { reason: blade.reason ?? 'sent on' }),
    );
    return done;
  }
  if (visit.touchUp) {
    await addTouchUp(
      db,
      jobId,
      crew.benchId,
      { rung: visit.touchUp, stoneId: null, enough: true, note: '', coins: null, passes: null },
      new Date(visit.takenInAt.getTime() + DAY_MS),
    );
    await log(
      crew.benchId,
      'touch-up',
      say('event.touched-up', { rung: visit.touchUp, stone: '', isEnough: true, note: '' }),
    );
    return returned(db, visit, crew, jobId, row.bladeId, log);
  }
  const reach = ORDER.indexOf(
    ending === 'mid-step' || ending === 'sent back' ? 'on the bench' : ending,
  );
  if (reach < 1) return done;
  const plan = await makePlan(db, visit.compute, row, DEFAULT_CHOICES, {
    staffId: crew.benchId,
    reason: '',
  });
  await log(
    crew.benchId,
    'planned',
    say('event.planned', {
      angleDeg: plan.angle.angleDeg,
      inclusiveDeg: plan.report.figures.angleInclusive.value,
      steps: plan.work.steps.length,
      changes: 0,
      reason: '',
    }),
  );
  if (reach < 2) return done;
  const asked = (await stepsOfJob(db, jobId, 1)).flatMap(({ asks }) => asks);
  for (const { id, text } of asked) {
    await addConsent(db, jobId, crew.counterId, {
      matter: id,
      text,
      answer: 'yes',
      name: OWNERS[blade.owner].name,
    });
    await log(crew.counterId, 'consent', say('event.asked', { question: text, answer: 'yes' }));
  }
  await setStage(db, jobId, 'on the bench');
  await keepForecasts(db, jobId, blade.steel, null);
  await log(crew.benchId, 'bench', say('event.started'));
  const all = plan.work.steps.length;
  if (ending === 'on the bench' || ending === 'mid-step') {
    // The first stone is done, and the next is under the blade.
    const onStones = plan.work.steps.flatMap(({ stoneId }, index) => (stoneId ? [index] : []));
    await workSteps(db, jobId, seed, onStones[1] ?? all - 1, crew.benchId);
    const open = (await stepsOfJob(db, jobId, 1)).find(({ status }) => status === 'to do');
    if (open && ending === 'mid-step') {
      const strokes = Math.round(open.step.strokesPerSide * 0.4);
      await saveWork(db, open.id, {
        revision: 0,
        strokesRight: strokes,
        strokesLeft: strokes,
        workedSeconds: round(open.step.seconds * 0.4, 1),
        runningSeconds: null,
        burr: { right: {}, left: {} },
        notes: NO_NOTES,
      });
    }
    return done;
  }
  await workSteps(db, jobId, seed, all, crew.benchId);
  await setStage(db, jobId, 'testing');
  const target = findUse(body.useId).targetForceGf;
  if (ending === 'sent back') {
    await saveReadings(db, jobId, 'after', 1, readingsAt(target * 0.9, seed, true));
    const steps = await stepsOfJob(db, jobId, 1);
    const edge = steps.find(({ step }) => step.operation === 'edge') ?? steps[0]!;
    await reopenStepsFrom(db, jobId, edge.id);
    await setNextRound(db, jobId);
    await log(
      crew.benchId,
      'sent back',
      say('event.sent-back', { step: edge.step.title, note: 'a glint at the tip' }),
    );
    return done;
  }
  if (reach < ORDER.indexOf('ready')) return done;
  if (ending === 'returned') return returned(db, visit, crew, jobId, row.bladeId, log);
  await passed(db, visit, jobId, log, crew.benchId);
  return done;
};

const PHOTOGRAPHED = 'Wedding knife';

/** The disputed chip: photographed and marked as it came over the counter. */
const photographOne = async (db: PoolConnection, staffId: number): Promise<void> => {
  const jobId = await jobOfBladeNamed(db, PHOTOGRAPHED);
  const row = (await findJobRow(db, jobId))!;
  const { jpeg, toPicture } = await drawPhotograph(measuresOf(row), 2400, 1800);
  const picture = await toKept(jpeg);
  const id = await addPhotograph(db, jobId, staffId, picture);
  const chip = (await damageOfJob(db, jobId))[0]!;
  const [x, y] = toPicture([chip.fromMm + chip.lengthMm / 2, 0]);
  await changePhotograph(db, id, {
    note: 'As it came over the counter, right side',
    marks: [
      { x: x / picture.widthPx, y: y / picture.heightPx, note: 'The chip, shown to the owner' },
    ],
  });
};

/** Fills an empty shop with the demo; does nothing when it is there. True when it was loaded now. */
export const loadDemo = async (
  pool: Pool,
  compute: Compute,
  now: Date,
  publicAddress: string,
  { withPast = false }: { readonly withPast?: boolean } = {},
): Promise<boolean> => {
  const hashes = await Promise.all(DEMO_SIGN_INS.map(({ password }) => hashPassword(password)));
  return inTransaction(pool, async (db) => {
    if ((await readSetting(db, LOADED)) !== null) return false;
    const ids: number[] = [];
    for (const [index, { name, login, role }] of DEMO_SIGN_INS.entries()) {
      ids.push(await addStaff(db, { name, login, role, passwordHash: hashes[index]! }));
    }
    const crew: Crew = { benchId: ids[1]!, counterId: ids[2]! };
    await writeSetting(db, 'shop name', SHOP);
    await writeShopDetails(db, { ...SHOP_DETAILS, publicAddress });
    // The boat owns a force tester.
    await setTestsInUse(db, { inUse: [...USUAL_TESTS, 'force'], own: [] });
    for (const place of PLACES) await putPlace(db, place);
    await writePriceList(db, PRICE_LIST, 1);
    await loadShelf(db, crew.benchId);
    const customerIds = new Map<OwnerKey, number>();
    for (const [key, body] of Object.entries(OWNERS) as [OwnerKey, (typeof OWNERS)[OwnerKey]][]) {
      customerIds.set(key, await addCustomer(db, body));
    }
    let tagNumber = 0;
    for (const [index, blade] of BLADES.entries()) {
      const at = (days: number): Date => new Date(now.getTime() + days * DAY_MS);
      const shared = { compute, blade, seed: index + 1, customerId: customerIds.get(blade.owner)! };
      let bladeId: number | null = null;
      for (let earlier = blade.earlierVisits ?? 0; earlier > 0; earlier -= 1) {
        const promised = mooringDay(at(blade.promisedIn - earlier * 84));
        tagNumber += 1;
        const visit = await loadVisit(
          db,
          {
            ...shared,
            blade: { ...blade, chips: [], dull: [] },
            tagNumber,
            bladeId,
            takenInAt: new Date(promised.getTime() - 3 * DAY_MS),
            promised,
            ending: 'returned',
            touchUp: blade.touchUps?.[(blade.earlierVisits ?? 0) - earlier],
          },
          crew,
        );
        bladeId = visit.bladeId;
      }
      tagNumber += 1;
      const promised = mooringDay(at(blade.promisedIn));
      await loadVisit(
        db,
        {
          ...shared,
          tagNumber,
          bladeId,
          takenInAt: new Date(Math.min(now.getTime(), promised.getTime()) - 3 * DAY_MS),
          promised,
          ending: blade.ending,
        },
        crew,
      );
    }
    await photographOne(db, crew.counterId);
    if (withPast) await loadPast(db, { benchId: crew.benchId, ownerId: ids[0]! }, now);
    await loadCare(db, crew.benchId, now, withPast ? PAST_DAYS : null);
    await addAllFigures(db, now);
    await writeSetting(db, LOADED, now.toISOString());
    return true;
  });
};
