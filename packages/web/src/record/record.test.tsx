/** What the record taught, as the shop reads it: times by stone, steel and person, and how long edges last. */
import type { LifeGroup, LifeSheet, RatesSheet } from '@patient-edge/contract';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showPage } from '../../test/pages';
import LivesPage from './lives-page';
import RatesPage from './rates-page';

// What is drawn is looked at in the browser.
jest.mock('../instruments/chart', () => ({ Chart: () => null, numberAxis: jest.fn() }));

const session = (role: string) => ({ staff: { id: 1, name: 'Ansa', role }, currency: 'EUR' });

const rates = (part: Partial<RatesSheet> = {}): RatesSheet => ({
  byHand: {
    records: 240,
    noiseSd: 0.3,
    effects: {
      // Half as long again; as foreseen; a fifth quicker.
      abrasive: [
        { id: '4', name: 'Grey stone', mean: Math.log(1.5), factor: 1.5, sd: 0.1, records: 90 },
      ],
      steel: [{ id: 'x', name: 'Carbon steel', mean: 0, factor: 1, sd: 0.2, records: 60 }],
      person: [
        { id: '7', name: 'Teodor', mean: Math.log(0.8), factor: 0.8, sd: 0.05, records: 240 },
      ],
    },
  },
  byMachine: { records: 0, noiseSd: 0.3, effects: { abrasive: [], steel: [], person: [] } },
  leftOut: [],
  ...part,
});

describe('rates', () => {
  test('say how many times as long, within what range, and from how many steps', async () => {
    showPage(<RatesPage />, { 'GET /session': session('owner'), 'GET /rates': rates() });
    const panel = await screen.findByRole('region', { name: 'By hand' });
    expect(panel.textContent).toContain('From 240 steps. One step more or less: ± 35 %.');
    const cells = within(within(panel).getByText('Grey stone').closest('tr')!).getAllByRole('cell');
    // Eight of ten: 1.5 times or over e to the 0.12816.
    expect(cells.slice(2).map(({ textContent }) => textContent)).toEqual([
      '1.50',
      '1.32 to 1.71',
      '90',
    ]);
    expect(screen.queryByRole('region', { name: 'On belts and wheels' })).toBeNull();
  });

  test('a person is left out and counted again by who may change people', async () => {
    const page = showPage(<RatesPage />, {
      'GET /session': session('owner'),
      'GET /rates': rates(),
      'PUT /rates/people/7': rates({ leftOut: [{ id: 7, name: 'Teodor' }] }),
    });
    await userEvent.click(await screen.findByRole('button', { name: 'Leave out Teodor' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Count Teodor again' }));
    expect(page.asked.filter(({ method }) => method === 'PUT').map(({ body }) => body)).toEqual([
      { teaches: false },
      { teaches: true },
    ]);
  });

  test('nobody else is offered it', async () => {
    showPage(<RatesPage />, {
      'GET /session': session('bench'),
      'GET /rates': rates({ leftOut: [{ id: 9, name: 'Wilma' }] }),
    });
    expect(await screen.findByText('Wilma')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /Leave out|Count/ })).toBeNull();
  });

  test('before the first step there are none', async () => {
    const none = { ...rates().byHand, records: 0 };
    showPage(<RatesPage />, {
      'GET /session': session('bench'),
      'GET /rates': rates({ byHand: none }),
    });
    expect(await screen.findByText(/Nothing on record yet/)).toBeTruthy();
  });
});

describe('how long edges last', () => {
  const group = (id: string, lives: number, ended: number): LifeGroup =>
    ({
      id,
      name: id,
      lives,
      ended,
      medianDays: ended > 0 ? 30 : null,
      meanDays: ended > 1 ? 41.6 : null,
      curve: ended > 0 ? [{ day: 30, survival: 0.5, atRisk: lives, ended }] : [],
    }) as unknown as LifeGroup;
  const sheet = (part: Partial<LifeSheet> = {}): LifeSheet => ({
    by: 'strop',
    factors: [{ id: 'strop', name: 'Strop' }],
    useId: 'kitchen',
    uses: [{ id: 'kitchen', name: 'Kitchen', lives: 13 }],
    groups: [group('plain leather', 9, 6), group('none', 4, 0)],
    compared: {
      first: 'plain leather',
      second: 'none',
      longerProbability: 0.3,
      logRankChi2: null,
      p: null,
    },
    ...part,
  });
  const show = (of: LifeSheet) =>
    showPage(<LivesPage />, {
      'GET /session': session('owner'),
      'GET /lives?': of,
      'GET /lives': of,
    });

  test('it is said of the one that is likelier to last, with how many lives', async () => {
    show(sheet());
    expect((await screen.findByRole('heading', { level: 2 })).textContent).toBe(
      '70 % that “none” lasts longer than “plain leather”.',
    );
    expect(screen.getByText(/^4 lives compared with 9\./)).toBeTruthy();
    const cells = within(screen.getByRole('row', { name: /plain leather/ })).getAllByRole('cell');
    expect(cells.slice(0, 2).map(({ textContent }) => textContent)).toEqual(['9', '6']);
  });

  test('where all were done alike nothing is compared', async () => {
    show(sheet({ groups: [group('none', 4, 0)], compared: null }));
    expect(await screen.findByText(/All were done the same way/)).toBeTruthy();
  });
});
