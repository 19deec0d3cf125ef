/** Strings of the page of a blade. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('blades', {
  loadingRecord: 'Loading record…',
  history: 'History',
  itIsHereOnTag: (tagNumber: number) => `It is here on tag ${tagNumber}`,
  takeItInAgain: 'Take it in again',
  edge: (label: string, edgeLengthMm: string) => `${label}, edge ${edgeLengthMm}`,
  lastSetAtPerSideInclusive: (perSideDeg: string, inclusiveDeg: string) =>
    `Last set at ${perSideDeg}° per side · ${inclusiveDeg}° inclusive`,
  heldBy: (holding: string) => `Held by: ${holding}`,
  visits: 'Visits',
  takenIn: 'Taken in',
  stage: 'Stage',
  perSide: 'Per side',
  heelMm: 'Heel, mm',
  behindEdgeMm: 'Behind edge, mm',
  steel: 'Steel, mm³',
  time: 'Time',
  forceGf: 'Force, gf',
  stones: 'Stones',
});
