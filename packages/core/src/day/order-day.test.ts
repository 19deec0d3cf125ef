/** The order of the day, held against every order there is, and against rules of thumb. */
import fc from 'fast-check';
import { valueOf } from '../../test/blades';
import {
  compileDay,
  DaySearch,
  dayInOrder,
  dueDateOrder,
  orderDay,
  seededUniform,
  sheetOf,
  type DayInput,
  type DayPlace,
} from '../index';

const minutes = fc.integer({ min: 1, max: 12 });
const stone = (id: string) =>
  fc.record({
    id: fc.constant(id),
    um: fc.integer({ min: 1, max: 60 }),
    soakMinutes: fc.constantFrom(0, 0, 5),
    flattenEveryMinutes: fc.constantFrom(null, null, 15),
    flattenMinutes: fc.integer({ min: 0, max: 4 }),
    workedMinutes: fc.integer({ min: 0, max: 10 }),
  });
const dayOf = (most: number, people: number): fc.Arbitrary<DayInput> =>
  fc
    .array(
      fc.array(fc.record({ stone: fc.constantFrom('a', 'b', 'c'), minutes }), {
        minLength: 1,
        maxLength: 3,
      }),
      {
        minLength: 1,
        maxLength: 4,
      },
    )
    .filter((jobs) => jobs.flat().length <= most)
    .chain((jobs) =>
      fc.record({
        people: fc.constant(
          Array.from({ length: people }, () => ({ freeAtMinutes: 0, stone: null })),
        ),
        changeMinutes: fc.integer({ min: 0, max: 3 }),
        washMinutes: fc.integer({ min: 0, max: 2 }),
        stones: fc.tuple(stone('a'), stone('b'), stone('c')),
        jobs: fc.tuple(
          ...jobs.map((steps, index) =>
            fc.record({
              id: fc.constant(`job ${index}`),
              dueMinutes: fc.integer({ min: -5, max: 60 }),
              weight: fc.constantFrom(1, 1, 2, 5),
              steps: fc.constant(steps),
            }),
          ),
        ),
      }),
    );

/** Every order, and every way to share it out. */
function* everyOrder(day: DayInput): Generator<DayPlace[]> {
  const left = day.jobs.map(({ steps }) => steps.length);
  const order: DayPlace[] = [];
  function* next(): Generator<DayPlace[]> {
    if (left.every((steps) => steps === 0)) yield [...order];
    for (const [index, { id }] of day.jobs.entries()) {
      if (left[index] === 0) continue;
      left[index]! -= 1;
      for (let person = 1; person <= day.people.length; person += 1) {
        order.push({ job: id, person });
        yield* next();
        order.pop();
      }
      left[index]! += 1;
    }
  }
  yield* next();
}

const bestOf = (day: DayInput): readonly [number, number] => {
  let best: readonly [number, number] = [Infinity, Infinity];
  for (const order of everyOrder(day)) {
    const { tardiness, makespanMinutes } = valueOf(dayInOrder(day, order));
    if (
      tardiness < best[0] - 1e-9 ||
      (tardiness < best[0] + 1e-9 && makespanMinutes < best[1] - 1e-9)
    )
      best = [tardiness, makespanMinutes];
  }
  return best;
};

test.each([
  [1, 6],
  [2, 5],
])('for %s at the bench no order of %s steps is better', (people, most) => {
  fc.assert(
    fc.property(dayOf(most, people), (day) => {
      const [tardiness, makespan] = bestOf(day);
      const found = valueOf(orderDay(day, 10));
      expect(found.isBest).toBe(true);
      expect(found.tardiness).toBeCloseTo(tardiness, 9);
      expect(found.makespanMinutes).toBeCloseTo(makespan, 9);
      // Nothing promised as a bound is beaten.
      expect(found.bound.tardiness).toBeLessThanOrEqual(tardiness + 1e-9);
      expect(found.bound.makespanMinutes).toBeLessThanOrEqual(makespan + 1e-9);
    }),
    { numRuns: 60 },
  );
});

test('whatever is asked: every step once, nobody and no stone in two places, no later than by due dates', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 3 }).chain((people) => dayOf(12, people)),
      (day) => {
        // Few nodes: what holds of an order holds whether it is proven the best or not.
        const found = valueOf(orderDay(day, 300, 5_000));
        const again = valueOf(dayInOrder(day, found.order));
        expect(again.tardiness).toBeCloseTo(found.tardiness, 9);
        expect(again.steps).toEqual(found.steps);
        for (const job of day.jobs) {
          const theirs = found.steps.filter((step) => step.job === job.id);
          expect(theirs.map((step) => step.stone)).toEqual(job.steps.map((step) => step.stone));
          theirs
            .slice(1)
            .forEach((step, index) =>
              expect(step.startMinutes).toBeGreaterThanOrEqual(theirs[index]!.endMinutes),
            );
        }
        for (const key of ['stone', 'person'] as const)
          for (const of of new Set(found.steps.map((step) => step[key]))) {
            const used = found.steps
              .filter((step) => step[key] === of)
              .sort((a, b) => a.startMinutes - b.startMinutes);
            used
              .slice(1)
              .forEach((step, index) =>
                expect(step.startMinutes).toBeGreaterThanOrEqual(used[index]!.endMinutes),
              );
          }
        const compiled = valueOf(compileDay(day));
        expect(found.tardiness).toBeLessThanOrEqual(
          sheetOf(compiled, dueDateOrder(compiled)).tardiness + 1e-9,
        );
      },
    ),
    { numRuns: 100 },
  );
});

test('the same search finds the same, and more of it never worse', () => {
  fc.assert(
    fc.property(dayOf(12, 2), (day) => {
      const compiled = valueOf(compileDay(day));
      const [one, other] = [new DaySearch(compiled), new DaySearch(compiled)];
      one.improve(500);
      other.improve(500);
      expect(other.result().order).toEqual(one.result().order);
      const { tardiness } = one.result();
      one.improve(500);
      expect(one.result().tardiness).toBeLessThanOrEqual(tardiness + 1e-9);
    }),
    { numRuns: 30 },
  );
});

test('where some are late whatever is done, and all else in time, the day is made short all the same', () => {
  fc.assert(
    fc.property(fc.integer(), (seed) => {
      const uniform = seededUniform(seed);
      const day: DayInput = {
        people: [1, 2].map(() => ({ freeAtMinutes: 0, stone: null })),
        changeMinutes: 2,
        washMinutes: 1,
        stones: Array.from({ length: 8 }, (_, index) => ({
          id: `${index}`,
          um: 100 / (index + 1),
          soakMinutes: 0,
          flattenEveryMinutes: null,
          flattenMinutes: 0,
          workedMinutes: 0,
        })),
        jobs: Array.from({ length: 30 }, (_, index) => ({
          id: `${index}`,
          dueMinutes: index % 10 === 0 ? -100 : 1000,
          weight: 1,
          steps: Array.from({ length: 4 }, () => Math.floor(8 * uniform()))
            .sort()
            .map((stone) => ({ stone: `${stone}`, minutes: 3 })),
        })),
      };
      const found = valueOf(orderDay(day, 20_000));
      // Three blades of 12 minutes: two at once, one of them on the other's stone at worst.
      expect(found.tardiness).toBeLessThan(3 * 100 + 12 + 12 + 24 + 4 * 3 * 3);
      // 360 minutes of work for two; a sixth of it for changes, where a change before each step would take a half.
      expect(found.makespanMinutes).toBeLessThan(180 * 1.25);
    }),
    { numRuns: 5 },
  );
});

test('what waits is not begun before its time, and who comes later is not asked before', () => {
  const day: DayInput = {
    people: [{ freeAtMinutes: 30, stone: 'a' }],
    changeMinutes: 2,
    washMinutes: 0,
    stones: [
      {
        id: 'a',
        um: 10,
        soakMinutes: 0,
        flattenEveryMinutes: null,
        flattenMinutes: 0,
        workedMinutes: 0,
      },
    ],
    jobs: [
      {
        id: 'waits',
        dueMinutes: 0,
        weight: 1,
        notBeforeMinutes: 60,
        steps: [{ stone: 'a', minutes: 5 }],
      },
      { id: 'ready', dueMinutes: 90, weight: 1, steps: [{ stone: 'a', minutes: 5 }] },
    ],
  };
  const { steps, changes } = valueOf(orderDay(day, 10));
  expect(steps.map(({ job, startMinutes }) => [job, startMinutes])).toEqual([
    ['ready', 30],
    ['waits', 60],
  ]);
  // The stone lies there already.
  expect(changes).toBe(0);
});

const greyStone: DayInput['stones'][number] = {
  id: 'grey',
  um: 10,
  soakMinutes: 0,
  flattenEveryMinutes: null,
  flattenMinutes: 0,
  workedMinutes: 0,
};

test('nothing is begun by who has left, or would leave it half done', () => {
  const day = (people: DayInput['people']): DayInput => ({
    people,
    changeMinutes: 0,
    washMinutes: 0,
    stones: [greyStone, { ...greyStone, id: 'red' }],
    jobs: ['one', 'two', 'three'].map((id, index) => ({
      id,
      dueMinutes: 1000,
      weight: 1,
      steps: [{ stone: index === 1 ? 'red' : 'grey', minutes: 20 }],
    })),
  });
  // Alone from 30 to 90 minutes: one before, and what would reach into it comes after.
  const alone = valueOf(
    orderDay(day([{ freeAtMinutes: 0, stone: null, awayMinutes: [30, 90] }]), 200),
  );
  expect(alone.steps.map(({ startMinutes }) => startMinutes)).toEqual([0, 90, 110]);
  // The other takes over what is left.
  const two = valueOf(
    orderDay(
      day([
        { freeAtMinutes: 0, stone: null, awayMinutes: [30, 90] },
        { freeAtMinutes: 0, stone: null },
      ]),
      200,
    ),
  );
  expect(two.makespanMinutes).toBe(40);
  expect(two.steps.filter(({ person }) => person === 1)).toHaveLength(1);
});

test('a search that begins with the order before is never worse than what of it still holds', () => {
  fc.assert(
    fc.property(dayOf(12, 1), fc.nat(3), (day, gone) => {
      const before = valueOf(orderDay(day, 100)).order;
      const left = day.jobs.filter((_, index) => day.jobs.length === 1 || index !== gone);
      const later: DayInput = {
        ...day,
        jobs: [...left, { ...left[0]!, id: 'urgent', dueMinutes: 0, weight: 20 }],
      };
      const compiled = valueOf(compileDay(later));
      const found = new DaySearch(compiled, before).result();
      const names = new Set(left.map(({ id }) => id));
      const kept = before.filter(({ job }) => names.has(job));
      const urgent = left[0]!.steps.map(() => ({ job: 'urgent', person: 1 }));
      const byHand = valueOf(dayInOrder(later, [...urgent, ...kept]));
      expect(found.tardiness).toBeLessThanOrEqual(byHand.tardiness + 1e-9);
      expect(found.order).toHaveLength(byHand.order.length);
    }),
    { numRuns: 40 },
  );
});
