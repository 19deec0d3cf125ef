/** Without a connection: what waits, what was refused and why, and a newer application that is there to be taken. */
import { WifiOff } from 'lucide-react';
import styled from 'styled-components';
import { changeWaiting, takeOut, type Waiting } from '../api/outbox';
import { request } from '../api/client';
import type { Job } from '@patient-edge/contract';
import { QuietButton } from './buttons';
import { connectionTold } from './connection-words';
import { STRINGS } from './strings';

const Bar = styled.section`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 16px;
  align-items: center;
  padding: 6px 28px;
  background: var(--cut-soft);
  border-bottom: 1px solid var(--cut);
  /* Where the work fills the screen, its own line tells the connection, and nothing moves under a finger. */
  :root[data-full-screen] &[role='status'] {
    display: none;
  }
  & ul {
    flex-basis: 100%;
  }
  & li {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 12px;
    align-items: center;
  }
`;

const NAMES: Readonly<Record<string, string>> = {
  'finish step': STRINGS.aStepDone,
  'keep readings': STRINGS.testReadings,
  work: STRINGS.strokesOfAStep,
  gauge: STRINGS.strokesByTheGauge,
  photograph: STRINGS.aPhotograph,
};
const nameOf = (item: Waiting): string => NAMES[item.kind === 'write' ? item.does : item.kind]!;

interface ConnectionBannerProps {
  readonly isAway: boolean;
  readonly waiting: readonly Waiting[];
  /** Takes a newer application that is there; null where none is. */
  readonly newer: (() => void) | null;
}

export const ConnectionBanner = ({ isAway, waiting, newer }: ConnectionBannerProps) => {
  const refused = waiting.filter((item) => item.refused !== null);
  const told = connectionTold(isAway, waiting.length - refused.length);
  return (
    <>
      {told !== null && (
        <Bar className="no-print" role="status" aria-label={STRINGS.connection}>
          <WifiOff size={18} aria-hidden />
          <span>{told}</span>
        </Bar>
      )}
      {refused.length > 0 && (
        <Bar className="no-print" role="alert" aria-label={STRINGS.notTaken}>
          <b>{STRINGS.theWorkshopDidNotTakeThis}</b>
          <ul>
            {refused.map((item) => (
              <Refused key={item.number} item={item} />
            ))}
          </ul>
        </Bar>
      )}
      {newer && (
        <Bar className="no-print" role="status" aria-label={STRINGS.newerVersion}>
          <span>{STRINGS.aNewerVersionIsReady}</span>
          <QuietButton onPress={newer}>{STRINGS.reloadWithIt}</QuietButton>
        </Bar>
      )}
    </>
  );
};

const Refused = ({ item }: { item: Waiting }) => {
  const again = async (): Promise<void> => {
    // On the blade as it is now: what was in the way has been looked at.
    const { version } = await request<Job>('GET', `/jobs/${item.jobId}`);
    await changeWaiting(item, { refused: null, version, key: crypto.randomUUID() });
    await (await import('../api/send-outbox')).sendOutbox();
  };
  return (
    <li>
      <span>
        {nameOf(item)}: {item.refused}
      </span>
      <a href={`/jobs/${item.jobId}`}>{STRINGS.lookAtTheBlade}</a>
      <QuietButton onPress={() => void again()}>{STRINGS.sendAgain}</QuietButton>
      <QuietButton onPress={() => void takeOut(item.number)}>{STRINGS.discard}</QuietButton>
    </li>
  );
};
