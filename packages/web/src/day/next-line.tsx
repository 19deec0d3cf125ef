/** At the bench, under Done: what the day takes up next, and the stones that are to go into the water for it. */
import type { Job } from '@patient-edge/contract';
import { ChevronsRight } from 'lucide-react';
import { Suspense, useEffect } from 'react';
import styled from 'styled-components';
import { useDay } from '../api/hooks';
import { useSession } from '../api/session';
import { QuietButton } from '../theme/buttons';
import { MutedText } from '../theme/layout';
import { shownSteps, type ShownStep } from './day-view';
import { useToldChange } from './kept-order';
import { SoaksDue } from './soaks-due';
import { STRINGS } from './strings';
import { useDayOrder } from './use-day-order';

/** The hand is at the bench: a moment is all that is looked for a better order. */
const LOOK_MS = 600;

const Below = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 4px;
`;
const Line = styled.div`
  display: flex;
  gap: 4px 12px;
  align-items: center;
  min-height: 56px;
  & > p {
    flex: 1;
    min-width: 0;
    margin: 0;
    font-size: 21px;
    font-weight: 650;
    line-height: 1.15;
  }
  & > p > small {
    display: block;
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
  /* One line on a telephone: strokes and burr stand above it. */
  @media (max-width: 560px) {
    min-height: 0;
    & > p {
      font-size: 16px;
      white-space: nowrap;
      overflow: hidden;
      text-overflow: ellipsis;
    }
    & > p > small {
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
  readonly isRunning: boolean;
  /** Done here, and on to another blade. */
  readonly onTo: (jobId: number) => void;
}

const NextLine = ({ job, stepId, isRunning, onTo }: NextLineProps) => {
  const { data: facts, mutate } = useDay();
  const { order } = useDayOrder(facts, false, LOOK_MS);
  const [told, putAway] = useToldChange();
  const { data: session } = useSession();
  // Another step is another day.
  useEffect(() => {
    mutate().catch(() => undefined);
  }, [stepId, mutate]);
  if (!facts || !order) return null;
  const steps = shownSteps(facts, order, false);
  const theirs = steps.filter(({ staffId }) => staffId === session?.staff?.id);
  const next = (theirs.length > 0 ? theirs : steps).find(({ stepId: id }) => id !== stepId);
  return (
    <Below>
      {next && <Next next={next} job={job} onTo={onTo} />}
      {told !== null && (
        <Line role="status">
          <MutedText>{told}</MutedText>
          <QuietButton onPress={putAway}>{STRINGS.putAway}</QuietButton>
        </Line>
      )}
      <Suspense fallback={null}>
        <SoaksDue facts={facts} steps={steps} isAtWork={isRunning} />
      </Suspense>
    </Below>
  );
};

interface NextProps {
  readonly next: ShownStep;
  readonly job: Job;
  readonly onTo: (jobId: number) => void;
}

const Next = ({ next, job, onTo }: NextProps) => (
  <Line>
    <p>
      {next.of.jobId === job.id
        ? STRINGS.nextHere(next.stoneName, next.stepNumber)
        : STRINGS.nextElsewhere(
            next.stoneName,
            next.of.tagNumber,
            next.of.customer,
            next.stepNumber,
          )}
      <small>{next.title}</small>
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
