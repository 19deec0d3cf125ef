/** At the bench, beside Done: what the day takes up next, or what changed in the order. */
import type { Job } from '@patient-edge/contract';
import { ChevronsRight } from 'lucide-react';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { useDay } from '../api/hooks';
import { useSession } from '../api/session';
import { QuietButton } from '../theme/buttons';
import { shownSteps, type ShownStep } from './day-view';
import { useToldChange } from './kept-order';
import { StartSoaks } from './start-soaks';
import { STRINGS } from './strings';
import { useDayOrder } from './use-day-order';

/** The hand is at the bench: a moment is all that is looked for a better order. */
const LOOK_MS = 600;

const Line = styled.div`
  display: flex;
  gap: 4px 12px;
  align-items: center;
  & > p {
    flex: 1;
    min-width: 0;
    margin: 0;
    font-size: 20px;
    font-weight: 650;
    line-height: 1.2;
  }
  /* One line each: the line is as high as it was, whatever it says. */
  & > p > span,
  & > p > small {
    display: block;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
  & > p > small {
    font-size: 15px;
    font-weight: 500;
    color: var(--ink-soft);
  }
  & > button {
    min-height: 56px;
  }
  & > button > svg {
    display: none;
  }
  @media (max-width: 560px) {
    & > p {
      font-size: 16px;
    }
    & > p > small:not([role]) {
      display: none;
    }
    & > p:has(> small[role]) > span {
      display: none;
    }
    & > button {
      padding: 0;
      min-width: 56px;
      justify-content: center;
    }
    & > button > svg {
      display: block;
    }
    & > button > span {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
  }
`;

interface NextLineProps {
  readonly job: Job;
  readonly stepId: number;
  /** Done here, and on to another blade. */
  readonly onTo: (jobId: number) => void;
}

const NextLine = ({ job, stepId, onTo }: NextLineProps) => {
  const { data: facts, mutate } = useDay();
  const { order } = useDayOrder(facts, false, LOOK_MS);
  const [told, putAway] = useToldChange();
  const { data: session } = useSession();
  // What is not known as the step opens comes with the next one: nothing moves under a stroke.
  const [isKnown] = useState(facts !== undefined && order !== null);
  // Another step is another day, and what was told of the one before has been read.
  useEffect(() => {
    mutate().catch(() => undefined);
    return putAway;
  }, [stepId, mutate, putAway]);
  if (!facts || !order) return null;
  const steps = shownSteps(facts, order, false);
  const theirs = steps.filter(({ staffId }) => staffId === session?.staff?.id);
  const next = (theirs.length > 0 ? theirs : steps).find(({ stepId: id }) => id !== stepId);
  return (
    <>
      {next && <Next next={next} job={job} told={told} onTo={onTo} />}
      {isKnown && <StartSoaks job={job} facts={facts} steps={steps} />}
    </>
  );
};

interface NextProps {
  readonly next: ShownStep;
  readonly job: Job;
  /** What changed in the order, in place of what is to be done: the line is no higher for it. */
  readonly told: string | null;
  readonly onTo: (jobId: number) => void;
}

const Next = ({ next, job, told, onTo }: NextProps) => (
  <Line>
    <p>
      <span>
        {next.of.jobId === job.id
          ? STRINGS.nextHere(next.stoneName, next.stepNumber)
          : STRINGS.nextElsewhere(
              next.stoneName,
              next.of.tagNumber,
              next.of.customer,
              next.stepNumber,
            )}
      </span>
      <small role={told === null ? undefined : 'status'}>{told ?? next.title}</small>
    </p>
    {next.of.jobId !== job.id && (
      <QuietButton onPress={() => onTo(next.of.jobId)}>
        <ChevronsRight size={22} aria-hidden />
        <span>{STRINGS.doneThenThis}</span>
      </QuietButton>
    )}
  </Line>
);

export default NextLine;
