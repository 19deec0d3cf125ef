/** The table of first guesses in the docs is that of the code. `UPDATE_DOCS=1` writes it anew. */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ABRASIVE_GUESSES } from '../packages/core/src/abrasive/first-guesses';
import { BENCH_GUESSES } from '../packages/core/src/bench/first-guesses';
import { INTAKE_GUESSES } from '../packages/core/src/intake/first-guesses';
import { JUDGE_GUESSES } from '../packages/core/src/judge/first-guesses';
import { MACHINE_GUESSES } from '../packages/core/src/machine/first-guesses';
import { PLAN_CHOICES_GUESSES } from '../packages/core/src/plan/choices/first-guesses';
import { PLAN_COMPARE_GUESSES } from '../packages/core/src/plan/compare/first-guesses';
import { PLAN_CUTS_GUESSES } from '../packages/core/src/plan/cuts/first-guesses';
import { PLAN_KINDS_GUESSES } from '../packages/core/src/plan/kinds/first-guesses';
import { PLAN_STEPS_GUESSES } from '../packages/core/src/plan/steps/first-guesses';
import { PRICE_GUESSES } from '../packages/core/src/price/first-guesses';
import { STEEL_GUESSES } from '../packages/core/src/steel/first-guesses';
import type { FirstGuesses, GuessValue } from '../packages/core/src/units/first-guess';

const DOC = join(__dirname, '..', 'docs', 'first-guesses.md');
const ROOMS: readonly (readonly [room: string, guesses: FirstGuesses])[] = [
  ['abrasive', ABRASIVE_GUESSES],
  ['bench', BENCH_GUESSES],
  ['intake', INTAKE_GUESSES],
  ['judge', JUDGE_GUESSES],
  ['machine', MACHINE_GUESSES],
  ['plan/choices', PLAN_CHOICES_GUESSES],
  ['plan/compare', PLAN_COMPARE_GUESSES],
  ['plan/cuts', PLAN_CUTS_GUESSES],
  ['plan/kinds', PLAN_KINDS_GUESSES],
  ['plan/steps', PLAN_STEPS_GUESSES],
  ['price', PRICE_GUESSES],
  ['steel', STEEL_GUESSES],
];

const rounded = (value: number): string => String(Number(value.toPrecision(4)));
const shown = (value: GuessValue): string =>
  typeof value === 'number'
    ? rounded(value)
    : Array.isArray(value)
      ? value.map((each: number) => rounded(each)).join(', ')
      : Object.entries(value)
          .map(([name, each]) => `${name} ${rounded(each as number)}`)
          .join(', ');

const document = [
  '# First guesses',
  '',
  'Constants nobody has measured yet: habits of the trade, to be corrected by the bench’s own log. Each stands in the',
  '`first-guesses.ts` of its room; this table is made from them.',
  ...ROOMS.flatMap(([room, guesses]) => [
    '',
    `## ${room}`,
    '',
    ...Object.values(guesses).map(
      ({ what, value, unit, range }) =>
        `- ${what}: ${shown(value)} ${unit} (${rounded(range[0])} to ${rounded(range[1])})`,
    ),
  ]),
  '',
].join('\n');

test('the docs list every first guess as the code has it', () => {
  if (process.env['UPDATE_DOCS'] === '1') writeFileSync(DOC, document);
  expect(readFileSync(DOC, 'utf8')).toBe(document);
});
