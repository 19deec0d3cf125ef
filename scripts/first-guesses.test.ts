/** The table of first guesses in the docs is that of the code. `UPDATE_DOCS=1` writes it anew. */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOMS } from '../packages/core/test/all-first-guesses';
import type { GuessValue } from '../packages/core/src/units/first-guess';

const DOC = join(__dirname, '..', 'docs', 'first-guesses.md');

const rounded = (value: number): string => String(Number(value.toPrecision(4)));
const shown = (value: GuessValue): string =>
  typeof value === 'number'
    ? rounded(value)
    : Array.isArray(value)
      ? value.map((each: number) => rounded(each)).join(', ')
      : Object.entries(value)
          .map(([name, each]) => `${name} ${rounded(each)}`)
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
