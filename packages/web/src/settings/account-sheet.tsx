/** One's own account: a new password, and signing out everywhere else. */
import { named } from '@patient-edge/core';
import type { PasswordBody, StaffMember } from '@patient-edge/contract';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { messageOf, request } from '../api/client';
import { Columns } from '../theme/columns';
import { FormText } from '../theme/form-fields';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { useSubmission } from '../theme/server-form';
import { WithFeedback, type Feedback } from '../theme/feedback';
import { STRINGS } from './strings';

const EMPTY: PasswordBody = { currentPassword: '', newPassword: '' };

export const AccountSheet = ({ staff }: { staff: StaffMember }) => {
  const form = useForm<PasswordBody>({ defaultValues: EMPTY });
  const { busy, problem, submit } = useSubmission(form, ['currentPassword', 'newPassword']);
  const [changed, setChanged] = useState(false);
  const send = (body: PasswordBody): Promise<void> =>
    submit(async () => {
      setChanged(false);
      await request('PUT', '/account/password', body);
      form.reset(EMPTY);
      setChanged(true);
    });
  return (
    <Panel aria-label={STRINGS.yourAccount}>
      <form onSubmit={(event) => void form.handleSubmit(send)(event)} noValidate>
        <Stack>
          <Row $gap={18} $align="baseline">
            <PageHeading title={STRINGS.yourAccount} />
            <MutedText>{STRINGS.signsInAs(staff.name, staff.login, named(staff.role))}</MutedText>
          </Row>
          <Columns $columns={3}>
            <FormText
              control={form.control}
              name="currentPassword"
              label={STRINGS.currentPassword}
              kind="password"
              autoComplete="current-password"
            />
            <FormText
              control={form.control}
              name="newPassword"
              label={STRINGS.newPassword}
              kind="password"
              autoComplete="new-password"
              hint={STRINGS.atLeast10Characters}
            />
          </Columns>
          {problem !== null && (
            <Notice tone="cut" alert>
              {problem}
            </Notice>
          )}
          <Row>
            <ActionButton type="submit" isDisabled={busy}>
              {STRINGS.changePassword}
            </ActionButton>
            {changed && (
              <MutedText role="status">{STRINGS.changedEveryOtherDeviceOfYours}</MutedText>
            )}
          </Row>
          <EndSessions />
        </Stack>
      </form>
    </Panel>
  );
};

const EndSessions = () => {
  const [feedback, setFeedback] = useState<Feedback | null>(null);
  const end = async (): Promise<void> => {
    try {
      await request('POST', '/account/end-sessions', {});
      setFeedback({ text: STRINGS.signedOutEverywhereElse, bad: false });
    } catch (error) {
      setFeedback({ text: messageOf(error), bad: true });
    }
  };
  return (
    <WithFeedback feedback={feedback}>
      <QuietButton onPress={() => void end()}>{STRINGS.signOutOnAllOtherDevices}</QuietButton>
    </WithFeedback>
  );
};
