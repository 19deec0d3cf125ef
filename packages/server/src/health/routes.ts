/** Whether the shop is open: for a person in a browser, and for a machine that asks for JSON. */
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { databaseAnswers } from './queries';

export const healthRoutes = (pool: Pool, startedAtMs: number): Router => {
  const router = Router();
  router.get('/health', async (request, response) => {
    const database = await databaseAnswers(pool);
    const upSeconds = Math.round((Date.now() - startedAtMs) / 1000);
    const status = database.ok ? 'ok' : 'database does not answer';
    response.status(database.ok ? 200 : 503);
    if (request.accepts(['json', 'html']) === 'json') {
      response.json({ status, database: database.ok, migrations: database.migrations, upSeconds });
      return;
    }
    response
      .type('html')
      .send(
        `<!doctype html><html lang="en"><title>Patient Edge: health</title><main><h1>${status}</h1>` +
          `<p>Up for ${upSeconds} seconds. Migrations applied: ${database.migrations}.</p></main></html>`,
      );
  });
  return router;
};
