/** What the server says, in a file of ours alone that never grows without end. */
import { existsSync } from 'node:fs';
import { chmod } from 'node:fs/promises';
import { join } from 'node:path';
import { createStream, type RotatingFileStream } from 'rotating-file-stream';
import { say } from './say';

export const SERVER_LOG = 'server.log';
const MOST_FILES = 5;

/** Opens it for adding on; `size` as `5M`, beyond which it is set aside and the oldest of five goes. */
export const openServerLog = async (folder: string, size = '5M'): Promise<RotatingFileStream> => {
  const file = join(folder, SERVER_LOG);
  if (existsSync(file)) await chmod(file, 0o600);
  const log = createStream(SERVER_LOG, { path: folder, size, maxFiles: MOST_FILES, mode: 0o600 });
  log.on('error', (error: Error) => say(`  ${SERVER_LOG} cannot be written: ${error.message}`));
  return log;
};
