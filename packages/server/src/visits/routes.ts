/** The customer's own page: one visit, asked for by a token alone, and three answers. */
import { visitAnswerSchema, type VisitPage } from '@patient-edge/contract';
import { bladeKind, say, totalOf } from '@patient-edge/core';
import { Router, type Request } from 'express';
import type { Pool } from 'mysql2/promise';
import { openComplaint } from '../complaints/queries';
import { inTransaction } from '../database/pool';
import { ApiError, conflict, notFound } from '../http/errors';
import { allow, bodyOf, pathId, staffOf } from '../http/request';
import { readJob } from '../jobs/job';
import { addEvent, findJobRow } from '../jobs/queries';
import { readFormats } from '../shop/formats';
import { readCurrency } from '../prices/queries';
import { sheetOfJob } from '../sheet/routes';
import { readShopDetails, shopName } from '../shop/details';
import { MOST_DAYS, pageAddress, TOKEN } from './pages';
import { answersOfJob, jobOfToken, revokePage, saveAnswer } from './queries';
import { STRINGS } from './strings';

const PAGE = STRINGS.thisPage;
/** Wrong tokens from one address in a minute before it has to wait. */
const MOST_WRONG = 30;
const MINUTE_MS = 60_000;

/** Counts wrong tokens by address. A right one is never held up: many may come from behind one address. */
const guessCounter = () => {
  const wrong = new Map<string, { count: number; sinceMs: number }>();
  return (address: string): ApiError => {
    const now = Date.now();
    for (const [each, { sinceMs }] of wrong) if (now - sinceMs >= MINUTE_MS) wrong.delete(each);
    const held = wrong.get(address) ?? { count: 0, sinceMs: now };
    held.count += 1;
    wrong.set(address, held);
    return held.count <= MOST_WRONG
      ? notFound(PAGE)
      : new ApiError(429, 'TOO_MANY_TRIES', 'Too many tries: wait a minute', {
          retryAfterS: Math.max(1, Math.ceil((held.sinceMs + MINUTE_MS - now) / 1000)),
        });
  };
};

/** Stands before the sign-in: nothing here knows who asks. */
export const visitRoutes = (pool: Pool): Router => {
  const router = Router();
  const refuse = guessCounter();

  const jobIdOf = async (request: Request): Promise<number> => {
    const token = String(request.params['token']);
    const id = TOKEN.test(token) ? await jobOfToken(pool, token, MOST_DAYS) : undefined;
    if (id === undefined) throw refuse(request.ip ?? '');
    return id;
  };

  const pageOf = async (jobId: number): Promise<VisitPage> => {
    const job = await readJob(pool, jobId);
    const { address, phone } = await readShopDetails(pool);
    return {
      shop: { name: await shopName(pool), address, phone },
      currency: await readCurrency(pool),
      formats: await readFormats(pool),
      blade: {
        name: job.blade.name || bladeKind(job.measures.kindId).label,
        measures: job.measures,
      },
      tagNumber: job.tagNumber,
      stage: job.stage,
      declined: job.declineReason !== null,
      promisedOn: job.promisedOn,
      place: job.place,
      returnedAt: job.returnedAt,
      bill: job.bill,
      estimate: job.estimate && totalOf(job.estimate.lines),
      sheet: job.stage === 'returned' ? await sheetOfJob(pool, job) : null,
      isInTrial: job.trial !== null,
      answers: await answersOfJob(pool, jobId),
    };
  };

  router.use('/visits', (_request, response, next) => {
    response.set({ 'Cache-Control': 'no-store', 'Referrer-Policy': 'no-referrer' });
    next();
  });

  router.get('/visits/:token', async (request, response) => {
    response.json(await pageOf(await jobIdOf(request)));
  });

  router.post('/visits/:token/answers', async (request, response) => {
    const jobId = await jobIdOf(request);
    const { answer, words } = bodyOf(visitAnswerSchema, request);
    const row = (await findJobRow(pool, jobId))!;
    if (row.stage !== 'returned') throw conflict(STRINGS.theBladeIsStillInThe);
    await inTransaction(pool, async (db) => {
      await saveAnswer(db, jobId, answer, words);
      if (answer === 'something is wrong') await openComplaint(db, jobId, words);
    });
    response.status(201).json(await pageOf(jobId));
  });

  return router;
};

/** The same page seen from the shop: where it is, and closing it. */
export const visitPageRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/jobs/:id/page', allow(), async (request, response) => {
    const id = pathId(request, 'id', STRINGS.thisBlade);
    if (!(await findJobRow(pool, id))) throw notFound(STRINGS.thisBlade);
    const { publicAddress } = await readShopDetails(pool);
    const address = await pageAddress(pool, id, publicAddress);
    const token = address?.split('/').at(-1);
    // A page that has ended is none, whatever its address was.
    const isOpen = token !== undefined && (await jobOfToken(pool, token, MOST_DAYS)) === id;
    response.json({
      address: isOpen ? address : null,
      answers: await answersOfJob(pool, id),
    });
  });

  router.post('/jobs/:id/page/revoke', allow(), async (request, response) => {
    const staff = staffOf(request);
    const id = pathId(request, 'id', STRINGS.thisBlade);
    await inTransaction(pool, async (db) => {
      if (!(await findJobRow(db, id))) throw notFound(STRINGS.thisBlade);
      const { affectedRows } = await revokePage(db, id);
      if (affectedRows === 0) throw conflict(STRINGS.thereIsNoOpenPageOf);
      await addEvent(db, {
        jobId: id,
        staffId: staff.id,
        kind: 'page',
        message: say('event.page-revoked'),
      });
    });
    response.json(await readJob(pool, id));
  });

  return router;
};
