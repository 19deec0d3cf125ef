import { jobOf } from '../../test/jobs';
import { ApiFailure } from './client';
import { writeJob } from './job-writes';

interface Sent {
  readonly path: string;
  readonly version: number;
}

/** A server that holds one job: a write on another version is refused. */
const serverOf = (jobId: number, firstVersion: number) => {
  const held = { version: firstVersion };
  const sent: Sent[] = [];
  globalThis.fetch = (async (address: string, { body }: RequestInit) => {
    const { version } = JSON.parse(body as string) as Sent;
    sent.push({ path: address.replace(`/api/jobs/${jobId}`, ''), version });
    // A moment in which the next write could overtake this one.
    await new Promise((resolve) => setTimeout(resolve, 5));
    const taken = version === held.version;
    if (taken) held.version += 1;
    const answer = taken
      ? { ...jobOf({}), id: jobId, version: held.version }
      : { error: { code: 'CONFLICT', message: 'changed', currentVersion: held.version } };
    return {
      ok: taken,
      status: taken ? 200 : 409,
      headers: { has: () => false },
      text: () => Promise.resolve(JSON.stringify(answer)),
    };
  }) as unknown as typeof fetch;
  return { held, sent };
};

const write = (jobId: number, path: string, version: number) =>
  writeJob({ jobId, method: 'POST', path, version });

describe('two presses one after the other', () => {
  test('a start pressed while a tick is on its way goes out after it, on its version', async () => {
    const { sent } = serverOf(11, 4);
    const both = await Promise.all([write(11, '/protection', 4), write(11, '/bench', 4)]);
    expect(both.map(({ version }) => version)).toEqual([5, 6]);
    expect(sent).toEqual([
      { path: '/protection', version: 4 },
      { path: '/bench', version: 5 },
    ]);
  });

  test('somebody else’s change in between is still a conflict', async () => {
    const { held } = serverOf(12, 0);
    await write(12, '/protection', 0);
    held.version += 1;
    await expect(write(12, '/bench', 1)).rejects.toBeInstanceOf(ApiFailure);
  });

  test('one that was refused does not stop the next', async () => {
    serverOf(13, 3);
    const [refused, taken] = await Promise.allSettled([write(13, '/a', 2), write(13, '/b', 3)]);
    expect(refused.status).toBe('rejected');
    expect(taken).toMatchObject({ status: 'fulfilled', value: { version: 4 } });
  });
});
