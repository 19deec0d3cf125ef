/** Paper templates as PDF at true size. */
import { printLiftSchema, printWedgeSchema } from '@patient-edge/contract';
import {
  liftGaugeTemplate,
  perSide,
  wedgeTemplate,
  ZONES,
  type Template,
} from '@patient-edge/core';
import { Router, type Response } from 'express';
import { queryOf } from '../http/request';
import { sendPdf } from './pdf';

const answer = async (response: Response, template: Template): Promise<void> => {
  response
    .type('application/pdf')
    .set(
      'Content-Disposition',
      `inline; filename="${template.title.replaceAll(/[^\w.]+/g, '-')}.pdf"`,
    );
  await sendPdf(template, response);
};

/** Open like the computation: they hold nothing of the shop's. */
export const printRoutes = (): Router => {
  const router = Router();
  router.get('/print/wedge.pdf', async (request, response) => {
    const { angleDeg } = queryOf(printWedgeSchema, request);
    await answer(response, wedgeTemplate(perSide(angleDeg)));
  });
  router.get('/print/lift-gauge.pdf', async (request, response) => {
    const { angleDeg, liftMm } = queryOf(printLiftSchema, request);
    const lifts = liftMm.map((lift, index) => ({ zone: ZONES[index]!, liftMm: lift }));
    await answer(response, liftGaugeTemplate(lifts, perSide(angleDeg)));
  });
  return router;
};
