/** Where things lie in this checkout. */
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
export const DIST = join(ROOT, 'dist');
export const SERVER_ENTRY = join(DIST, 'server', 'main.js');
/** Data folder of one installation: its database, its secrets, its logs. */
export const dataFolder = (
  name: 'demo' | 'shop' | 'test' | 'power-cut' | 'launcher' | 'bench',
): string => join(ROOT, '.data', name);
