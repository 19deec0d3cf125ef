/** The shop in figures: what is shown of what the server says, and what is asked of it. */
import type { FigureSheet } from '@patient-edge/contract';
import { screen, within } from '@testing-library/react';
import { showPage } from '../../test/pages';
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
  const text = screen.getByRole('region', { name: 'Total' }).textContent.replaceAll('\u00a0', ' ');
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
  expect(screen.getByText('No complaints in this period.')).toBeTruthy();
  expect(screen.getByRole('row', { name: /A burr is left there\./ }).textContent).toContain('2');
  expect(screen.getByText('Every blade was ready on time.')).toBeTruthy();
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
