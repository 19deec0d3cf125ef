/** Bundles the command-line computation into one file that starts in a moment. */
import { join } from 'node:path';
import { build } from 'esbuild';
import { DIST, ROOT } from './paths';

await build({
  entryPoints: [join(ROOT, 'scripts', 'calc.ts')],
  outfile: join(DIST, 'calc.mjs'),
  bundle: true,
  platform: 'node',
  target: 'node20',
  format: 'esm',
  minifySyntax: true,
  logLevel: 'warning',
});
