/** Strings of the tests of an edge. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/edgetest', {
  pushed: (paper: string) => `${paper}, pushed`,
  sliced: (paper: string) => `${paper}, sliced`,
  notDone: (name: string) => `${name}: not done`,
  lightAGlintTheApexIs: 'light: a glint, the apex is missing or rolled',
  cutForceOfReadings: (forceGfCount: number, forceReadingsWanted: number) =>
    `cut force: ${forceGfCount} of ${forceReadingsWanted} readings`,
  cutForceTheReadingsSpreadOver:
    'cut force: the readings spread over more than a third of their median, repeat them',
  cutForceGfWantedAtMost: (median: number, targetGf: number) =>
    `cut force: ${median} gf, wanted at most ${targetGf} gf`,
  cutForceGfJustAboveGf: (median: number, targetGf: number) =>
    `cut force: ${median} gf, just above ${targetGf} gf`,
  atMm: (atMm: number) => ` at ${atMm} mm`,
});
