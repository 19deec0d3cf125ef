/** The day: who is there, what comes first, when a blade can be had, and calendars by secret address. */
import type { DayFacts, DayReview, WhenAnswer } from '@patient-edge/contract';
import { orderDay, say, usualMeasuresOf, type Place } from '@patient-edge/core';
import { toDayInput } from '@patient-edge/contract';
import ICAL from 'ical.js';
import request from 'supertest';
import {
  begun,
  openShop,
  planned,
  takeIn,
  workBody,
  workThrough,
  type TestShop,
} from '../../test/test-shop';
import { expectedJobs, type ExpectedJob } from './expected';
import { loadAhead, whenReady } from './when';

let shop: TestShop;
beforeAll(async () => {
  shop = await openShop('day');
});
afterAll(() => shop.close());

const facts = async (): Promise<DayFacts> =>
  (await shop.owner.get('/api/day').expect(200)).body as DayFacts;

test('open steps of planned blades are queued with their times, and nothing of what is not planned', async () => {
  const job = await planned(shop.owner, await takeIn(shop.owner, { tagNumber: 31 }));
  await takeIn(shop.owner, { tagNumber: 32 });
  const day = await facts();
  expect(day.unplanned).toBe(1);
  expect(day.jobs.map(({ jobId }) => jobId)).toEqual([job.id]);
  expect(day.jobs[0]!.steps).toHaveLength(job.steps.length);
  for (const { p50Seconds, p90Seconds } of day.jobs[0]!.steps)
    expect(p90Seconds).toBeGreaterThanOrEqual(p50Seconds);
  const ordered = orderDay(toDayInput(day, false), 50);
  expect(ordered.ok && ordered.value.isBest).toBe(true);
  // Nothing of the work is lost where steps need no stone.
  const minutes = (of: readonly { minutes: number }[]): number =>
    of.reduce((sum, step) => sum + step.minutes, 0);
  const input = toDayInput(day, false);
  expect(minutes(input.jobs[0]!.steps)).toBeCloseTo(
    job.steps.reduce((sum, { step }) => sum + step.seconds, 0) / 60,
    0,
  );
  // Cautious times are longer.
  expect(minutes(toDayInput(day, true).jobs[0]!.steps)).toBeGreaterThan(
    minutes(input.jobs[0]!.steps),
  );
});

test('what is held back waits, what is to come first weighs more, and what is in hand is not taken away', async () => {
  const job = await planned(shop.owner, await takeIn(shop.owner, { tagNumber: 33 }));
  const mark = (value: string | null) =>
    shop.owner.put(`/api/day/marks/${job.id}`).send({ mark: value }).expect(200);
  await mark('held');
  expect(toDayInput(await facts(), false).jobs.map(({ id }) => id)).not.toContain(String(job.id));
  await mark('first');
  const [weight] = toDayInput(await facts(), false).jobs.flatMap((each) =>
    each.id === String(job.id) ? [each.weight] : [],
  );
  expect(weight).toBeGreaterThan(1);
  await mark(null);
  const { steps } = await begun(shop.owner, job);
  await shop.owner
    .put(`/api/jobs/${job.id}/steps/${steps[0]!.id}/work`)
    .send(workBody({ strokesRight: 3 }))
    .expect(200);
  const inHand = (await facts()).jobs.find(({ jobId }) => jobId === job.id)!;
  expect(inHand.inHand).toMatchObject({ staffId: expect.any(Number) as number });
  expect(inHand.steps).toHaveLength(job.steps.length - 1);
});

test('people come and go, by times that are times', async () => {
  const { now, people } = await facts();
  const send = (part: object) =>
    shop.owner.put('/api/day/presence').send({
      day: now.day,
      staffId: people[0]!.staffId,
      present: false,
      fromTime: '09:00',
      untilTime: '12:30',
      ...part,
    });
  const told = (await send({}).expect(200)).body as DayFacts;
  expect(told.people[0]).toMatchObject({ present: false, untilTime: '12:30' });
  const refused = await send({ untilTime: '08:00' }).expect(422);
  expect((refused.body as { error: { fields: { field: string }[] } }).error.fields[0]!.field).toBe(
    'untilTime',
  );
  await send({ staffId: 9999 }).expect(404);
});

test('more work is ready later, and the days ahead know their load', async () => {
  await shop.owner
    .put('/api/places')
    .send({
      version: 0,
      places: [
        {
          id: null,
          name: 'Quay',
          address: '',
          weekdays: [1, 2, 3, 4, 5, 6, 7],
          opensAt: '08:00',
          closesAt: '18:00',
          inUse: true,
        },
      ],
      closed: [],
    })
    .expect(200);
  const when = async (minutes: number): Promise<WhenAnswer> =>
    (await shop.owner.get(`/api/day/when?minutes=${minutes}`).expect(200)).body as WhenAnswer;
  const [soon, later] = [await when(10), await when(3000)];
  expect(soon.offers[0]!.place).toBe('Quay');
  expect(later.offers[0]!.day > soon.offers[0]!.day).toBe(true);
  expect(soon.offers[0]!.spareMinutes).toBeGreaterThanOrEqual(0);
  // Of the days after the first, each leaves more.
  const spare = later.offers.map(({ spareMinutes }) => spareMinutes);
  expect(spare).toEqual([...spare].sort((a, b) => a - b));
  const load = await shop.owner.get('/api/day/load').expect(200);
  expect((load.body as unknown[]).length).toBe(14);
});

test('a calendar is read by others at its secret address, and by nobody at another', async () => {
  const calendars = await shop.owner.get('/api/day/calendars').expect(200);
  const [ofShop] = calendars.body as { address: string }[];
  const path = new URL(ofShop!.address).pathname;
  const { text, headers } = await request(shop.app).get(path).expect(200);
  expect(headers['content-type']).toContain('text/calendar');
  const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
  const events = calendar.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each));
  expect(events.length).toBeGreaterThan(0);
  for (const event of events)
    expect(event.endDate.toJSDate().getTime()).toBeGreaterThan(
      event.startDate.toJSDate().getTime(),
    );
  expect(events.some(({ summary }) => summary.startsWith('31'))).toBe(true);
  await request(shop.app)
    .get(path.replace(/.(?=\.ics$)/, 'x'))
    .expect(404);
  await request(shop.app).get('/api/calendars/0-guess.ics').expect(404);
  const csv = await shop.owner.get('/api/day.csv').expect(200);
  expect(csv.text.split('\r\n')[0]).toBe('from,until,person,tag,blade,customer,step,stone,late');
});

describe('when can I have it, with a week of work promised', () => {
  const days = ['2026-11-30', '2026-12-01', '2026-12-02', '2026-12-03'].map((day) => ({
    day,
    fromMinute: 540,
    untilMinute: 1080,
  }));
  const place: Place = {
    id: 1,
    name: 'Quay',
    address: '',
    weekdays: [1, 2, 3, 4, 5, 6, 7],
    opensAt: '09:00',
    closesAt: '18:00',
    inUse: true,
  };
  /** Blades of so many minutes each, one promised for each day. */
  const busy = (minutes: readonly number[]): DayFacts => ({
    now: { day: '2026-11-30', minute: 540 },
    days,
    people: [
      {
        staffId: 1,
        name: 'Teodor',
        present: true,
        fromTime: '09:00',
        untilTime: '18:00',
        freeAtMinutes: 0,
        awayMinutes: null,
        stoneId: null,
      },
    ],
    stones: [
      {
        stoneId: 1,
        name: 'Grey stone',
        um: 10,
        soakMinutes: 0,
        flattenEveryMinutes: null,
        flattenMinutes: 0,
        workedMinutes: 0,
      },
    ],
    jobs: minutes.map((each, index) => ({
      jobId: index + 1,
      tagNumber: 10 + index,
      blade: '',
      customer: '',
      measures: usualMeasuresOf('chef', 210),
      promisedOn: days[index]!.day,
      place: 'Quay',
      dueMinutes: 540 * (index + 1),
      mark: null,
      round: 1,
      waitsForAnswer: false,
      inHand: null,
      steps: [
        {
          stepId: index + 1,
          number: 1,
          title: say('edge.title.first', { stone: 'Grey stone' }),
          stoneId: 1,
          p50Seconds: 40 * each,
          p90Seconds: 60 * each,
        },
      ],
    })),
    unplanned: 0,
  });
  const when = (of: DayFacts, minutes: number, expected: readonly ExpectedJob[] = []): WhenAnswer =>
    whenReady(of, expected, minutes, [place], []);

  test('today, where today has room, though there is work for later days', () => {
    const { offers, sooner } = when(busy([300, 500, 500]), 100);
    expect(offers[0]!.day).toBe('2026-11-30');
    expect(sooner).toBeNull();
  });

  test('the first day with room, and what a day before it would make late', () => {
    const { offers, sooner, late } = when(busy([500, 500, 300]), 200);
    expect(late).toBe(0);
    expect(offers[0]!.day).toBe('2026-12-02');
    expect(sooner).toMatchObject({ day: '2026-12-01', place: 'Quay' });
    // 1,200 minutes, three stones taken up and one wash in the 1,080 of two days.
    expect(sooner!.pushes).toEqual([{ tagNumber: 11, lateMinutes: 124 }]);
  });

  test('what is promised and not planned takes its time too, by the kind of blade', () => {
    const of = busy([]);
    const row = (tagNumber: number, kind: string) => ({
      tagNumber,
      kind,
      promisedOn: '2026-11-30',
      place: 'Quay',
      closesAt: '18:00',
    });
    // A cleaver takes 120 minutes, half as much again to be cautious; what nobody has done takes as all did.
    const usual = new Map([['cleaver', 120]]);
    const expected = expectedJobs(of, [row(51, 'cleaver'), row(52, 'axe')], usual);
    expect(expected.map(({ cautiousMinutes }) => cautiousMinutes)).toEqual([180, 180]);
    expect(when(of, 170, expected).offers[0]!.day).toBe('2026-11-30');
    const { offers, sooner } = when(of, 190, expected);
    expect(offers[0]!.day).toBe('2026-12-01');
    expect(sooner!.pushes.map(({ lateMinutes }) => lateMinutes)).toEqual([13]);
    const [today] = loadAhead(of, expected, [place], [], new Map());
    expect(today).toMatchObject({ blades: 2, workMinutes: 240, cautiousMinutes: 360 });
  });

  test('not before its own work is done, and after everything where all is full', () => {
    expect(when(busy([]), 900).offers[0]!.day).toBe('2026-12-01');
    const { offers, late } = when(busy([700, 500, 400]), 100);
    expect(late).toBeGreaterThan(0);
    expect(offers.every(({ day }) => day >= '2026-12-02')).toBe(true);
  });
});

test('the day is looked back on: planned and worked, by person, and what is not done', async () => {
  const job = await planned(shop.owner, await takeIn(shop.owner, { tagNumber: 35 }));
  await workThrough(shop.owner, await begun(shop.owner, job));
  const review = (await shop.owner.get('/api/day/review').expect(200)).body as DayReview;
  expect(review.blades).toBeGreaterThanOrEqual(1);
  expect(review.steps + review.leftOut).toBeGreaterThanOrEqual(job.steps.length);
  const sum = (key: 'steps' | 'foreseenSeconds' | 'workedSeconds'): number =>
    review.people.reduce((all, person) => all + person[key], 0);
  expect(sum('steps')).toBe(review.steps);
  expect(sum('workedSeconds')).toBeCloseTo(review.workedSeconds, 6);
  // The furthest off come first.
  const off = review.furthest.map((each) => Math.abs(each.workedSeconds - each.foreseenSeconds));
  expect(off).toEqual([...off].sort((a, b) => b - a));
});
