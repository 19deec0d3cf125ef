/** Strings of collecting. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/collect', {
  tagIsSHandOverOne: (tagNumber: number, customerName: string) =>
    `Tag ${tagNumber} is ${customerName}’s: hand over one customer’s blades at a time`,
  oneHandOverWas: '1 hand-over was',
  handOversWere: (jobIdsCount: number) => `${jobIdsCount} hand-overs were`,
});
