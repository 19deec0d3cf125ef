/** A day with twenty blades: what comes next, an urgent one at noon, a failed test, and somebody who leaves early. */
import type { DayFacts, Job } from '@patient-edge/contract';
import { DEFAULT_CHOICES, readingsOf } from '@patient-edge/core';
import { expect, test, type APIResponse, type Page } from '@playwright/test';
import { BENCH, OWNER, pick, showGates, signIn, unfold, watchConsole } from './support/hands';
import { RunningShop } from './support/running-shop';

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

const answerOf = async <T>(answer: APIResponse): Promise<T> => {
  expect(answer.ok(), `${answer.url()}: ${answer.status()}`).toBe(true);
  return (await answer.json()) as T;
};
const api = (path: string): string => `${shop.address}/api${path}`;
const dayOf = async (page: Page): Promise<DayFacts> =>
  answerOf(await page.request.get(api('/day')));

/** Plans a blade as the shop usually does; false where it cannot be planned without more being asked. */
const plan = async (page: Page, jobId: number): Promise<boolean> => {
  const { version } = await answerOf<Job>(await page.request.get(api(`/jobs/${jobId}`)));
  const answer = await page.request.put(api(`/jobs/${jobId}/plan`), {
    data: { version, choices: DEFAULT_CHOICES, reason: '' },
  });
  return answer.ok();
};

/** A blade whose work is done fails its test and goes back to its last step. */
const failTest = async (page: Page): Promise<number> => {
  const { jobs } = await answerOf<{ jobs: { jobId: number; stage: string; tagNumber: number }[] }>(
    await page.request.get(api('/shop')),
  );
  const { jobId, tagNumber } = jobs.find(({ stage }) => stage === 'testing')!;
  const job = await answerOf<Job>(await page.request.get(api(`/jobs/${jobId}`)));
  const read = await answerOf<Job>(
    await page.request.put(api(`/jobs/${jobId}/readings`), {
      data: {
        version: job.version,
        phase: 'after',
        readings: readingsOf(() => ({
          classes: { light: 'glint', paper: 'tears' },
          forceGf: [800, 810, 820],
        })),
      },
    }),
  );
  await answerOf(
    await page.request.post(api(`/jobs/${jobId}/verdict`), {
      data: {
        version: read.version,
        backToStepId: read.steps.filter(({ superseded }) => !superseded).at(-2)!.id,
        cause: null,
        note: '',
      },
    }),
  );
  return tagNumber;
};

test('twenty blades in an order that follows what happens, each change told in a sentence', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...OWNER);
  const { jobs: open } = await answerOf<{ jobs: { jobId: number; stage: string }[] }>(
    await page.request.get(api('/shop')),
  );
  const unplanned = open.filter(({ stage }) => stage === 'taken in').map(({ jobId }) => jobId);
  while ((await dayOf(page)).jobs.length < 20) {
    const next = unplanned.shift();
    if (next === undefined) throw new Error('The demo has too few blades to plan');
    await plan(page, next);
  }

  await page.goto(`${shop.address}/day`);
  await unfold(page, 'As a table');
  const rows = page.getByRole('group', { name: 'As a table' }).getByRole('row');
  await expect(page.getByRole('region', { name: 'Next for Teodor Lock' })).toBeVisible();
  const steps = await rows.count();
  expect(steps).toBeGreaterThan(60);
  const told = page.getByRole('status').filter({ hasText: /: .*\.$/ });

  // Two seconds are looked; a full day is worth more, and that can be stopped.
  await page.getByRole('button', { name: 'Look longer' }).click();
  await expect(page.getByText(/^Looking for a better order \([4-9]\s%\)/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop', exact: true }).click();
  await expect(page.getByText('The best order found so far.')).toBeVisible();

  // A second pair of hands.
  await page.getByText('Ansa Quill', { exact: true }).last().click();
  await expect(told).toContainText('Ansa Quill is here: next for');
  await expect(page.getByRole('region', { name: 'Next for Ansa Quill' })).toBeVisible();

  // At noon one comes that cannot wait.
  let urgent: number | undefined;
  while (urgent === undefined) {
    const next = unplanned.shift()!;
    if (await plan(page, next)) urgent = next;
  }
  const job = (await dayOf(page)).jobs.find(({ jobId }) => jobId === urgent)!;
  await expect(told).toContainText(`${job.tagNumber} is new:`);
  await pick(page, `Order: ${job.tagNumber} ${job.blade}`, 'First');
  // Next, or as soon as its stone is soaked: before all others but what is done meanwhile. On a closed day it is another's hour.
  await expect(told).toContainText(
    new RegExp(
      `${job.tagNumber} goes first: .*(: ${job.tagNumber} on |${job.tagNumber} starts (at|on .* at) \\d)`,
    ),
  );
  const placeOf = async (tag: number): Promise<number> =>
    (await rows.getByRole('rowheader').allTextContents()).findIndex((text) =>
      text.trim().startsWith(`${tag} `),
    );
  await expect.poll(() => placeOf(job.tagNumber)).toBeLessThan(20);

  // Another fails its test.
  const failed = await failTest(page);
  await expect(told).toContainText(`${failed} is back from its test:`);

  // And Teodor has to leave.
  await page.getByRole('textbox', { name: 'Until' }).first().fill('15:00');
  await expect(told).toContainText('Teodor Lock leaves at 15:00');

  // What is taken along.
  const csv = await (await page.request.get(api('/day.csv'))).text();
  expect(csv.trim().split('\n').length).toBeGreaterThan(60);
  await page.emulateMedia({ media: 'print' });
  await expect(page.locator('td[data-box]').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print the day' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  expect(errors).toEqual([]);
});

test('at the bench the next step of the day stands under Done, and one press leads to it', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  const { jobs, stones, people, now } = await dayOf(page);
  // Nobody else is here: what goes first would be taken by whoever is free.
  for (const { staffId, name } of people)
    await answerOf(
      await page.request.put(api('/day/presence'), {
        data: {
          day: now.day,
          staffId,
          present: name === 'Teodor Lock',
          fromTime: '00:00',
          untilTime: '23:59',
        },
      }),
    );
  const atWork = jobs.find(({ blade }) => blade === 'Square knife')!;
  await page.goto(`${shop.address}/jobs/${atWork.jobId}/bench`);
  await expect(page.getByText(/^Next: /)).toBeVisible();
  await page.keyboard.press('c');
  // Another blade is put before all: it is told here too, and is what comes next.
  const dry = new Set(
    stones.filter(({ soakMinutes }) => soakMinutes === 0).map(({ stoneId }) => stoneId),
  );
  // One whose stones are dry: while one soaks, something else may still be done first.
  const other = jobs.find(
    ({ jobId, waitsForAnswer, steps }) =>
      jobId !== atWork.jobId &&
      !waitsForAnswer &&
      steps.every(({ stoneId }) => stoneId === null || dry.has(stoneId)) &&
      steps.some(({ stoneId }) => stoneId !== null),
  )!;
  for (const { jobId } of jobs.filter(({ mark }) => mark === 'first'))
    await answerOf(await page.request.put(api(`/day/marks/${jobId}`), { data: { mark: null } }));
  await answerOf(
    await page.request.put(api(`/day/marks/${other.jobId}`), { data: { mark: 'first' } }),
  );
  await expect(
    page.getByText(new RegExp(`^Next: .*, ${other.tagNumber} of ${other.customer}, step \\d+`)),
  ).toBeVisible();
  await showGates(page);
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowLeft');
  await page.getByRole('button', { name: 'Done, then this' }).click();
  // What was not shown is skipped with a reason, and still leads there.
  const reason = page.getByRole('textbox', { name: /^Skip this check/ });
  // The order may have moved again meanwhile: on to whatever stood there.
  const onTo = new RegExp(`/jobs/(?!${atWork.jobId}/)\\d+/bench$`);
  await expect.poll(async () => (await reason.isVisible()) || onTo.test(page.url())).toBe(true);
  if (await reason.isVisible()) {
    await reason.fill('seen by hand');
    await page.getByRole('button', { name: 'Skip with this reason' }).click();
  }
  await expect(page).toHaveURL(onTo);
  expect(errors).toEqual([]);
});
