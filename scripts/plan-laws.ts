/**
 * Every law held against thousands of plans, the same at every run, so that one that breaks a law can be looked into.
 * Runs as a program of its own: bundled, it is several times as quick as within the test runner.
 */
import fc from 'fast-check';
import { DEMO_PRICES, planBlade, planResult } from '../packages/core/src/index';
import { PLAN_LAWS } from '../packages/core/test/laws/plan-laws';
import { inputsAtRandom } from '../packages/core/test/laws/plans-at-random';

const RUNS = 2200;
const SEED = 13;

export interface LawsHeld {
  readonly asked: number;
  readonly planned: number;
  /** The first few faults against each law. */
  readonly broken: Readonly<Record<string, readonly string[]>>;
}

const inputs = fc.sample(inputsAtRandom, { numRuns: RUNS, seed: SEED });
const broken: Record<string, string[]> = Object.fromEntries(
  PLAN_LAWS.map(([sentence]) => [sentence, []]),
);
let planned = 0;
inputs.forEach((input, index) => {
  const plan = planBlade(input);
  if (!plan.ok) return;
  planned += 1;
  const result = planResult(input, plan.value, DEMO_PRICES);
  for (const [sentence, law] of PLAN_LAWS) {
    for (const fault of law(result, input))
      broken[sentence]!.push(`plan ${index}, ${input.measures.kindId}: ${fault}`);
  }
});
const held: LawsHeld = {
  asked: RUNS,
  planned,
  broken: Object.fromEntries(
    Object.entries(broken).map(([sentence, faults]) => [sentence, faults.slice(0, 5)]),
  ),
};
process.stdout.write(JSON.stringify(held));
