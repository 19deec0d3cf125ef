/** The shop in figures and trials: what is shown of what the server says, and what is asked of it. */
import type { FigureSheet, Trial } from '@patient-edge/contract';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showPage } from '../../test/pages';
import TrialsPage from '../trials/trials-page';
import { CameBack, WasLate } from './came-back';
import { InAll } from './in-all';
import { Quotes } from './quotes';

const sheet: FigureSheet = {
  fromDay: '2026-01-01',
  toDay: '2026-11-28',
  by: 'month',
  total: {
    blades: 40,
    workedSeconds: 36_000,
    earnedMinor: 60_000,
    late: 4,
    sentBack: 2,
    declined: 1,
  },
  lines: [],
  complaints: [],
  sentBack: [{ name: 'A burr is left there.', blades: 2 }],
  late: [{ because: 'took longer', blades: 4 }],
  seasons: [],
  quotes: [
    {
      id: 'chef',
      name: 'Chef’s knife',
      blades: 10,
      quoted: 8,
      agreed: 7,
      quotedLowMinor: 8000,
      quotedHighMinor: 16_000,
      chargedMinor: 12_000,
      above: 1,
      below: 2,
      foreseenSeconds: 12_000,
      workedSeconds: 15_000,
      earnedMinor: 15_000,
      earnedSeconds: 18_000,
    },
  ],
};

test('sums, shares and what an hour earned', () => {
  showPage(<InAll total={sheet.total} currency="EUR" />, {});
  const text = screen.getByRole('region', { name: 'In all' }).textContent.replaceAll('\u00a0', ' ');
  for (const said of [
    '40 blades returned',
    'EUR 600.00',
    '10 h of work',
    'EUR 60.00 an hour',
    '4 late (10 %)',
    '2 failed a test first (5 %)',
    '1 declined',
  ])
    expect(text).toContain(said);
});

test('why blades came back and were late, and nothing where none did', () => {
  showPage(
    <>
      <CameBack sheet={sheet} query="" />
      <WasLate sheet={{ ...sheet, late: [] }} query="" />
    </>,
    {},
  );
  expect(screen.getByText('No complaints in this time.')).toBeTruthy();
  expect(screen.getByRole('row', { name: /A burr is left there\./ }).textContent).toContain('2');
  expect(screen.getByText('Every blade was ready on its day.')).toBeTruthy();
});

test('estimates are means of those with one; an hour earns by all the work', () => {
  showPage(<Quotes sheet={sheet} query="" currency="EUR" />, {});
  const cells = within(screen.getByRole('row', { name: /Chef’s knife/ }))
    .getAllByRole('cell')
    .map((cell) => cell.textContent.replaceAll('\u00a0', ' '));
  expect(cells).toEqual([
    '10',
    'EUR 10.00 to EUR 20.00',
    '7 of 8',
    'EUR 15.00',
    '1 / 2',
    '20 min',
    '25 min',
    'EUR 30.00',
  ]);
});

const trial: Trial = {
  id: 3,
  question: 'burr',
  firstSchool: 'none',
  secondSchool: 'a trace',
  note: 'On soft boards',
  seed: 77,
  begunAt: '2026-01-01T08:00:00Z',
  begunBy: 'Ansa',
  stoppedAt: null,
  stopReason: '',
  blades: [],
  result: {
    logRankChi2: 9,
    p: 0.003,
    longerProbability: 0.03,
    lives: { first: 7, second: 8 },
    ended: { first: 6, second: 6 },
    isEnough: true,
  },
  otherwise: 1,
};

test('a trial says what is likelier and that it is enough, and is stopped with a reason', async () => {
  const page = showPage(<TrialsPage />, {
    'GET /session': { staff: { id: 1, name: 'Ansa', role: 'owner' }, currency: 'EUR' },
    'GET /trials': [trial],
    'POST /trials/3/stop': [
      { ...trial, stoppedAt: '2026-11-28T08:00:00Z', stopReason: 'enough is known' },
    ],
  });
  const card = await screen.findByRole('region', { name: /Burr: / });
  expect(card.textContent).toContain('97 % that');
  expect(card.textContent).toContain('Enough is known');
  expect(card.textContent).toContain('1 visit was not done as drawn');
  const user = userEvent.setup();
  await user.click(await within(card).findByRole('button', { name: 'Stop the trial' }));
  await user.click(within(card).getByRole('button', { name: 'Stop it' }));
  await screen.findByText(/Stopped/);
  expect(page.asked.at(-1)).toMatchObject({
    path: '/trials/3/stop',
    body: { reason: 'enough is known' },
  });
});

test('a trial is begun with two ways that differ', async () => {
  const page = showPage(<TrialsPage />, {
    'GET /session': { staff: { id: 1, name: 'Ansa', role: 'owner' }, currency: 'EUR' },
    'GET /trials': [],
    'POST /trials': [trial],
  });
  const user = userEvent.setup();
  await user.click(await screen.findByRole('button', { name: 'Begin a trial' }));
  await user.type(screen.getByLabelText(/What you want to know/), 'Which lasts');
  await user.click(screen.getByRole('button', { name: 'Begin the trial' }));
  await screen.findByRole('region', { name: /Burr: / });
  const sent = page.asked.find(({ method }) => method === 'POST')!.body as Record<string, string>;
  expect(sent['question']).toBe('burr');
  expect(sent['note']).toBe('Which lasts');
  expect(sent['firstSchool']).not.toBe(sent['secondSchool']);
});
