/**
 * Learning rates from 20,000 records of 60 stones, 40 steels and 6 people: from sums kept with every step, and in the same
 * run from the records one by one: `npx tsx bench/learn.ts`.
 */
import { bladeRates, learnRates, RateSums, type FinishedStep } from '../packages/core/src/index';
import { chanceFrom } from '../packages/server/src/demo/chance';

const ROUNDS = 20;
const { uniform, normal } = chanceFrom(18);
const among = (count: number): string => String(Math.floor(count * uniform()));

const records = Array.from({ length: 20_000 }, (): FinishedStep => ({
  abrasive: among(60),
  steel: among(40),
  person: among(6),
  foreseenSeconds: 100,
  takenSeconds: 100 * Math.exp(0.4 * normal()),
}));

const say = (text: string): void => void process.stdout.write(`${text}\n`);
const median = (times: number[]): number =>
  times.sort((a, b) => a - b)[Math.floor(times.length / 2)]!;
const timed = (work: () => unknown): number => {
  const from = performance.now();
  work();
  return performance.now() - from;
};

const sums = new RateSums();
for (const step of records) sums.add(step);
const stones = Array.from({ length: 60 }, (_, id) => String(id));

const fromSums: number[] = [];
const fromRecords: number[] = [];
const forOneBlade: number[] = [];
for (let round = 0; round < ROUNDS; round += 1) {
  fromSums.push(timed(() => sums.learnAll()));
  fromRecords.push(timed(() => learnRates(records)));
  const learned = sums.learn();
  if (learned.ok) forOneBlade.push(timed(() => bladeRates(learned.value, '3', '2', stones)));
}
say(`from sums, noise read off the residuals: ${median(fromSums).toFixed(1)} ms`);
say(`from ${records.length} records one by one: ${median(fromRecords).toFixed(1)} ms`);
say(`what a page needs of one blade: ${median(forOneBlade).toFixed(1)} ms`);
