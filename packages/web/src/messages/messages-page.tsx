/** What customers were written, and what became of it; in the demo also the box it all ends up in. */
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

const STATES: Readonly<Record<QueuedMessage['state'], string>> = {
  queued: 'waits to be sent',
  sending: 'is being sent',
  sent: 'sent',
  failed: 'not sent',
  withdrawn: 'withdrawn',
};

const MessagesPage = () => {
  const { data: messages, error } = useMessages();
  const { data: devices } = useDevices();
  const [problem, setProblem] = useState<string | null>(null);
  if (!messages) return <Waiting error={error} text="Loading messages…" />;
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
      <PageHeading title="Messages" />
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      <Panel aria-label="To customers">
        <Stack $gap={8}>
          <h2>To customers</h2>
          {messages.length === 0 && (
            <MutedText>Nothing yet. Whoever said yes is written to when all is ready.</MutedText>
          )}
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
                      <QuietButton onPress={() => void again(id)}>Send again</QuietButton>
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
    <Panel aria-label="Inbox">
      <Stack $gap={8}>
        <Row $gap={14} $align="baseline">
          <h2>Inbox</h2>
          <MutedText>The demo sends nothing out: its messages stay here.</MutedText>
        </Row>
        {(mails ?? []).map(({ id, at, to, subject, text }) => (
          <Fold key={`${id} ${at}`} title={subject} level={3} says={`to ${to}, ${moment(at)}`}>
            <p style={{ whiteSpace: 'pre-wrap' }}>{text}</p>
          </Fold>
        ))}
        {mails?.length === 0 && <MutedText>Empty.</MutedText>}
      </Stack>
    </Panel>
  );
};

export default MessagesPage;
