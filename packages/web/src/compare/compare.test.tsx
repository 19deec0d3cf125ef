import { DEFAULT_CHOICES, type BladeRates, type Compared, type MapCell } from '@patient-edge/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { stoneBody } from '../../../contract/test/stones';
import { jobOf } from '../../test/jobs';
import { session, showPage } from '../../test/pages';
import { useCompared, useTradeMap, type MapState } from '../workers/use-compare';
import ComparePage from './compare-page';

jest.mock('../workers/use-compare', () => ({ useCompared: jest.fn(), useTradeMap: jest.fn() }));

const compared = (id: string, part: Partial<Compared> = {}): Compared => ({
  id,
  choices: { ...DEFAULT_CHOICES, angleDeg: 15 },
  problem: null,
  angleDeg: 15,
  steelMm3: 20,
  heightMm: 0.03,
  minutes: [5, 10, 25],
  price: { lowMinor: 1200, highMinor: 1800 },
  behindEdgeMm: 0.42,
  visitsToThinning: 3,
  visitsToEnd: 90,
  lastUm: 3,
  stones: ['Brown', 'Fine'],
  ...part,
});
const columns: Compared[] = [
  compared('as chosen'),
  compared('keep', { angleDeg: 18, steelMm3: 12.5, visitsToThinning: 5 }),
  compared('by-use', { problem: 'No stones lead to that finish' }),
];
const cell = (angleDeg: number, part: Partial<MapCell> = {}): MapCell => ({
  angleDeg,
  finishUm: 3,
  minutes: 10 + angleDeg,
  steelMm3: 20,
  behindEdgeMm: 0.4,
  ...part,
});
const RATES: BladeRates = {
  noiseSd: 0.3,
  common: { mean: 0.2, variance: 0.01 },
  stones: [],
  steelRecords: 12,
  personRecords: 30,
};
const NO_MAP: MapState = { columns: [], all: 0, isRunning: false, error: null };
const retry = jest.fn();
const start = jest.fn();
const stop = jest.fn();

const show = (map: MapState = NO_MAP) => {
  jest.mocked(useCompared).mockReturnValue({ answer: columns, of: null, error: null, retry });
  jest.mocked(useTradeMap).mockReturnValue({ state: map, start, stop });
  return showPage(
    <ComparePage />,
    {
      'GET /stones': [
        {
          ...stoneBody({ name: 'Brown', um: 17 }),
          id: 1,
          version: 1,
          workedSeconds: 0,
          chains: [],
        },
      ],
      'GET /machines': [],
      'GET /steels': [],
      'GET /habits': { version: 0, choices: DEFAULT_CHOICES },
      'GET /session': session('bench'),
      'GET /rates/blade?steel=unknown+stamped+stainless': RATES,
      'GET /prices': {
        version: 1,
        currency: 'EUR',
        currencySettled: true,
        lengthIncludedMm: 220,
        lengthStepMm: 50,
        minutesIncluded: 20,
        prices: [],
      },
    },
    jobOf(),
  );
};
const table = () => screen.findByRole('table', { name: 'Plans side by side' });
const rowOf = async (label: RegExp): Promise<HTMLTableCellElement[]> =>
  within(within(await table()).getByRole('row', { name: label })).getAllByRole('cell');

beforeEach(() => {
  localStorage.clear();
  jest.mocked(useCompared).mockClear();
  start.mockClear();
});

describe('plans side by side', () => {
  test('set off the least of a row, and with visits the most', async () => {
    show();
    const least = async (label: RegExp) =>
      (await rowOf(label)).map((each) => each.dataset['least'] !== undefined);
    expect(await least(/^Steel/)).toEqual([false, true, false]);
    expect(await least(/^Visits until thinning/)).toEqual([false, true, false]);
    // Alike on all: none is the least.
    expect(await least(/^Height lost/)).toEqual([false, false, false]);
  });

  test('give minutes with their range, and money in the currency of the shop', async () => {
    show();
    const [minutes] = await rowOf(/^Minutes/);
    expect(minutes!.textContent).toBe('10 (5–25)');
    const [price] = await rowOf(/^Price/);
    expect(price!.textContent).toMatch(/12.*18/);
  });

  test('are asked for once, with the times the bench has learnt', async () => {
    show();
    await table();
    const asked = jest.mocked(useCompared).mock.calls.flatMap(([question]) => question ?? []);
    expect(new Set(asked.map(({ rates }) => rates))).toEqual(new Set([RATES]));
  });

  test('a plan there cannot be says why in its column, and is not to be taken up', async () => {
    show();
    const [, , none] = await rowOf(/^Choose/);
    expect(none!.textContent).toBe('No stones lead to that finish');
    expect(screen.getAllByRole('button', { name: /^Use this plan/ })).toHaveLength(2);
  });

  test('the one taken up is what is planned next', async () => {
    show();
    await table();
    await userEvent.click(screen.getByRole('button', { name: 'Use this plan: Keep the angle' }));
    expect(JSON.parse(localStorage.getItem('patient-edge plan choices 7')!)).toMatchObject({
      angleDeg: 15,
    });
  });

  test('one alone is compared with nothing', async () => {
    show();
    await table();
    await userEvent.click(screen.getByRole('checkbox', { name: /^Keep the angle/ }));
    await userEvent.click(screen.getByRole('checkbox', { name: /^Set by use/ }));
    expect(screen.getByText('Choose at least two.')).toBeTruthy();
  });
});

describe('the map over angle and finish', () => {
  const drawn: MapState = {
    columns: [
      {
        finishUm: 3,
        cells: [
          cell(14),
          cell(15),
          cell(16, { minutes: null, steelMm3: null, behindEdgeMm: null }),
        ],
      },
    ],
    all: 4,
    isRunning: true,
    error: null,
  };

  test('is drawn from the plan as it is chosen', async () => {
    show();
    await userEvent.click(await screen.findByRole('button', { name: 'Draw the map' }));
    await waitFor(() => expect(start).toHaveBeenCalledTimes(1));
    expect(start.mock.calls[0]).toMatchObject([{ useId: 'general-soft' }, RATES]);
  });

  test('says how far it is, and can be stopped', async () => {
    show(drawn);
    expect(await screen.findByText('1 of 4 finishes')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Stop' }));
    expect(stop).toHaveBeenCalledTimes(1);
  });

  test('a place picked on it is told in full and becomes the plan', async () => {
    show({ ...drawn, isRunning: false });
    const place = await screen.findByRole('button', {
      name: '15° per side, last stone 3 µm: 25 min',
    });
    await userEvent.click(place);
    expect(place.getAttribute('aria-pressed')).toBe('true');
    expect(screen.getByText(/25 min, 20\.0 mm³, 0\.40 mm behind the edge/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Use this plan' }));
    expect(JSON.parse(localStorage.getItem('patient-edge plan choices 7')!)).toMatchObject({
      angleDeg: 15,
      finishUm: [3, 3],
    });
  });

  test('what cannot be ground there is a dash, not a button', async () => {
    show({ ...drawn, isRunning: false });
    const map = await screen.findByRole('table', { name: /^Minutes in min/ });
    expect(within(map).getByRole('row', { name: '16° –' })).toBeTruthy();
    expect(within(map).getAllByRole('button')).toHaveLength(2);
  });

  test('the same places shown by another figure', async () => {
    show({ ...drawn, isRunning: false });
    await screen.findByRole('table', { name: /^Minutes in min/ });
    await userEvent.click(screen.getByRole('radio', { name: 'Thickness after' }));
    expect(
      screen.getByRole('button', { name: '14° per side, last stone 3 µm: 0.40 mm' }),
    ).toBeTruthy();
  });
});
