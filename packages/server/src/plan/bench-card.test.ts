import { type Job, type PlanRecord, USUAL_FORMATS } from '@patient-edge/contract';
import {
  BLADE_KINDS,
  DEFAULT_CHOICES,
  DEMO_RACK,
  planBlade,
  usualMeasuresOf,
  findSteel,
  type BladePlan,
  type PlanStep,
} from '@patient-edge/core';
import { certainRates } from '../../../core/test/blades';
import { drawBenchCard } from './bench-card';
import { withBenchTimes } from './card-times';

const planOf = (kindId: string): BladePlan => {
  const kind = BLADE_KINDS.find(({ id }) => id === kindId)!;
  const made = planBlade({
    measures: usualMeasuresOf(kindId, kind.usual.edgeLengthMm),
    steel: findSteel('X50CrMoV15 (1.4116)')!,
    useId: kind.usual.use,
    sharpness: 'dull',
    carefulHands: true,
    damage: [],
    answers: {},
    rack: DEMO_RACK,
    machine: null,
    choices: DEFAULT_CHOICES,
  });
  if (!made.ok) throw new Error(made.error.message);
  return made.value;
};

const cardOf = (kindId: string, plan: BladePlan, steps: readonly PlanStep[]): Promise<Buffer> =>
  drawBenchCard(
    {
      tagNumber: 12,
      blade: { name: '' },
      steel: 'X50CrMoV15 (1.4116)',
      promisedOn: '2026-12-01',
      measures: { kindId },
      steps: steps.map((step) => ({ step, superseded: false })),
    } as unknown as Job,
    {
      angleDeg: plan.angle.angleDeg,
      figures: plan.report.figures,
      setAgain: 'By hand, 18.0° per side',
      warnings: plan.report.warnings,
    } as unknown as PlanRecord,
    USUAL_FORMATS,
  );
const pagesIn = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type \/Page\b/g)!.length;

test.each(BLADE_KINDS.map(({ id }) => id))(
  '%s: up to six steps, with what makes their stones ready, stand on one A5 page',
  async (kindId) => {
    const plan = planOf(kindId);
    let worked = 0;
    const six = plan.work.steps.filter(({ readies }) => {
      if (readies === null) worked += 1;
      return worked <= 6;
    });
    const pdf = await cardOf(kindId, plan, six);
    expect(pagesIn(pdf)).toBe(1);
    expect(pdf.toString('latin1')).toContain('/MediaBox [0 0 419.527559 595.275591]');
  },
);

test('more steps are said in full, over as many pages as they need', async () => {
  const plan = planOf('ridge-kitchen');
  const many = [...plan.work.steps, ...plan.work.steps];
  expect(pagesIn(await cardOf('ridge-kitchen', plan, many))).toBeGreaterThan(1);
});

test('its times are the bench’s own: twice as long on stones, as foreseen beside them', () => {
  const plan = planOf('chef');
  const job = {
    steps: plan.work.steps.map((step) => ({ step, superseded: false })),
  } as unknown as Job;
  const record = { figures: plan.report.figures } as unknown as PlanRecord;
  const card = withBenchTimes({ job, plan: record }, DEMO_RACK, certainRates(DEMO_RACK, 2));
  const onStones = plan.work.steps.filter(({ stoneId }) => stoneId !== null);
  expect(onStones.length).toBeGreaterThan(3);
  card.job.steps.forEach(({ step: { seconds, rangeS } }, index) => {
    const before = plan.work.steps[index]!;
    if (before.stoneId === null) expect([seconds, rangeS]).toEqual([before.seconds, before.rangeS]);
    else for (const each of [seconds, ...rangeS]) expect(each).toBeCloseTo(2 * before.seconds, 9);
  });
  expect(card.plan.figures.workingTime.value).toBeCloseTo(
    plan.report.figures.workingTime.value + onStones.reduce((sum, { seconds }) => sum + seconds, 0),
    9,
  );
  expect(withBenchTimes({ job, plan: record }, DEMO_RACK, null)).toEqual({ job, plan: record });
});
