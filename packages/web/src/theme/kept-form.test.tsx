import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { ApiFailure } from '../api/client';
import { showPage } from '../../test/pages';
import { FormText } from './form-fields';
import { FormNumber } from './form-number';
import { KeptFormView, useKeptForm } from './kept-form';
import { setFormats } from './formats';
import { USUAL_FORMATS } from '@patient-edge/contract';

interface Values {
  name: string;
  heightMm: string;
  secret: string;
}
const HELD: Values = { name: 'Grey stone', heightMm: '25.4', secret: '' };

const Sample = ({ send }: { send: (typed: Values) => Promise<void> }) => {
  const kept = useKeptForm<Values>({ name: 'sample', held: HELD, secret: ['secret'], send });
  const { control } = kept.form;
  return (
    <KeptFormView kept={kept} save="Save sample">
      <FormText control={control} name="name" label="Name" />
      <FormNumber control={control} name="heightMm" label="Height, mm" />
      <FormText control={control} name="secret" label="Password" kind="password" />
    </KeptFormView>
  );
};
const show = (send: (typed: Values) => Promise<void> = () => Promise.resolve()) =>
  showPage(<Sample send={send} />, {});
const field = (label: string) => screen.getByLabelText<HTMLInputElement>(label);
const save = () => userEvent.click(screen.getByRole('button', { name: 'Save sample' }));

beforeEach(() => localStorage.clear());
afterEach(() => {
  document.body.innerHTML = '';
  setFormats(USUAL_FORMATS);
});

test('what is typed and not saved is there again, but for what is secret', async () => {
  show();
  await userEvent.type(field('Name'), ', worn');
  await userEvent.type(field('Password'), 'hidden');
  expect(screen.getByText('Not saved yet.')).toBeTruthy();
  document.body.innerHTML = '';
  show();
  await waitFor(() => expect(field('Name').value).toBe('Grey stone, worn'));
  expect(field('Password').value).toBe('');
  expect(JSON.stringify({ ...localStorage })).not.toContain('hidden');
});

test('saved or given up it is forgotten', async () => {
  const sent: Values[] = [];
  show((typed) => {
    sent.push(typed);
    return Promise.resolve();
  });
  await userEvent.type(field('Name'), '!');
  await save();
  expect(await screen.findByText('Saved.')).toBeTruthy();
  expect(sent[0]?.name).toBe('Grey stone!');
  expect(localStorage.length).toBe(0);
  await userEvent.type(field('Name'), '?');
  await userEvent.click(screen.getByRole('button', { name: 'Discard changes' }));
  expect(field('Name').value).toBe('Grey stone');
  expect(localStorage.length).toBe(0);
});

test('several refusals stand beside their fields at once, are counted, and the first has the focus', async () => {
  show(() =>
    Promise.reject(
      new ApiFailure(422, 'INVALID_INPUT', 'Check', [
        { field: 'name', message: 'Name is taken' },
        { field: 'heightMm', message: 'Height, mm must be from 1 to 10; 25.4 was given' },
      ]),
    ),
  );
  await userEvent.type(field('Name'), '!');
  await save();
  expect(await screen.findByText('2 fields to check')).toBeTruthy();
  expect(screen.getByText('Name is taken')).toBeTruthy();
  expect(screen.getByText('Height, mm must be from 1 to 10; 25.4 was given')).toBeTruthy();
  await waitFor(() => expect(document.activeElement).toBe(field('Name')));
  await userEvent.click(screen.getByRole('button', { name: 'Show the next' }));
  expect(document.activeElement).toBe(field('Height, mm'));
  expect(field('Name').value).toBe('Grey stone!');
});

test('where the shop reads inches a length is typed in inches, and sent in millimetres', async () => {
  setFormats({ ...USUAL_FORMATS, length: 'in' });
  const sent: Values[] = [];
  show((typed) => {
    sent.push(typed);
    return Promise.resolve();
  });
  expect(field('Height, in').value).toBe('1');
  await userEvent.clear(field('Height, in'));
  await userEvent.type(field('Height, in'), '2.50');
  expect(field('Height, in').value).toBe('2.50');
  await save();
  await waitFor(() => expect(sent[0]?.heightMm).toBe('63.5'));
});
