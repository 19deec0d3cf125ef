/** What the edge of a one-sided blade did on a nail, and the micro bevel that follows. */
import { exceeds } from '../../../units';
import type { MicroWanted } from '../../cuts';
import { FLEX_MM } from '../first-guesses';

/** Hair-thin, and what a heavy fish knife gets that wants no give at all. */
const HAIR: MicroWanted = { aboveDeg: 3, faceMm: 0.05 };
const LARGER: MicroWanted = { aboveDeg: 4, faceMm: 0.15 };
const HEAVY: MicroWanted = { aboveDeg: 5, faceMm: 0.25 };

/** Before anybody pressed it on a nail: a micro bevel by kind. */
const USUAL: Readonly<Record<string, MicroWanted | null>> = {
  'fish-one-sided': HEAVY,
  'slicing-one-sided': HAIR,
  'vegetable-one-sided': HAIR,
  leather: null,
};

/**
 * The micro bevel a flex on the nail asks for, by kind: a heavy fish knife gets the larger one whatever it did; a
 * slicing or vegetable knife none while it hardly gives, a hair at 1 to 2 mm, a larger one beyond. Null is none.
 */
export const microByFlex = (kindId: string, flexMm: number | null): MicroWanted | null => {
  const usual = USUAL[kindId] ?? null;
  if (flexMm === null || usual === null) return usual;
  const [leastMm, mostMm] = FLEX_MM;
  if (usual === HEAVY) return HEAVY;
  if (exceeds(leastMm, flexMm)) return null;
  return exceeds(flexMm, mostMm) ? LARGER : HAIR;
};
