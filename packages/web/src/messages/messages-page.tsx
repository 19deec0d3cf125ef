/** What customers were written, and what became of it; in the demo also the box it all ends up in. */
import { named } from '@patient-edge/core';
import type { QueuedMessage } from '@patient-edge/contract';
import { useState } from 'react';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { useDevices, useMailBox, useMessages } from '../api/hooks';
import { QuietButton } from '../theme/buttons';
import { Fold } from '../theme/fold';
import { moment } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { Waiting } from '../theme/waiting';
import { STRINGS } from './strings';

const STATES: Readonly<Record<QueuedMessage['state'], string>> = {
  queued: STRINGS.waitsToBeSent,
  sending: STRINGS.isBeingSent,
  sent: named('sent'),
  failed: STRINGS.notSent,
  withdrawn: named('withdrawn'),
};

const MessagesPage = () => {
  const { data: messages, error } = useMessages();
  const { data: devices } = useDevices();
  const [problem, setProblem] = useState<string | null>(null);
  if (!messages) return <Waiting error={error} text={STRINGS.loadingMessages} />;
  const again = async (id: number): Promise<void> => {
    setProblem(null);
    try {
      await mutate('/messages', await request('POST', `/messages/${id}/again`, {}), {
        revalidate: false,
      });
    } catch (failed) {
      setProblem(messageOf(failed));
    }
  };
  return (
    <Stack $gap={16}>
      <PageHeading title={STRINGS.messages} />
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      <Panel aria-label={STRINGS.toCustomers}>
        <Stack $gap={8}>
          <h2>{STRINGS.toCustomers}</h2>
          {messages.length === 0 && <MutedText>{STRINGS.nothingYetWhoeverSaidYesIs}</MutedText>}
          {messages.map(
            ({ id, customer, address, subject, body, state, problem: why, madeAt, sentAt }) => (
              <Fold
                key={id}
                title={`${customer}: ${subject}`}
                level={3}
                says={`${STATES[state]} ${moment(sentAt ?? madeAt)}`}
              >
                <Stack $gap={6}>
                  <MutedText>{address}</MutedText>
                  <p style={{ whiteSpace: 'pre-wrap' }}>{body}</p>
                  {why !== null && <Notice tone="cut">{why}</Notice>}
                  {state === 'failed' && (
                    <Row>
                      <QuietButton onPress={() => void again(id)}>{STRINGS.sendAgain}</QuietButton>
                    </Row>
                  )}
                </Stack>
              </Fold>
            ),
          )}
        </Stack>
      </Panel>
      {devices?.mailBox && <Inbox />}
    </Stack>
  );
};

const Inbox = () => {
  const { data: mails } = useMailBox(true);
  return (
    <Panel aria-label={STRINGS.inbox}>
      <Stack $gap={8}>
        <Row $gap={14} $align="baseline">
          <h2>{STRINGS.inbox}</h2>
          <MutedText>{STRINGS.theDemoSendsNothingOutIts}</MutedText>
        </Row>
        {(mails ?? []).map(({ id, at, to, subject, text }) => (
          <Fold key={`${id} ${at}`} title={subject} level={3} says={STRINGS.to(to, moment(at))}>
            <p style={{ whiteSpace: 'pre-wrap' }}>{text}</p>
          </Fold>
        ))}
        {mails?.length === 0 && <MutedText>{STRINGS.empty}</MutedText>}
      </Stack>
    </Panel>
  );
};

export default MessagesPage;
