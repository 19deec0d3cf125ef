/** What was measured changes what is left: the rest of the plan made again, shown as a difference, accepted or not. */
import type { Job, StepRecord } from '@patient-edge/contract';
import {
  isWorthReplanning,
  measuredAtBench,
  plannedAgainWith,
  stepsDifference,
  stepsLeft,
  withDefaults,
  type ComparedStep,
  type MeasuredAtBench,
  type StepDifference,
  type StepNotes,
} from '@patient-edge/core';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { useSend } from '../judge/use-send';
import { usePlanInput } from '../plan/use-plan-input';
import { ActionButton, QuietButton } from '../theme/buttons';
import { fixed, mmTyped, roughly } from '../theme/format';
import { textOf } from '../theme/text';
import { Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { usePlan } from '../workers/use-plan';
import { STRINGS } from './strings';

const List = styled.ul`
  & > li {
    padding: 4px 0;
    border-top: 1px solid var(--line-soft);
  }
`;

/** What was measured, where it is far enough from what the rest is planned with; else null. */
const useMeasured = (job: Job, record: StepRecord, notes: StepNotes): MeasuredAtBench | null => {
  const plan = job.plan!;
  const measured = measuredAtBench(
    job.steps.map((each) => (each.id === record.id ? notes.readings : each.notes.readings)),
  );
  const { behindEdgeMm, angleDeg } = measured;
  const isWorth = isWorthReplanning(measured, {
    behindEdgeMm: record.step.afterMm,
    angleDeg: record.step.angleDeg ?? plan.angleDeg,
  });
  const known = plan.measured;
  const isKnown = known?.behindEdgeMm === behindEdgeMm && known.angleDeg === angleDeg;
  // The same object while nothing was measured anew: a plan is made for each.
  return useMemo(
    () => (isWorth && !isKnown ? { behindEdgeMm, angleDeg } : null),
    [isWorth, isKnown, behindEdgeMm, angleDeg],
  );
};

const measuredText = ({ behindEdgeMm, angleDeg }: MeasuredAtBench): string =>
  [
    ...(behindEdgeMm === null ? [] : [STRINGS.behindTheEdge(mmTyped(behindEdgeMm))]),
    ...(angleDeg === null ? [] : [STRINGS.perSide(fixed(angleDeg, 1))]),
  ].join(', ');

const comparedText = ({ angleDeg, strokesPerSide, seconds }: ComparedStep): string =>
  [
    ...(angleDeg === null ? [] : [`${fixed(angleDeg, 1)}°`]),
    ...(strokesPerSide > 0 ? [STRINGS.strokesASide(strokesPerSide)] : []),
    roughly(seconds),
  ].join(', ');

const differenceText = ({ change, before, after }: StepDifference): string => {
  if (change === 'out') return STRINGS.leftOut;
  if (change === 'new') return STRINGS.new(comparedText(after!));
  return `${comparedText(before!)} → ${comparedText(after!)}`;
};

interface PlanAgainProps {
  readonly job: Job;
  readonly record: StepRecord;
  readonly notes: StepNotes;
  /** What was measured is at the server before the plan is made with it. */
  readonly flush: () => Promise<void>;
}

export const PlanAgain = ({ job, record, notes, flush }: PlanAgainProps) => {
  const measured = useMeasured(job, record, notes);
  const [wanted, setWanted] = useState<MeasuredAtBench | null>(null);
  if (!measured) return null;
  return (
    <Notice>
      <Stack $gap={8}>
        <Row>
          <b>{STRINGS.measuredThatChangesWhatIsLeft(measuredText(measured))}</b>
          {wanted !== measured && (
            <QuietButton onPress={() => setWanted(measured)}>{STRINGS.showWhatChanges}</QuietButton>
          )}
        </Row>
        {wanted === measured && (
          <Difference {...{ job, record, measured, flush }} onKeep={() => setWanted(null)} />
        )}
      </Stack>
    </Notice>
  );
};

const Difference = ({
  job,
  measured,
  flush,
  onKeep,
}: Omit<PlanAgainProps, 'notes'> & {
  readonly measured: MeasuredAtBench;
  readonly onKeep: () => void;
}) => {
  const { busy, problem, send } = useSend(job);
  const [lost, setLost] = useState<string | null>(null);
  const choices = useMemo(() => withDefaults(job.plan!.choices), [job.plan]);
  const input = usePlanInput(job, choices);
  const again = useMemo(() => input && plannedAgainWith(input, measured), [input, measured]);
  const { answer: planned, error } = usePlan(again);
  if (error !== null) return <p role="alert">{error}</p>;
  if (!planned) return <p role="status">{STRINGS.planningTheRest}</p>;
  if (!planned.ok) return <p role="alert">{planned.error.message}</p>;
  const records = job.steps.filter(({ superseded }) => !superseded);
  const stepsWith = (status: StepRecord['status']) =>
    records.filter((each) => each.status === status).map(({ step }) => step);
  const left = stepsWith('to do');
  const changes = stepsDifference(
    left,
    stepsLeft(stepsWith('done'), left, planned.value.work.steps),
  );
  const accept = async (): Promise<void> => {
    setLost(null);
    try {
      await flush();
    } catch (problemSending) {
      setLost(messageOf(problemSending));
      return;
    }
    await send('POST', '/replan', { measured });
  };
  if (changes.length === 0) return <p role="status">{STRINGS.theStepsLeftStayAsThey}</p>;
  return (
    <Stack $gap={8}>
      <List>
        {changes.map((change) => (
          <li key={`${change.change} ${textOf(change.title)}`}>
            <b>{textOf(change.title)}</b>: {differenceText(change)}
          </li>
        ))}
      </List>
      {(problem ?? lost) !== null && <p role="alert">{problem ?? lost}</p>}
      <Row>
        <ActionButton isDisabled={busy} onPress={() => void accept()}>
          {STRINGS.useTheChangedPlan}
        </ActionButton>
        <QuietButton onPress={onKeep}>{STRINGS.keepThePlan}</QuietButton>
      </Row>
    </Stack>
  );
};
