/** The one Express application: API, health page and the built web application. */
import { createHash } from 'node:crypto';
import { existsSync, readdirSync } from 'node:fs';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import type { ApiErrorBody } from '@patient-edge/contract';
import type { LabelPrinter, MailBox, Microscope } from '@patient-edge/devices';
import compression from 'compression';
import expressStaticGzip from 'express-static-gzip';
import express, { type ErrorRequestHandler, type Express } from 'express';
import session from 'express-session';
import expressMySqlSession from 'express-mysql-session';
import type { Pool } from 'mysql2/promise';
import type { Logger } from 'pino';
import { pinoHttp } from 'pino-http';
import { authRoutes } from './auth/routes';
import { isStillSignedIn, knowStaff } from './auth/sessions';
import { figureRoutes } from './figures/routes';
import { gaugeRoutes } from './gauge/routes';
import { benchRoutes } from './bench/routes';
import { bladeRoutes } from './blades/routes';
import { calcRoutes } from './calc/routes';
import { collectRoutes } from './collect/routes';
import { complaintRoutes } from './complaints/routes';
import type { Compute } from './compute/compute';
import { customerRoutes } from './customers/routes';
import { calendarRoutes, dayRoutes } from './day/routes';
import { deviceRoutes, type DeviceAddress } from './devices/routes';
import { edgeTestRoutes } from './edge-tests/routes';
import { handOverRoutes } from './hand-over/routes';
import { healthRoutes } from './health/routes';
import { isLockError } from './database/pool';
import { contentPolicy, knownHost, ONLY_HERE, sameOriginWrites, type Reach } from './http/door';
import { ApiError, busy, notFound } from './http/errors';
import { createStreams } from './http/streams';
import { historyRoutes } from './history/routes';
import { judgeRoutes } from './judge/routes';
import { labelRoutes } from './labels/routes';
import { messageRoutes } from './messages/routes';
import { moneyRoutes } from './money/routes';
import { peopleRoutes } from './people/routes';
import { photographRoutes } from './photographs/routes';
import { placeRoutes } from './places/routes';
import { priceRoutes } from './prices/routes';
import { recordRoutes } from './record/routes';
import { jobRoutes } from './jobs/routes';
import { planOutputRoutes } from './plan/output-routes';
import { planRoutes } from './plan/routes';
import { printRoutes } from './print/routes';
import { searchRoutes } from './search/routes';
import { sheetRoutes } from './sheet/routes';
import { firstDayRoutes } from './shop/first-day';
import { formatRoutes } from './shop/formats';
import { shopDetailRoutes } from './shop/details';
import { shopRoutes } from './shop/routes';
import { machineRoutes } from './machines/routes';
import { steelRoutes } from './steels/routes';
import { stoneRoutes } from './stones/routes';
import { touchUpRoutes } from './touch-ups/routes';
import { trialRoutes } from './trials/routes';
import { visitPageRoutes, visitRoutes } from './visits/routes';

export interface AppOptions {
  readonly pool: Pool;
  readonly mode: 'demo' | 'shop';
  readonly sessionSecret: string;
  /** Folder of the built web application; null serves the API alone. */
  readonly webFolder: string | null;
  readonly logger: Logger;
  readonly compute: Compute;
  /** Names and proxy the shop is reached by; its own machine alone when it is left out. */
  readonly reach?: Reach;
  /** Null when no scale is connected. */
  readonly scale?: DeviceAddress | null;
  /** Null when no force tester is connected. */
  readonly force?: DeviceAddress | null;
  readonly gauge?: DeviceAddress | null;
  /** Null when no label printer is connected. */
  readonly printer?: LabelPrinter | null;
  /** The stand-in that mail is sent to in the demo; null elsewhere. */
  readonly mailBox?: MailBox | null;
  /** Null when no microscope is connected. */
  readonly microscope?: Microscope | null;
}

/** Two shops on one machine share its name, and browsers do not tell ports apart: each has a cookie of its own. */
const cookieNameOf = (sessionSecret: string): string =>
  `patient-edge-${createHash('sha256').update(sessionSecret).digest('hex').slice(0, 8)}`;

const CALC_BODY = '64kb';
const VISIT_BODY = '8kb';
const BODY = '1mb';
const SESSION_MS = 14 * 24 * 60 * 60 * 1000;

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

/** What is a refusal by itself, or by what it means: locks that gave no way after several tries are too much at once. */
const refusalOf = (error: unknown): ApiError | null => {
  if (error instanceof ApiError) return error;
  return isLockError(error) ? busy('Too many changes at once; try again in a moment') : null;
};

const answerError: ErrorRequestHandler = (error: unknown, request, response, next) => {
  if (response.headersSent) return next(error);
  const answer = (status: number, body: ApiErrorBody['error']): void => {
    response.status(status).json({ error: body } satisfies ApiErrorBody);
  };
  const refusal = refusalOf(error);
  if (refusal) {
    if (refusal !== error) request.log.warn({ err: error }, 'locks that would not give way');
    if (refusal.extra.retryAfterS !== undefined)
      response.set('Retry-After', String(refusal.extra.retryAfterS));
    answer(refusal.status, { code: refusal.code, message: refusal.message, ...refusal.extra });
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

/** A stream of events would wait in the packer for more to come. */
const isWorthPacking: compression.CompressionFilter = (request, response) =>
  !String(response.getHeader('Content-Type') ?? '').startsWith('text/event-stream') &&
  compression.filter(request, response);

/** English is part of the application; each other language is a file beside it. */
const languagesIn = (folder: string): readonly string[] => {
  const languages = join(folder, 'languages');
  return existsSync(languages)
    ? readdirSync(languages).flatMap((file) => /^([\w-]+)\.js$/.exec(file)?.[1] ?? [])
    : [];
};

/** The page a browser opens. A language is loaded before the application, so that its words are there when it begins. */
const pageWith = (page: string, language: string | undefined, nonce: string): string =>
  (language === undefined
    ? page
    : page.replace(
        '</title>',
        `</title><script type="module" nonce="__NONCE__" src="/languages/${language}.js"></script>`,
      )
  ).replaceAll('__NONCE__', nonce);

const webRoutes = (folder: string): express.Router => {
  const router = express.Router();
  const languages = languagesIn(folder);
  // Scripts and styles lie beside their compressed copies, made once, when they were built.
  router.use(
    '/assets',
    expressStaticGzip(join(folder, 'assets'), {
      enableBrotli: true,
      orderPreference: ['br', 'gz'],
      serveStatic: { immutable: true, maxAge: '1y' },
    }),
  );
  router.use(express.static(folder, { index: false }));
  router.get('/{*path}', async (request, response) => {
    if (/\.[a-z0-9]+$/i.test(request.path)) throw notFound('This file');
    const page = await readFile(join(folder, 'index.html'), 'utf8');
    const cookies = (request.headers.cookie ?? '').split(/; */);
    const language = languages.find((name) => cookies.includes(`language=${name}`));
    response
      .set('Cache-Control', 'no-store')
      .type('html')
      .send(pageWith(page, language, response.locals['nonce'] as string));
  });
  return router;
};

export interface RunningApp {
  readonly app: Express;
  /** Ends what runs beside requests; the pool stays the caller's. */
  readonly close: () => Promise<void>;
}

export const createApp = (options: AppOptions): RunningApp => {
  const { pool, mode, logger, compute } = options;
  const reach = options.reach ?? ONLY_HERE;
  const cookieName = cookieNameOf(options.sessionSecret);
  const streams = createStreams((request) => isStillSignedIn(pool, request));
  const app = express();
  app.disable('x-powered-by');
  if (reach.proxy !== null) app.set('trust proxy', reach.proxy);
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
  app.use(knownHost(reach));
  app.use(contentPolicy);
  app.use(healthRoutes(pool, Date.now()));

  const MySqlStore = expressMySqlSession(session);
  const store = new MySqlStore(
    {
      createDatabaseTable: false,
      clearExpired: true,
      // The cookie in the browser ends on its day, used or not: writing on every request would keep each waiting for a disk.
      disableTouch: true,
      schema: {
        tableName: 'session',
        columnNames: { session_id: 'session_id', expires: 'expires', data: 'data' },
      },
    },
    pool as unknown as ConstructorParameters<typeof MySqlStore>[1],
  );
  const api = express.Router();
  // A board of forty blades is 31 kB, and 4 kB packed: over a thin line that is half a second.
  api.use(compression({ filter: isWorthPacking }));
  // Needs neither session nor database, and asks for neither.
  api.use('/calc', sameOriginWrites, express.json({ limit: CALC_BODY }));
  api.use(calcRoutes(compute));
  api.use(printRoutes());
  // Asked for by a token alone: whoever comes here has no session, and gets none.
  api.use('/visits', sameOriginWrites, express.json({ limit: VISIT_BODY }));
  api.use(visitRoutes(pool));
  api.use(calendarRoutes(pool, options.sessionSecret));
  api.use(
    session({
      name: cookieName,
      secret: options.sessionSecret,
      store: store as unknown as session.Store,
      resave: false,
      saveUninitialized: false,
      cookie: { httpOnly: true, sameSite: 'strict', secure: 'auto', maxAge: SESSION_MS },
    }),
  );
  api.use((_request, response, next) => {
    response.set('Cache-Control', 'no-store');
    next();
  });
  api.use(sameOriginWrites);
  api.use(express.json({ limit: BODY }));
  api.use(knowStaff(pool));
  for (const routes of [
    authRoutes(pool, { mode, cookieName, streams }),
    peopleRoutes(pool),
    shopRoutes(pool),
    placeRoutes(pool),
    customerRoutes(pool, options.printer ?? null),
    historyRoutes(pool),
    recordRoutes(pool),
    figureRoutes(pool),
    trialRoutes(pool),
    dayRoutes(pool, options.sessionSecret),
    searchRoutes(pool),
    bladeRoutes(pool, compute),
    stoneRoutes(pool),
    steelRoutes(pool),
    machineRoutes(pool),
    touchUpRoutes(pool),
    deviceRoutes(
      {
        scale: options.scale ?? null,
        force: options.force ?? null,
        gauge: options.gauge ?? null,
        mailBox: (options.mailBox ?? null) !== null,
        microscope: (options.microscope ?? null) !== null,
      },
      streams,
    ),
    jobRoutes(pool),
    judgeRoutes(pool),
    priceRoutes(pool),
    photographRoutes(pool, options.microscope ?? null),
    labelRoutes(pool, compute, options.printer ?? null),
    planRoutes(pool, compute),
    planOutputRoutes(pool, compute),
    benchRoutes(pool, compute),
    gaugeRoutes(pool),
    edgeTestRoutes(pool),
    handOverRoutes(pool),
    collectRoutes(pool),
    moneyRoutes(pool, compute),
    sheetRoutes(pool, compute),
    messageRoutes(pool, options.mailBox ?? null),
    visitPageRoutes(pool),
    complaintRoutes(pool),
    shopDetailRoutes(pool),
    formatRoutes(pool),
    firstDayRoutes(pool),
  ]) {
    api.use(routes);
  }
  api.use(() => {
    throw notFound('This address');
  });
  app.use('/api', api);
  if (options.webFolder !== null) app.use(webRoutes(options.webFolder));
  app.use(answerError);
  return {
    app,
    close: async () => {
      streams.endAll();
      await store.close();
    },
  };
};
