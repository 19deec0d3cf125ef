/** The plan approved: what stops the work later is said while it can still be changed. */
import { canDo, type Job } from '@patient-edge/contract';
import {
  type BladePlan,
  LONG_WORK_SECONDS,
  type PlanChoices,
  questionsOfSteps,
  withoutYes,
  named,
} from '@patient-edge/core';
import { useState } from 'react';
import { messageOf } from '../api/client';
import { updateJobCache } from '../api/hooks';
import { writeJob } from '../api/job-writes';
import { dropStored, useStored } from '../api/stored';
import { useJudgement } from '../judge/use-judgement';
import { ActionButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { fixed } from '../theme/format';
import { MutedText, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { Notice } from '../theme/notice';
import { useGoOn } from '../theme/use-go-on';
import { TextEntry } from '../theme/text-fields';
import { useMay } from '../api/may';
import { STRINGS } from './strings';

/** What stops the work later is said while the plan can still be changed. */
export const OpenQuestions = ({ job, plan }: { job: Job; plan: BladePlan }) => {
  const judgement = useJudgement(job, plan);
  if (!judgement) return null;
  const open = withoutYes(
    questionsOfSteps(plan.work.steps, judgement.consents).flat(),
    job.consents,
  );
  if (open.length === 0) return null;
  return (
    <Notice tone="cut">
      {STRINGS.askTheCustomerBeforeTheWork(open.map(({ text }) => text).join(' '))}{' '}
      <QuietLink to={`/jobs/${job.id}/judge`}>{STRINGS.askTheCustomer}</QuietLink>
    </Notice>
  );
};

export const ApprovePlan = ({
  job,
  plan,
  choicesNow,
  problem: planProblem,
}: {
  job: Job;
  plan: BladePlan;
  choicesNow: () => PlanChoices;
  /** Why there is nothing to approve; null where there is. */
  problem: string | null;
}) => {
  const goOn = useGoOn();
  const [busy, setBusy] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const [reason, setReason] = useStored(`reason of plan ${job.id}`, '');
  const open = canDo(job, 'approve plan');
  const isLong = plan.work.seconds > LONG_WORK_SECONDS;
  const [longIsMeant, setLongIsMeant] = useState(false);
  const settle = async (): Promise<void> => {
    setBusy(true);
    setProblem(null);
    try {
      await updateJobCache(
        await writeJob({
          jobId: job.id,
          method: 'PUT',
          path: '/plan',
          version: job.version,
          body: { choices: choicesNow(), reason },
        }),
      );
      dropStored(`plan choices ${job.id}`);
      setReason('');
      await goOn(`/jobs/${job.id}/bench`);
    } catch (error) {
      setProblem(messageOf(error));
    } finally {
      setBusy(false);
    }
  };
  const mayApprove = useMay('approve plan');
  if (!open) return <MutedText>{STRINGS.thisPlanIsClosedTheBlade(named(job.stage))}</MutedText>;
  if (!mayApprove) return <MutedText>{STRINGS.theBenchApprovesPlansYouAre}</MutedText>;
  return (
    <Stack>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      {isLong && (
        <Notice tone="cut">
          <Checkbox value={longIsMeant} onChange={setLongIsMeant}>
            {STRINGS.hoursOnOneBladeThePrice(fixed(plan.work.seconds / 3600, 1))}
          </Checkbox>
        </Notice>
      )}
      {job.stage === 'on the bench' && <MutedText>{STRINGS.workDoneSoFarStaysOn}</MutedText>}
      {job.plan && (
        <div style={{ maxWidth: 520 }}>
          <TextEntry
            label={STRINGS.reasonForTheChange}
            value={reason}
            onChange={setReason}
            hint={STRINGS.savedWithThisVersionEarlierVersions}
          />
        </div>
      )}
      {planProblem !== null && (
        <Notice tone="cut">
          <Row>
            <span>{planProblem}.</span>
            <QuietLink to="/rack">{STRINGS.openTheRack}</QuietLink>
          </Row>
        </Notice>
      )}
      <Row>
        <ActionButton
          isDisabled={busy || planProblem !== null || (isLong && !longIsMeant)}
          onPress={() => void settle()}
        >
          {job.stage === 'taken in' ? STRINGS.approvePlan : STRINGS.approveChangedPlan}
        </ActionButton>
      </Row>
    </Stack>
  );
};
