/** The people of the shop; the owner adds them. */
import { ROLES, type StaffBody, type StaffMember } from '@patient-edge/contract';
import { useForm } from 'react-hook-form';
import { mutate } from 'swr';
import { request } from '../api/client';
import { useStaff } from '../api/hooks';
import { Columns } from '../theme/columns';
import { FormChoice, FormText } from '../theme/form-fields';
import { ActionButton, Notice, options, Row, Sheet, Stack } from '../theme/parts';
import { Waiting } from '../theme/waiting';
import { useSubmission } from '../theme/server-form';

const EMPTY: StaffBody = { name: '', login: '', password: '', role: 'bench' };

const PeoplePage = () => {
  const { data: staff, error } = useStaff();
  const form = useForm<StaffBody>({ defaultValues: EMPTY });
  const { busy, problem, submit } = useSubmission(form, ['name', 'login', 'password', 'role']);
  const send = (body: StaffBody): Promise<void> =>
    submit(async () => {
      await request<StaffMember>('POST', '/staff', body);
      form.reset(EMPTY);
      await mutate('/staff');
    });
  if (!staff) return <Waiting error={error} words="Fetching the people…" />;
  return (
    <Stack $gap={16}>
      <h1>People</h1>
      <Sheet>
        <table>
          <thead>
            <tr>
              <th scope="col">Name</th>
              <th scope="col">Sign-in name</th>
              <th scope="col">Role</th>
            </tr>
          </thead>
          <tbody>
            {staff.map(({ id, name, login, role }) => (
              <tr key={id}>
                <td>{name}</td>
                <td>{login}</td>
                <td>{role}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </Sheet>
      <Sheet aria-label="Add somebody">
        <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
          <Stack>
            <h2>Add somebody</h2>
            <Columns $columns={3}>
              <FormText control={form.control} name="name" label="Name" />
              <FormText
                control={form.control}
                name="login"
                label="Sign-in name"
                hint="Lower-case letters, digits, dots, hyphens"
              />
              <FormText
                control={form.control}
                name="password"
                label="First password"
                kind="password"
                autoComplete="new-password"
                hint="At least 10 characters"
              />
            </Columns>
            <FormChoice
              control={form.control}
              name="role"
              label="Role"
              options={options(ROLES)}
              hint="Counter takes in and hands over; bench also plans, works and tests; owner also adds people"
            />
            {problem !== null && (
              <Notice tone="cut" alert>
                {problem}
              </Notice>
            )}
            <Row>
              <ActionButton type="submit" isDisabled={busy}>
                Add
              </ActionButton>
            </Row>
          </Stack>
        </form>
      </Sheet>
    </Stack>
  );
};

export default PeoplePage;
