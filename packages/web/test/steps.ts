/** A step of a job as the server answers it, for tests of pages. */
import type { StepRecord } from '@patient-edge/contract';
import { NO_NOTES, withStepDefaults } from '@patient-edge/core';

/** The edge on stone 1, 60 s, nothing done yet; `planned` is what differs in the plan. */
export const stepOf = (
  part: Partial<Omit<StepRecord, 'step'>> = {},
  planned: Partial<Parameters<typeof withStepDefaults>[0]> = {},
): StepRecord => ({
  id: 7,
  step: withStepDefaults({
    operation: 'edge',
    stoneId: '1',
    title: 'Set the edge',
    instruction: '',
    seconds: 60,
    strokesPerSide: 20,
    ...planned,
  }),
  forecastSeconds: null,
  status: 'to do',
  strokesRight: 0,
  strokesLeft: 0,
  workedSeconds: 0,
  runningSeconds: null,
  burr: { right: {}, left: {} },
  notes: NO_NOTES,
  asks: [],
  overrideReason: null,
  revision: 0,
  superseded: false,
  earlier: { right: 0, left: 0 },
  ...part,
});
