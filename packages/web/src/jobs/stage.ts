/** Where a blade stands, and what comes next. */
import type { Stage } from '@patient-edge/contract';

export const TRACK: readonly Stage[] = ['taken in', 'planned', 'on the bench', 'testing', 'ready'];

interface NextThing {
  readonly page: 'judge' | 'plan' | 'bench' | 'test' | 'return';
  readonly text: string;
}

export const NEXT: Readonly<Record<Stage, NextThing | null>> = {
  'taken in': { page: 'judge', text: 'Measure and assess' },
  planned: { page: 'bench', text: 'Start work' },
  'on the bench': { page: 'bench', text: 'Continue at the bench' },
  testing: { page: 'test', text: 'Test the edge' },
  ready: { page: 'return', text: 'Hand over' },
  returned: null,
  declined: { page: 'return', text: 'Hand over' },
};
