import type { PlanRecord } from '@patient-edge/contract';
import type { BladeRates } from '@patient-edge/core';
import { screen } from '@testing-library/react';
import { stoneBody } from '../../../contract/test/stones';
import { jobOf } from '../../test/jobs';
import { refusal, showPage } from '../../test/pages';
import { stepOf } from '../../test/steps';
import { foreseenSeconds, useWorkForeseen } from './foreseen';

const job = jobOf({
  stage: 'planned',
  plan: { figures: { workingTime: { value: 90 } } } as unknown as PlanRecord,
  steps: [
    stepOf({ superseded: true }, { seconds: 500 }),
    stepOf(),
    stepOf({}, { stoneId: null, seconds: 30 }),
  ],
});
/** Twice as long on that stone. */
const rates: BladeRates = {
  noiseSd: 0.3,
  common: { mean: 0, variance: 0.01 },
  stones: [{ id: '1', mean: Math.log(2), records: 9, covariances: [0.01] }],
  steelRecords: 9,
  personRecords: 9,
};
const Foreseen = () => <p>{Math.round(useWorkForeseen(job))} s</p>;
const shown = (answer: unknown): void => {
  showPage(<Foreseen />, {
    'GET /rates/blade?steel=unknown+stamped+stainless': answer,
    'GET /stones': [{ ...stoneBody({}), id: 1, version: 1, workedSeconds: 0, chains: [] }],
  });
};

test('before the first stroke the work is foreseen by the bench’s own rates, what is replaced left out', async () => {
  shown(rates);
  // 60 s on the stone are 120, the 30 s beside it stay.
  expect(await screen.findByText('150 s')).toBeTruthy();
});

test('where there are no rates it is the model’s', async () => {
  shown(refusal(500, { code: 'INTERNAL', message: 'gone' }));
  expect(await screen.findByText('90 s')).toBeTruthy();
});

test('a step at work takes what was foreseen when it began', () => {
  expect(foreseenSeconds(stepOf({ forecastSeconds: 110 }))).toBe(110);
  expect(foreseenSeconds(stepOf())).toBe(60);
});
