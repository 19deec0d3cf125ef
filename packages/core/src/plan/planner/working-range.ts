/** How long the work of a plan may take. */
import { totalRange, type TimeRange } from '../../abrasive';
import type { BladePlan } from './parts';

/** In eight cases of ten the work of a plan takes so long, s: its steps, and the changes between them. */
export const workingRange = ({ work, report }: Pick<BladePlan, 'work' | 'report'>): TimeRange => {
  const working = work.steps.map(({ seconds }) => seconds);
  const changesS =
    report.figures.workingTime.value - working.reduce((sum, seconds) => sum + seconds, 0);
  return totalRange(working, changesS);
};
