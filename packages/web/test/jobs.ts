/** A job as the server answers it, for tests of pages. */
import type { Job } from '@patient-edge/contract';
import {
  USUAL_TESTS,
  MEASURE_FIELDS,
  usualMeasuresOf,
  type MeasuredWith,
} from '@patient-edge/core';

export const measuredBy = (how: MeasuredWith): Job['measuredWith'] =>
  Object.fromEntries(MEASURE_FIELDS.map((field) => [field, how])) as Job['measuredWith'];

export const jobOf = (part: Partial<Job> = {}): Job => {
  const measures = part.measures ?? usualMeasuresOf('chef', 210);
  return {
    id: 7,
    tagNumber: 12,
    stage: 'taken in',
    round: 1,
    version: 3,
    promisedOn: '2026-12-01',
    placeId: null,
    place: null,
    takenInAt: '2026-11-20T09:00:00.000Z',
    returnedAt: null,
    customer: { id: 2, name: 'Edda Rill', trade: '', phone: '', note: '', edgesLiked: '' },
    blade: { id: 5, name: '', steel: 'unknown stamped stainless', measures },
    measures,
    steel: 'unknown stamped stainless',
    useId: 'general-soft',
    cuts: '',
    askedFor: '',
    sharpness: 'dull',
    carefulHands: false,
    measuredWith: measuredBy('caliper'),
    angleAssumed: false,
    angleReadings: [],
    answers: {},
    damage: [],
    trial: null,
    damageBefore: null,
    consents: [],
    protectionDone: [],
    estimate: null,
    photographs: [],
    plan: null,
    lastChoices: null,
    steps: [],
    tests: [],
    testsInUse: { inUse: [...USUAL_TESTS, 'force'], own: [] },
    verdict: null,
    remarks: '',
    holding: '',
    rigSetting: { jawMm: null, ruleMarkMm: null, block: '' },
    declineReason: null,
    bill: null,
    collectedBy: '',
    dueOn: null,
    complaint: null,
    inHand: null,
    events: [],
    ...part,
  };
};
