/** The people of the shop: added, renamed, given another role or password, and deactivated when they leave. */
import { named } from '@patient-edge/core';
import {
  ROLES,
  type ChangeStaffBody,
  type Role,
  type StaffBody,
  type StaffMember,
  type StaffRecord,
} from '@patient-edge/contract';
import { useState } from 'react';
import styled from 'styled-components';
import { mutate } from 'swr';
import { ApiFailure, messageOf, request } from '../api/client';
import { useStaff } from '../api/hooks';
import { useSession } from '../api/session';
import { QuietButton } from '../theme/buttons';
import { Columns } from '../theme/columns';
import { FormChoice } from '../theme/form-choices';
import { FormText } from '../theme/form-fields';
import { KeptFormView, useKeptForm } from '../theme/kept-form';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { PageHeading } from '../theme/page-heading';
import { Select } from '../theme/select';
import { TextEntry } from '../theme/text-fields';
import { useUndo } from '../theme/undo';
import { Waiting } from '../theme/waiting';
import { STRINGS } from './strings';

const Lines = styled.ul`
  & > li {
    padding: 12px 0;
    border-top: 1px solid var(--line-soft);
  }
`;

const PeopleSection = () => {
  const { data: session } = useSession();
  const { data: people, error } = useStaff();
  if (!people || !session?.staff) return <Waiting error={error} text={STRINGS.loadingPeople} />;
  const me = session.staff.id;
  return (
    <Stack $gap={16}>
      <Panel aria-label={STRINGS.people}>
        <Stack>
          <Row $gap={18}>
            <PageHeading title={STRINGS.people} />
            <QuietLink to="/settings/roles">{STRINGS.whoMayDoWhat}</QuietLink>
          </Row>
          <Lines>
            {people.map((person) => (
              <PersonLine key={person.id} person={person} isMe={person.id === me} />
            ))}
          </Lines>
        </Stack>
      </Panel>
      <AddPersonSheet />
    </Stack>
  );
};

const put = async (path: string, method: 'PUT' | 'POST', body: object): Promise<void> => {
  await mutate('/staff', await request<StaffRecord[]>(method, path, body), { revalidate: false });
};

const devices = (sessions: number): string =>
  sessions === 0 ? STRINGS.notSignedIn : STRINGS.signedInOnDevices(sessions);

const PersonLine = ({ person, isMe }: { person: StaffRecord; isMe: boolean }) => {
  const { id, name, login, role, active, sessions } = person;
  const [problem, setProblem] = useState<string | null>(null);
  const [open, setOpen] = useState<'name' | 'password' | null>(null);
  const offerUndo = useUndo();
  const path = `/staff/${id}`;
  const run = async (work: () => Promise<void>): Promise<void> => {
    setProblem(null);
    try {
      await work();
    } catch (failure) {
      setProblem(messageOf(failure));
    }
  };
  const change = (wanted: Partial<ChangeStaffBody>, done: string): Promise<void> =>
    run(async () => {
      await put(path, 'PUT', { name, role, active, ...wanted });
      offerUndo(done, () => put(path, 'PUT', { name, role, active }));
    });
  return (
    <li>
      <Stack $gap={8}>
        <Row $gap={16} $align="end">
          <div style={{ flex: 1, minWidth: 190 }}>
            <b>{name}</b>
            {isMe && STRINGS.you}
            <MutedText>
              {login} · {active ? devices(sessions) : STRINGS.deactivated}
            </MutedText>
          </div>
          <div style={{ width: 150 }}>
            <Select
              label={STRINGS.roleOf(name)}
              options={options(ROLES)}
              value={role}
              onChange={(next: Role) =>
                void change({ role: next }, STRINGS.isNow(name, named(next)))
              }
            />
          </div>
          <Row $gap={8}>
            <QuietButton onPress={() => setOpen(open === 'name' ? null : 'name')}>
              <span>
                {STRINGS.rename}
                <span className="unseen"> {name}</span>
              </span>
            </QuietButton>
            {!isMe && (
              <>
                <QuietButton onPress={() => setOpen(open === 'password' ? null : 'password')}>
                  <span>
                    {STRINGS.resetPassword}
                    <span className="unseen"> {STRINGS.of(name)}</span>
                  </span>
                </QuietButton>
                {sessions > 0 && (
                  <QuietButton
                    onPress={() => void run(() => put(`${path}/end-sessions`, 'POST', {}))}
                  >
                    <span>
                      {STRINGS.signOutEverywhere}
                      <span className="unseen">: {name}</span>
                    </span>
                  </QuietButton>
                )}
                <QuietButton
                  onPress={() =>
                    void change(
                      { active: !active },
                      STRINGS.is(name, active ? STRINGS.deactivated : STRINGS.activeAgain),
                    )
                  }
                >
                  <span>
                    {active ? STRINGS.deactivate : STRINGS.activate}
                    <span className="unseen"> {name}</span>
                  </span>
                </QuietButton>
              </>
            )}
          </Row>
        </Row>
        {open === 'name' && (
          <OneField
            label={STRINGS.newNameOf(name)}
            field="name"
            begin={name}
            save={STRINGS.saveName}
            onSend={async (typed) => {
              await put(path, 'PUT', { name: typed, role, active });
              setOpen(null);
            }}
          />
        )}
        {open === 'password' && (
          <OneField
            label={STRINGS.newPasswordFor(name)}
            field="password"
            begin=""
            save={STRINGS.setPassword}
            hint={STRINGS.atLeast10CharactersTheyAre}
            onSend={async (typed) => {
              await put(`${path}/password`, 'PUT', { password: typed });
              setOpen(null);
            }}
          />
        )}
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
      </Stack>
    </li>
  );
};

const OneField = ({
  label,
  field,
  begin,
  save,
  hint,
  onSend,
}: {
  label: string;
  field: 'name' | 'password';
  begin: string;
  save: string;
  hint?: string;
  onSend: (typed: string) => Promise<void>;
}) => {
  const [typed, setTyped] = useState(begin);
  const [wrong, setWrong] = useState<string | undefined>();
  const send = async (): Promise<void> => {
    try {
      await onSend(typed);
    } catch (failure) {
      const fields = failure instanceof ApiFailure ? failure.fields : [];
      setWrong(fields[0]?.message ?? messageOf(failure));
    }
  };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        void send();
      }}
    >
      <Row $align="end">
        <div style={{ flex: 1, minWidth: 220, maxWidth: 420 }}>
          <TextEntry
            label={label}
            kind={field === 'password' ? 'password' : 'text'}
            autoComplete={field === 'password' ? 'new-password' : 'off'}
            value={typed}
            onChange={setTyped}
            error={wrong}
            hint={hint}
          />
        </div>
        <QuietButton type="submit">{save}</QuietButton>
      </Row>
    </form>
  );
};

const EMPTY: StaffBody = { name: '', login: '', password: '', role: 'bench' };

const AddPersonSheet = () => {
  const kept = useKeptForm<StaffBody>({
    name: 'new person',
    held: EMPTY,
    secret: ['password'],
    send: async (body) => {
      await request<StaffMember>('POST', '/staff', body);
      kept.form.reset(EMPTY);
      await mutate('/staff');
    },
  });
  const { control } = kept.form;
  return (
    <Panel aria-label={STRINGS.addAPerson}>
      <KeptFormView kept={kept} save={STRINGS.addPerson} mayBeUntouched>
        <Stack>
          <h2>{STRINGS.addAPerson}</h2>
          <Columns $columns={3}>
            <FormText control={control} name="name" label={STRINGS.name} />
            <FormText
              control={control}
              name="login"
              label={STRINGS.signInName}
              hint={STRINGS.lowerCaseLettersDigitsDotsHyphens}
            />
            <FormText
              control={control}
              name="password"
              label={STRINGS.firstPassword}
              kind="password"
              autoComplete="new-password"
              hint={STRINGS.atLeast10Characters}
            />
          </Columns>
          <FormChoice control={control} name="role" label={STRINGS.role} options={options(ROLES)} />
        </Stack>
      </KeptFormView>
    </Panel>
  );
};

export default PeopleSection;
