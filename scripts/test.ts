/**
 * Every test, or the parts named; ends with one line that counts them all. With `--all` the browser looks at every
 * screen in every size and appearance, and at every kind of blade, not at one of each.
 */
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { mkdir, readFile, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { buildApart } from './build';
import { databaseEnvironment, startDatabase, type Database } from './database';
import { dataFolder, ROOT } from './paths';
import { runOrExplain, say, Trouble } from './say';

interface Count {
  readonly passed: number;
  readonly failed: number;
}

const REPORTS = join(ROOT, 'dist', 'reports');
const TEST_DATABASE_PORT = Number(process.env['PATIENT_EDGE_TEST_DATABASE_PORT'] ?? 3319);

interface Ran {
  readonly code: number;
  /** What it wrote, where it was not written as it came. */
  readonly output: string;
}

/** Runs a tool; what is written as it comes goes to the screen at once, else it is kept for the end. */
const run = (
  command: string,
  args: readonly string[],
  { environment = {}, asItComes = true }: RunOptions = {},
): Promise<Ran> =>
  new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: ['ignore', asItComes ? 'inherit' : 'pipe', asItComes ? 'inherit' : 'pipe'],
      env: { ...process.env, ...environment },
    });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) {
      stream?.on('data', (chunk: Buffer) => {
        output += chunk.toString();
      });
    }
    child.once('error', reject);
    child.once('close', (code) => resolve({ code: code ?? 1, output }));
  });

interface RunOptions {
  readonly environment?: Readonly<Record<string, string>>;
  readonly asItComes?: boolean;
}

const tool = (name: string): string => join(ROOT, 'node_modules', '.bin', name);

/**
 * The compiler written for speed checks the types; the one that the linter is built upon stands beside it, and both
 * are called tsc.
 */
const COMPILER = join(ROOT, 'node_modules', 'typescript-native', 'bin', 'tsc');

/** Room for what is made and dropped at once: with the usual 16 MB a linter spends a third of its time sweeping. */
const ROOMY = { NODE_OPTIONS: '--max-semi-space-size=128' };

/** A check that passes or fails as one; its complaints are written when it has ended. */
const check = async (command: string, args: readonly string[]): Promise<Count> => {
  const { code, output } = await run(command, args, { environment: ROOMY, asItComes: false });
  if (code !== 0) process.stderr.write(output);
  return { passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 };
};

/** Each package is checked once and its types are handed on to those that use it. */
const types = (): Promise<Count> =>
  check(process.execPath, [
    COMPILER,
    '-b',
    'packages/core',
    'packages/contract',
    'packages/devices',
    'packages/server',
    'packages/web',
    'tsconfig.tools.json',
  ]);
/** On what the tests leave of the cores: nothing waits for it. */
const aside = (name: string, args: readonly string[]): Promise<Count> =>
  check('nice', ['-n', '15', tool(name), ...args]);
const lint = (): Promise<Count> => aside('eslint', ['.', '--max-warnings', '0']);
const format = (): Promise<Count> => aside('prettier', ['--check', '--log-level', 'warn', '.']);

interface JestReport {
  readonly numPassedTests: number;
  readonly numFailedTests: number;
  readonly numRuntimeErrorTestSuites: number;
}

const jest = async (
  projects: readonly string[],
  environment: Record<string, string>,
): Promise<Count> => {
  const file = join(REPORTS, 'jest.json');
  await rm(file, { force: true });
  const { code } = await run(
    tool('jest'),
    [
      '--selectProjects',
      ...projects,
      '--maxWorkers=2',
      '--json',
      `--outputFile=${file}`,
      '--silent',
    ],
    { environment: { ...environment, ...ROOMY } },
  );
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  const report = JSON.parse(await readFile(file, 'utf8')) as JestReport;
  const failed = report.numFailedTests + report.numRuntimeErrorTestSuites;
  // A run that failed without a failed test must not count as clean.
  return { passed: report.numPassedTests, failed: code !== 0 && failed === 0 ? 1 : failed };
};

interface BrowserReport {
  readonly stats: {
    readonly expected: number;
    readonly unexpected: number;
    readonly flaky: number;
  };
}

const browser = async (environment: Record<string, string>): Promise<Count> => {
  const file = join(REPORTS, 'browser.json');
  await rm(file, { force: true });
  const { code } = await run(tool('playwright'), ['test'], {
    environment: { ...environment, PLAYWRIGHT_JSON_OUTPUT_NAME: file },
  });
  if (!existsSync(file)) return { passed: 0, failed: 1 };
  const { stats } = JSON.parse(await readFile(file, 'utf8')) as BrowserReport;
  const failed = stats.unexpected + stats.flaky;
  return { passed: stats.expected, failed: code !== 0 && failed === 0 ? 1 : failed };
};

const PARTS = ['types', 'lint', 'format', 'core', 'unit', 'browser'] as const;
type Part = (typeof PARTS)[number];
const EVERYTHING: readonly Part[] = ['types', 'lint', 'format', 'unit', 'browser'];

const partsAsked = (): readonly Part[] => {
  const asked = process.argv.slice(2).filter((word) => word !== '--all');
  const unknown = asked.find((name) => !(PARTS as readonly string[]).includes(name));
  if (unknown !== undefined) {
    throw new Trouble(`There is no part "${unknown}".`, `The parts: ${PARTS.join(', ')}`);
  }
  return asked.length > 0 ? (asked as Part[]) : EVERYTHING;
};

const test = async (): Promise<number> => {
  const parts = partsAsked();
  await mkdir(REPORTS, { recursive: true });
  const counts: Count[] = [];
  const times: string[] = [];
  const count = async (name: string, work: () => Promise<Count>): Promise<void> => {
    const startedMs = Date.now();
    const { passed, failed } = await work();
    counts.push({ passed, failed });
    const line = `${name}: ${passed} passed, ${failed} failed, ${secondsSince(startedMs)} s`;
    times.push(line);
    say(line);
  };
  const begunMs = Date.now();
  let database: Database | null = null;
  try {
    if (parts.includes('unit') || parts.includes('browser')) {
      say('Database for the tests');
      const folder = dataFolder('test');
      await mkdir(folder, { recursive: true });
      database = await startDatabase(folder, TEST_DATABASE_PORT, { isThrowaway: true });
    }
    const environment = {
      ...(database ? databaseEnvironment(database) : {}),
      ...(process.argv.includes('--all') ? { PATIENT_EDGE_WHOLE_MATRIX: '1' } : {}),
    };
    const checked = async (): Promise<void> => {
      if (parts.includes('types')) await count('Types', types);
    };
    const linted = async (): Promise<void> => {
      if (parts.includes('lint')) await count('Lint', lint);
    };
    const formatted = async (): Promise<void> => {
      if (parts.includes('format')) await count('Format', format);
    };
    const units = async (): Promise<void> => {
      if (parts.includes('core')) {
        await count('Core', () => jest(['scripts', 'core', 'contract'], environment));
      }
      if (parts.includes('unit')) {
        const projects = ['scripts', 'core', 'contract', 'server', 'web'];
        await count('Unit tests', () => jest(projects, environment));
      }
    };
    const inBrowser = async (): Promise<void> => {
      if (!parts.includes('browser')) return;
      const buildMs = Date.now();
      await buildApart();
      times.push(`Build: ${secondsSince(buildMs)} s`);
      await count('Browser tests on the built application', () => browser(environment));
    };
    // One after the other: a page that shares two cores with the unit tests is waited for until nobody believes in it.
    // Beside the browser, which waits much, run those for whom nobody waits.
    await checked();
    await units();
    await Promise.all([inBrowser(), linted().then(formatted)]);
  } finally {
    await database?.stop();
  }
  const total = (of: keyof Count): number => counts.reduce((sum, each) => sum + each[of], 0);
  say(`\n${times.join('\n')}\nAll of it: ${secondsSince(begunMs)} s`);
  say(`\n${total('passed')} passed, ${total('failed')} failed`);
  return total('failed') === 0 && total('passed') > 0 ? 0 : 1;
};

const secondsSince = (startedMs: number): number => Math.round((Date.now() - startedMs) / 1000);

runOrExplain(test);
