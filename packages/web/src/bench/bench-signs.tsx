/** What goes wrong on the stone: one press opens cause and remedy, and adds the strokes, the pause or the step. */
import { textOf } from '../theme/text';
import type { Job, StepRecord } from '@patient-edge/contract';
import {
  BENCH_SIGN_IDS,
  BENCH_SIGNS,
  remediesOf,
  roundsForSign,
  type BenchSignId,
  named,
} from '@patient-edge/core';
import { useState } from 'react';
import styled from 'styled-components';
import { useSend } from '../judge/use-send';
import { WhichCause } from '../edge-tests/which-cause';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Fold } from '../theme/fold';
import { Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { playSound } from '../theme/sounds';
import type { StepAtBench } from './use-step-at-work';
import { STRINGS } from './strings';

const Signs = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 8px;
  & button {
    min-height: 56px;
    color: var(--ink);
  }
  & button[aria-pressed='true'] {
    border-color: var(--accent);
    background: var(--accent-soft);
  }
`;

interface BenchSignsProps {
  readonly job: Job;
  readonly record: StepRecord;
  readonly atWork: StepAtBench;
  readonly onClose: () => void;
}

export const BenchSigns = ({ job, record, atWork, onClose }: BenchSignsProps) => {
  const [seen, setSeen] = useState<BenchSignId | null>(null);
  const press = (id: BenchSignId): void => {
    setSeen(id);
    const { does } = BENCH_SIGNS[id].deed;
    // A hot blade waits for nothing; a stone that does not cut is not worked on.
    if (does === 'cool') playSound('alarm');
    if (does === 'cool' || does === 'stone') atWork.setRunning(false);
  };
  return (
    <Stack $gap={12} as="section" aria-label={STRINGS.somethingIsWrong}>
      <Row>
        <h2>{STRINGS.somethingIsWrong}</h2>
        <QuietButton onPress={onClose}>{STRINGS.close}</QuietButton>
      </Row>
      <Signs>
        {BENCH_SIGN_IDS.map((id) => (
          <QuietButton key={id} aria-pressed={seen === id} onPress={() => press(id)}>
            {BENCH_SIGNS[id].label}
          </QuietButton>
        ))}
      </Signs>
      {seen !== null && (
        <Remedy
          job={job}
          id={seen}
          record={record}
          atWork={atWork}
          onDone={() => {
            setSeen(null);
            onClose();
          }}
        />
      )}
      <Fold title={STRINGS.otherSigns} says={STRINGS.whatElseIsSeenTheLikeliest}>
        <WhichCause job={job} readings={null} />
      </Fold>
    </Stack>
  );
};

/** Done steps the remedies begin from, each operation's first. */
const stepsThatMend = (job: Job, { step }: StepRecord, id: BenchSignId): readonly StepRecord[] => {
  const from = new Set(remediesOf(id).map(({ backTo }) => backTo));
  from.delete(step.operation);
  return [...from].flatMap(
    (operation) =>
      job.steps.find(
        (each) => each.status === 'done' && !each.superseded && each.step.operation === operation,
      ) ?? [],
  );
};

interface RemedyProps {
  readonly job: Job;
  readonly id: BenchSignId;
  readonly record: StepRecord;
  readonly atWork: StepAtBench;
  readonly onDone: () => void;
}

const Remedy = ({ job, id, record, atWork, onDone }: RemedyProps) => {
  const { deed } = BENCH_SIGNS[id];
  const { problem, send } = useSend(job);
  const earlier = stepsThatMend(job, record, id);
  const rounds = roundsForSign(id, record.step.sides);
  const isPaused = deed.does === 'cool' || deed.does === 'stone';
  return (
    <Notice tone={deed.does === 'cool' ? 'cut' : 'plain'} alert={deed.does === 'cool'}>
      <Stack $gap={10}>
        {remediesOf(id).map(({ what, remedy }) => (
          <p key={what}>
            <b>{what}</b> {remedy}
          </p>
        ))}
        {record.step.cooling && deed.does === 'cool' && <p>{textOf(record.step.cooling)}</p>}
        {problem !== null && <p role="alert">{problem}</p>}
        {earlier.map((step) => (
          <QuietButton
            key={step.id}
            onPress={() => void send('POST', `/steps/${step.id}/back-to`, {})}
          >
            {STRINGS.backTo(textOf(step.step.title))}
          </QuietButton>
        ))}
        {rounds.length > 0 && (
          <ActionButton
            onPress={() => {
              atWork.add(rounds);
              onDone();
            }}
          >
            {STRINGS.add(
              rounds
                .map(({ count, side, zone }) =>
                  STRINGS.countOnTheSide(
                    count,
                    named(side) ?? '',
                    zone === null ? '' : `, ${named(zone)}`,
                  ),
                )
                .join('; '),
            )}
          </ActionButton>
        )}
        {isPaused && (
          <Row>
            <span>{STRINGS.theClockIsStopped}</span>
            <ActionButton
              onPress={() => {
                atWork.setRunning(true);
                onDone();
              }}
            >
              {deed.does === 'cool' ? STRINGS.coldAgainGoOn : STRINGS.itCutsAgainGoOn}
            </ActionButton>
          </Row>
        )}
      </Stack>
    </Notice>
  );
};
