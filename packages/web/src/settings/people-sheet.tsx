/** The people of the shop; its owner adds them, changes their role, and deactivates whoever leaves. */
import {
  ROLES,
  type ChangeStaffBody,
  type Role,
  type StaffBody,
  type StaffMember,
  type StaffRecord,
} from '@patient-edge/contract';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import styled from 'styled-components';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { useStaff } from '../api/hooks';
import { Columns } from '../theme/columns';
import { FormChoice } from '../theme/form-choices';
import { FormText } from '../theme/form-fields';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { Select } from '../theme/select';
import { useSubmission } from '../theme/server-form';
import { useUndo } from '../theme/undo';
import { Waiting } from '../theme/waiting';

const WHAT_ROLES_DO =
  'Counter takes in and hands over. Bench also plans, works and tests. Owner also changes prices and people.';

const Lines = styled.ul`
  display: grid;
  & > li {
    display: grid;
    grid-template-columns: minmax(150px, 1fr) minmax(110px, 0.7fr) 170px minmax(0, 1.6fr);
    gap: 6px 16px;
    align-items: end;
    padding: 9px 0;
    border-top: 1px solid var(--line-soft);
  }
  & > li[data-off] > :first-child {
    color: var(--ink-soft);
  }
  @media (max-width: 900px) {
    & > li {
      grid-template-columns: 1fr 1fr;
    }
  }
`;

export const PeopleSheet = ({ me }: { me: number }) => {
  const { data: people, error } = useStaff();
  const [problem, setProblem] = useState<string | null>(null);
  const offerUndo = useUndo();
  const put = async (path: string, method: 'PUT' | 'POST', body: object): Promise<void> => {
    await mutate('/staff', await request<StaffRecord[]>(method, path, body), { revalidate: false });
  };
  const run = async (work: () => Promise<void>): Promise<void> => {
    setProblem(null);
    try {
      await work();
    } catch (failure) {
      setProblem(messageOf(failure));
    }
  };
  const change = (person: StaffRecord, wanted: ChangeStaffBody, done: string): Promise<void> =>
    run(async () => {
      const path = `/staff/${person.id}`;
      await put(path, 'PUT', wanted);
      const { role, active } = person;
      offerUndo(done, () => put(path, 'PUT', { role, active }));
    });
  if (!people) return <Waiting error={error} text="Loading people…" />;
  return (
    <Panel aria-label="People">
      <Stack>
        <Row $gap={18} $align="baseline">
          <h2>People</h2>
          <MutedText>{WHAT_ROLES_DO}</MutedText>
        </Row>
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        <Lines>
          {people.map((person) => (
            <li key={person.id} {...(person.active ? {} : { 'data-off': '' })}>
              <span>
                <b>{person.name}</b>
                {!person.active && <MutedText as="small"> · deactivated</MutedText>}
              </span>
              <span>{person.login}</span>
              <Select
                label={`Role of ${person.name}`}
                options={options(ROLES)}
                value={person.role}
                onChange={(role: Role) =>
                  void change(
                    person,
                    { role, active: person.active },
                    `${person.name} is ${role} now.`,
                  )
                }
              />
              <Row $gap={8}>
                {person.id === me && <MutedText>This is you.</MutedText>}
                {person.id !== me && (
                  <QuietButton
                    onPress={() =>
                      void change(
                        person,
                        { role: person.role, active: !person.active },
                        `${person.name} is ${person.active ? 'deactivated' : 'active again'}.`,
                      )
                    }
                  >
                    {person.active ? 'Deactivate' : 'Activate'}
                    <span className="unseen"> {person.name}</span>
                  </QuietButton>
                )}
                {person.active && person.id !== me && (
                  <QuietButton
                    onPress={() =>
                      void run(() => put(`/staff/${person.id}/end-sessions`, 'POST', {}))
                    }
                  >
                    Sign out everywhere<span className="unseen">: {person.name}</span>
                  </QuietButton>
                )}
              </Row>
            </li>
          ))}
        </Lines>
      </Stack>
    </Panel>
  );
};

const EMPTY: StaffBody = { name: '', login: '', password: '', role: 'bench' };

export const AddPersonSheet = () => {
  const form = useForm<StaffBody>({ defaultValues: EMPTY });
  const { busy, problem, submit } = useSubmission(form, ['name', 'login', 'password', 'role']);
  const send = (body: StaffBody): Promise<void> =>
    submit(async () => {
      await request<StaffMember>('POST', '/staff', body);
      form.reset(EMPTY);
      await mutate('/staff');
    });
  return (
    <Panel aria-label="Add a person">
      <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
        <Stack>
          <h2>Add a person</h2>
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
            hint={WHAT_ROLES_DO}
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
    </Panel>
  );
};
