/** Every test, or the parts named; ends with one line that counts them all. */
import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { mkdir, readFile, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { build } from './build';
import { databaseEnvironment, startDatabase, type Database } from './database';
import { dataFolder, ROOT } from './paths';
import { runOrExplain, say, Trouble } from './say';

interface Count {
  readonly passed: number;
  readonly failed: number;
}

const REPORTS = join(ROOT, 'dist', 'reports');
const TEST_DATABASE_PORT = Number(process.env['PATIENT_EDGE_TEST_DATABASE_PORT'] ?? 3319);

const run = (
  command: string,
  args: readonly string[],
  environment: Record<string, string> = {},
): Promise<number> =>
  new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd: ROOT,
      stdio: ['ignore', 'inherit', 'inherit'],
      env: { ...process.env, ...environment },
    });
    child.once('error', reject);
    child.once('exit', (code) => resolve(code ?? 1));
  });

const tool = (name: string): string => join(ROOT, 'node_modules', '.bin', name);
const asOne = (code: number): Count => ({ passed: code === 0 ? 1 : 0, failed: code === 0 ? 0 : 1 });

const types = async (): Promise<Count> => {
  const projects = [
    'packages/core',
    'packages/contract',
    'packages/devices',
    'packages/server',
    'packages/web',
    'tsconfig.tools.json',
  ];
  const codes = await Promise.all(projects.map((project) => run(tool('tsc'), ['-p', project])));
  const failed = codes.filter((code) => code !== 0).length;
  return { passed: codes.length - failed, failed };
};
const lint = async (): Promise<Count> =>
  asOne(await run(tool('eslint'), ['.', '--max-warnings', '0']));
const format = async (): Promise<Count> =>
  asOne(await run(tool('prettier'), ['--check', '--log-level', 'warn', '.']));

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
  const code = await run(
    tool('jest'),
    ['--selectProjects', ...projects, '--json', `--outputFile=${file}`, '--silent'],
    environment,
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
  const code = await run(tool('playwright'), ['test'], {
    ...environment,
    PLAYWRIGHT_JSON_OUTPUT_NAME: file,
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
  const asked = process.argv.slice(2);
  const unknown = asked.find((name) => !(PARTS as readonly string[]).includes(name));
  if (unknown !== undefined) {
    throw new Trouble(`There is no part "${unknown}".`, `The parts: ${PARTS.join(', ')}`);
  }
  return asked.length > 0 ? (asked as Part[]) : EVERYTHING;
};

const test = async (): Promise<number> => {
  const parts = partsAsked();
  await mkdir(REPORTS, { recursive: true });
  let database: Database | null = null;
  const total = { passed: 0, failed: 0 };
  const count = async (name: string, work: () => Promise<Count>): Promise<void> => {
    say(`\n${name}`);
    const startedMs = Date.now();
    const { passed, failed } = await work();
    total.passed += passed;
    total.failed += failed;
    say(`  ${passed} passed, ${failed} failed, ${Math.round((Date.now() - startedMs) / 1000)} s`);
  };
  try {
    if (parts.includes('types')) await count('Types', types);
    if (parts.includes('lint')) await count('Lint', lint);
    if (parts.includes('format')) await count('Format', format);
    if (parts.includes('core'))
      await count('Core', () => jest(['scripts', 'core', 'contract'], {}));
    if (parts.includes('unit') || parts.includes('browser')) {
      say('\nDatabase for the tests');
      const folder = dataFolder('test');
      await mkdir(folder, { recursive: true });
      database = await startDatabase(folder, TEST_DATABASE_PORT);
      const environment = databaseEnvironment(database);
      if (parts.includes('unit')) {
        await count('Unit tests', () =>
          jest(['scripts', 'core', 'contract', 'server', 'web'], environment),
        );
      }
      if (parts.includes('browser')) {
        say('\nBuild');
        await build();
        await count('Browser tests on the built application', () => browser(environment));
      }
    }
  } finally {
    await database?.stop();
  }
  say(`\n${total.passed} passed, ${total.failed} failed`);
  return total.failed === 0 && total.passed > 0 ? 0 : 1;
};

runOrExplain(test);
