/** People of the shop: another role, a new password, whoever leaves; refusals stand beside what they are about. */
import type { StaffRecord } from '@patient-edge/contract';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { refusal, showPage } from '../../test/pages';
import PeopleSection from './people-sheet';

const person = (id: number, name: string, part: Partial<StaffRecord> = {}): StaffRecord => ({
  id,
  name,
  login: name.toLowerCase(),
  role: 'bench',
  active: true,
  sessions: 0,
  ...part,
});
const people = [
  person(1, 'Ansa', { role: 'owner', sessions: 1 }),
  person(2, 'Teodor', { sessions: 2 }),
];
const base = {
  'GET /session': { staff: { id: 1, name: 'Ansa', role: 'owner' }, currency: 'EUR' },
  'GET /staff': people,
};
const lineOf = async (name: string): Promise<HTMLElement> =>
  (await screen.findByText(name, { selector: 'b' })).closest('li')!;

test('says on how many devices each is signed in, and does not offer oneself to leave', async () => {
  showPage(<PeopleSection />, base);
  const [mine, other] = [await lineOf('Ansa'), await lineOf('Teodor')];
  expect(mine.textContent).toContain('signed in on 1 device');
  expect(other.textContent).toContain('signed in on 2 devices');
  expect(within(mine).queryByRole('button', { name: /Deactivate|Reset|Sign out/ })).toBeNull();
  for (const name of [/^Deactivate/, /^Reset password/, /^Sign out everywhere/])
    expect(within(other).getByRole('button', { name })).toBeTruthy();
});

test('whoever leaves is deactivated, and taken back by the offer to undo', async () => {
  const page = showPage(<PeopleSection />, {
    ...base,
    'PUT /staff/2': [people[0], person(2, 'Teodor', { active: false })],
  });
  await userEvent.click(
    within(await lineOf('Teodor')).getByRole('button', { name: /^Deactivate/ }),
  );
  expect(await screen.findByText(/teodor · deactivated/i)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
  expect(page.asked.filter(({ method }) => method === 'PUT').map(({ body }) => body)).toEqual([
    { name: 'Teodor', role: 'bench', active: false },
    { name: 'Teodor', role: 'bench', active: true },
  ]);
});

test('a password that is too short is told beside its field, and stays typed', async () => {
  showPage(<PeopleSection />, {
    ...base,
    'PUT /staff/2/password': refusal(400, {
      code: 'INVALID_INPUT',
      message: 'Password: at least 10 characters; 4 were given',
      fields: [{ field: 'password', message: 'At least 10 characters; 4 were given' }],
    }),
  });
  await userEvent.click(
    within(await lineOf('Teodor')).getByRole('button', { name: /^Reset password/ }),
  );
  const field = screen.getByLabelText(/^New password for Teodor/);
  await userEvent.type(field, 'mist');
  await userEvent.click(screen.getByRole('button', { name: 'Set password' }));
  expect(await screen.findByText('At least 10 characters; 4 were given')).toBeTruthy();
  expect(field).toHaveProperty('value', 'mist');
});
