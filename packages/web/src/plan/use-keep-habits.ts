import type { Habits } from '@patient-edge/contract';
import { habitsOf, type PlanChoices } from '@patient-edge/core';
import { useState } from 'react';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { useHabits } from '../api/hooks';
import type { Feedback } from '../theme/feedback';
import { STRINGS } from './strings';

/** Keeps choices as the habits of the shop; told beside the button. */
export const useKeepHabits = () => {
  const { data } = useHabits();
  const [said, setSaid] = useState<Feedback | null>(null);
  /** Whether they were kept. */
  const keep = async (choices: PlanChoices): Promise<boolean> => {
    if (!data) return false;
    try {
      const kept = await request<Habits>('PUT', '/habits', {
        version: data.version,
        choices: habitsOf(choices),
      });
      await mutate('/habits', kept, { revalidate: false });
      setSaid({ text: STRINGS.savedTheNextPlanStartsFrom, bad: false });
      return true;
    } catch (error) {
      setSaid({ text: messageOf(error), bad: true });
      return false;
    }
  };
  return { keep, said };
};
