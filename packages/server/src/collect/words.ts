/** Words of collecting. */
import { wordsOf } from '@patient-edge/core';

export const WORDS = wordsOf('server/collect', {
  tagIsSHandOverOne: (tagNumber: number, customerName: string) =>
    `Tag ${tagNumber} is ${customerName}’s: hand over one customer’s blades at a time`,
  oneHandOverWas: '1 hand-over was',
  handOversWere: (jobIdsCount: number) => `${jobIdsCount} hand-overs were`,
});
