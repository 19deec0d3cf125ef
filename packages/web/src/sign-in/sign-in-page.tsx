/** The door: sign in, or on a new installation name the shop and its owner. */
import type { SessionInfo, SetUpBody, SignInBody } from '@patient-edge/contract';
import { useForm } from 'react-hook-form';
import styled from 'styled-components';
import { mutate } from 'swr';
import { request } from '../api/client';
import { FormText } from '../theme/form-fields';
import { Mark } from '../theme/mark';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { useSubmission } from '../theme/server-form';
import { PageHeading } from '../theme/page-heading';

const Door = styled.main`
  display: grid;
  place-items: center;
  min-height: 100vh;
  padding: 24px;
  & > section {
    width: min(460px, 100%);
    padding: 28px 30px;
  }
  & h1 {
    display: flex;
    gap: 12px;
    align-items: center;
  }
`;

export const SignInPage = ({ session }: { session: SessionInfo }) => {
  const form = useForm<SignInBody>({ defaultValues: { login: '', password: '' } });
  const { busy, problem, submit } = useSubmission(form, ['login', 'password']);
  const send = (body: SignInBody): Promise<void> =>
    submit(async () => {
      await request<SessionInfo>('POST', '/session', body);
      await mutate(() => true, undefined, { revalidate: true });
    });
  return (
    <Door>
      <Panel>
        <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
          <Stack $gap={18}>
            <div>
              <PageHeading title="Sign in">
                <Mark /> Patient Edge
              </PageHeading>
              <MutedText>{session.shopName ?? ''}</MutedText>
            </div>
            <FormText
              control={form.control}
              name="login"
              label="Sign-in name"
              autoComplete="username"
            />
            <FormText
              control={form.control}
              name="password"
              label="Password"
              kind="password"
              autoComplete="current-password"
            />
            {problem !== null && (
              <Notice tone="cut" alert>
                {problem}
              </Notice>
            )}
            <ActionButton type="submit" isDisabled={busy}>
              Sign in
            </ActionButton>
            {session.demoSignIns && (
              <Stack $gap={8}>
                <MutedText>This is the demo. Sign in as</MutedText>
                <Row $gap={8}>
                  {session.demoSignIns.map(({ login, password, role }) => (
                    <QuietButton
                      key={login}
                      isDisabled={busy}
                      onPress={() => void send({ login, password })}
                    >
                      {login}, {role}
                    </QuietButton>
                  ))}
                </Row>
              </Stack>
            )}
          </Stack>
        </form>
      </Panel>
    </Door>
  );
};

export const SetUpPage = () => {
  const form = useForm<SetUpBody>({
    defaultValues: { shopName: '', name: '', login: '', password: '' },
  });
  const { busy, problem, submit } = useSubmission(form, ['shopName', 'name', 'login', 'password']);
  const send = (body: SetUpBody): Promise<void> =>
    submit(async () => {
      await request<SessionInfo>('POST', '/set-up', body);
      await mutate(() => true, undefined, { revalidate: true });
    });
  return (
    <Door>
      <Panel>
        <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
          <Stack $gap={16}>
            <div>
              <PageHeading title="A new shop">
                <Mark /> A new shop
              </PageHeading>
              <MutedText>
                Name it, and make yourself its owner. Add other people later in Settings.
              </MutedText>
            </div>
            <FormText control={form.control} name="shopName" label="Name of the shop" />
            <FormText control={form.control} name="name" label="Your name" />
            <FormText
              control={form.control}
              name="login"
              label="Sign-in name"
              autoComplete="username"
              hint="Lower-case letters, digits, dots, hyphens"
            />
            <FormText
              control={form.control}
              name="password"
              label="Password"
              kind="password"
              autoComplete="new-password"
              hint="At least 10 characters"
            />
            {problem !== null && (
              <Notice tone="cut" alert>
                {problem}
              </Notice>
            )}
            <ActionButton type="submit" isDisabled={busy}>
              Open the shop
            </ActionButton>
          </Stack>
        </form>
      </Panel>
    </Door>
  );
};
