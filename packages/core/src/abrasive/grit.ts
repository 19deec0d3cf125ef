/** One scale for all abrasives: the median grain size in micrometres. */
import { fail, micrometres, ok, type Micrometres, type Result } from '../units';
import { GRIT_SCALES, GRIT_TABLES, type GritScale } from './grit-tables';
import { STRINGS } from './strings';

/**
 * Median grain of a grit number, log–log between the listed entries.
 * Errors: OUT_OF_RANGE for a number outside its scale.
 *
 * @example
 * micrometresOf('JIS', 1000); // {"ok":true,"value":11.5}
 */
export const micrometresOf = (scale: GritScale, grit: number): Result<Micrometres> => {
  const table = GRIT_TABLES[scale];
  const first = table[0]!;
  const last = table[table.length - 1]!;
  if (grit < first.grit || grit > last.grit) {
    return fail(
      'OUT_OF_RANGE',
      STRINGS.runsFromToIsOutsideIt(scale, first.grit, last.grit, grit),
      'grit',
    );
  }
  const upper = table.findIndex((entry) => entry.grit >= grit);
  const b = table[upper]!;
  if (b.grit === grit) return ok(micrometres(b.um));
  const a = table[upper - 1]!;
  const t = Math.log(grit / a.grit) / Math.log(b.grit / a.grit);
  return ok(micrometres(Math.exp(Math.log(a.um) + t * Math.log(b.um / a.um))));
};

/**
 * In each scale the listed grit whose grain is nearest by ratio.
 *
 * @example
 * nearestGrits(micrometres(11.5)).JIS; // 1000
 */
export const nearestGrits = (um: Micrometres): Record<GritScale, number> => {
  const nearest = (scale: GritScale): number => {
    const distance = (entryUm: number): number => Math.abs(Math.log(entryUm / um));
    return GRIT_TABLES[scale].reduce((best, entry) =>
      distance(entry.um) < distance(best.um) ? entry : best,
    ).grit;
  };
  return Object.fromEntries(GRIT_SCALES.map((scale) => [scale, nearest(scale)])) as Record<
    GritScale,
    number
  >;
};
