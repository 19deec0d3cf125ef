import type { PriceList } from '@patient-edge/contract';
import { fireEvent, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { jobOf } from '../../test/jobs';
import { refusal, showPage } from '../../test/pages';
import { AsItCame } from './as-it-came';
import { ConsentSheet } from './consent-sheet';
import { EstimateSheet } from './estimate-sheet';
import { ProtectionTicks } from './protection-sheet';

const list: PriceList = {
  version: 1,
  currency: 'EUR',
  currencySettled: true,
  lengthIncludedMm: 200,
  lengthStepMm: 50,
  minutesIncluded: 20,
  prices: [
    { item: 'blade', group: 'any', amountMinor: 1000 },
    { item: 'length', group: 'any', amountMinor: 150 },
  ],
};

describe('asking the customer', () => {
  const asked = [{ id: 'height', text: 'About 2.0 mm goes for good.' }];

  test('the answer goes out with the matter, its words and who gave it', async () => {
    const job = jobOf();
    const page = showPage(<ConsentSheet job={job} asked={asked} />, {
      'POST /jobs/7/consents': job,
    });
    await userEvent.clear(screen.getByLabelText('Who answers'));
    await userEvent.type(screen.getByLabelText('Who answers'), 'Berit');
    await userEvent.click(screen.getByRole('button', { name: 'Yes: About 2.0 mm goes for good.' }));
    expect(page.asked[0]!.body).toEqual({
      version: 3,
      matter: 'height',
      text: 'About 2.0 mm goes for good.',
      answer: 'yes',
      name: 'Berit',
    });
  });

  test('what was said is told with name, and asked again only after a no', () => {
    const said = {
      matter: 'height',
      text: 'w',
      name: 'Berit',
      at: '2026-11-25T09:00:00Z',
      who: 'cal',
    };
    showPage(
      <ConsentSheet job={jobOf({ consents: [{ ...said, answer: 'no' }] })} asked={asked} />,
      {},
    );
    expect(screen.getByText(/^Berit said no/)).toBeTruthy();
    expect(screen.getByRole('heading').textContent).toContain('1 open');
    expect(screen.getAllByRole('button')).toHaveLength(2);
  });

  test('a refusal is told', async () => {
    showPage(<ConsentSheet job={jobOf()} asked={asked} />, {
      'POST /jobs/7/consents': refusal(422, {
        code: 'INVALID_INPUT',
        message: 'Invalid',
        fields: [{ field: 'name', message: 'Who said so is missing' }],
      }),
    });
    await userEvent.clear(screen.getByLabelText('Who answers'));
    await userEvent.click(screen.getByRole('button', { name: /^No/ }));
    expect((await screen.findByRole('alert')).textContent).toBe('Who said so is missing');
  });
});

describe('the estimate', () => {
  // What was typed and not sent is kept on the device.
  beforeEach(() => localStorage.clear());
  test('is reckoned from the list, changed by hand and agreed by name', async () => {
    const page = showPage(<EstimateSheet job={jobOf()} plan={null} />, {
      'GET /prices': list,
      'PUT /jobs/7/estimate': jobOf(),
    });
    expect(await screen.findByText(/EUR.11\.50$/)).toBeTruthy();
    const from = screen.getAllByLabelText('From, EUR')[0]!;
    await userEvent.clear(from);
    await userEvent.type(from, '9,5');
    await userEvent.click(screen.getByRole('button', { name: 'Customer agreed' }));
    expect(page.asked.at(-1)!.body).toEqual({
      version: 3,
      agreedBy: 'Edda Rill',
      lines: [
        { label: 'Chef’s knife', lowMinor: 950, highMinor: 1000 },
        { label: '210 mm long, beyond 200 mm', lowMinor: 150, highMinor: 150 },
      ],
    });
  });

  test('what is no price is named with its line, and nothing is sent', async () => {
    const page = showPage(<EstimateSheet job={jobOf()} plan={null} />, { 'GET /prices': list });
    await userEvent.type((await screen.findAllByLabelText('To, EUR'))[1]!, 'x');
    await userEvent.click(screen.getByRole('button', { name: 'Save estimate' }));
    expect(screen.getByRole('alert').textContent).toContain('Line 2: "1.50" to "1.50x"');
    expect(page.asked.filter(({ method }) => method === 'PUT')).toEqual([]);
  });

  test('without a list there is a way to one', async () => {
    showPage(<EstimateSheet job={jobOf()} plan={null} />, {
      'GET /prices': { ...list, prices: [] },
    });
    expect(await screen.findByRole('link', { name: 'Set up the price list' })).toBeTruthy();
  });
});

test('protection ticked off keeps what was done before', async () => {
  const page = showPage(
    <ProtectionTicks
      job={jobOf({ protectionDone: ['handle'] })}
      list={[
        { id: 'handle', text: 'Wrap the handle.' },
        { id: 'mark', text: 'Paper over the mark.' },
      ]}
    />,
    { 'PUT /jobs/7/protection': jobOf() },
  );
  await userEvent.click(screen.getByText('Paper over the mark.'));
  expect(page.asked[0]!.body).toEqual({ version: 3, done: ['handle', 'mark'] });
});

test('a second tick before the first is answered keeps both, and shows both at once', async () => {
  const page = showPage(
    <ProtectionTicks
      job={jobOf()}
      list={[
        { id: 'handle', text: 'Wrap the handle.' },
        { id: 'mark', text: 'Paper over the mark.' },
      ]}
    />,
    { 'PUT /jobs/7/protection': jobOf({ protectionDone: ['handle', 'mark'] }) },
  );
  const boxes = screen.getAllByRole<HTMLInputElement>('checkbox');
  for (const box of boxes) fireEvent.click(box);
  expect(boxes.map(({ checked }) => checked)).toEqual([true, true]);
  await waitFor(() => expect(page.asked.at(-1)?.body).toMatchObject({ done: ['handle', 'mark'] }));
});

test('a wish for the finish as it came is told, with or without a record of it', () => {
  showPage(
    <AsItCame
      job={jobOf({ answers: { finishWish: 'the maker’s finish', sheen: 'haze' } })}
      text="Aim for this"
    />,
    {},
  );
  expect(screen.getByText(/Aim for this: sheen of the bevel haze/)).toBeTruthy();
  showPage(
    <AsItCame job={jobOf({ answers: { finishWish: 'no work to be seen' } })} text="Check" />,
    {},
  );
  expect(screen.getByRole('link', { name: 'Record its finish' })).toBeTruthy();
});
