/** A progression weighed: the stair, the steps with their range, the others, what wishes cost, what to mind. */
import {
  forTask,
  progressionWarnings,
  scratchDepthUm,
  stepRange,
  totalRange,
  type Chain,
  type RackStone,
  type Steel,
} from '@patient-edge/core';
import { useMemo } from 'react';
import styled from 'styled-components';
import { GritStair } from '../instruments/grit-stair';
import { fixed, roughly } from '../theme/format';
import { textOf } from '../theme/text';
import { QuietButton } from '../theme/buttons';
import { Figures, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import type { WeighedProgression } from '../workers/planning-worker';
import { costWords, WishList, type Wishes } from './wishes';
import { STRINGS } from './strings';

const Others = styled.ul`
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 90px 90px auto;
    gap: 14px;
    align-items: center;
    border-top: 1px solid var(--line-soft);
    padding: 4px 0;
  }
`;

/** "4 min (2–9)" */
export const rangeWords = (seconds: number, { lowS, highS }: { lowS: number; highS: number }) =>
  STRINGS.to(roughly(seconds), roughly(lowS), roughly(highS));

interface ProgressionBoardProps {
  readonly weighed: WeighedProgression;
  readonly rack: readonly RackStone[];
  readonly steel: Steel;
  readonly finishUm: readonly [number, number];
  readonly maxRatio: number | null;
  readonly oneSided: boolean;
  readonly direction: string | null;
  readonly strop: RackStone | null;
  readonly wishes: Wishes;
  readonly onWishes: (next: Wishes) => void;
  readonly onStopAt: (um: number) => void;
  /** Takes exactly these stones. */
  readonly onTake: (stones: readonly string[]) => void;
}

export const ProgressionBoard = (props: ProgressionBoardProps) => {
  const { weighed, rack, wishes, onWishes, onStopAt } = props;
  const { chosen } = weighed;
  return (
    <Stack $gap={18}>
      {chosen.ok ? (
        <Best {...props} chain={chosen.value} others={chosen.value.alternatives} />
      ) : (
        <Stack>
          <Notice tone="cut" alert>
            {chosen.error.message}.
          </Notice>
          {weighed.toBuy && <p>{textOf(weighed.toBuy.reason)}</p>}
        </Stack>
      )}
      <WishList
        rack={rack}
        costs={weighed.wishes}
        wishes={wishes}
        onWishes={onWishes}
        onStopAt={onStopAt}
      />
    </Stack>
  );
};

interface OtherChainsProps {
  readonly others: readonly Chain[];
  readonly bestSeconds: number;
  readonly rack: readonly RackStone[];
  readonly onTake: (stones: readonly string[]) => void;
}

/** The next best chains of the same rack. */
export const OtherChains = ({ others, bestSeconds, rack, onTake }: OtherChainsProps) => {
  if (others.length === 0) return null;
  const nameOf = (id: string): string => rack.find((stone) => stone.id === id)?.name ?? '…';
  return (
    <Stack $gap={6}>
      <h3>{STRINGS.otherProgressions}</h3>
      <Others>
        {others.map((other) => {
          const ids = other.steps.map(({ id }) => id);
          const names = ids.map(nameOf).join(' → ');
          return (
            <li key={ids.join(' ')}>
              <span>{names}</span>
              <Figures>{roughly(other.totalSeconds)}</Figures>
              <Figures>{costWords(other.totalSeconds - bestSeconds)}</Figures>
              <QuietButton aria-label={STRINGS.takeThis(names)} onPress={() => onTake(ids)}>
                {STRINGS.takeThisAlone}
              </QuietButton>
            </li>
          );
        })}
      </Others>
    </Stack>
  );
};

const Best = ({
  chain,
  others,
  rack,
  steel,
  finishUm,
  maxRatio,
  oneSided,
  direction,
  strop,
  onTake,
}: ProgressionBoardProps & { chain: Chain; others: readonly Chain[] }) => {
  const byId = useMemo(() => new Map(rack.map((stone) => [stone.id, stone])), [rack]);
  const marks = useMemo(
    () =>
      [...forTask(rack, 'edge'), ...forTask(rack, 'finish')].map(({ id, name, um, kind }) => ({
        id,
        name,
        um,
        strop: kind === 'strop' || kind === 'compound',
      })),
    [rack],
  );
  // The chain may be of a rack that has just changed: what is gone is not drawn.
  const steps = chain.steps.flatMap((step) => {
    const stone = byId.get(step.id);
    return stone ? [{ ...step, stone }] : [];
  });
  const warnings = progressionWarnings({
    steel,
    chain: steps.map(({ stone }) => stone),
    strop,
    maxRatio,
    oneSided,
    direction,
  });
  const working = steps.map(({ seconds }) => seconds);
  const changesS = chain.totalSeconds - working.reduce((sum, seconds) => sum + seconds, 0);
  const range = totalRange(working, changesS);
  return (
    <>
      <GritStair
        rack={marks}
        treads={steps.map(({ id, um, seconds, stone }) => ({ id, um, seconds, name: stone.name }))}
        finishUm={finishUm}
        label={STRINGS.theProgressionOnTheScaleOf}
      />
      {warnings.map(({ message, code, stoneId }) => (
        <Notice key={`${code} ${stoneId}`} tone="cut">
          {textOf(message)}
        </Notice>
      ))}
      <table>
        <thead>
          <tr>
            <th scope="col">{STRINGS.stone}</th>
            <th scope="col">{STRINGS.grain}</th>
            <th scope="col">{STRINGS.takes}</th>
            <th scope="col">{STRINGS.workingTime10thTo90thPercentile}</th>
            <th scope="col">{STRINGS.scratchesLeft}</th>
          </tr>
        </thead>
        <tbody>
          {steps.map(({ id, um, removeMm3, seconds, stone }) => (
            <tr key={id}>
              <td>{stone.name}</td>
              <td>
                <Figures>{um} µm</Figures>
              </td>
              <td>
                <Figures>{fixed(removeMm3, 2)} mm³</Figures>
              </td>
              <td>
                <Figures>{rangeWords(seconds, stepRange(seconds))}</Figures>
              </td>
              <td>
                <Figures>{fixed(scratchDepthUm(stone), 2)} µm</Figures>
              </td>
            </tr>
          ))}
          <tr>
            <td>
              <b>{STRINGS.togetherChangesOfStoneIncluded}</b>
            </td>
            <td />
            <td />
            <td>
              <Figures>
                <b>{rangeWords(chain.totalSeconds, range)}</b>
              </Figures>
            </td>
            <td />
          </tr>
        </tbody>
      </table>
      <OtherChains others={others} bestSeconds={chain.totalSeconds} rack={rack} onTake={onTake} />
      <MutedText>{STRINGS.theRangeIsWhatNobodyKnows}</MutedText>
    </>
  );
};
