/** The examples of the core's public functions say what the functions do: each is run, and comes to what it says. */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { createContext, runInContext } from 'node:vm';
import { transformSync } from 'esbuild';
import * as core from '../packages/core/src/index';

const SOURCE = join(__dirname, '..', 'packages', 'core', 'src');

/** What examples speak of without making it: a chef's knife of a common steel, as it came. */
const measures = core.usualMeasuresOf('chef', 210);
const steel = core.findSteel('X50CrMoV15 (1.4116)')!;
const planned = core.planBlade({
  measures,
  steel,
  useId: 'general-soft',
  sharpness: 'dull',
  carefulHands: false,
  damage: [],
  answers: {},
  rack: core.DEMO_RACK,
  machine: null,
  choices: core.DEFAULT_CHOICES,
});
if (!planned.ok) throw new Error(planned.error.message);

const context = createContext({
  ...core,
  measures,
  steel,
  section: planned.value.section.before,
  edge: core.bladeOutline(measures).edge,
  pivot: { xMm: 40, yMm: 150, zMm: 0 },
});

/** Lines of the form `expression; // value` in a comment. */
const examplesIn = (file: string): (readonly [code: string, said: string])[] =>
  [...readFileSync(file, 'utf8').matchAll(/^ \* ([^*\n]+); \/\/ (.+)$/gm)].map(
    ([, code, said]) => [code!, said!] as const,
  );

const EXAMPLES = readdirSync(SOURCE, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
  .flatMap((name) => examplesIn(join(SOURCE, name)));

/** Values in an example are written as one writes them: either quote will do. */
const asJson = (said: string): string => said.replaceAll("'", '"');

test('most of what is public has one', () => {
  expect(EXAMPLES.length).toBeGreaterThan(110);
});

test.each(EXAMPLES)('%s is %s', (code, said) => {
  const { code: plain } = transformSync(`(${code})`, { loader: 'ts' });
  expect(JSON.stringify(runInContext(plain, context))).toBe(asJson(said));
});
