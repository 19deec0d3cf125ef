import type { PriceList } from '@patient-edge/contract';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { refusal, session, showPage } from '../../test/pages';
import PricesPage from './prices-page';

const list: PriceList = {
  version: 4,
  currency: 'EUR',
  currencySettled: true,
  lengthIncludedMm: 220,
  lengthStepMm: 50,
  minutesIncluded: 20,
  prices: [
    { item: 'blade', group: 'any', amountMinor: 1450 },
    { item: 'thinning', group: 'any', amountMinor: 1200 },
  ],
};
const answers = (role: 'owner' | 'counter' = 'owner') => ({
  'GET /prices': list,
  'GET /session': session(role),
});
const amounts = (): HTMLInputElement[] => screen.getAllByLabelText('Price, EUR');
const keep = () => userEvent.click(screen.getByRole('button', { name: /^Save price list/ }));
const retype = async (field: HTMLElement, text: string): Promise<void> => {
  await userEvent.clear(field);
  await userEvent.type(field, text);
};

describe('the price list', () => {
  beforeEach(() => localStorage.clear());

  test('is sent in the smallest coin, whatever comma it was typed with', async () => {
    const page = showPage(<PricesPage />, { ...answers(), 'PUT /prices': { ...list, version: 5 } });
    await screen.findByText('The list');
    expect(amounts().map(({ value }) => value)).toEqual(['14.50', '12.00']);
    await retype(amounts()[1]!, '13,5');
    await keep();
    await waitFor(() => expect(page.asked.some(({ method }) => method === 'PUT')).toBe(true));
    expect(page.asked.find(({ method }) => method === 'PUT')!.body).toMatchObject({
      version: 4,
      lengthIncludedMm: 220,
      prices: [{ amountMinor: 1450 }, { amountMinor: 1350 }],
    });
  });

  test('a price that is none is told beside its field, and nothing is sent', async () => {
    const page = showPage(<PricesPage />, answers());
    await screen.findByText('The list');
    await retype(amounts()[0]!, 'ten');
    await keep();
    expect(await screen.findByText('Price must be a number from 0; "ten" was given')).toBeTruthy();
    expect(screen.getByText('1 field to check')).toBeTruthy();
    expect(amounts()[0]!.value).toBe('ten');
    expect(page.asked.every(({ method }) => method === 'GET')).toBe(true);
  });

  test('a limit the server knows stands beside its field too', async () => {
    const message = 'Minutes included must be at most 600; 900 was given';
    showPage(<PricesPage />, {
      ...answers(),
      'PUT /prices': refusal(422, {
        code: 'INVALID_INPUT',
        message,
        fields: [{ field: 'minutesIncluded', message }],
      }),
    });
    await screen.findByText('The list');
    await retype(screen.getByLabelText('Minutes included'), '900');
    await keep();
    expect(await screen.findByText(message)).toBeTruthy();
    expect(screen.getByText('1 field to check')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Minutes included').value).toBe('900');
  });

  test('changed by two at once: the price typed stays, the other’s comes in, and it can be kept', async () => {
    const page = showPage(<PricesPage />, {
      ...answers(),
      'PUT /prices': refusal(409, {
        code: 'CONFLICT',
        message: 'The price list was changed by someone else; look again',
      }),
    });
    await screen.findByText('The list');
    await retype(amounts()[0]!, '15');
    page.answers['GET /prices'] = { ...list, version: 5, minutesIncluded: 25 };
    await keep();
    expect(await screen.findByText(/changed by someone else/)).toBeTruthy();
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLInputElement>('Minutes included').value).toBe('25'),
    );
    expect(amounts().map(({ value }) => value)).toEqual(['15', '12.00']);
    page.answers['PUT /prices'] = { ...list, version: 6 };
    await keep();
    await waitFor(() =>
      expect(page.asked.filter(({ method }) => method === 'PUT').at(-1)!.body).toMatchObject({
        version: 5,
        minutesIncluded: 25,
        prices: [{ amountMinor: 1500 }, { amountMinor: 1200 }],
      }),
    );
  });

  test('is the owner’s to change', async () => {
    showPage(<PricesPage />, answers('counter'));
    expect(await screen.findByText('Only the owner changes the price list.')).toBeTruthy();
  });
});
