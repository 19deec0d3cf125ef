import type { Habits } from '@patient-edge/contract';
import { habitsOf, type PlanChoices } from '@patient-edge/core';
import { useState } from 'react';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { useHabits } from '../api/hooks';
import type { Told } from '../theme/told';

/** Keeps choices as the habits of the shop; told beside the button. */
export const useKeepHabits = () => {
  const { data } = useHabits();
  const [said, setSaid] = useState<Told | null>(null);
  /** Whether they were kept. */
  const keep = async (choices: PlanChoices): Promise<boolean> => {
    if (!data) return false;
    try {
      const kept = await request<Habits>('PUT', '/habits', {
        version: data.version,
        choices: habitsOf(choices),
      });
      await mutate('/habits', kept, { revalidate: false });
      setSaid({ words: 'Kept: the next plan begins so.', bad: false });
      return true;
    } catch (error) {
      setSaid({ words: messageOf(error), bad: true });
      return false;
    }
  };
  return { keep, said };
};
