import { ABRASIVE_GUESSES } from '../src/abrasive/first-guesses';
import { BENCH_GUESSES } from '../src/bench/first-guesses';
import { INTAKE_GUESSES } from '../src/intake/first-guesses';
import { JUDGE_GUESSES } from '../src/judge/first-guesses';
import { MACHINE_GUESSES } from '../src/machine/first-guesses';
import { PLAN_CHOICES_GUESSES } from '../src/plan/choices/first-guesses';
import { PLAN_COMPARE_GUESSES } from '../src/plan/compare/first-guesses';
import { PLAN_CUTS_GUESSES } from '../src/plan/cuts/first-guesses';
import { PLAN_KINDS_GUESSES } from '../src/plan/kinds/first-guesses';
import { PLAN_STEPS_GUESSES } from '../src/plan/steps/first-guesses';
import { PRICE_GUESSES } from '../src/price/first-guesses';
import { STEEL_GUESSES } from '../src/steel/first-guesses';
import type { FirstGuess } from '../src/units/first-guess';

const all: readonly [string, FirstGuess][] = [
  ABRASIVE_GUESSES,
  BENCH_GUESSES,
  INTAKE_GUESSES,
  JUDGE_GUESSES,
  MACHINE_GUESSES,
  PLAN_CHOICES_GUESSES,
  PLAN_COMPARE_GUESSES,
  PLAN_CUTS_GUESSES,
  PLAN_KINDS_GUESSES,
  PLAN_STEPS_GUESSES,
  PRICE_GUESSES,
  STEEL_GUESSES,
].flatMap((table) => Object.entries(table));

test.each(all)('%s lies in the range it says, and says what it is', (_name, guess) => {
  const values = typeof guess.value === 'number' ? [guess.value] : Object.values(guess.value);
  for (const value of values) {
    expect(value).toBeGreaterThanOrEqual(guess.range[0]);
    expect(value).toBeLessThanOrEqual(guess.range[1]);
  }
  expect(guess.what.length).toBeGreaterThan(10);
  expect(guess.unit).not.toBe('');
});
