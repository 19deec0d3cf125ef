/** The three sizes every page is made for, and what is looked at in each. */
import { type Page } from '@playwright/test';
import { faultsOf } from './axe';

export const SIZES = [
  { name: 'bench', width: 1280, height: 800, theme: 'light' },
  { name: 'tablet', width: 820, height: 1180, theme: 'dark' },
  { name: 'telephone', width: 390, height: 844, theme: 'light' },
] as const;
export type Size = (typeof SIZES)[number];

/** Letters in drawings are read at this at least, px. */
const LEAST_LETTER_PX = 11;
/** What is pressed by a finger measures this at least, px; what is worked at the bench is looked at in its own test. */
const LEAST_TARGET_PX = 44;

/** What is wrong with the page as it stands, in words; an empty list where nothing is. */
const measuresOf = (page: Page): Promise<string[]> =>
  page.evaluate(
    ([leastLetter, leastTarget]) => {
      const found: string[] = [];
      const beyond = document.documentElement.scrollWidth - window.innerWidth;
      if (beyond > 0) {
        const widest = [...document.querySelectorAll('main *')]
          .filter((each) => each.getBoundingClientRect().right > window.innerWidth + 1)
          .at(-1);
        found.push(`the page is ${beyond} px too wide: ${widest?.outerHTML.slice(0, 90) ?? ''}`);
      }
      for (const text of document.querySelectorAll<SVGTextElement>('svg text')) {
        const matrix = text.getScreenCTM();
        if (!matrix || text.textContent?.trim() === '') continue;
        const px =
          Number.parseFloat(getComputedStyle(text).fontSize) * Math.hypot(matrix.a, matrix.b);
        if (px > 0 && px < leastLetter - 0.05)
          found.push(`letters of ${px.toFixed(1)} px: "${text.textContent}"`);
        const sheet = text.ownerSVGElement?.getBoundingClientRect();
        const words = text.getBoundingClientRect();
        const cutPx = sheet ? Math.max(sheet.left - words.left, words.right - sheet.right) : 0;
        if (cutPx > 2 && getComputedStyle(text.ownerSVGElement!).overflow !== 'visible')
          found.push(`${cutPx.toFixed(0)} px cut off a drawing: "${text.textContent}"`);
      }
      const CONTROLS =
        // The thumb of a slider moves on a track as high as a finger.
        'button, a[href], [role=button], [role=tab], input:not([type=hidden], [type=range]), textarea, select, label[data-rac]';
      for (const control of document.querySelectorAll<HTMLElement>(CONTROLS)) {
        const style = getComputedStyle(control);
        const box = control.getBoundingClientRect();
        const isUnseen =
          box.width <= 1 ||
          box.height <= 1 ||
          style.visibility === 'hidden' ||
          control.closest('.unseen, [hidden], [inert], [aria-hidden=true]') !== null ||
          // The box that is seen is the label around it.
          (control.closest('label[data-rac]') !== null && control.tagName === 'INPUT');
        // A word in a sentence is as high as the sentence.
        const isInText = control.tagName === 'A' && style.display === 'inline';
        if (isUnseen || isInText || control.closest('svg')) continue;
        // Words that stick out of what is pressed lie on what is beside it.
        const beyondBox = control.scrollWidth - control.clientWidth;
        if (control.tagName === 'BUTTON' && control.clientWidth > 0 && beyondBox > 1)
          found.push(`words ${beyondBox} px beyond: ${control.textContent?.slice(0, 60) ?? ''}`);
        if (box.height < leastTarget - 0.5 || box.width < leastTarget - 0.5)
          found.push(
            `a target of ${box.width.toFixed(0)} × ${box.height.toFixed(0)} px: ${control.getAttribute('aria-label') ?? (control.textContent?.slice(0, 40) || control.outerHTML.slice(0, 120))}`,
          );
      }
      return [...new Set(found)];
    },
    [LEAST_LETTER_PX, LEAST_TARGET_PX] as const,
  );

/** Lays the page out at that size in that appearance, and looks at its width, letters and targets. */
export const laidOutAt = async (
  page: Page,
  { width, height }: Size,
  theme: 'light' | 'dark',
): Promise<string[]> => {
  await page.setViewportSize({ width, height });
  await page.evaluate((wanted) => {
    document.documentElement.dataset['theme'] = wanted;
  }, theme);
  // The window is told its size before the page is laid out in it, and drawings follow their sheet a frame later.
  await page.waitForFunction((wanted) => document.documentElement.clientWidth === wanted, width);
  await page.evaluate(
    () => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done))),
  );
  return measuresOf(page);
};

/** Width, letters, targets and accessibility of the page that is open, at that size in that appearance. */
export const faultsAt = async (
  page: Page,
  size: Size,
  theme: 'light' | 'dark',
): Promise<string[]> => [...(await laidOutAt(page, size, theme)), ...(await faultsOf(page))];
