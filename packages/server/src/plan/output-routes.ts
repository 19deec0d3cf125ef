/** What is taken from a settled plan: bench card, wedge, lift gauge, outline with lifts, and the plan as a file. */
import { planOutputSchema, toRack } from '@patient-edge/contract';
import {
  bladeKind,
  liftGaugeTemplate,
  liftsOfZones,
  ofSide,
  outlineDrawing,
  outlineTemplate,
  perSide,
  templateToSvg,
  wedgeTemplate,
  type BladePlan,
  type HeldSide,
  type PlanInput,
  type Template,
} from '@patient-edge/core';
import { Router, type Request, type Response } from 'express';
import type { Pool } from 'mysql2/promise';
import type { Compute } from '../compute/compute';
import { conflict, notFound } from '../http/errors';
import { allow, pathId, queryOf, staffOf } from '../http/request';
import { readJob } from '../jobs/job';
import { findJobRow, type JobRow } from '../jobs/queries';
import { readPriceList } from '../prices/queries';
import { sendPdf } from '../print/pdf';
import { ratesOfBlade } from '../record/rates';
import { readFormats } from '../shop/formats';
import { listStones } from '../stones/queries';
import { withBenchTimes } from './card-times';
import { outlineDxf } from './dxf';
import { noPlan, settledPlan } from './make-plan';
import { planFileOf } from './plan-file';
import { STRINGS } from './strings';

const THIS = STRINGS.thisBlade;

interface Settled {
  readonly row: JobRow;
  readonly plan: BladePlan;
  readonly input: PlanInput;
  /** The side asked for; where the sides are held alike, whichever. */
  readonly held: HeldSide;
}

const named = (
  response: Response,
  row: Pick<JobRow, 'tagNumber'>,
  what: string,
  how: 'inline' | 'attachment',
) =>
  response.set(
    'Content-Disposition',
    `${how}; filename="${what.replace('.', `-tag-${row.tagNumber}.`)}"`,
  );

const bladeName = (row: JobRow): string => row.bladeName || bladeKind(row.kindId).label;

/** In the name of a file: two sides are two papers. */
const sideOf = ({ held }: Settled): string => (held.side === null ? '' : `-${held.side}`);

const drawingOf = ({ row, plan, held }: Settled) =>
  outlineDrawing(
    STRINGS.tagLiftsFor(bladeName(row), row.tagNumber, held.angleDeg.toFixed(1), ofSide(held.side)),
    plan.outline.curvesAfter,
    held.stations,
  );

/** The paper gauges of a plan, each at true size. */
const TEMPLATES: Readonly<Record<string, (of: Settled) => Template>> = {
  wedge: ({ held }) => wedgeTemplate(perSide(held.angleDeg), held.side),
  'lift-gauge': ({ row, plan, held }) => {
    if (!plan.work.steps.some(({ lifts }) => lifts.some(({ liftMm }) => liftMm !== null)))
      throw conflict(STRINGS.thisPlanHoldsNoAngleBy, row.version);
    return liftGaugeTemplate(liftsOfZones(held), perSide(held.angleDeg), held.side);
  },
  outline: (of) => outlineTemplate(drawingOf(of)),
};

export const planOutputRoutes = (pool: Pool, compute: Compute): Router => {
  const router = Router();
  router.use('/jobs/:id/plan', allow());

  const settled = async (request: Request): Promise<Settled> => {
    const row = await findJobRow(pool, pathId(request, 'id', THIS));
    if (!row) throw notFound(THIS);
    const { plan, input } = await settledPlan(pool, compute, row);
    const { side } = queryOf(planOutputSchema, request);
    const held = plan.work.held.find((each) => each.side === (side ?? null)) ?? plan.work.held[0]!;
    return { row, plan, input, held };
  };

  router.get('/jobs/:id/plan/card.pdf', async (request, response) => {
    const job = await readJob(pool, pathId(request, 'id', THIS));
    if (!job.plan) throw noPlan(job.version);
    const rates = await ratesOfBlade(pool, job.steel, staffOf(request).id);
    const pdf = await compute.drawing('card', {
      ...withBenchTimes({ job, plan: job.plan }, toRack(await listStones(pool)), rates),
      formats: await readFormats(pool),
    });
    named(response, job, 'bench-card.pdf', 'inline').type('application/pdf').send(pdf);
  });

  for (const [what, templateOf] of Object.entries(TEMPLATES)) {
    router.get(`/jobs/:id/plan/${what}.pdf`, async (request, response) => {
      const of = await settled(request);
      const template = templateOf(of);
      named(response, of.row, `${what}${sideOf(of)}.pdf`, 'inline').type('application/pdf');
      await sendPdf(template, response);
    });
    router.get(`/jobs/:id/plan/${what}.svg`, async (request, response) => {
      const of = await settled(request);
      named(response, of.row, `${what}${sideOf(of)}.svg`, 'attachment')
        .type('image/svg+xml')
        .send(templateToSvg(templateOf(of)));
    });
  }

  router.get('/jobs/:id/plan/outline.dxf', async (request, response) => {
    const of = await settled(request);
    named(response, of.row, `outline${sideOf(of)}.dxf`, 'attachment')
      .type('application/dxf')
      .send(outlineDxf(drawingOf(of)));
  });

  router.get('/jobs/:id/plan/plan.json', async (request, response) => {
    const { row, plan, input } = await settled(request);
    named(response, row, 'plan.json', 'attachment').json(
      planFileOf(bladeName(row), input, plan, await readPriceList(pool)),
    );
  });

  return router;
};
