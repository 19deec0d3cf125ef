/** Where a blade stands, and what comes next. */
import type { Stage } from '@patient-edge/contract';
import type { JobAction } from '@patient-edge/core';
import { WORDS } from './words';

export const TRACK: readonly Stage[] = ['taken in', 'planned', 'on the bench', 'testing', 'ready'];

interface NextThing {
  readonly page: 'judge' | 'plan' | 'bench' | 'test' | 'return';
  readonly text: string;
  readonly action: JobAction;
}

export const NEXT: Readonly<Record<Stage, NextThing | null>> = {
  'taken in': { page: 'judge', text: WORDS.measureAndAssess, action: 'correct intake' },
  planned: { page: 'bench', text: WORDS.startWork, action: 'start work' },
  'on the bench': { page: 'bench', text: WORDS.continueAtTheBench, action: 'work step' },
  testing: { page: 'test', text: WORDS.testTheEdge, action: 'test after' },
  ready: { page: 'return', text: WORDS.handOver, action: 'hand over' },
  returned: null,
  declined: { page: 'return', text: WORDS.handOver, action: 'hand over' },
};

/** The same for somebody who may not do everything; null where the next thing is not theirs. */
export const nextFor = (stage: Stage, may: (action: JobAction) => boolean): NextThing | null => {
  const next = NEXT[stage];
  return next && may(next.action) ? next : null;
};
