/** At the bench: the steps of the plan one at a time, to be read at a metre. */
import type { Job } from '@patient-edge/contract';
import {
  BENCH_READING_IDS,
  BENCH_READINGS,
  withoutYes,
  type BenchReadings,
} from '@patient-edge/core';
import { Suspense, useState } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { messageOf } from '../api/client';
import { writeJob } from '../api/job-writes';
import { updateJobCache } from '../api/hooks';
import { useCurrentJob } from '../jobs/current-job';
import { UndoButton } from '../jobs/undo-button';
import { duration, roughly } from '../theme/format';
import { textOf } from '../theme/text';
import { ActionButton } from '../theme/buttons';
import { ActionLink, QuietLink } from '../theme/links';
import { Checkbox } from '../theme/checkbox';
import { Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { ProtectionTicks } from '../judge/protection-sheet';
import { useJudgement } from '../judge/use-judgement';
import { AskFirst } from './ask-first';
import { useWorkForeseen } from './foreseen';
import { StepAtWork } from './step-at-work';
import { LotNotice } from '../trials/lot-notice';
import { STRINGS } from './strings';

/** The queue comes where it is asked for: the bench itself is to be there at once. */
const NextOfDay = lazyPart(async () => ({
  default: (await import('../day/next-of-day')).NextOfDay,
}));

const CAUTIONS = [
  STRINGS.feelForABurrAwayFrom,
  STRINGS.aCutResistantGloveOnThe,
  STRINGS.keepTheWorkWetAThin,
  STRINGS.bloodOnABladeOrStone,
  STRINGS.unwellTiredOrDistractedLeaveSharp,
];

const List = styled.ol`
  & li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 18px;
    padding: 7px 0;
    border-top: 1px solid var(--line-soft);
  }
  & span {
    font-family: var(--figures);
  }
`;

const BenchPage = () => {
  const job = useCurrentJob();
  const steps = job.steps.filter(({ superseded }) => !superseded);
  const open = steps.findIndex(({ status }) => status === 'to do');
  if (job.stage === 'taken in') {
    return (
      <Stack>
        <Notice>{STRINGS.thereIsNoPlanYet}</Notice>
        <Row>
          <ActionLink to={`/jobs/${job.id}/judge`}>{STRINGS.assessAndPlan}</ActionLink>
        </Row>
      </Stack>
    );
  }
  if (job.stage === 'planned') return <Begin job={job} />;
  if (job.stage === 'on the bench' && open >= 0) {
    const asks = withoutYes(steps[open]!.asks, job.consents);
    if (asks.length > 0) return <AskFirst job={job} record={steps[open]!} asks={asks} />;
    return (
      <StepAtWork
        key={`${steps[open]!.id} ${job.round}`}
        job={job}
        record={steps[open]!}
        position={open + 1}
        total={steps.length}
      />
    );
  }
  return <WorkDone job={job} />;
};

const Begin = ({ job }: { job: Job }) => {
  const navigate = useNavigate();
  const foreseenS = useWorkForeseen(job);
  const [read, setRead] = useState(false);
  const [problem, setProblem] = useState<string | null>(null);
  const begin = async (): Promise<void> => {
    if (!read) {
      setProblem(STRINGS.readTheCautionsAndTickThe);
      return;
    }
    try {
      // After the ticks that are still on their way.
      await updateJobCache(
        await writeJob({ jobId: job.id, method: 'POST', path: '/bench', version: job.version }),
      );
      await navigate(`/jobs/${job.id}/bench`);
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <Panel>
      <Stack>
        <h2>{STRINGS.beforeTheFirstStroke}</h2>
        {job.trial && job.plan && (
          <LotNotice lot={job.trial} choices={job.plan.choices} onChoices={null} />
        )}
        <BeforeWork job={job} />
        <ul>
          {CAUTIONS.map((caution) => (
            <li key={caution}>· {caution}</li>
          ))}
        </ul>
        <MutedText>{STRINGS.localRulesTheShopsOwnAnd}</MutedText>
        <Checkbox value={read} onChange={setRead}>
          {STRINGS.iHaveReadThisTheStone}
        </Checkbox>
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
        <Row>
          <ActionButton onPress={() => void begin()}>{STRINGS.startWork}</ActionButton>
          <MutedText>
            {STRINGS.countStepsRoughly(
              job.steps.filter(({ superseded }) => !superseded).length,
              roughly(foreseenS),
            )}
          </MutedText>
        </Row>
      </Stack>
    </Panel>
  );
};

/** What the judgement wanted first: protection ticked off here too, and questions still open. */
const BeforeWork = ({ job }: { job: Job }) => {
  const judgement = useJudgement(job, null);
  if (!judgement) return null;
  const open = withoutYes(judgement.consents, job.consents);
  return (
    <>
      {open.length > 0 && (
        <Notice tone="cut">
          {STRINGS.notAskedYet(open.map(({ text }) => text).join(' '))}{' '}
          <QuietLink to={`/jobs/${job.id}/judge`}>{STRINGS.askTheCustomer}</QuietLink>
        </Notice>
      )}
      <ProtectionTicks job={job} list={judgement.protection} />
    </>
  );
};

/** What was measured at a step, beside it. */
const ReadHere = ({ readings }: { readings: BenchReadings }) => {
  const read = BENCH_READING_IDS.flatMap((id) => {
    const value = readings[id];
    return value === undefined ? [] : [`${BENCH_READINGS[id].label}: ${value}`];
  });
  return read.length === 0 ? null : <MutedText>{read.join(' · ')}</MutedText>;
};

const WorkDone = ({ job }: { job: Job }) => (
  <Panel>
    <Stack>
      <h2>{STRINGS.theWorkOnThisBlade}</h2>
      <List>
        {job.steps.map((record) => (
          <li key={record.id}>
            <div>
              {textOf(record.step.title)}
              {record.superseded && STRINGS.earlierPlan}
              {record.overrideReason !== null &&
                STRINGS.checkSkippedOverrideReason(record.overrideReason)}
              {record.notes.interrupted && STRINGS.clockRanOnTimeAsTold}
              <ReadHere readings={record.notes.readings} />
            </div>
            <span>{STRINGS.rightLeft(record.strokesRight, record.strokesLeft)}</span>
            <span>{duration(record.workedSeconds)}</span>
          </li>
        ))}
      </List>
      {job.stage === 'testing' && (
        <Row>
          <ActionLink to={`/jobs/${job.id}/test`}>{STRINGS.testTheEdge}</ActionLink>
          {!job.verdict && <UndoButton job={job} action="step" />}
        </Row>
      )}
      <Suspense fallback={null}>
        <NextOfDay />
      </Suspense>
    </Stack>
  </Panel>
);

export default BenchPage;
