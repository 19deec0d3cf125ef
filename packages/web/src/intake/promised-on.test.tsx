/** The promised day before the shop's days are known, and once they are. */
import type { Board } from '@patient-edge/contract';
import { screen } from '@testing-library/react';
import { showPage } from '../../test/pages';
import { PromisedOn } from './promised-on';

const OPEN_ON_THURSDAYS: Board = {
  today: '2026-11-30',
  jobs: [],
  places: [
    {
      id: 3,
      name: 'Saltgate',
      address: '',
      weekdays: [4],
      opensAt: null,
      closesAt: null,
      inUse: true,
    },
  ],
  closed: [],
};
// A Thursday.
const promised = <PromisedOn promisedOn="2026-12-03" placeId="3" onChange={() => undefined} />;

test('a promise stands with its place, and says nothing of the place before it is known', async () => {
  showPage(promised, { 'GET /shop': OPEN_ON_THURSDAYS });
  expect(screen.queryByText('No place is open that day.')).toBeNull();
  expect(screen.queryByText(/Saltgate/)).toBeNull();
  expect(screen.getByRole('button', { name: /3 Dec/ })).toBeTruthy();
  expect(await screen.findByRole('button', { name: /3 Dec · Saltgate/ })).toBeTruthy();
});

test('a day on which no place is open is said to be one', async () => {
  showPage(<PromisedOn promisedOn="2026-12-04" placeId="" onChange={() => undefined} />, {
    'GET /shop': OPEN_ON_THURSDAYS,
  });
  expect(await screen.findByText('No place is open that day.')).toBeTruthy();
});
