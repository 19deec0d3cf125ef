/** Builds the server and the web application into dist/, unless nothing changed since the last build. */
import { spawn } from 'node:child_process';
import { createHash } from 'node:crypto';
import { once } from 'node:events';
import { existsSync } from 'node:fs';
import { cp, mkdir, readdir, readFile, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { withFolder } from './folder-lock';
import { DIST, ROOT, SERVER_ENTRY } from './paths';
import { say, Trouble } from './say';

const STAMP = join(DIST, 'built-from');
const PICTURES = join(ROOT, 'docs', 'screenshots');

/** A digest of all that goes into the build. */
const sourceDigest = async (): Promise<string> => {
  const hash = createHash('sha256');
  const add = async (folder: string): Promise<void> => {
    const entries = await readdir(folder, { withFileTypes: true });
    for (const entry of entries.sort((a, b) => a.name.localeCompare(b.name))) {
      const path = join(folder, entry.name);
      if (entry.isDirectory()) {
        if (entry.name !== 'node_modules') await add(path);
      } else {
        hash.update(path.slice(ROOT.length)).update(await readFile(path));
      }
    }
  };
  await add(join(ROOT, 'packages'));
  await add(PICTURES);
  hash.update(await readFile(join(ROOT, 'package-lock.json')));
  return hash.digest('hex');
};

/** Everything from the registry stays outside the bundle; our own packages go in. */
const outsideBundle = async (): Promise<string[]> => {
  const names = new Set<string>();
  for (const name of ['core', 'contract', 'devices', 'server']) {
    const file = join(ROOT, 'packages', name, 'package.json');
    const manifest = JSON.parse(await readFile(file, 'utf8')) as {
      dependencies?: Record<string, string>;
    };
    for (const dependency of Object.keys(manifest.dependencies ?? {})) names.add(dependency);
  }
  return [...names].filter((name) => !name.startsWith('@patient-edge/'));
};

/** Two starts at once build one after the other, and the second finds it built. */
export const build = async (): Promise<void> => {
  await mkdir(DIST, { recursive: true });
  await withFolder(DIST, buildAlone);
};

const buildAlone = async (): Promise<void> => {
  const digest = await sourceDigest();
  if (existsSync(STAMP) && (await readFile(STAMP, 'utf8')) === digest) {
    say('  built already');
    return;
  }
  // Loaded only where something is to be built.
  const [{ build: bundle }, { build: buildWeb }] = await Promise.all([
    import('esbuild'),
    import('vite'),
  ]);
  say('  building the server');
  const server = join(ROOT, 'packages', 'server', 'src');
  await bundle({
    entryPoints: {
      main: join(server, 'main.ts'),
      // Threads that compute begin with a file of their own.
      worker: join(server, 'compute', 'worker.ts'),
    },
    outdir: dirname(SERVER_ENTRY),
    bundle: true,
    platform: 'node',
    target: 'node20',
    format: 'esm',
    sourcemap: true,
    external: await outsideBundle(),
    logLevel: 'warning',
  });
  await cp(join(server, 'database', 'migrations'), join(DIST, 'server', 'migrations'), {
    recursive: true,
  });
  say('  building the web application');
  await buildWeb({
    configFile: join(ROOT, 'packages', 'web', 'vite.config.ts'),
    logLevel: 'warn',
  });
  await shrinkHelpPictures();
  await writeFile(STAMP, digest);
};

const HELP_WIDTH_PX = 960;

/** The pictures of the help pages are those of the documentation, small enough for a telephone. */
const shrinkHelpPictures = async (): Promise<void> => {
  const { default: sharp } = await import('sharp');
  const folder = join(dirname(SERVER_ENTRY), 'web', 'help');
  await mkdir(folder, { recursive: true });
  for (const name of await readdir(PICTURES)) {
    if (!name.endsWith('.png')) continue;
    await sharp(join(PICTURES, name))
      .resize({ width: HELP_WIDTH_PX })
      .webp({ quality: 80 })
      .toFile(join(folder, name.replace(/png$/, 'webp')));
  }
};

/** The same in a process of its own: what building takes in memory is given back before the shop opens. */
export const buildApart = async (): Promise<void> => {
  const child = spawn(process.execPath, ['--import', 'tsx', fileURLToPath(import.meta.url)], {
    cwd: ROOT,
    stdio: 'inherit',
  });
  const [code] = (await once(child, 'exit')) as [number | null];
  if (code !== 0) {
    throw new Trouble('Building failed.', 'What went wrong is written above.');
  }
};

if (process.argv[1] === fileURLToPath(import.meta.url)) await build();
