/** The verdict of a test: passed, or back to a step, with what it probably is and what to look at next. */
import { textOf } from '../theme/text';
import { canDo, type Job } from '@patient-edge/contract';
import {
  findTest,
  findFaults,
  findUse,
  targetForceGf,
  testsThatCount,
  verdictReasons,
  type BladeVerdict,
  type EdgeReadings,
  type AnyCauseId,
  type Use,
} from '@patient-edge/core';
import { useState } from 'react';
import { ActionButton } from '../theme/buttons';
import { ActionLink } from '../theme/links';
import { MutedText, Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Select } from '../theme/select';
import { TextEntry } from '../theme/text-fields';
import { WhichCause } from './which-cause';
import { STRINGS } from './strings';

/** What counts for this blade, in a few words. */
const counted = (use: Use, job: Job): string =>
  testsThatCount(use, job.testsInUse)
    .map((id) =>
      id === 'force'
        ? STRINGS.atMostGf(targetForceGf(use, job.testsInUse))
        : (findTest(job.testsInUse, id)?.label.toLowerCase() ?? ''),
    )
    .join(', ');

export interface VerdictPanelProps {
  readonly job: Job;
  readonly verdict: BladeVerdict;
  readonly readings: EdgeReadings;
  readonly disabled: boolean;
  readonly onDecide: (
    backToStepId: number | null,
    note: string,
    cause: AnyCauseId | null,
  ) => Promise<void>;
}

export const VerdictPanel = ({ job, verdict, readings, disabled, onDecide }: VerdictPanelProps) => {
  const use = findUse(job.useId);
  const faults = findFaults(readings, use);
  const steps = job.steps.filter(({ superseded, step }) => !superseded && step.stoneId !== null);
  const suggested =
    steps.find(({ step }) => step.operation === faults[0]?.backTo) ??
    steps.find(({ step }) => step.operation === 'edge') ??
    steps[0];
  const [chosen, setChosen] = useState<string | null>(null);
  const [note, setNote] = useState('');
  const [cause, setCause] = useState<AnyCauseId | null>(null);
  const passes = verdict.verdict === 'meets' || verdict.verdict === 'meets with remarks';
  const backTo = chosen ?? (suggested ? String(suggested.id) : null);
  if (!canDo(job, 'test after')) return null;
  return (
    <Stack>
      <h2>
        {STRINGS.verdict(verdict.verdict)}{' '}
        <MutedText as="span">
          · {use.label.toLowerCase()}: {counted(use, job)}
        </MutedText>
      </h2>
      {faults.map((fault) => (
        <Notice key={fault.id} tone="cut">
          <b>
            {fault.sign} ({fault.zones.join(', ')})
          </b>
          . {fault.cause} {fault.remedy}
        </Notice>
      ))}
      {!passes && faults.length > 0 && (
        <WhichCause job={job} readings={readings} onCause={setCause} />
      )}
      {!passes && (
        <ul>
          {verdict.zones
            .filter(({ reasons }) => reasons.length > 0)
            .map(({ zone, reasons }) => (
              <li key={zone}>
                {zone}: {reasons.join('; ')}
              </li>
            ))}
          {verdict.blade?.reasons.map((reason) => (
            <li key={reason}>{reason}</li>
          ))}
        </ul>
      )}
      {passes && verdict.verdict === 'meets with remarks' && (
        <p>{STRINGS.toldToTheCustomer(verdictReasons(verdict).join('; '))}</p>
      )}
      {passes ? (
        <Row>
          <ActionButton isDisabled={disabled} onPress={() => void onDecide(null, note, null)}>
            {STRINGS.passReadyForTheCustomer}
          </ActionButton>
        </Row>
      ) : steps.length === 0 ? (
        <Row>
          <ActionLink to={`/jobs/${job.id}/touch-up`}>{STRINGS.backToTouchUpNextRung}</ActionLink>
        </Row>
      ) : (
        <Row $align="end">
          <div style={{ width: 320 }}>
            <Select
              label={STRINGS.backToWhichStep}
              options={steps.map(({ id, step }) => ({ id: String(id), label: textOf(step.title) }))}
              value={backTo}
              onChange={setChosen}
            />
          </div>
          <div style={{ flex: 1, minWidth: 220 }}>
            <TextEntry label={STRINGS.note} value={note} onChange={setNote} />
          </div>
          <ActionButton
            isDisabled={disabled || backTo === null || verdict.verdict === 'not tested'}
            onPress={() => void onDecide(Number(backTo), note, cause)}
          >
            {STRINGS.backToTheBench}
          </ActionButton>
        </Row>
      )}
    </Stack>
  );
};
