/** Strings of the page of a blade. */
import { stringsOf } from '@patient-edge/core';

export const STRINGS = stringsOf('server/blades', {
  thisBlade: 'This blade',
  tooFewVisits: 'The years of a blade are drawn from its third visit on',
  theYearsOf: (blade: string) => `${blade}: the years`,
  thenAndNow: 'Then (thin) and now (thick), to one scale',
  sections: (widened: number) =>
    `Section at every visit, drawn ${widened} times as wide; the latest is thick`,
  visit: 'Visit',
  heightAtHeel: 'Height at the heel',
  behindTheEdge: 'Behind the edge',
  perSide: 'Angle per side',
  heightFalls: (aYear: string) => `It loses ${aYear} mm of height a year.`,
  heightStands: 'Its height has not changed.',
  spentIn: (year: string) => ` At this pace it is spent in ${year}.`,
  thickens: (aYear: string) => `Behind the edge it grows ${aYear} mm thicker a year.`,
  thinner: (aYear: string) => `Behind the edge it grows ${aYear} mm thinner a year.`,
  thinIn: (year: string) => ` Thinning is due in ${year}.`,
  thinned: (behind: string, more: string) =>
    `Thinned a little at each visit it would be at ${behind} mm behind the edge, for ${more} mm³ more steel.`,
});
