/** Where a blade stands, and what comes next. */
import type { Stage } from '@patient-edge/contract';
import type { JobAction } from '@patient-edge/core';
import { STRINGS } from './strings';

export const TRACK: readonly Stage[] = ['taken in', 'planned', 'on the bench', 'testing', 'ready'];

interface NextThing {
  readonly page: 'judge' | 'plan' | 'bench' | 'test' | 'return';
  readonly text: string;
  readonly action: JobAction;
}

export const NEXT: Readonly<Record<Stage, NextThing | null>> = {
  'taken in': { page: 'judge', text: STRINGS.measureAndAssess, action: 'correct intake' },
  planned: { page: 'bench', text: STRINGS.startWork, action: 'start work' },
  'on the bench': { page: 'bench', text: STRINGS.continueAtTheBench, action: 'work step' },
  testing: { page: 'test', text: STRINGS.testTheEdge, action: 'test after' },
  ready: { page: 'return', text: STRINGS.handOver, action: 'hand over' },
  returned: null,
  declined: { page: 'return', text: STRINGS.handOver, action: 'hand over' },
};

/** The same for somebody who may not do everything; null where the next thing is not theirs. */
export const nextFor = (stage: Stage, may: (action: JobAction) => boolean): NextThing | null => {
  const next = NEXT[stage];
  return next && may(next.action) ? next : null;
};
