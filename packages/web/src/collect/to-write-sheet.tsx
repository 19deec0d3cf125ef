/** Customers to write to: late, forgotten, due again. One press writes; where it may not be sent the text is there. */
import { named } from '@patient-edge/core';
import type { ToWrite, WrittenMessage } from '@patient-edge/contract';
import type { MessageKind } from '@patient-edge/core';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { messageOf, request } from '../api/client';
import { refreshReturns } from '../api/hooks';
import { QuietButton } from '../theme/buttons';
import { Fold } from '../theme/fold';
import { day, moment } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

const TITLES: Readonly<Record<Exclude<MessageKind, 'ready'>, readonly [string, string]>> = {
  late: [STRINGS.late, STRINGS.promisedFor],
  reminder: [STRINGS.notCollected, STRINGS.readySince],
  due: [STRINGS.dueAgain, named('about')],
};

const List = styled.ul`
  display: grid;
  & > li {
    border-top: 1px solid var(--line-soft);
    padding: 8px 0;
    display: grid;
    gap: 6px;
  }
`;
const Text = styled.pre`
  white-space: pre-wrap;
  font: inherit;
  border-left: 3px solid var(--line);
  padding: 4px 12px;
`;

/** A text to be sent by telephone: copied in one press. */
export const TextToCopy = ({ written }: { written: WrittenMessage }) => {
  const [copied, setCopied] = useState(false);
  return (
    <Stack $gap={6}>
      {written.notSent === null ? (
        <MutedText role="status">{STRINGS.queuedItGoesInAMoment}</MutedText>
      ) : (
        <MutedText role="status">{STRINGS.toBeToldByTelephone(written.notSent)}</MutedText>
      )}
      <Text>{written.body}</Text>
      <Row>
        <QuietButton
          onPress={() =>
            void navigator.clipboard
              .writeText(written.body)
              .then(() => setCopied(true))
              .catch(() => setCopied(false))
          }
        >
          {copied ? STRINGS.copied : STRINGS.copyTheText}
        </QuietButton>
      </Row>
    </Stack>
  );
};

export const WriteButton = ({
  kind,
  jobIds,
  label,
}: {
  kind: MessageKind;
  jobIds: readonly number[];
  label: string;
}) => {
  const [written, setWritten] = useState<WrittenMessage | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  const write = async (): Promise<void> => {
    setProblem(null);
    try {
      setWritten(await request<WrittenMessage>('POST', '/messages', { kind, jobIds }));
      await refreshReturns();
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  if (written) return <TextToCopy written={written} />;
  return (
    <Stack $gap={6}>
      <Row>
        <QuietButton onPress={() => void write()}>{label}</QuietButton>
      </Row>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
    </Stack>
  );
};

export const ToWriteSheet = ({ list }: { list: readonly ToWrite[] }) => (
  <>
    {(Object.keys(TITLES) as (keyof typeof TITLES)[]).map((kind) => {
      const [title, since] = TITLES[kind];
      const ofKind = list.filter((each) => each.kind === kind);
      if (ofKind.length === 0) return null;
      return (
        <Panel key={kind} $slim aria-label={title}>
          <Fold
            title={title}
            level={2}
            says={ofKind
              .slice(0, 4)
              .map(({ customer }) => customer.name)
              .join(', ')
              .concat(ofKind.length > 4 ? STRINGS.andMore(ofKind.length - 4) : '')}
          >
            <List>
              {ofKind.map(({ customer, blades, lastWritten }) => (
                <li key={customer.id}>
                  <Row $gap={14}>
                    <b>
                      <Link to={`/customers/${customer.id}`}>{customer.name}</Link>
                    </b>
                    {customer.phone !== '' && (
                      <a href={`tel:${customer.phone.replaceAll(/\s/g, '')}`}>{customer.phone}</a>
                    )}
                    {lastWritten !== null && (
                      <MutedText as="span">{STRINGS.written(moment(lastWritten))}</MutedText>
                    )}
                  </Row>
                  <span>
                    {blades
                      .map(
                        (blade) =>
                          `${blade.blade || STRINGS.tag(blade.tagNumber)}, ${since} ${day(blade.day)}`,
                      )
                      .join('; ')}
                  </span>
                  <WriteButton
                    kind={kind}
                    jobIds={blades.map(({ jobId }) => jobId)}
                    label={STRINGS.writeTo(customer.name)}
                  />
                </li>
              ))}
            </List>
          </Fold>
        </Panel>
      );
    })}
  </>
);
