/** What to tell the customer when the blade goes back. */
import type { Steel } from '../steel';
import type { BladeKind } from '../blade';
import type { Practice } from '../plan/choices';

/** What is said of a honing rod, by the habit of the bench. */
const ROD_ADVICE: Readonly<Record<Practice['rod'], string>> = {
  'between sharpenings':
    'A few light strokes on a smooth honing rod between visits: it straightens the edge, it does not sharpen.',
  'a coarse one resets':
    'A few light strokes on a ridged honing rod bring the edge back for a while; when they no longer do, it wants sharpening.',
  'no rod': 'No honing rod: a few strokes on a plain strop between visits keep it.',
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
  const advice = ['Wash by hand and dry at once; no dishwasher.'];
  if (steel.stainless !== 'yes') {
    advice.push(
      'This steel rusts: dry it after use and wipe on a little food-safe oil. A grey-blue film is patina, and normal.',
    );
  }
  if (steel.hrcLow >= 60) {
    advice.push(
      'Hard steel: no bone, no frozen food, no twisting. No honing rod unless its maker agrees; a plain strop keeps it.',
    );
  } else if (kind.group === 'kitchen' || kind.group === 'trade') {
    advice.push(ROD_ADVICE[rod]);
  } else {
    advice.push('A few strokes on a plain strop between visits keep it.');
  }
  if (kind.group === 'kitchen')
    advice.push('Wood or soft plastic under the edge; never glass, stone or a plate.');
  advice.push('Keep it sheathed or in a block. It is at its sharpest today.');
  return advice;
};
