/**
 * The order of the day: how soon there is a first one, how near two seconds come to thirty, how far branch and bound
 * reaches, and how much is gained over due dates and over stone by stone on 200 made-up days:
 * `node --import tsx bench/day.ts`.
 */
import {
  compileDay,
  DaySearch,
  dueDateOrder,
  seededUniform,
  sheetOf,
  stoneByStoneOrder,
  type CompiledDay,
  type DayInput,
} from '@patient-edge/core';

const say = (text: string): void => void process.stdout.write(`${text}\n`);

/**
 * When blades are due: for a few moments of two days, so that all can be done; the same with every tenth late already, as
 * it is in a shop; or each for a minute of its own, and more than can be done.
 */
type Dues = 'in time' | 'some late already' | 'too much';

/** A busy day: blades with their steps from coarse to fine, due over the hours there are. */
const madeUp = (
  seed: number,
  blades: number,
  steps: number,
  stones: number,
  people: number,
  dues: Dues = 'too much',
): DayInput => {
  const uniform = seededUniform(seed);
  const between = (low: number, high: number): number => low + (high - low) * uniform();
  const rack = Array.from({ length: stones }, (_, index) => ({
    id: `stone ${index}`,
    um: 80 * Math.exp((-4.5 * index) / stones),
    soakMinutes: uniform() < 0.3 ? 10 : 0,
    flattenEveryMinutes: uniform() < 0.6 ? between(20, 60) : null,
    flattenMinutes: 4,
    workedMinutes: between(0, 20),
  }));
  const jobs = Array.from({ length: blades }, (_, index) => {
    const count = Math.max(1, Math.round(steps * between(0.5, 1.5)));
    const used = Array.from({ length: count }, () => Math.floor(uniform() * stones)).sort(
      (a, b) => a - b,
    );
    return {
      id: `blade ${index}`,
      dueMinutes: 0,
      weight: uniform() < 0.15 ? 3 : 1,
      steps: used.map((at) => ({ stone: `stone ${at}`, minutes: between(1, 6) })),
    };
  });
  const work = jobs.flatMap((job) => job.steps).reduce((sum, { minutes }) => sum + minutes, 0);
  return {
    people: Array.from({ length: people }, () => ({ freeAtMinutes: 0, stone: null })),
    changeMinutes: 1,
    washMinutes: 0.5,
    stones: rack,
    jobs: jobs.map((job, index) => ({
      ...job,
      dueMinutes:
        dues === 'some late already' && index % 10 === 0
          ? -100
          : (dues === 'too much'
              ? between(0.15, 1.1)
              : [0.4, 0.8, 1.2, 1.6][Math.floor(4 * uniform())]!) *
            (work / people),
    })),
  };
};

const compiled = (day: DayInput): CompiledDay => {
  const made = compileDay(day);
  if (!made.ok) throw new Error(made.error.message);
  return made.value;
};

const A_STRETCH = 400;
/** Searches until the time is up. */
const searched = (day: CompiledDay, ms: number): DaySearch => {
  const from = performance.now();
  const search = new DaySearch(day);
  for (let at = 0; at < ms; at = performance.now() - from) search.improve(A_STRETCH, at / ms);
  return search;
};

const share = (one: number, other: number): string =>
  other === 0 ? '0.0' : (100 * (one / other - 1)).toFixed(1);

for (const dues of ['in time', 'some late already', 'too much'] as const) {
  say(`60 blades of about 6 steps, 25 stones, 2 people, ${dues}:`);
  for (const seed of [1, 2, 3, 4]) {
    const day = compiled(madeUp(seed, 60, 6, 25, 2, dues));
    const from = performance.now();
    const first = new DaySearch(day).result();
    const firstMs = performance.now() - from;
    const two = searched(day, 2_000).result();
    const thirty = searched(day, 30_000).result();
    // One more that cannot wait, an hour later: how soon there is another order.
    const { jobs, ...rest } = day.input;
    const later = compiled({
      ...rest,
      jobs: [...jobs, { ...jobs[0]!, id: 'urgent', dueMinutes: 0, weight: 20 }],
    });
    const changed = performance.now();
    new DaySearch(later, two.order).result();
    const changedMs = performance.now() - changed;
    say(
      `  ${day.stepCount} steps: first in ${firstMs.toFixed(0)} ms, late ${first.tardiness.toFixed(0)} min; after 2 s ${two.tardiness.toFixed(0)}, after 30 s ${thirty.tardiness.toFixed(0)} (${share(two.tardiness, thirty.tardiness)} % above); length ${two.makespanMinutes.toFixed(0)} and ${thirty.makespanMinutes.toFixed(0)} min (${share(two.makespanMinutes, thirty.makespanMinutes)} % above), at least ${two.bound.makespanMinutes.toFixed(0)}; ordered anew in ${changedMs.toFixed(0)} ms`,
    );
  }
}

say('How far the best is proven (20 days each, one person; two people):');
for (const [blades, steps] of [
  [3, 2],
  [4, 2],
  [4, 3],
  [5, 3],
  [6, 3],
  [7, 3],
] as const) {
  const proven = [1, 2].map((people) => {
    let count = 0;
    const from = performance.now();
    for (let seed = 0; seed < 20; seed += 1) {
      const search = new DaySearch(compiled(madeUp(100 + seed, blades, steps, 6, people)));
      search.tryExactly();
      if (search.result().isBest) count += 1;
    }
    return `${count} of 20 in ${((performance.now() - from) / 20).toFixed(0)} ms each`;
  });
  say(`  ${blades} blades × ${steps} steps: ${proven.join('; ')}`);
}

say('200 days of 20 blades of about 4 steps, 12 stones, 1 or 2 people, half a second each:');
let [least, days] = [0, 0];
const sums = { due: 0, stone: 0, found: 0, dueSpan: 0, stoneSpan: 0, foundSpan: 0 };
for (let seed = 0; seed < 200; seed += 1) {
  const day = compiled(madeUp(1000 + seed, 20, 4, 12, 1 + (seed % 2)));
  const due = sheetOf(day, dueDateOrder(day));
  const stone = sheetOf(day, stoneByStoneOrder(day));
  const found = searched(day, 500).result();
  days += 1;
  if (found.tardiness > due.tardiness + 1e-9) least += 1;
  sums.due += due.tardiness;
  sums.stone += stone.tardiness;
  sums.found += found.tardiness;
  sums.dueSpan += due.makespanMinutes;
  sums.stoneSpan += stone.makespanMinutes;
  sums.foundSpan += found.makespanMinutes;
}
say(
  `  minutes late: due dates ${(sums.due / days).toFixed(0)}, stone by stone ${(sums.stone / days).toFixed(0)}, found ${(sums.found / days).toFixed(0)}; length of the day ${(sums.dueSpan / days).toFixed(0)}, ${(sums.stoneSpan / days).toFixed(0)}, ${(sums.foundSpan / days).toFixed(0)} min; worse than due dates on ${least} days`,
);
