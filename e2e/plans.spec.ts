/**
 * A plan for every kind of blade: opened, its figures held against the core's, changed by hand, printed and sent
 * to the bench. And what a plan is weighed against, written to and read from.
 */
import { textOf } from '@patient-edge/core';
import { expect, test, type Page } from '@playwright/test';
import type { Job, OwnSteel, ShopMachine, Stone } from '../packages/contract/src/index';
import { toRack } from '../packages/contract/src/rack';
import {
  DEFAULT_CHOICES,
  lengthSigmaMm,
  planBlade,
  planSpread,
  STEELS,
  type BladePlan,
  type PlanChoices,
  type PlanInput,
} from '../packages/core/src/index';
import { howKnown } from '../packages/web/src/judge/how-known';
import { withUnit } from '../packages/web/src/theme/format';
import {
  BENCH,
  choose,
  fill,
  jobNumber,
  pick,
  signIn,
  unfold,
  watchConsole,
} from './support/hands';
import { RunningShop } from './support/running-shop';
import { IS_WHOLE } from './support/whole-matrix';

// The kinds side by side, each of the two with a shop of its own.
test.describe.configure({ mode: 'parallel' });

let shop: RunningShop;
test.beforeAll(async () => {
  shop = await RunningShop.open('demo');
});
test.afterAll(() => shop.close());

const fetched = async <T>(page: Page, path: string): Promise<T> =>
  (await (await page.request.get(`${shop.address}/api${path}`)).json()) as T;

const jobNamed = async (page: Page, name: string): Promise<Job> =>
  fetched(page, `/jobs/${await jobNumber(page, shop.address, name)}`);

/** What a plan is made of, from what the shop has on record. */
const inputOf = async (
  page: Page,
  job: Job,
  choices: Partial<PlanChoices> = {},
): Promise<PlanInput> => {
  const own = await fetched<OwnSteel[]>(page, '/steels');
  return {
    measures: job.measures,
    steel: [...own, ...STEELS].find(({ designation }) => designation === job.steel)!,
    useId: job.useId,
    sharpness: job.sharpness,
    carefulHands: job.carefulHands,
    damage: job.damage,
    answers: job.answers,
    thicknessSigmaMm: lengthSigmaMm(
      job.measuredWith.thicknessBehindEdgeMm,
      job.measures.thicknessBehindEdgeMm,
    ),
    rack: toRack(await fetched<Stone[]>(page, '/stones')),
    machine: null,
    choices: { ...DEFAULT_CHOICES, ...choices },
  };
};
/** The same plan, computed here. */
const computed = async (
  page: Page,
  job: Job,
  choices: Partial<PlanChoices> = {},
): Promise<BladePlan> => {
  const planned = planBlade(await inputOf(page, job, choices));
  if (!planned.ok) throw new Error(planned.error.message);
  return planned.value;
};

/** Figures stand in a list of terms; a number may be broken from its unit by markup. */
const figureOf = async (page: Page, label: string): Promise<string> => {
  const term = page.locator('dt', { hasText: new RegExp(`^${label}$`) }).first();
  return ((await term.locator('xpath=following-sibling::dd[1]').textContent()) ?? '').replaceAll(
    /\s+/g,
    ' ',
  );
};

const squeezed = (text: string): string => text.replaceAll(/\s+/g, '');

/** All figures on the page by their terms, without spaces; of two alike the first. */
const figuresOf = async (page: Page): Promise<ReadonlyMap<string, string>> => {
  const found = await page
    .locator('dt')
    .evaluateAll((terms) =>
      terms.map((term) => [term.textContent, term.nextElementSibling?.textContent ?? ''] as const),
    );
  return new Map(found.reverse().map(([term, figure]) => [term, squeezed(figure)]));
};

type KindOfPlan = readonly [kind: string, name: string, operations: readonly string[]];

/** A blade of every shape of plan, and what its plan must hold. */
const SHAPES: readonly KindOfPlan[] = [
  ['two-sided, soft stainless', 'Ground at a market', ['edge', 'deburr', 'strop', 'wash']],
  ['one-sided, fish', 'Cod splitter', ['back', 'edge', 'micro', 'deburr']],
  ['single flat bevel, woodcraft', 'Bench knife', ['edge', 'deburr', 'strop']],
  ['axe, carving', 'Hollowing axe', ['edge', 'refine', 'deburr']],
  ['serrated', 'Bread knife', ['edge', 'refine', 'deburr']],
  ['straight razor', 'Round-point razor', ['ready', 'edge', 'deburr', 'strop', 'wash']],
  ['bone', 'Bone cleaver', ['outline', 'edge', 'deburr']],
];
/** Kinds whose plan goes as one of those above. */
const OF_THESE_SHAPES: readonly KindOfPlan[] = [
  ['double-edged, chisel-ground', 'Grandfather’s dagger', ['edge', 'back', 'deburr']],
  ['hollow-ground', 'Climber’s knife', ['edge', 'deburr']],
  ['one-sided, left-handed, no hollow', 'Left-handed vegetable knife', ['back', 'edge', 'deburr']],
  ['three layers, no visible bevel', 'Three-layer knife', ['edge', 'deburr']],
  ['two-sided, outgrown', 'Old carbon knife', ['thinning', 'edge', 'deburr']],
  ['wide', 'Squash cleaver', ['edge', 'deburr']],
  ['deeply curved', 'Splitting knife, curved', ['edge', 'deburr']],
  ['with a ridge', 'Ridged knife', ['faces', 'edge', 'deburr']],
  ['one-sided, slicing', 'Thin slicer', ['back', 'edge', 'deburr']],
  ['one-sided, leather', 'Paring iron for leather', ['back', 'edge', 'deburr']],
  ['single flat bevel, carving', 'Hook-backed carver', ['edge', 'deburr', 'strop']],
  ['axe, splitting', 'Wedge', ['edge', 'refine', 'deburr']],
  ['billhook', 'Hedge hook', ['edge', 'deburr']],
  ['chisel-ground, coated', 'Splicing blade', ['edge', 'back', 'deburr']],
  ['false back edge', 'Leader’s knife', ['edge', 'deburr']],
  ['very hard, high carbide', 'Hard long knife', ['edge', 'deburr']],
];
const BLADES = IS_WHOLE ? [...SHAPES, ...OF_THESE_SHAPES] : SHAPES;

for (const [kind, name, operations] of BLADES) {
  test(`${kind}: ${name} is planned, changed, printed and sent to the bench`, async ({ page }) => {
    const errors = watchConsole(page);
    await signIn(page, shop.address, ...BENCH);
    const job = await jobNamed(page, name);
    const core = await computed(page, job);
    // As it goes over the counter: what was measured is right, it is assessed, and the plan is one press away.
    await page.goto(`${shop.address}/jobs/${job.id}/intake`);
    await page.getByRole('button', { name: 'Save and assess' }).click();
    await expect(page.getByRole('region', { name: 'Decision' })).toBeVisible();
    await page.getByRole('link', { name: 'Plan', exact: true }).click();

    // The figures on the screen are the core's.
    await expect(page.locator('dt', { hasText: /^Target angle$/ })).toBeVisible();
    expect(squeezed(await figureOf(page, 'Target angle'))).toContain(
      squeezed(withUnit(core.angle.angleDeg, '° per side')),
    );
    await unfold(page, 'Edge profile and chips');
    const shown = await figuresOf(page);
    for (const [label, figure] of [
      ['Height lost', core.report.figures.heightLost],
      ['Steel lost', core.report.figures.steelLost],
      ...core.report.facts.map((fact) => [fact.label, fact.figure] as const),
    ] as const) {
      expect(shown.get(label), label).toContain(squeezed(withUnit(figure.value, figure.unit)));
    }
    const list = page.getByRole('list', { name: 'Operations' }).getByRole('listitem');
    await expect(list).toHaveCount(core.work.steps.length);
    const titles = await list.evaluateAll((items) =>
      items.map((item) => item.getAttribute('aria-label')),
    );
    expect(titles).toEqual(core.work.steps.map(({ title }) => textOf(title)));
    const order = core.work.steps.map(({ operation }) => operation);
    for (const operation of operations) expect(order).toContain(operation);
    // The drawing can be read as a table, stage by stage.
    const stages = page.getByRole('table', { name: /^The section half way along/ });
    const apex = Math.min(...core.section.after.vertices.map(({ y }) => y)).toFixed(3);
    await expect(stages.getByRole('row').last().getByRole('cell').nth(1)).toHaveText(apex);

    // Changed by hand, with a reason; refused without one.
    const changed = core.work.steps.find(({ sides }) => sides.length > 0)!;
    await page
      .getByRole('button', { name: `More of ${textOf(changed.title)}`, exact: true })
      .first()
      .click();
    await page.getByRole('button', { name: `Edit: ${textOf(changed.title)}`, exact: true }).click();
    await page.getByLabel('Changed to', { exact: true }).fill('33');
    await page.getByRole('button', { name: 'Save change' }).click();
    await expect(page.getByText(/A reason of at least 3 letters/)).toBeVisible();
    await page.getByLabel('Reason', { exact: true }).fill('as it went last time');
    await page.getByRole('button', { name: 'Save change' }).click();
    await expect(page.getByText('changed: as it went last time').first()).toBeVisible();

    // Settled, printed.
    await page.getByRole('button', { name: 'Approve plan' }).click();
    await expect(page.getByRole('heading', { name: 'Before the first stroke' })).toBeVisible();
    const settled = await fetched<Job>(page, `/jobs/${job.id}`);
    const kept = settled.steps.find(({ step }) => step.key === changed.key)!.step;
    expect(kept.strokesPerSide).toBe(33);
    expect(settled.plan!.schools!.length).toBeGreaterThan(12);
    const card = await page.request.get(`${shop.address}/api/jobs/${job.id}/plan/card.pdf`);
    expect(card.ok()).toBe(true);
    expect((await card.body()).subarray(0, 5).toString()).toBe('%PDF-');

    // At the bench: the first step, on the sides that are ground, with the count as changed.
    await page.getByText(/^I have read this/).click();
    await page.getByRole('button', { name: 'Start work' }).click();
    for (const { text } of settled.steps[0]!.asks)
      await page.getByRole('button', { name: `Yes: ${text}` }).click();
    await expect(
      page.getByRole('heading', { level: 1, name: textOf(core.work.steps[0]!.title) }),
    ).toBeVisible();
    if (core.work.steps[0] === changed)
      await expect(page.getByText('of about 33').first()).toBeVisible();
    if (changed.sides.length === 1 && core.work.steps[0] === changed) {
      const other = changed.sides[0]!.side === 'right' ? 'Left side' : 'Right side';
      await expect(page.getByText(other)).toHaveCount(0);
    }
    expect(errors).toEqual([]);
  });
}

test('how sure a plan is by its measures, and which measure its decision hangs on', async ({
  page,
}) => {
  await signIn(page, shop.address, ...BENCH);
  const job = await jobNamed(page, 'Old carbon knife');
  const spread = planSpread(await inputOf(page, job), howKnown(job));
  if (!spread.ok) throw new Error(spread.error.message);
  await page.goto(`${shop.address}/jobs/${job.id}/plan`);
  const sheet = page.getByRole('region', { name: 'How sure' });
  await unfold(sheet, 'How sure the measures make this plan');
  const [low, high] = spread.value.behindEdgeMm.map((mm) => mm.toFixed(2));
  await expect(sheet).toContainText(`${low} to ${high} mm`);
  const [first] = spread.value.doubts;
  await expect(
    sheet
      .getByRole('list', { name: /Where the doubt/ })
      .getByRole('listitem')
      .first(),
  ).toContainText(`${(100 * first!.share).toFixed(0)} %`);
});

test('what only one kind has is chosen there, and the plan follows', async ({ page }) => {
  await signIn(page, shop.address, ...BENCH);
  const iron = await jobNamed(page, 'Troop axe');
  await page.goto(`${shop.address}/jobs/${iron.id}/plan`);
  await unfold(page, 'Edge profile and chips');
  await choose(page, 'Service', 'File and deburr');
  const list = page.getByRole('list', { name: 'Operations' }).getByRole('listitem');
  const plain = await computed(page, iron, {
    kind: { ...DEFAULT_CHOICES.kind, axeService: 'file and deburr' },
  });
  await expect(list).toHaveCount(plain.work.steps.length);
  expect(plain.work.steps.map(({ operation }) => operation)).not.toContain('strop');
});

test('schools, habits of the shop, and a plan that begins with them', async ({ page }) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  const job = await jobNamed(page, 'Willow knife');
  await page.goto(`${shop.address}/jobs/${job.id}/plan`);
  const schools = page.getByRole('region', { name: 'Habits' });
  await unfold(schools, 'Habits');
  await pick(schools, 'Micro bevel', 'always small');
  await pick(schools, 'Old edge', 'push it back first');
  const list = page.getByRole('list', { name: 'Operations' });
  await expect(list.getByRole('listitem', { name: 'Push the rolled steel back' })).toBeVisible();
  await expect(list.getByRole('listitem', { name: /^Micro bevel on/ })).toBeVisible();
  await schools.getByRole('button', { name: 'Save as shop habits' }).click();
  await expect(schools.getByText('Saved. The next plan starts from these.')).toBeVisible();

  const next = await jobNamed(page, 'Peeler’s knife');
  await page.goto(`${shop.address}/jobs/${next.id}/plan`);
  await expect(list.getByRole('listitem', { name: 'Push the rolled steel back' })).toBeVisible();

  await page.goto(`${shop.address}/settings/habits`);
  await expect(page.getByRole('button', { name: /Micro bevel$/ })).toContainText('always small');
  await pick(page, 'Micro bevel', 'only when brittle');
  await pick(page, 'Old edge', 'remove the minimum');
  await page.getByRole('button', { name: 'Save habits' }).click();
  await expect(page.getByText(/Saved|Changed 2 times/).first()).toBeVisible();
  await page.goto(`${shop.address}/jobs/${next.id}/plan`);
  await expect(list.getByRole('listitem', { name: /^Set the edge on/ })).toBeVisible();
  await expect(list.getByRole('listitem', { name: 'Push the rolled steel back' })).toHaveCount(0);
  expect(errors).toEqual([]);
});

test('where the advice is right, two presses make a plan: open it, approve it', async ({
  page,
}) => {
  await signIn(page, shop.address, ...BENCH);
  const job = await jobNamed(page, 'Troop knife 1');
  await page.goto(`${shop.address}/jobs/${job.id}/judge`);
  let presses = 0;
  await page.exposeFunction('pressed', () => {
    presses += 1;
  });
  await page.evaluate("addEventListener('click', () => window.pressed(), true)");
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByRole('button', { name: /^Approve/ }).click();
  await expect(page.getByRole('heading', { name: 'Before the first stroke' })).toBeVisible();
  expect(presses).toBe(2);
});

test('the ways of holding the angle, each in its own terms', async ({ page }) => {
  await signIn(page, shop.address, ...BENCH);
  const job = await jobNamed(page, 'Thin long knife');
  await page.goto(`${shop.address}/jobs/${job.id}/plan`);
  const holding = page.getByRole('region', { name: 'Holding the angle' });
  await unfold(holding, 'Holding the angle');
  await expect(holding.getByText(/^Lift the spine: heel/)).toBeVisible();
  await pick(holding, 'The angle is held', 'Brass shims');
  await expect(holding.getByText(/^heel: \d+ shims? of 1.5 mm give/)).toBeVisible();
  await pick(holding, 'The angle is held', 'Clip-on rail');
  await expect(
    holding.getByText(/parallel to the edge, its underside [\d.]+ mm above the edge/),
  ).toBeVisible();
  await expect(holding.getByText(/It holds the angle from the heel to/)).toBeVisible();
  await pick(holding, 'The angle is held', 'Clamp and rod');
  await expect(holding.getByText(/^Clamp \d+ mm from the heel/)).toBeVisible();
  await expect(holding.getByRole('row').first()).toContainText('above the plane of the blade');
  await pick(holding, 'The angle is held', 'Tilting table');
  await expect(
    holding.getByText(/^A gauge zeroed on the stone and set on the upper face reads/),
  ).toBeVisible();
  await pick(holding, 'The angle is held', 'Slow belt');
  await expect(holding.getByText(/The sag makes it convex/)).toBeVisible();
  // A rod of the rack joins a chain that ends coarser than it.
  const coarse = await jobNamed(page, 'Wedding knife');
  await page.goto(`${shop.address}/jobs/${coarse.id}/plan`);
  await unfold(holding, 'Holding the angle');
  await pick(holding, 'The angle is held', 'Leaning rods');
  await expect(holding.getByText('None of these stones fits it')).toBeVisible();
  const stones = page.getByRole('region', { name: 'Progression' });
  await unfold(stones, 'Stones', 'Change stones');
  await stones.getByRole('button', { name: 'Edge bevel on its own' }).click();
  const edge = page.getByRole('region', { name: 'Edge bevel' });
  await choose(edge, 'Stones', 'Named by hand');
  await pick(edge, 'Add a stone after these', 'Ceramic rod');
  await expect(
    holding.getByText(/^On it: Ceramic rod\. By hand at the lifts given:/),
  ).toBeVisible();
  await expect(holding.getByText(/^The rod leans 20\.0°\./)).toBeVisible();
  const onRod = page
    .getByRole('list', { name: 'Operations' })
    .getByRole('listitem', { name: 'Refine on Ceramic rod' });
  await expect(onRod).toBeVisible();
  await expect(
    onRod.getByText(/^Lean the spine [\d.]+° (away from|towards) the rod/),
  ).toBeVisible();
  const machines = await fetched<ShopMachine[]>(page, '/machines');
  expect(new Set(machines.map(({ kind }) => kind))).toEqual(
    new Set(['belt', 'clamp rig', 'table', 'guide rail', 'shims', 'honing rod']),
  );
});

test('plans side by side, the map, and the place picked on it', async ({ page }) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  const job = await jobNamed(page, 'Troop knife 2');
  await page.goto(`${shop.address}/jobs/${job.id}/plan`);
  await page.getByRole('link', { name: 'Compare plans' }).click();
  const table = page.getByRole('table', { name: 'Plans side by side' });
  await expect(table.getByRole('columnheader')).toHaveCount(4);
  await page.getByText(/^Thin now/).click();
  await expect(table.getByRole('columnheader', { name: 'Thin now' })).toBeVisible();
  const thin = await computed(page, job, { thin: true });
  await expect(table.getByRole('row', { name: /^Steel/ })).toContainText(
    thin.report.figures.steelLost.value.toFixed(1),
  );
  await page.getByRole('button', { name: 'Draw the map' }).click();
  await expect(page.getByRole('button', { name: 'Draw the map again' })).toBeVisible();
  const cell = page.getByRole('button', { name: /^18° per side, last stone 17 µm/ });
  await cell.click();
  await expect(cell).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Use this plan', exact: true }).click();
  await expect(page.getByLabel('Per side, °', { exact: true })).toHaveValue('18.0');
  await unfold(page, 'Edge profile and chips');
  const there = await computed(page, job, { angleDeg: 18, finishUm: [17, 17] });
  expect(squeezed(await figureOf(page, 'Steel lost'))).toContain(
    squeezed(withUnit(there.report.figures.steelLost.value, 'mm³')),
  );
  expect(errors).toEqual([]);
});

test('thickness asked for at 5 and 10 mm, refused where it cannot be, nothing typed lost', async ({
  page,
}) => {
  await signIn(page, shop.address, ...BENCH);
  const job = await jobNamed(page, 'Counter slicer');
  await page.goto(`${shop.address}/jobs/${job.id}/plan`);
  await unfold(page, 'Edge profile and chips');
  const thin = page.getByRole('checkbox', { name: /^Thin it/ });
  if (!(await thin.isChecked())) await page.getByText(/^Thin it/).click();
  await choose(page, 'How far', 'To the remnant');
  await expect(page.getByText('Empty: at the remnant of the old bevel')).toBeVisible();
  await unfold(page, 'Bands and stones');
  await fill(page, { 'Thickness at 5 mm, mm': '0.45' });
  const bands = await computed(page, job, {
    thin: true,
    thinDepth: 'to the remnant',
    thinTo: { at5Mm: 0.45, at10Mm: null },
  });
  const lowest = bands.section.thinning.bands[0]!.angleDeg.toFixed(1);
  await expect(
    page.getByText(new RegExp(`^${lowest.replace('.', '\\.')}°( on |, |$)`)),
  ).toBeVisible();
  await fill(page, { 'Thickness at 5 mm, mm': '7' });
  await expect(page.getByRole('alert')).toContainText('7 mm was asked for');
  await page.getByRole('button', { name: 'Thickness by falling angles' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await unfold(page, 'Edge profile and chips');
  await expect(page.getByRole('checkbox', { name: /^Thin it/ })).toBeChecked();
});

test('versions are kept, a file is read back, a template serves the next of its kind', async ({
  page,
}) => {
  const errors = watchConsole(page);
  await signIn(page, shop.address, ...BENCH);
  const job = await jobNamed(page, 'Stall knife');
  const plan = `${shop.address}/jobs/${job.id}/plan`;
  await page.goto(plan);
  await page.getByLabel('Per side, °', { exact: true }).fill('17');
  await page.getByLabel('Reason for the change').fill('it chipped last month');
  await page.getByRole('button', { name: 'Approve changed plan' }).click();
  await expect(page.getByRole('heading', { name: 'Before the first stroke' })).toBeVisible();
  await page.goto(plan);
  await unfold(page, 'Cards, gauges and files');
  await expect(page.getByText(/it chipped last month/).first()).toBeVisible();
  const link = page.getByRole('link', { name: 'Bench card, PDF' });
  const card = await page.request.get(`${shop.address}${await link.getAttribute('href')}`);
  expect(card.headers()['content-type']).toBe('application/pdf');
  await page.getByLabel('Save the approved plan as a template').fill('Stall, steep');
  await page.getByRole('button', { name: 'Save template', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Use template: Stall, steep' })).toBeVisible();

  const [file] = await Promise.all([
    page.request.get(`${shop.address}/api/jobs/${job.id}/plan/plan.json`),
  ]);
  const other = await jobNamed(page, 'Rope knife');
  await page.goto(`${shop.address}/jobs/${other.id}/plan`);
  await unfold(page, 'Cards, gauges and files');
  const input = page.getByLabel('Plan file', { exact: true });
  await input.setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{'),
  });
  await expect(page.getByRole('alert')).toContainText('broken.json is not a plan file');
  await input.setInputFiles({
    name: 'plan.json',
    mimeType: 'application/json',
    buffer: await file.body(),
  });
  await expect(page.getByText(/It was made for another kind of blade/)).toBeVisible();
  await expect(page.getByLabel('Per side, °', { exact: true })).toHaveValue('17.0');

  // An earlier version is taken up again; the later one is still there.
  await page.goto(plan);
  await unfold(page, 'Cards, gauges and files');
  await page.getByRole('button', { name: 'Restore this version: version 1' }).click();
  await expect(page.getByLabel('Per side, °', { exact: true })).not.toHaveValue('17.0');
  await expect(page.getByRole('button', { name: 'Restore this version: version 2' })).toBeVisible();
  expect(errors).toEqual([]);
});
