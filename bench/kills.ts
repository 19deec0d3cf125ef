/**
 * Random kills with a writing client: `npx tsx bench/kills.ts [KILLS]`, 30 when nothing is said. The server, the
 * database or both lose their power at a random moment while a client takes blades in and counts strokes; then
 * everything that was acknowledged must be there, once. The shop is built first (`./patient-edge demo`, or a test run).
 */
import { setTimeout as sleep } from 'node:timers/promises';
import { databaseEnvironment, startDatabase } from '../scripts/database';
import { dataFolder } from '../scripts/paths';
import { RunningShop } from '../e2e/support/running-shop';

const KILLS = Number(process.argv[2] ?? 30);
const LONGEST_LIFE_MS = 3000;
const PASSWORD = 'written-while-killed';

const tell = (line: string): void => {
  process.stdout.write(`${line}\n`);
};

// The shop's own database may lose its power; what RunningShop shares with the browser tests is not used.
const shared = await startDatabase(dataFolder('test'), 3319);
Object.assign(process.env, databaseEnvironment(shared));
const shop = await RunningShop.open('shop', { mayLosePower: true });

let cookie = '';
/** Null when nobody answered: then nothing is known of it. */
const ask = async (
  method: string,
  path: string,
  body?: object,
  key?: string,
): Promise<{ status: number; body: unknown } | null> => {
  try {
    const answer = await fetch(`${shop.address}/api${path}`, {
      method,
      headers: {
        'Content-Type': 'application/json',
        Cookie: cookie,
        ...(key === undefined ? {} : { 'Idempotency-Key': key }),
      },
      ...(body === undefined ? {} : { body: JSON.stringify(body) }),
      signal: AbortSignal.timeout(10_000),
    });
    const [set] = answer.headers.getSetCookie();
    if (set !== undefined) cookie = set.split(';')[0]!;
    return { status: answer.status, body: JSON.parse(await answer.text()) as unknown };
  } catch {
    return null;
  }
};

const person = { shopName: 'Bench', name: 'Bench', login: 'bench', password: PASSWORD };
await ask('POST', '/set-up', person);

const dropOff = (tagNumber: number) => ({
  customerId: null,
  newCustomer: {
    name: `Customer ${tagNumber}`,
    trade: '',
    phones: [],
    note: '',
    edgesLiked: '',
  },
  blades: [
    {
      bladeId: null,
      tagNumber,
      kindId: 'chef',
      bladeName: '',
      steel: 'unknown stamped stainless',
      useId: 'general-soft',
      cuts: '',
      askedFor: '',
      promisedOn: '2027-01-01',
      sharpness: 'dull',
      edgeLengthMm: null,
      heightHeelMm: null,
    },
  ],
});

/** Tags whose drop-off was acknowledged; the one on its way is sent again under its key until it is answered. */
const acknowledged = new Set<number>();
let writing = true;
let repeats = 0;
const client = async (): Promise<void> => {
  let tag = 0;
  while (writing) {
    tag += 1;
    const key = `kill-bench-${tag}`;
    for (let tried = 0; ; tried += 1) {
      const answer = await ask('POST', '/drop-offs', dropOff(tag), key);
      if (answer?.status === 201) {
        acknowledged.add(tag);
        break;
      }
      if (answer !== null && answer.status !== 503) {
        throw new Error(`Tag ${tag} was answered ${answer.status}: ${JSON.stringify(answer.body)}`);
      }
      repeats += 1;
      await sleep(50);
      if (!writing) return;
    }
  }
};

const working = client();
const kills = { server: 0, power: 0 };
for (let kill = 0; kill < KILLS; kill += 1) {
  await sleep(300 + Math.random() * LONGEST_LIFE_MS);
  if (Math.random() < 0.5) {
    await shop.killAndRestart();
    kills.server += 1;
  } else {
    await shop.powerCut();
    kills.power += 1;
  }
}
writing = false;
await working;
const board = (await ask('GET', '/shop'))!.body as { jobs: readonly { tagNumber: number }[] };
const tags = board.jobs.map(({ tagNumber }) => tagNumber);
const lost = [...acknowledged].filter((tag) => !tags.includes(tag));
const twice = tags.filter((tag, index) => tags.indexOf(tag) !== index);
tell(`${kills.server} kills of the server, ${kills.power} of server and database`);
tell(
  `${acknowledged.size} drop-offs acknowledged, ${repeats} repeated; ${lost.length} lost, ${twice.length} made twice`,
);
await shop.close();
await shared.stop();
process.exitCode = lost.length + twice.length > 0 ? 1 : 0;
