import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { stoneOnRack } from '../../../contract/test/stones';
import { refusal, showPage } from '../../test/pages';
import { FlattenForm } from './flatten-form';
import { useRackFile } from './rack-file';

const stone = stoneOnRack({ id: 3, name: 'Red', thicknessMm: 20.5, version: 4 });
const flattened = { ...stone, thicknessMm: 20.2, version: 5 };
const record = { id: 9, plate: 'Plate', minutes: 4, lostMm: 0.3 };

const fillIn = async (): Promise<void> => {
  await userEvent.type(screen.getByLabelText('Minutes'), '4');
  await userEvent.type(screen.getByLabelText('Thickness now, mm'), '20,2');
};

describe('keeping a flattening', () => {
  test('the loss follows from the caliper, the plate is that of last time, and it can be undone', async () => {
    const page = showPage(<FlattenForm stone={stone} lastPlate="Plate" />, {
      'GET /stones': [stone],
      'POST /stones/3/flattenings': flattened,
      'GET /stones/3/flattenings': [record],
      'DELETE /stones/3/flattenings/9': stone,
    });
    await fillIn();
    await userEvent.click(screen.getByText('The pencil grid is gone everywhere'));
    await userEvent.click(screen.getByRole('button', { name: 'Save flattening' }));
    expect(page.asked[0]).toEqual({
      method: 'POST',
      path: '/stones/3/flattenings',
      body: { plate: 'Plate', gridGone: true, minutes: 4, lostMm: 0.3 },
    });
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    expect(await screen.findByText('Undone.')).toBeTruthy();
    expect(page.asked.some(({ method }) => method === 'DELETE')).toBe(true);
  });

  test('a refusal stands beside its field, and nothing typed is lost', async () => {
    showPage(<FlattenForm stone={stone} lastPlate="" />, {
      'POST /stones/3/flattenings': refusal(422, {
        code: 'INVALID_INPUT',
        message: 'Plate used is missing',
        fields: [{ field: 'plate', message: 'Plate used is missing' }],
      }),
    });
    await fillIn();
    await userEvent.click(screen.getByRole('button', { name: 'Save flattening' }));
    expect(await screen.findByText('Plate used is missing')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Minutes').value).toBe('4');
    expect(screen.getByLabelText<HTMLInputElement>('Thickness lost, mm').value).toBe('0.30');
  });

  test('an undo that comes too late says why', async () => {
    showPage(<FlattenForm stone={stone} lastPlate="Plate" />, {
      'GET /stones': [stone],
      'POST /stones/3/flattenings': flattened,
      'GET /stones/3/flattenings': [record],
      'DELETE /stones/3/flattenings/9': refusal(409, {
        code: 'CONFLICT',
        message: 'Only the last flattening can be undone',
      }),
    });
    await fillIn();
    await userEvent.click(screen.getByRole('button', { name: 'Save flattening' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    expect(await screen.findByText('Only the last flattening can be undone')).toBeTruthy();
  });
});

describe('a rack from a file', () => {
  const Reader = () => {
    const { buttons, preview } = useRackFile([stone]);
    return (
      <>
        {buttons}
        {preview}
      </>
    );
  };
  const file = (text: string): File => {
    const made = new File([text], 'neighbour.csv', { type: 'text/csv' });
    // The stand-in for a browser has files without text().
    Object.assign(made, { text: () => Promise.resolve(text) });
    return made;
  };
  const HEAD = 'name,kind,abrasive,um\n';

  test('is told line by line before anything is kept, and goes in whole', async () => {
    const page = showPage(<Reader />, {
      'POST /stones/import': { added: [11], changed: 1 },
      'DELETE /stones/11': { removed: 11 },
    });
    const input = screen.getByLabelText('CSV file of a rack');
    await userEvent.upload(input, file(`${HEAD}Red,water stone,ceramic,9\nNew,film,diamond,3\n`));
    expect((await screen.findByText(/new,/)).textContent).toBe(
      '1 new, 1 by the name of one on the rack, which they correct.',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Import all' }));
    await userEvent.click(await screen.findByRole('button', { name: 'Undo' }));
    await waitFor(() => expect(page.asked.map(({ method }) => method)).toContain('DELETE'));
    const { stones } = page.asked[0]!.body as { stones: { name: string }[] };
    expect(stones.map(({ name }) => name)).toEqual(['Red', 'New']);
  });

  test('with one wrong line cannot be kept', async () => {
    showPage(<Reader />, {});
    const input = screen.getByLabelText('CSV file of a rack');
    await userEvent.upload(input, file(`${HEAD}New,film,diamond,none\n`));
    expect(await screen.findByText('Median grain, µm must be a number')).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Import all' }).disabled).toBe(
      true,
    );
    await userEvent.click(screen.getByRole('button', { name: 'Cancel' }));
    expect(screen.queryByText('neighbour.csv')).toBeNull();
  });
});
