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
const tried = (part: Partial<TouchUp>): TouchUp => ({
  id: 1,
  jobId: 7,
  at: '2026-05-04T12:00:00Z',
  who: 'Bo',
  rung: 'rod',
  stone: null,
  enough: false,
  note: '',
  lastedDays: null,
  ...part,
});
const stones = [
  stoneOnRack({ id: 3, name: 'Red', um: 11.5 }),
  stoneOnRack({ id: 4, name: 'Leather', um: 1, kind: 'strop', liquid: 'dry' }),
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

describe('the ladder of a tired blade', () => {
  test('begins with the rod, at the angle it came with, and keeps that it was not enough', async () => {
    const page = show([]);
    expect(await screen.findByRole('heading', { name: 'Now: rod' })).toBeTruthy();
    expect(screen.getAllByText(/at 17\.0° per side or just above/)[0]).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Note'), 'still slides');
    await userEvent.click(screen.getByRole('button', { name: 'Not enough: next rung' }));
    expect(page.asked.find(({ method }) => method === 'POST')!.body).toEqual({
      version: 2,
      rung: 'rod',
      stoneId: null,
      enough: false,
      note: 'still slides',
    });
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
    expect(await screen.findByText('Only bench staff can open this.')).toBeTruthy();
    document.body.innerHTML = '';
    show([], { stage: 'ready' });
    expect(await screen.findByText('The blade is ready: no rung is tried now.')).toBeTruthy();
  });

  test('with a steel nobody knows any more says so', async () => {
    show([], { steel: 'Moonsteel' });
    expect(await screen.findByText('The steel of this blade is not known any more.')).toBeTruthy();
  });
});
