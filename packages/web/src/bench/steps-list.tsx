/** All steps of the plan: done, skipped and why, now, to come; back to any that is done. */
import { named } from '@patient-edge/core';
import type { Job, StepRecord } from '@patient-edge/contract';

import styled from 'styled-components';
import { useSend } from '../judge/use-send';
import { lastDoneStep, UNDO_LABELS, undoPathOf } from '../jobs/undo';
import { QuietButton } from '../theme/buttons';
import { duration, roughly } from '../theme/format';
import { textOf } from '../theme/text';
import { MutedText, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { Notice } from '../theme/notice';
import { LotNotice } from '../trials/lot-notice';
import { foreseenSeconds } from './foreseen';
import { STRINGS } from './strings';

const List = styled.ol`
  & > li {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr) auto;
    gap: 4px 12px;
    align-items: center;
    min-height: 56px;
    border-top: 1px solid var(--line-soft);
  }
  & > li[data-now] {
    background: var(--accent-soft);
  }
  & button {
    min-height: 56px;
  }
  @media (max-width: 560px) {
    & > li {
      grid-template-columns: 74px minmax(0, 1fr) auto;
    }
  }
`;

const stateOf = ({ status, overrideReason }: StepRecord, isNow: boolean): string => {
  if (isNow) return named('now');
  if (status === 'to do') return STRINGS.toCome;
  return overrideReason === null ? named('done') : named('skipped');
};

/** The shop's bars stand back at the bench: the way to the rest of the blade is here. */
const PAGES_OF_BLADE = [
  ['intake', STRINGS.intake],
  ['judge', STRINGS.assess],
  ['plan', STRINGS.planAndHistory],
  ['test', STRINGS.test],
] as const;

export const StepsList = ({ job, onClose }: { job: Job; onClose: () => void }) => {
  const { busy, problem, send } = useSend(job);
  const steps = job.steps.filter(({ superseded }) => !superseded);
  // The one done last goes on with its count; one before it begins to count anew.
  const last = lastDoneStep(job);
  const now = steps.find(({ status }) => status === 'to do');
  return (
    <Stack $gap={8} as="section" aria-label={STRINGS.stepsOfThisPlan}>
      {job.trial && job.plan && (
        <LotNotice lot={job.trial} choices={job.plan.choices} onChoices={null} />
      )}
      <Row>
        <h2>{STRINGS.steps}</h2>
        <MutedText>{STRINGS.goingBackOpensThatStepAnd}</MutedText>
        <QuietButton onPress={onClose}>{STRINGS.close}</QuietButton>
      </Row>
      <Row $gap={8}>
        <MutedText>{STRINGS.thisBlade}</MutedText>
        {PAGES_OF_BLADE.map(([page, text]) => (
          <QuietLink key={page} to={`/jobs/${job.id}/${page}`}>
            {text}
          </QuietLink>
        ))}
      </Row>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      <List>
        {steps.map((record) => {
          const state = stateOf(record, record === now);
          return (
            <li key={record.id} data-now={record === now ? '' : undefined}>
              <b>{state}</b>
              <div>
                {textOf(record.step.title)}
                {record.overrideReason !== null && (
                  <MutedText>{STRINGS.checkSkipped(record.overrideReason)}</MutedText>
                )}
              </div>
              {record.status === 'done' ? (
                <Row $gap={10}>
                  <span data-figure="">{duration(record.workedSeconds)}</span>
                  {record === last ? (
                    <QuietButton
                      isDisabled={busy}
                      onPress={() => void send('POST', undoPathOf(job, 'step'), {})}
                    >
                      {UNDO_LABELS.step}
                    </QuietButton>
                  ) : (
                    <QuietButton
                      isDisabled={busy}
                      aria-label={STRINGS.backToTitle(textOf(record.step.title))}
                      onPress={() => void send('POST', `/steps/${record.id}/back-to`, {})}
                    >
                      {STRINGS.back}
                    </QuietButton>
                  )}
                </Row>
              ) : (
                <span>{roughly(foreseenSeconds(record))}</span>
              )}
            </li>
          );
        })}
      </List>
    </Stack>
  );
};
