/** Strings of the tests of an edge. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/edge-tests', {
  mustBeOneOfWasGiven: (label: string, known: string, read: string) =>
    `${label} must be one of ${known}; "${read}" was given`,
  theTestsInUse: 'the tests in use',
  theFaultRules: 'the fault rules',
  thisBlade: 'This blade',
  theEdgeIs: (verdict: string, why: string) => `The edge is ${verdict}: ${why}`,
  thisStepIsNotPartOf: 'This step is not part of the plan',
});
