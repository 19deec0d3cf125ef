/** Accessibility faults of a page, as axe finds them. */
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import type { Page } from '@playwright/test';

const AXE = readFileSync(createRequire(import.meta.url).resolve('axe-core/axe.min.js'), 'utf8');

interface AxeViolation {
  readonly id: string;
  readonly nodes: readonly { readonly html: string; readonly failureSummary: string }[];
}

/** What the colours alone decide: the rest is the same light and dark, and looked at once. */
export const OF_COLOUR = ['color-contrast', 'link-in-text-block'];

/** Accessibility faults of the page as it stands, in words; by all rules, or by those named. */
export const faultsOf = async (
  page: Page,
  rules: readonly string[] | null = null,
): Promise<string[]> => {
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(AXE);
  const violations = await page.evaluate(async (values) => {
    const { axe } = window as unknown as {
      axe: { run: (options: object) => Promise<{ violations: AxeViolation[] }> };
    };
    const options = {
      resultTypes: ['violations'],
      preload: false,
      ...(values === null ? {} : { runOnly: { type: 'rule', values } }),
    };
    return (await axe.run(options)).violations;
  }, rules);
  return violations.flatMap(({ id, nodes }) =>
    nodes.map(({ html, failureSummary }) => `${id}: ${html.slice(0, 140)} ${failureSummary}`),
  );
};
