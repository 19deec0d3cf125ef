/** What a person's hands do on the screens, named as they would say it. */
import { expect, type Locator, type Page } from '@playwright/test';
import type { Board } from '../../packages/contract/src/index';

/** Errors of the page that a person would never see but that must not happen. */
export const watchConsole = (page: Page): string[] => {
  const errors: string[] = [];
  page.on('console', (message) => {
    // A refusal of the server is an answer, and a server that is being restarted is no fault of the page.
    if (message.type() === 'error' && !/Failed to load resource/.test(message.text())) {
      errors.push(message.text());
    }
  });
  page.on('pageerror', (error) => errors.push(error.message));
  return errors;
};

/** Signs in at once; the page that is opened next is signed in. The page for it has tests of its own. */
export const signIn = async (
  page: Page,
  address: string,
  login: string,
  password: string,
): Promise<void> => {
  const answer = await page.request.post(`${address}/api/session`, { data: { login, password } });
  expect(answer.ok(), 'signed in').toBe(true);
};

/** Signs in and opens the shop. */
export const enterShop = async (
  page: Page,
  address: string,
  login: string,
  password: string,
): Promise<void> => {
  await signIn(page, address, login, password);
  await page.goto(address);
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeVisible();
};

export const OWNER = ['ansa', 'reed-and-river'] as const;
export const BENCH = ['teodor', 'stone-and-water'] as const;
export const COUNTER = ['wilma', 'tag-and-twine'] as const;

/** Chooses from a list. */
export const pick = async (
  within: Page | Locator,
  label: string,
  option: string,
): Promise<void> => {
  const page = 'keyboard' in within ? within : within.page();
  await within.getByRole('button', { name: new RegExp(`${label}$`) }).click();
  await page.getByRole('option', { name: option }).first().click();
};

/** Opens parts of the page that are folded away, one within the other. */
export const unfold = async (
  within: Page | Locator,
  ...titles: readonly string[]
): Promise<void> => {
  for (const title of titles) {
    const button = within.getByRole('button', { name: title, exact: true });
    if ((await button.getAttribute('aria-expanded')) === 'false') await button.click();
    // What is folded away is loaded when it is opened.
    await expect(within.getByText('Opening…')).toHaveCount(0);
  }
};

/** Chooses one of a few that are all in sight. */
export const choose = async (
  within: Page | Locator,
  group: string,
  option: string,
): Promise<void> => {
  await within.getByRole('radiogroup', { name: group }).getByText(option, { exact: true }).click();
};

export const fill = async (
  within: Page | Locator,
  values: Readonly<Record<string, string>>,
): Promise<void> => {
  for (const [label, value] of Object.entries(values)) {
    await within.getByLabel(label, { exact: true }).fill(value);
  }
};

export const ZONES = ['heel', 'middle', 'belly', 'tip'] as const;

/** Reads all tests of one zone. */
export const readZone = async (
  page: Page,
  zone: (typeof ZONES)[number],
  light: 'dark' | 'glint',
  paper: string,
  force: readonly [string, string, string],
): Promise<void> => {
  const region = page.getByRole('region', { name: `Readings at the ${zone}` });
  await pick(region, 'Light', light);
  await pick(region, 'Paper', paper);
  await fill(region, { '1': force[0], '2': force[1], '3': force[2] });
};

/** Ticks what a step must show besides its burr. */
export const showGates = async (page: Page): Promise<void> => {
  const asked = page.getByRole('group', { name: 'Before going on' }).getByRole('checkbox');
  for (const gate of await asked.all()) {
    if (await gate.isChecked()) continue;
    // On its words, as a finger would: what moves the page meanwhile must not make it miss.
    await gate.locator('xpath=ancestor::label').click();
    await expect(gate).toBeChecked();
  }
};

export const stepTitle = (page: Page) => page.getByRole('heading', { level: 1 });
export const done = (page: Page) => page.getByRole('button', { name: 'Done, next step' });

/** Leaves the open step and waits until the next one, or the end of the work, is there. */
export const leave = async (page: Page): Promise<void> => {
  const here = page.getByText(/^Step \d+ of \d+/);
  const before = await here.textContent();
  await showGates(page);
  await done(page).click();
  await expect(page.getByText(before ?? '', { exact: true })).toHaveCount(0);
};

/** Strokes counted on one side. */
export const countOn = async (page: Page, side: 'Left' | 'Right'): Promise<number> =>
  Number(
    await page
      .getByRole('button', { name: new RegExp(`^${side} side`) })
      .locator('b')
      .innerText(),
  );

/** Finds the same along every side that is asked: a press a side. */
export const feelBurr = async (page: Page, finding: 'slight' | 'none'): Promise<void> => {
  for (const side of ['right', 'left']) {
    const along = page.getByRole('button', { name: `All ${finding}, ${side}`, exact: true });
    if (await along.isVisible()) await along.click();
  }
};

/** Leaves what makes stones ready until the step is there that is meant. */
export const workUpTo = async (page: Page, title: RegExp): Promise<void> => {
  await expect(done(page)).toBeVisible();
  while (!title.test((await stepTitle(page).last().textContent()) ?? '')) await leave(page);
};

/** Works every step that is left as the plan says: burr on the edge steps, none after deburring. */
export const workThrough = async (page: Page): Promise<void> => {
  for (;;) {
    await expect(page.getByText(/^Step \d+ of \d+|The work on this blade/).first()).toBeVisible();
    if (await page.getByText('The work on this blade').isVisible()) return;
    const title = (await stepTitle(page).last().textContent()) ?? '';
    if (/^(Set|Refine|Scrub)/.test(title)) await feelBurr(page, 'slight');
    else if (/^(Take the burr|Strop)/.test(title)) await feelBurr(page, 'none');
    if (!/^(Wash|Soak|Ready|Change|Flatten|Rinse)/.test(title)) {
      await page.keyboard.press('ArrowRight');
      await page.keyboard.press('ArrowLeft');
    }
    await leave(page);
  }
};

/** Types into a box that searches and takes what it found. */
export const find = async (
  page: Page,
  label: string,
  typed: string,
  found: string,
): Promise<void> => {
  await page.getByRole('combobox', { name: label, exact: true }).fill(typed);
  await page.getByRole('option', { name: new RegExp(`^${found}`) }).click();
};

/** The number of the job of the demo's blade of that name, wherever it stands. */
export const jobNumber = async (page: Page, address: string, name: string): Promise<number> => {
  const board = (await (await page.request.get(`${address}/api/shop`)).json()) as Board;
  return board.jobs.find(({ blade }) => blade.name === name)!.jobId;
};

/** Signs in at the bench and opens it at the demo's blade of that name; gives the number of its job. */
export const openBench = async (page: Page, address: string, name: string): Promise<number> => {
  await signIn(page, address, ...BENCH);
  const id = await jobNumber(page, address, name);
  await page.goto(`${address}/jobs/${id}/bench`);
  await expect(done(page)).toBeVisible();
  return id;
};
