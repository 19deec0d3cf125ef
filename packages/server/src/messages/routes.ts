/** Messages to customers: written by hand where it matters, and what became of those that were queued. */
import { messageSchema, type MailInBox } from '@patient-edge/contract';
import type { MailBox } from '@patient-edge/devices';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { conflict, notFound } from '../http/errors';
import { allow, bodyOf, pathId } from '../http/request';
import { latestMessages, sendAgain } from './queries';
import { writeAbout } from './write';
import { STRINGS } from './strings';

const MOST_LISTED = 200;

export const messageRoutes = (pool: Pool, mailBox: MailBox | null): Router => {
  const router = Router();

  router.get('/messages', allow(), async (_request, response) => {
    response.json(await latestMessages(pool, MOST_LISTED));
  });

  router.post('/messages', allow(), async (request, response) => {
    const { kind, jobIds } = bodyOf(messageSchema, request);
    const written = await inTransaction(pool, (db) => writeAbout(db, kind, jobIds));
    if (!written) throw notFound(STRINGS.theseBladesOfOneCustomer);
    response.status(201).json(written);
  });

  router.post('/messages/:id/again', allow(), async (request, response) => {
    if (!(await sendAgain(pool, pathId(request, 'id', STRINGS.thisMessage))))
      throw conflict(STRINGS.onlyAMessageThatFailedIs);
    response.json(await latestMessages(pool, MOST_LISTED));
  });

  router.get('/mail-box', allow(), (_request, response) => {
    if (!mailBox) throw notFound(STRINGS.aMailBox);
    response.json(mailBox.mails() satisfies readonly MailInBox[]);
  });

  return router;
};
