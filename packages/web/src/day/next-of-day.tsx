/** After the work on a blade: what the day takes up next, the biggest thing on the page. */
import type { DayFacts } from '@patient-edge/contract';
import { useDay } from '../api/hooks';
import { shownSteps } from './day-view';
import { NextUp } from './next-up';
import { useDayOrder } from './use-day-order';

const Found = ({ facts }: { facts: DayFacts }) => {
  const { order } = useDayOrder(facts, false);
  return order ? <NextUp facts={facts} steps={shownSteps(facts, order, false)} /> : null;
};

export const NextOfDay = () => {
  const { data: facts } = useDay();
  return facts ? <Found facts={facts} /> : null;
};
