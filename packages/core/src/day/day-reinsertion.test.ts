/** Blades taken out of an order and put back: nothing is lost on the way, and they land where they belong. */
import fc from 'fast-check';
import { valueOf } from '../../test/blades';
import { compileDay, dueDateOrder, seededUniform, sheetOf, type DayInput } from '../index';
import { DayState, WHOEVER, type CompiledDay } from './day-model';
import { DayReinsertion, type MarkedOrder } from './day-reinsertion';

const STRIDE = 5;

/** As it stands every few places, each minute's delay at the same price. */
const marked = (day: CompiledDay, order: Int32Array): MarkedOrder => {
  const state = new DayState(day);
  const marks: DayState[] = [];
  order.forEach((job, index) => {
    if (index % STRIDE === 0) {
      const mark = new DayState(day);
      mark.copyFrom(state);
      marks.push(mark);
    }
    state.place(job, WHOEVER);
  });
  return { order, marks, stride: STRIDE, delayCosts: new Float64Array(marks.length).fill(1) };
};

const dayOf = (jobs: readonly (readonly string[])[], people: number): DayInput => ({
  people: Array.from({ length: people }, () => ({ freeAtMinutes: 0, stone: null })),
  changeMinutes: 2,
  washMinutes: 1,
  stones: ['coarse', 'middle', 'fine'].map((id, index) => ({
    id,
    um: 60 / (index + 1),
    soakMinutes: 5 * index,
    flattenEveryMinutes: 12,
    flattenMinutes: 3,
    workedMinutes: 0,
  })),
  jobs: jobs.map((stones, index) => ({
    id: `${index}`,
    dueMinutes: 7 * index,
    weight: 1 + (index % 3),
    steps: stones.map((stone) => ({ stone, minutes: 3 + (index % 4) })),
  })),
});

test('every order that is drawn has each blade as often as before', () => {
  const jobs = fc.array(
    fc.array(fc.constantFrom('coarse', 'middle', 'fine'), { minLength: 1, maxLength: 5 }),
    { minLength: 2, maxLength: 12 },
  );
  fc.assert(
    fc.property(jobs, fc.integer({ min: 1, max: 4 }), fc.integer(), (made, people, seed) => {
      const day = valueOf(compileDay(dayOf(made, people)));
      const order = dueDateOrder(day).jobs;
      const whole = [...order].sort();
      const reinsertion = new DayReinsertion(day, seededUniform(seed));
      for (let take = 0; take < 4; take += 1) {
        reinsertion.take(marked(day, order), 1, 2);
        for (let draw = 0; draw < 3; draw += 1) {
          const drawn = order.slice();
          reinsertion.draw(drawn, 2);
          expect([...drawn].sort()).toEqual(whole);
        }
      }
    }),
    { numRuns: 100 },
  );
});

test('a blade between two on another stone is put beside its own, and one that presses goes first', () => {
  // All in time: 0 and 2 on the coarse stone, 1 and 3 on the fine one.
  const day = valueOf(
    compileDay({
      ...dayOf([['coarse'], ['fine'], ['coarse'], ['fine']], 1),
      jobs: ['coarse', 'fine', 'coarse', 'fine'].map((stone, index) => ({
        id: `${index}`,
        dueMinutes: 200,
        weight: 1,
        steps: [{ stone, minutes: 4 }],
      })),
    }),
  );
  const order = Int32Array.from([0, 1, 2, 3]);
  const people = new Int8Array(4).fill(WHOEVER);
  expect(sheetOf(day, { jobs: order, people }).changes).toBe(4);
  const reinsertion = new DayReinsertion(day, seededUniform(3));
  for (let take = 0; take < 20; take += 1) {
    reinsertion.take(marked(day, order), 1, 0);
    const drawn = order.slice();
    reinsertion.draw(drawn, 0);
    expect(sheetOf(day, { jobs: drawn, people }).changes).toBeLessThan(4);
  }
  // The last is long overdue and weighs more than all changes.
  const pressing = valueOf(
    compileDay({
      ...day.input,
      jobs: day.input.jobs.map((job) =>
        job.id === '3' ? { ...job, dueMinutes: 0, weight: 50 } : job,
      ),
    }),
  );
  const firsts = new Set<number>();
  const again = new DayReinsertion(pressing, seededUniform(5));
  for (let take = 0; take < 30; take += 1) {
    again.take(marked(pressing, order), 1, 0);
    const drawn = order.slice();
    again.draw(drawn, 0);
    firsts.add(drawn[0]!);
  }
  expect(firsts).toContain(3);
});
