/** Strings of collecting. */
import { counted, stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/collect', {
  tagIsSHandOverOne: (tagNumber: number, customerName: string) =>
    `Tag ${tagNumber} is ${customerName}’s: hand over one customer’s blades at a time`,
  handOversWere: (jobIdsCount: number) => counted(jobIdsCount, 'hand-over was', 'hand-overs were'),
});
