/**
 * Stones the day wants soaked, from the moment they must go in. While somebody is at work their clocks start by themselves,
 * with a ring: a wet hand only drops the stone in. Where nobody is, nothing starts.
 */
import type { DayFacts, Stone } from '@patient-edge/contract';
import { useEffect, useRef, useState } from 'react';
import { messageOf } from '../api/client';
import { useStones } from '../api/hooks';
import { useMay } from '../api/may';
import { SoakButton, putIn } from '../soaking/soak-button';
import { Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { playSound } from '../theme/sounds';
import { soaksDue, timeAfter, type ShownStep } from './day-view';
import { STRINGS } from './strings';

interface SoaksDueProps {
  readonly facts: DayFacts;
  readonly steps: readonly ShownStep[];
  readonly isAtWork: boolean;
}

export const SoaksDue = ({ facts, steps, isAtWork }: SoaksDueProps) => {
  const { data: stones } = useStones();
  const maySoak = useMay('change stones');
  const started = useRef(new Set<number>());
  const [problem, setProblem] = useState<string | null>(null);
  const due = soaksDue(facts, steps).flatMap(({ stoneId, wantedMinutes }) => {
    const stone = stones?.find(({ id }) => id === stoneId);
    return stone?.soak === null ? [{ stone, wantedMinutes }] : [];
  });
  const startsItself = isAtWork && maySoak;
  useEffect(() => {
    if (!startsItself) return;
    const start = async (stone: Stone): Promise<void> => {
      started.current.add(stone.id);
      try {
        await putIn(stone, null);
        playSound('soaked');
      } catch (error) {
        setProblem(messageOf(error));
      }
    };
    for (const { stone } of due) if (!started.current.has(stone.id)) void start(stone);
  });
  if (due.length === 0 && problem === null) return null;
  return (
    <Stack $gap={4}>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
      {!startsItself &&
        due.map(({ stone, wantedMinutes }) => (
          <Row key={stone.id} $gap={14}>
            <span>{STRINGS.intoTheWater(stone.name, timeAfter(facts, wantedMinutes))}</span>
            {maySoak && <SoakButton stone={stone} jobId={null} />}
          </Row>
        ))}
    </Stack>
  );
};
