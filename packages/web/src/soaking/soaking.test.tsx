import { act, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { stoneOnRack } from '../../../contract/test/stones';
import { session, showPage } from '../../test/pages';
import { playSound } from '../theme/sounds';
import { SoakBar } from './soak-bar';
import { soakWords } from './soak-button';
import { SoakPlan } from './soak-plan';

jest.mock('../theme/sounds', () => ({ playSound: jest.fn(), wakeSound: jest.fn() }));

const NOON = Date.parse('2026-05-04T12:00:00Z');
const soaking = (minutesAgo: number) => ({
  putInAt: new Date(NOON - minutesAgo * 60_000).toISOString(),
  minutes: 10,
});
const brown = stoneOnRack({
  id: 1,
  name: 'Brown',
  soaking: 'soak',
  soakMinutes: 10,
  soak: soaking(4),
});

beforeEach(() => {
  jest.useFakeTimers({ now: NOON });
  jest.mocked(playSound).mockClear();
});
afterEach(() => jest.useRealTimers());

/** Lets answers arrive and the clock run. */
const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

describe('the clocks of the stones in the water', () => {
  const answers = (stones: unknown[]) => ({
    'GET /stones': stones,
    'GET /session': session('bench'),
  });

  test('run from when the stone went in, and sound once when it is ready', async () => {
    showPage(<SoakBar />, answers([brown]));
    await pass(1000);
    expect(screen.getByRole('timer').textContent).toBe('5:59 to go');
    await pass(5 * 60_000 + 58_000);
    expect(playSound).not.toHaveBeenCalled();
    await pass(2000);
    expect(screen.getByRole('timer').textContent).toBe('ready');
    expect(playSound).toHaveBeenCalledTimes(1);
    await pass(60_000);
    expect(playSound).toHaveBeenCalledTimes(1);
  });

  test('their line is kept from the first moment where there was one last time', async () => {
    const opened = async (stones: unknown[]): Promise<boolean> => {
      document.body.innerHTML = '';
      showPage(<SoakBar />, answers(stones));
      const isKept = document.querySelector('[data-awaited]') !== null;
      await pass(1000);
      expect(document.querySelector('[data-awaited]')).toBeNull();
      return isKept;
    };
    const none = { ...brown, soak: null };
    localStorage.clear();
    expect(await opened([none])).toBe(false);
    expect(await opened([brown])).toBe(false);
    expect(await opened([none])).toBe(true);
    expect(await opened([brown])).toBe(false);
  });

  test('what was ready before the page opened does not sound again', async () => {
    showPage(<SoakBar />, answers([{ ...brown, soak: soaking(12) }]));
    await pass(5000);
    expect(screen.getByRole('timer').textContent).toBe('ready');
    expect(playSound).not.toHaveBeenCalled();
  });

  test('two sides of one block have one clock', async () => {
    const sides = [
      { ...brown, otherSideId: 2 },
      { ...brown, id: 2, name: 'Brown, fine side', otherSideId: 1 },
    ];
    showPage(<SoakBar />, answers(sides));
    await pass(1000);
    expect(screen.getAllByRole('timer')).toHaveLength(1);
  });

  test('nothing in the water is nothing on the page, and the counter takes nothing out', async () => {
    showPage(<SoakBar />, answers([{ ...brown, soak: null }]));
    await pass(1000);
    expect(screen.queryByRole('region')).toBeNull();
    document.body.innerHTML = '';
    showPage(<SoakBar />, { ...answers([brown]), 'GET /session': session('counter') });
    await pass(1000);
    expect(screen.queryByRole('button', { name: /^Take out/ })).toBeNull();
  });
});

describe('when to put which stone in', () => {
  const red = stoneOnRack({
    id: 2,
    name: 'Red',
    soaking: 'soak',
    soakMinutes: 8,
    changeSeconds: 60,
  });
  const dry = { ...brown, soak: null, changeSeconds: 60 };
  const steps = [
    { stoneId: '1', seconds: 300 },
    { stoneId: '2', seconds: 200 },
  ];

  test('each is called so that it is ready at its step, the change to it counted', async () => {
    showPage(<SoakPlan steps={steps} jobId={5} />, { 'GET /stones': [dry, red] });
    await pass(100);
    const [first, second] = screen.getAllByRole('listitem');
    expect(within(first!).getByText('now')).toBeTruthy();
    expect(within(first!).getByText('(needed from the start)')).toBeTruthy();
    // 360 s until its step, 480 s of soak: two minutes late even now.
    expect(within(second!).getByText(/needed in 6 min: put it in 2 min before/)).toBeTruthy();
  });

  test('at the bench only what has to go in now is said, and it goes in for this blade', async () => {
    jest.useRealTimers();
    const later = [{ stoneId: null, seconds: 3600 }, ...steps];
    const page = showPage(<SoakPlan nowOnly steps={later} jobId={5} />, {
      'GET /stones': [dry, red],
    });
    await new Promise((resolve) => setTimeout(resolve, 50));
    expect(screen.queryByRole('listitem')).toBeNull();
    document.body.innerHTML = '';
    const now = showPage(<SoakPlan nowOnly steps={steps} jobId={5} />, {
      'GET /stones': [dry],
      'POST /stones/1/soak': { ...dry, soak: soaking(0) },
    });
    await userEvent.click(await screen.findByRole('button', { name: /^Start soaking, 10 min/ }));
    expect(now.asked).toContainEqual({
      method: 'POST',
      path: '/stones/1/soak',
      body: { minutes: 10, jobId: 5 },
    });
    expect(page.asked.every(({ method }) => method === 'GET')).toBe(true);
  });
});

test('a stone that is not in the water has no words', () => {
  expect(soakWords({ ...brown, soak: null }, NOON)).toBe('');
});
