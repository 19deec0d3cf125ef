/** The door: sign in, or on a new installation name the shop and its owner. */
import { named } from '@patient-edge/core';
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
import { STRINGS } from './strings';

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
              <PageHeading title={STRINGS.signIn}>
                <Mark /> {STRINGS.patientEdge}
              </PageHeading>
              <MutedText>{session.shopName ?? ''}</MutedText>
            </div>
            <FormText
              control={form.control}
              name="login"
              label={STRINGS.signInName}
              autoComplete="username"
            />
            <FormText
              control={form.control}
              name="password"
              label={STRINGS.password}
              kind="password"
              autoComplete="current-password"
            />
            {problem !== null && (
              <Notice tone="cut" alert>
                {problem}
              </Notice>
            )}
            <ActionButton type="submit" isDisabled={busy}>
              {STRINGS.signIn}
            </ActionButton>
            {session.demoSignIns && (
              <Stack $gap={8}>
                <MutedText>{STRINGS.thisIsTheDemoSignIn}</MutedText>
                <Row $gap={8}>
                  {session.demoSignIns.map(({ login, password, role }) => (
                    <QuietButton
                      key={login}
                      isDisabled={busy}
                      onPress={() => void send({ login, password })}
                    >
                      {login}, {named(role)}
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
              <PageHeading title={STRINGS.aNewShop}>
                <Mark /> {STRINGS.aNewShop}
              </PageHeading>
              <MutedText>{STRINGS.nameItAndMakeYourselfIts}</MutedText>
            </div>
            <FormText control={form.control} name="shopName" label={STRINGS.nameOfTheShop} />
            <FormText control={form.control} name="name" label={STRINGS.yourName} />
            <FormText
              control={form.control}
              name="login"
              label={STRINGS.signInName}
              autoComplete="username"
              hint={STRINGS.lowerCaseLettersDigitsDotsHyphens}
            />
            <FormText
              control={form.control}
              name="password"
              label={STRINGS.password}
              kind="password"
              autoComplete="new-password"
              hint={STRINGS.atLeast10Characters}
            />
            {problem !== null && (
              <Notice tone="cut" alert>
                {problem}
              </Notice>
            )}
            <ActionButton type="submit" isDisabled={busy}>
              {STRINGS.openTheShop}
            </ActionButton>
          </Stack>
        </form>
      </Panel>
    </Door>
  );
};
