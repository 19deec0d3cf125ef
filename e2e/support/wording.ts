/** What no screen says: a date as it is stored, a figure that is none, a plural of one. */
import type { Page } from '@playwright/test';

const NEVER_SAID: readonly (readonly [string, RegExp])[] = [
  ['a stored date', /\b\d{4}-\d{2}(?:-\d{2})?\b/g],
  ['no value', /\bundefined\b|\bNaN\b|\[object|\bInfinity\b/g],
  [
    'a plural of one',
    /(?<![\d.,])\b1 (?:blades|changes|customers|cuts|days|edges|entries|faults|hours|lives|marks|measures|places|readings|steps|stones|strokes|visits)\b/g,
  ],
];

/** Each with what stands around it: in what is read, and in what is read aloud. */
export const wordingFaults = async (page: Page): Promise<readonly string[]> => {
  const text = await page.evaluate(() =>
    [
      document.body.innerText,
      ...[...document.querySelectorAll('[aria-label]')].map(
        (labelled) => labelled.getAttribute('aria-label') ?? '',
      ),
    ].join('\n'),
  );
  return NEVER_SAID.flatMap(([what, pattern]) =>
    [...text.matchAll(pattern)].map(
      ({ index }) => `${what}: …${text.slice(Math.max(0, index - 30), index + 30)}…`,
    ),
  );
};
