import { NO_SIZES } from '@patient-edge/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ShopMachine } from '@patient-edge/contract';
import { refusal, session, showPage } from '../../test/pages';
import MachinesPage from './machines-page';

const table: ShopMachine = {
  id: 2,
  version: 1,
  name: 'Table',
  kind: 'table',
  ...NO_SIZES,
  note: '',
  retired: false,
  cuts: [],
};
const cut = { id: 5, setDeg: 15, measuredDeg: 16.5, at: '2026-05-04T12:00:00Z' };
const answers = (machines: ShopMachine[], role: 'bench' | 'counter' = 'bench') => ({
  'GET /machines': machines,
  'GET /session': session(role),
});

describe('the machines', () => {
  test('say what to set as soon as a test cut is measured', async () => {
    const page = showPage(<MachinesPage />, {
      ...answers([table]),
      'POST /machines/2/cuts': { ...table, cuts: [cut] },
    });
    expect(await screen.findByText(/^Not calibrated: the setting/)).toBeTruthy();
    page.answers['GET /machines'] = [{ ...table, cuts: [cut] }];
    await userEvent.type(screen.getByLabelText('Set, ° per side'), '15');
    await userEvent.type(screen.getByLabelText('Measured, ° per side'), '16,5');
    await userEvent.click(screen.getByRole('button', { name: 'Add test cut' }));
    expect(
      await screen.findByText(/^Set Table to 14\.5° for 16\.0° per side \(1 test cut\)/),
    ).toBeTruthy();
    expect(page.asked.find(({ method }) => method === 'POST')!.body).toEqual({
      setDeg: 15,
      measuredDeg: 16.5,
    });
  });

  test('a cut that is refused is told beside its field and stays as typed', async () => {
    showPage(<MachinesPage />, {
      ...answers([table]),
      'POST /machines/2/cuts': refusal(422, {
        code: 'INVALID_INPUT',
        message: 'Measured must be at most 60',
        fields: [{ field: 'measuredDeg', message: 'Measured must be at most 60; 90 was given' }],
      }),
    });
    await userEvent.type(await screen.findByLabelText('Measured, ° per side'), '90');
    await userEvent.click(screen.getByRole('button', { name: 'Add test cut' }));
    expect(await screen.findByText('Measured must be at most 60; 90 was given')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Measured, ° per side').value).toBe('90');
  });

  test('corrected by two at once: what was typed stays, the rest is the other’s, and a second try goes through', async () => {
    const page = showPage(<MachinesPage />, {
      ...answers([table]),
      'PUT /machines/2': refusal(409, {
        code: 'CONFLICT',
        message: 'Table was changed by someone else; look again',
        currentVersion: 2,
      }),
    });
    await userEvent.click(await screen.findByRole('button', { name: 'Edit Table' }));
    await userEvent.type(screen.getByLabelText('Note'), 'by the window');
    page.answers['GET /machines'] = [{ ...table, version: 2, name: 'Low table' }];
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    expect(await screen.findByText(/was changed by someone else; look again/)).toBeTruthy();
    await waitFor(() =>
      expect(screen.getByLabelText<HTMLInputElement>('Name').value).toBe('Low table'),
    );
    expect(screen.getByLabelText<HTMLInputElement>('Note').value).toBe('by the window');

    page.answers['PUT /machines/2'] = { ...table, version: 3 };
    await userEvent.click(screen.getByRole('button', { name: 'Save' }));
    await waitFor(() => expect(screen.queryByRole('button', { name: /Keep the/ })).toBeNull());
    expect(page.asked.filter(({ method }) => method === 'PUT').map(({ body }) => body)).toEqual([
      expect.objectContaining({ version: 1, name: 'Table', note: 'by the window' }),
      expect.objectContaining({ version: 2, name: 'Low table', note: 'by the window' }),
    ]);
  });

  test('only the sizes of its kind are asked for a new one', async () => {
    showPage(<MachinesPage />, answers([]));
    expect(await screen.findByText('No machines yet: every angle is held by hand.')).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Add a machine' }));
    expect(screen.getByLabelText('Radius of the sag, mm')).toBeTruthy();
    expect(screen.queryByLabelText('Edge to pivot, mm')).toBeNull();
  });

  test('rods have no dial: how the blade stands to them, and no test cut', async () => {
    const rods = { ...table, kind: 'honing rod' as const, rodLengthMm: 230, rodLeanDeg: 20 };
    showPage(<MachinesPage />, answers([rods]));
    expect(await screen.findByText('Lean the spine 4.0° towards the rod.')).toBeTruthy();
    expect(screen.queryByText(/calibrated/)).toBeNull();
    expect(screen.queryByRole('button', { name: 'Add test cut' })).toBeNull();
  });

  test('the counter looks and changes nothing', async () => {
    showPage(<MachinesPage />, answers([{ ...table, cuts: [cut] }], 'counter'));
    expect(await screen.findByText('15.0°')).toBeTruthy();
    expect(screen.queryByRole('button', { name: /Add|Edit|Take out/ })).toBeNull();
  });
});
