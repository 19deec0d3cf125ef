/**
 * The clocks of stones that must go into the water start by themselves as a step opens, with a ring: a wet hand only drops
 * the stone in. Only for whoever has the blade in hand, and only by what is known then: nothing moves under a stroke.
 */
import type { DayFacts, Job, Stone } from '@patient-edge/contract';
import { useEffect, useRef, useState } from 'react';
import { mutate } from 'swr';
import { ApiFailure, messageOf } from '../api/client';
import { useMay } from '../api/may';
import { useSession } from '../api/session';
import { putIn } from '../soaking/soak-button';
import { playSound } from '../theme/sounds';
import type { ShownStep } from './day-view';
import { useSoaksDue } from './use-soaks-due';

interface StartSoaksProps {
  readonly job: Job;
  readonly facts: DayFacts;
  readonly steps: readonly ShownStep[];
}

export const StartSoaks = ({ job, facts, steps }: StartSoaksProps) => {
  const due = useSoaksDue(facts, steps);
  const maySoak = useMay('change stones');
  const { data: session } = useSession();
  const [problem, setProblem] = useState<string | null>(null);
  const isDone = useRef(false);
  const isInHand = session?.staff?.id !== undefined && job.inHand?.staffId === session.staff.id;
  useEffect(() => {
    if (isDone.current || !due || !session) return;
    isDone.current = true;
    if (!isInHand || !maySoak) return;
    const start = async (stone: Stone): Promise<void> => {
      try {
        await putIn(stone, job.id);
        playSound('soak');
      } catch (error) {
        // Somebody else was quicker: it is in the water.
        if (error instanceof ApiFailure && error.status === 409) await mutate('/stones');
        else setProblem(messageOf(error));
      }
    };
    for (const { stone } of due) void start(stone);
  });
  return problem === null ? null : <p role="alert">{problem}</p>;
};
