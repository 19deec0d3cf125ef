/** The shop at a glance. */
import type { Board } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { allow } from '../http/request';
import { listMoorings, openJobs } from './queries';

/** The calendar day at the workshop's own clock. */
export const localDay = (at: Date): string => {
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${at.getFullYear()}-${two(at.getMonth() + 1)}-${two(at.getDate())}`;
};

export const shopRoutes = (pool: Pool): Router => {
  const router = Router();
  router.get('/shop', allow(), async (_request, response) => {
    const board: Board = {
      today: localDay(new Date()),
      jobs: await openJobs(pool),
      moorings: await listMoorings(pool),
    };
    response.json(board);
  });
  return router;
};
