import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Job, TouchUp } from '@patient-edge/contract';
import { stoneOnRack } from '../../../contract/test/stones';
import { CHEF } from '../../../core/test/blades';
import { session, showPage } from '../../test/pages';
import TouchUpPage from './touch-up-page';

const job = {
  id: 7,
  version: 2,
  stage: 'taken in',
  steel: 'X50CrMoV15 (1.4116)',
  sharpness: 'tired',
  useId: 'general-soft',
  measures: { ...CHEF, presentAnglePerSideDeg: 17 },
  damage: [],
  plan: null,
  tests: [],
  round: 1,
} as unknown as Job;
const VEGETABLE = {
  ...CHEF,
  heightHeelMm: 20.5,
  heightMiddleMm: 19,
  heightTipMm: 14,
  spineHeelMm: 1.7,
  spineMiddleMm: 1.6,
  spineTipMm: 1.4,
};
const tried = (part: Partial<TouchUp>): TouchUp => ({
  id: 1,
  jobId: 7,
  at: '2026-05-04T12:00:00Z',
  who: 'Bo',
  rung: 'smooth rod',
  coins: null,
  passes: null,
  stone: null,
  enough: false,
  note: '',
  lastedDays: null,
  ...part,
});
const stones = [
  stoneOnRack({ id: 3, name: 'Red', um: 11.5 }),
  stoneOnRack({ id: 4, name: 'Leather', um: 1, kind: 'strop', liquid: 'dry' }),
  stoneOnRack({ id: 5, name: 'Polished', um: 1, kind: 'rod', abrasive: 'hardened steel' }),
];
const show = (past: TouchUp[], changed: Partial<Job> = {}, role: 'bench' | 'counter' = 'bench') =>
  showPage(
    <TouchUpPage />,
    {
      'GET /stones': stones,
      'GET /steels': [],
      'GET /session': session(role),
      'GET /shop': {},
      'GET /jobs/7/touch-ups': past,
      'POST /jobs/7/touch-ups': { ...job, version: 3 },
    },
    { ...job, ...changed },
  );

beforeEach(() => localStorage.clear());

describe('the ladder of a tired blade', () => {
  test('begins with the smooth rod, finds its angle by ink, and keeps coins, passes and that it was not enough', async () => {
    const page = show([], { angleAssumed: true, measures: VEGETABLE });
    expect(await screen.findByRole('heading', { name: 'Now: smooth rod' })).toBeTruthy();
    expect(screen.getByText(/^4 coins: 14\.6° per side, assumed$/)).toBeTruthy();
    expect(screen.getByText(/Below: 4 coins, 14\.6°\. Above: 5 coins, 17\.7°/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'shoulder only' }));
    expect(screen.getByText(/^5 coins: 17\.7° per side, assumed$/)).toBeTruthy();
    expect(screen.getByText(/^Held too low: ink again and try 5 coins/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'edge and across' }));
    expect(screen.getByText(/^5 coins: 17\.7° per side, found$/)).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Passes a side so far'), '5');
    await userEvent.type(screen.getByLabelText('Note'), 'still slides');
    await userEvent.click(screen.getByRole('button', { name: 'Not enough: next rung' }));
    const { coins, ...sent } = page.asked.find(({ method }) => method === 'POST')!.body as {
      coins: { coinMm: number; count: number; angleDeg: number };
    };
    expect(sent).toEqual({
      version: 2,
      rung: 'smooth rod',
      stoneId: 5,
      enough: false,
      note: 'still slides',
      passes: 5,
    });
    expect(coins).toMatchObject({ coinMm: 1, count: 5 });
    expect(coins.angleDeg).toBeCloseTo(17.7, 1);
  });

  test('four rounds of ink without an answer put the rod down', async () => {
    show([], { angleAssumed: true, measures: VEGETABLE });
    for (let round = 0; round < 4; round += 1)
      await userEvent.click(await screen.findByRole('button', { name: 'edge line only' }));
    expect(screen.getByText(/put the rod down/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'edge line only' })).toBeNull();
  });

  test('goes on where this visit stands, and says how long each lasted at earlier ones', async () => {
    show([tried({}), tried({ id: 2, jobId: 5, rung: 'strop', enough: true, lastedDays: 12 })]);
    expect(await screen.findByRole('heading', { name: 'Now: strop' })).toBeTruthy();
    expect(screen.getByText('tried now, not enough')).toBeTruthy();
    expect(screen.getByText('lasted 12 days last time')).toBeTruthy();
  });

  test('is no help to a chipped blade', async () => {
    const chip = { id: 'a', kind: 'chip', side: 'both', fromMm: 50, lengthMm: 2, depthMm: 0.4 };
    show([], { damage: [chip] } as unknown as Partial<Job>);
    expect(
      await screen.findByRole('link', { name: 'Assess and plan the full sharpening' }),
    ).toBeTruthy();
  });

  test('is for the bench, and for a blade that still waits', async () => {
    show([], {}, 'counter');
    expect(
      await screen.findByText('Only the bench can touch up; you are signed in at the counter.'),
    ).toBeTruthy();
    document.body.innerHTML = '';
    show([], { stage: 'ready' });
    expect(await screen.findByText('The blade is ready: touch-ups are closed.')).toBeTruthy();
  });

  test('with a steel nobody knows any more says so', async () => {
    show([], { steel: 'Moonsteel' });
    expect(await screen.findByText('The steel of this blade is no longer known.')).toBeTruthy();
  });
});
