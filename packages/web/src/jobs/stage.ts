/** Where a blade stands, and what comes next. */
import type { Stage } from '@patient-edge/contract';

export const TRACK: readonly Stage[] = ['taken in', 'planned', 'on the bench', 'testing', 'ready'];

interface NextThing {
  readonly page: 'judge' | 'plan' | 'bench' | 'test' | 'return';
  readonly words: string;
}

export const NEXT: Readonly<Record<Stage, NextThing | null>> = {
  'taken in': { page: 'judge', words: 'Measure and assess' },
  planned: { page: 'bench', words: 'Start work' },
  'on the bench': { page: 'bench', words: 'Continue at the bench' },
  testing: { page: 'test', words: 'Test the edge' },
  ready: { page: 'return', words: 'Hand over' },
  returned: null,
  declined: { page: 'return', words: 'Hand over' },
};
