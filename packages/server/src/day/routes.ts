/** The day: what is to be queued, who is there, what comes first; when a blade can be had; calendars by secret address. */
import { createHmac, timingSafeEqual } from 'node:crypto';
import { markSchema, presenceSchema, whenSchema } from '@patient-edge/contract';
import { Router, type Request } from 'express';
import type { Pool } from 'mysql2/promise';
import { staffNames } from '../auth/queries';
import { notFound } from '../http/errors';
import { sendCsv } from '../http/csv';
import { allow, bodyOf, mayDo, pathId, queryOf } from '../http/request';
import { findJobRow } from '../jobs/queries';
import { listClosedDays, listPlaces } from '../places/queries';
import { shopName } from '../shop/details';
import { localDay } from '../shop/days';
import { readDayFacts } from './facts';
import { calendarOf, dayCsv, timedSteps } from './feed';
import { dueByDay, setMark, setPresence, unplannedJobs, usualMinutes } from './queries';
import { reviewDay } from './review';
import { STRINGS } from './strings';
import { cautiousMinutes, expectedJobs } from './expected';
import { loadAhead, orderOf, whenReady } from './when';

const FORTNIGHT_MS = 14 * 24 * 60 * 60 * 1000;

/** The address of a calendar nobody can guess: of a person, or of the shop (0). */
export const calendarToken = (secret: string, staffId: number): string =>
  `${staffId}-${createHmac('sha256', secret).update(`calendar ${staffId}`).digest('base64url')}`;

const staffOfToken = (secret: string, token: string): number | null => {
  const staffId = /^(\d{1,9})-/.exec(token)?.[1];
  if (staffId === undefined) return null;
  const [given, right] = [Buffer.from(token), Buffer.from(calendarToken(secret, Number(staffId)))];
  return given.length === right.length && timingSafeEqual(given, right) ? Number(staffId) : null;
};

const timed = async (pool: Pool) => {
  const facts = await readDayFacts(pool, new Date());
  const ordered = orderOf(facts, false);
  return ordered ? timedSteps(facts, ordered, false) : [];
};

/** Stands before the sign-in: a calendar has no session. */
export const calendarRoutes = (pool: Pool, secret: string): Router => {
  const router = Router();
  router.get('/calendars/:token.ics', async (request, response) => {
    const staffId = staffOfToken(secret, String(request.params['token']));
    if (staffId === null) throw notFound(STRINGS.thisCalendar);
    const person = (await staffNames(pool)).find(({ id }) => id === staffId);
    if (staffId !== 0 && !person) throw notFound(STRINGS.thisCalendar);
    const shop = await shopName(pool);
    const steps = (await timed(pool)).filter((step) => staffId === 0 || step.staffId === staffId);
    response
      .type('text/calendar; charset=utf-8')
      .set('Cache-Control', 'no-store')
      .send(
        calendarOf(
          person ? STRINGS.calendarOfPerson(shop, person.name) : STRINGS.calendarOf(shop),
          steps,
        ),
      );
  });
  return router;
};

export const dayRoutes = (pool: Pool, secret: string): Router => {
  const router = Router();

  router.get('/day', allow(), async (_request, response) => {
    response.json(await readDayFacts(pool, new Date()));
  });

  router.get('/day.csv', allow(), async (_request, response) => {
    sendCsv(response, 'day', dayCsv(await timed(pool)));
  });

  router.put('/day/presence', allow(), async (request, response) => {
    const body = bodyOf(presenceSchema, request);
    if (!(await staffNames(pool)).some(({ id }) => id === body.staffId))
      throw notFound(STRINGS.thisPerson);
    await setPresence(pool, body);
    response.json(await readDayFacts(pool, new Date()));
  });

  router.put('/day/marks/:id', mayDo('work step'), async (request, response) => {
    const jobId = pathId(request, 'id', STRINGS.thisBlade);
    const { mark } = bodyOf(markSchema, request);
    if (!(await findJobRow(pool, jobId))) throw notFound(STRINGS.thisBlade);
    await setMark(pool, jobId, mark);
    response.json(await readDayFacts(pool, new Date()));
  });

  router.get('/day/when', allow(), async (request, response) => {
    const { minutes, kind } = queryOf(whenSchema, request);
    const facts = await readDayFacts(pool, new Date());
    const usual = await usualMinutes(pool);
    response.json(
      whenReady(
        facts,
        expectedJobs(facts, await unplannedJobs(pool), usual),
        minutes ?? cautiousMinutes(usual, kind),
        await listPlaces(pool),
        await listClosedDays(pool),
      ),
    );
  });

  router.get('/day/load', allow(), async (_request, response) => {
    const now = new Date();
    const due = await dueByDay(
      pool,
      localDay(now),
      localDay(new Date(now.getTime() + FORTNIGHT_MS)),
    );
    const facts = await readDayFacts(pool, now);
    response.json(
      loadAhead(
        facts,
        expectedJobs(facts, await unplannedJobs(pool), await usualMinutes(pool)),
        await listPlaces(pool),
        await listClosedDays(pool),
        new Map(due.map(({ day, blades }) => [day, blades])),
      ),
    );
  });

  router.get('/day/review', allow(), async (_request, response) => {
    response.json(await reviewDay(pool, new Date()));
  });

  router.get('/day/calendars', allow(), async (request: Request, response) => {
    const base = `${request.protocol}://${request.get('host')}/api/calendars`;
    response.json([
      {
        staffId: 0,
        name: await shopName(pool),
        address: `${base}/${calendarToken(secret, 0)}.ics`,
      },
      ...(await staffNames(pool)).map(({ id, name }) => ({
        staffId: id,
        name,
        address: `${base}/${calendarToken(secret, id)}.ics`,
      })),
    ]);
  });

  return router;
};
