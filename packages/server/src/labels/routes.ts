/** Tags and tickets: to look at, or sent to the label printer and its tray. */
import {
  LABEL_KINDS,
  labelSchema,
  type LabelBody,
  type PrintedLabel,
} from '@patient-edge/contract';
import type { LabelPrinter } from '@patient-edge/devices';
import { Router, type Request } from 'express';
import type { Pool } from 'mysql2/promise';
import { readSetting } from '../auth/queries';
import type { Compute } from '../compute/compute';
import { notFound } from '../http/errors';
import { allow, bodyOf, pathId } from '../http/request';
import { readJob } from '../jobs/job';
import { readCurrency } from '../prices/queries';
import { readShopDetails } from '../shop/details';
import { readFormats } from '../shop/formats';
import { pageAddress } from '../visits/pages';
import type { LabelFacts } from './draw';
import { STRINGS } from './strings';

/** `tag-47-job-12.pdf`: what a sheet is can be read off its name. */
const SHEET = /^(tag|ticket)-(\d+)-job-(\d+)\.pdf$/;

const asPrinted = (name: string, at: Date): PrintedLabel[] => {
  const match = SHEET.exec(name);
  return match
    ? [
        {
          name,
          at: at.toISOString(),
          what: match[1] as LabelBody['what'],
          tagNumber: Number(match[2]),
          jobId: Number(match[3]),
        },
      ]
    : [];
};

export const labelRoutes = (pool: Pool, compute: Compute, printer: LabelPrinter | null): Router => {
  const router = Router();

  const draw = async (what: LabelBody['what'], request: Request) => {
    const job = await readJob(pool, pathId(request, 'id', STRINGS.thisBlade));
    const facts: LabelFacts = {
      job,
      shopName: (await readSetting(pool, 'shop name')) ?? '',
      currency: await readCurrency(pool),
      formats: await readFormats(pool),
      pageAddress: await pageAddress(pool, job.id, (await readShopDetails(pool)).publicAddress),
      address: `${request.protocol}://${request.get('host')}/jobs/${job.id}`,
    };
    return {
      name: `${what}-${job.tagNumber}-job-${job.id}.pdf`,
      pdf: await compute.drawing(what, facts),
    };
  };

  for (const what of LABEL_KINDS) {
    router.get(`/jobs/:id/${what}.pdf`, allow(), async (request, response) => {
      const { name, pdf } = await draw(what, request);
      response
        .type('application/pdf')
        .set('Content-Disposition', `inline; filename="${name}"`)
        .send(pdf);
    });
  }

  router.post('/jobs/:id/labels', allow(), async (request, response) => {
    if (!printer) throw notFound(STRINGS.aLabelPrinter);
    const { what } = bodyOf(labelSchema, request);
    const { name, pdf } = await draw(what, request);
    await printer.print(name, pdf);
    response.status(201).json({ name });
  });

  router.get('/labels', allow(), async (_request, response) => {
    const sheets = printer ? await printer.tray() : [];
    response.json(sheets.flatMap(({ name, at }) => asPrinted(name, at)));
  });

  router.get('/labels/:name', allow(), async (request, response) => {
    const pdf = await printer?.sheet(String(request.params['name']));
    if (!pdf) throw notFound(STRINGS.thisSheet);
    response.type('application/pdf').send(pdf);
  });

  return router;
};
