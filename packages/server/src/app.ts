/** The one Express application: API, health page and the built web application. */
import { randomBytes } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { ApiErrorBody } from '@patient-edge/contract';
import type { LabelPrinter } from '@patient-edge/devices';
import express, { type ErrorRequestHandler, type Express, type RequestHandler } from 'express';
import session from 'express-session';
import expressMySqlSession from 'express-mysql-session';
import helmet from 'helmet';
import type { Pool } from 'mysql2/promise';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { authRoutes } from './auth/routes';
import { benchRoutes } from './bench/routes';
import { bladeRoutes } from './blades/routes';
import { calcRoutes } from './calc/routes';
import { customerRoutes } from './customers/routes';
import { deviceRoutes, type ScaleAddress } from './devices/routes';
import { edgeTestRoutes } from './edge-tests/routes';
import { handOverRoutes } from './hand-over/routes';
import { healthRoutes } from './health/routes';
import { ApiError, forbidden, notFound } from './http/errors';
import { judgeRoutes } from './judge/routes';
import { labelRoutes } from './labels/routes';
import { photographRoutes } from './photographs/routes';
import { priceRoutes } from './prices/routes';
import { jobRoutes } from './jobs/routes';
import { planOutputRoutes } from './plan/output-routes';
import { planRoutes } from './plan/routes';
import { printRoutes } from './print/routes';
import { searchRoutes } from './search/routes';
import { shopRoutes } from './shop/routes';
import { machineRoutes } from './machines/routes';
import { steelRoutes } from './steels/routes';
import { stoneRoutes } from './stones/routes';
import { touchUpRoutes } from './touch-ups/routes';

export interface AppOptions {
  readonly pool: Pool;
  readonly mode: 'demo' | 'shop';
  readonly sessionSecret: string;
  /** Folder of the built web application; null serves the API alone. */
  readonly webFolder: string | null;
  readonly logger: Logger;
  /** Null when no scale is connected. */
  readonly scale?: ScaleAddress | null;
  /** Null when no label printer is connected. */
  readonly printer?: LabelPrinter | null;
}

const SESSION_MS = 14 * 24 * 60 * 60 * 1000;

/** A fresh nonce a page, and a policy under which nothing foreign runs. */
const contentPolicy: RequestHandler = (request, response, next) => {
  response.locals['nonce'] = randomBytes(16).toString('base64');
  helmet({
    contentSecurityPolicy: {
      useDefaults: false,
      directives: {
        defaultSrc: ["'none'"],
        scriptSrc: ["'self'"],
        styleSrc: ["'self'", `'nonce-${response.locals['nonce'] as string}'`],
        imgSrc: ["'self'", 'data:', 'blob:'],
        fontSrc: ["'self'"],
        connectSrc: ["'self'"],
        workerSrc: ["'self'"],
        manifestSrc: ["'self'"],
        baseUri: ["'none'"],
        formAction: ["'self'"],
        frameAncestors: ["'none'"],
      },
    },
    // Served over plain HTTP on loopback.
    strictTransportSecurity: false,
  })(request, response, next);
};

/** Writes come from our own pages only: the cookie is SameSite, and the browser says where a request began. */
const sameOriginWrites: RequestHandler = (request, _response, next) => {
  if (request.method === 'GET' || request.method === 'HEAD') return next();
  const site = request.get('Sec-Fetch-Site');
  if (site !== undefined && site !== 'same-origin' && site !== 'none') {
    throw forbidden('Writes are accepted from this application only');
  }
  // A photograph is the one thing that comes as a file.
  const isFile = /\/photographs$/.test(request.path) && request.is('multipart/form-data');
  if (request.method !== 'DELETE' && !isFile && !request.is('application/json')) {
    throw new ApiError(415, 'NOT_JSON', 'The body must be JSON');
  }
  next();
};

const statusOf = (error: unknown): number | null =>
  typeof error === 'object' &&
  error !== null &&
  'status' in error &&
  typeof error.status === 'number'
    ? error.status
    : null;

const DATABASE_AWAY = new Set([
  'ECONNREFUSED',
  'PROTOCOL_CONNECTION_LOST',
  'ECONNRESET',
  'ETIMEDOUT',
]);
const isDatabaseAway = (error: unknown): boolean =>
  typeof error === 'object' &&
  error !== null &&
  'code' in error &&
  typeof error.code === 'string' &&
  DATABASE_AWAY.has(error.code);

const answerError: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) return next(error);
  const answer = (status: number, body: ApiErrorBody['error']): void => {
    response.status(status).json({ error: body } satisfies ApiErrorBody);
  };
  if (error instanceof ApiError) {
    answer(error.status, { code: error.code, message: error.message, ...error.extra });
    return;
  }
  const status = statusOf(error);
  if (status !== null && status >= 400 && status < 500) {
    // Raised by the body parser: not JSON, or too large.
    answer(status, { code: 'BAD_REQUEST', message: 'The request cannot be read' });
    return;
  }
  if (isDatabaseAway(error)) {
    request.log.error({ err: error }, 'the database does not answer');
    answer(503, {
      code: 'DATABASE_AWAY',
      message: 'The records cannot be reached just now. What you entered is kept; try again.',
    });
    return;
  }
  request.log.error({ err: error }, 'unexpected');
  answer(500, {
    code: 'UNEXPECTED',
    message: 'This should not have happened. It has been logged.',
  });
};

const webRoutes = (folder: string): express.Router => {
  const router = express.Router();
  router.use('/assets', express.static(join(folder, 'assets'), { immutable: true, maxAge: '1y' }));
  router.use(express.static(folder, { index: false }));
  router.get('/{*path}', async (request, response) => {
    if (/\.[a-z0-9]+$/i.test(request.path)) throw notFound('This file');
    const page = await readFile(join(folder, 'index.html'), 'utf8');
    response
      .set('Cache-Control', 'no-store')
      .type('html')
      .send(page.replaceAll('__NONCE__', response.locals['nonce'] as string));
  });
  return router;
};

export interface RunningApp {
  readonly app: Express;
  /** Ends what runs beside requests; the pool stays the caller's. */
  readonly close: () => Promise<void>;
}

export const createApp = (options: AppOptions): RunningApp => {
  const { pool, mode, logger } = options;
  const app = express();
  app.disable('x-powered-by');
  app.use(
    pinoHttp({
      logger,
      autoLogging: { ignore: (request) => !(request.url ?? '').startsWith('/api') },
      serializers: {
        req: (request: { method: string; url: string }) => ({
          method: request.method,
          // What was searched for is somebody's name, and is not written down.
          url: request.url.split('?')[0],
        }),
        res: (response: { statusCode: number }) => ({ statusCode: response.statusCode }),
      },
    }),
  );
  app.use(contentPolicy);
  app.use(healthRoutes(pool, Date.now()));

  const MySqlStore = expressMySqlSession(session);
  const store = new MySqlStore(
    {
      createDatabaseTable: false,
      clearExpired: true,
      schema: {
        tableName: 'session',
        columnNames: { session_id: 'session_id', expires: 'expires', data: 'data' },
      },
    },
    pool as unknown as ConstructorParameters<typeof MySqlStore>[1],
  );
  const api = express.Router();
  const readJson = express.json({ limit: '1mb' });
  // Needs neither session nor database, and asks for neither.
  api.use('/calc', sameOriginWrites, readJson);
  api.use(calcRoutes());
  api.use(printRoutes());
  api.use(
    session({
      name: 'patient-edge',
      secret: options.sessionSecret,
      store: store as unknown as session.Store,
      resave: false,
      saveUninitialized: false,
      cookie: { httpOnly: true, sameSite: 'strict', secure: false, maxAge: SESSION_MS },
    }),
  );
  api.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  api.use(sameOriginWrites);
  api.use(readJson);
  for (const routes of [
    authRoutes(pool, mode),
    shopRoutes(pool),
    customerRoutes(pool),
    searchRoutes(pool),
    bladeRoutes(pool),
    stoneRoutes(pool),
    steelRoutes(pool),
    machineRoutes(pool),
    touchUpRoutes(pool),
    deviceRoutes(options.scale ?? null),
    jobRoutes(pool),
    judgeRoutes(pool),
    priceRoutes(pool),
    photographRoutes(pool),
    labelRoutes(pool, options.printer ?? null),
    planRoutes(pool),
    planOutputRoutes(pool),
    benchRoutes(pool),
    edgeTestRoutes(pool),
    handOverRoutes(pool),
  ]) {
    api.use(routes);
  }
  api.use(() => {
    throw notFound('This address');
  });
  app.use('/api', api);
  if (options.webFolder !== null) app.use(webRoutes(options.webFolder));
  app.use(answerError);
  return { app, close: () => store.close() };
};
