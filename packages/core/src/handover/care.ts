/** What to tell the customer when the blade goes back. */
import type { Steel } from '../steel';
import type { BladeKind } from '../blade';
import type { Practice } from '../plan/choices';
import { STRINGS } from './strings';

/** What is said of a honing rod, by the habit of the bench. */
const ROD_ADVICE: Readonly<Record<Practice['rod'], string>> = {
  'between sharpenings': STRINGS.aFewLightStrokesOnA,
  'a coarse one resets': STRINGS.aFewLightStrokesOnARidged,
  'no rod': STRINGS.noHoningRodAFewStrokes,
};

/**
 * Care advice for this blade and steel, in the order it is said at the counter.
 *
 * @example
 * careAdvice(bladeKind('chef'), steel).length > 1; // true
 */
export const careAdvice = (
  kind: BladeKind,
  steel: Steel,
  rod: Practice['rod'] = 'between sharpenings',
): string[] => {
  const advice = [STRINGS.washByHandAndDryAt];
  if (steel.stainless !== 'yes') {
    advice.push(STRINGS.thisSteelRustsDryItAfter);
  }
  if (steel.hrcLow >= 60) {
    advice.push(STRINGS.hardSteelNoBoneNoFrozen);
  } else if (kind.group === 'kitchen' || kind.group === 'trade') {
    advice.push(ROD_ADVICE[rod]);
  } else {
    advice.push(STRINGS.aFewStrokesOnAPlain);
  }
  if (kind.group === 'kitchen') advice.push(STRINGS.woodOrSoftPlasticUnderThe);
  advice.push(STRINGS.keepItSheathedOrInA);
  return advice;
};
