/** When to put which stone in, so that it is ready at its step. */
import { soakCalls, type PlanStep } from '@patient-edge/core';
import styled from 'styled-components';
import { useStones } from '../api/hooks';
import { duration, roughly } from '../theme/format';
import { MutedText, Stack } from '../theme/layout';
import { SoakButton } from './soak-button';
import { STRINGS } from './strings';

const Calls = styled.ol`
  display: grid;
  & > li {
    display: grid;
    grid-template-columns: max-content minmax(0, 1fr) auto;
    gap: 14px;
    align-items: center;
    padding: 6px 0;
    border-top: 1px solid var(--line-soft);
  }
  @media (max-width: 560px) {
    & > li {
      grid-template-columns: max-content minmax(0, 1fr);
    }
    & > li > :last-child {
      grid-column: 1 / -1;
      justify-self: start;
    }
  }
  & > li > b {
    min-width: 84px;
    white-space: nowrap;
    font-family: var(--figures);
  }
`;

interface SoakPlanProps {
  /** The steps still to be worked, with the working seconds each has left. */
  readonly steps: readonly Pick<PlanStep, 'stoneId' | 'seconds'>[];
  readonly jobId: number | null;
  /** Only what has to go in now or shortly. */
  readonly nowOnly?: boolean;
}

/** A stone wanted within this time has to be thought of now. */
const SOON_S = 120;

export const SoakPlan = ({ steps, jobId, nowOnly = false }: SoakPlanProps) => {
  const { data: stones } = useStones();
  if (!stones) return null;
  const changes = new Map(stones.map(({ id, changeSeconds }) => [String(id), changeSeconds]));
  const calls = soakCalls(
    steps.map(({ stoneId, seconds }, index) => ({
      stoneId,
      seconds:
        seconds +
        (stoneId !== null && stoneId !== steps[index - 1]?.stoneId
          ? (changes.get(stoneId) ?? 0)
          : 0),
    })),
    stones.map(({ id, name, soaking, soakMinutes }) => ({
      id: String(id),
      name,
      soaking,
      soakMinutes,
    })),
  ).flatMap((call) => {
    const stone = stones.find(({ id }) => String(id) === call.stoneId)!;
    return nowOnly && (stone.soak !== null || call.putInAtS > SOON_S) ? [] : [{ call, stone }];
  });
  if (calls.length === 0) return null;
  return (
    <Stack $gap={8}>
      {nowOnly ? <h2>{STRINGS.intoTheWaterNow}</h2> : <h3>{STRINGS.intoTheWater}</h3>}
      <Calls>
        {calls.map(({ call, stone }) => (
          <li key={call.stoneId}>
            <b>{call.putInAtS === 0 ? STRINGS.atOnce : `+${duration(call.putInAtS)}`}</b>
            <span>
              {call.name}, {call.minutes} min{' '}
              <MutedText as="span">
                {call.wantedAtS < 10
                  ? STRINGS.neededFromTheStart
                  : call.lateS > 0
                    ? STRINGS.wantedInBetterBeforeYouBegin(
                        roughly(call.wantedAtS),
                        roughly(call.lateS),
                      )
                    : STRINGS.wantedIn(roughly(call.wantedAtS))}
              </MutedText>
            </span>
            <SoakButton stone={stone} jobId={jobId} />
          </li>
        ))}
      </Calls>
    </Stack>
  );
};
