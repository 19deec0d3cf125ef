/** Starts the server: settings from the environment, migrations, demo data when asked, then listens. */
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import {
  drawnMicroscope,
  labelPrinter,
  startAngleGauge,
  startForceTester,
  startKitchenScale,
  startMailBox,
  type RunningDevice,
} from '@patient-edge/devices';
import { pino } from 'pino';
import { createApp } from './app';
import { threadedCompute } from './compute/compute';
import { applyMissing, whileStartingAlone } from './database/migrate';
import { openPool } from './database/pool';
import { loadDemo } from './demo/load-demo';
import { deviceAddressFrom, type DeviceAddress } from './devices/routes';
import { startHousekeeping } from './housekeeping';
import { reachFrom } from './http/door';
import { startSending, throughSmtp } from './messages/sender';

/** Longer than browsers and proxies hold a connection that is idle: closed from here, the next request could meet its end. */
const KEPT_OPEN_MS = 75_000;

const setting = (name: string): string => {
  const value = process.env[name];
  if (value === undefined || value === '') {
    throw new Error(
      `${name} is not set; start the shop with ./patient-edge demo or ./patient-edge start`,
    );
  }
  return value;
};

const here = dirname(fileURLToPath(import.meta.url));

const run = async (): Promise<void> => {
  const logger = pino({ level: process.env['LOG_LEVEL'] ?? 'info' }, pino.destination(2));
  const mode = setting('PATIENT_EDGE_MODE') === 'demo' ? 'demo' : 'shop';
  const port = Number(setting('PORT'));
  const pool = openPool({
    host: '127.0.0.1',
    port: Number(setting('DATABASE_PORT')),
    user: setting('DATABASE_USER'),
    password: setting('DATABASE_PASSWORD'),
    database: setting('DATABASE_NAME'),
  });
  const compute = threadedCompute(join(here, 'worker.js'));
  await whileStartingAlone(pool, async (connection) => {
    const applied = await applyMissing(connection, join(here, 'migrations'));
    if (applied.length > 0) logger.info({ applied }, 'migrations applied');
    if (
      mode === 'demo' &&
      (await loadDemo(pool, compute, new Date(), `http://localhost:${port}`, {
        // The years before are for looking at; tests begin with a short past.
        withPast: process.env['PATIENT_EDGE_DEMO_PAST'] === 'years',
      }))
    )
      logger.info('demo data loaded');
  });
  // A shop names its own devices; the demo has stand-ins.
  const standIns: RunningDevice[] = [];
  const device = async (
    name: string,
    start: () => Promise<RunningDevice>,
  ): Promise<DeviceAddress | null> => {
    const named = deviceAddressFrom(name, process.env[name]);
    if (named || mode !== 'demo') return named;
    const standIn = await start();
    standIns.push(standIn);
    return { host: '127.0.0.1', port: standIn.port };
  };
  const scale = await device('PATIENT_EDGE_SCALE', startKitchenScale);
  const force = await device('PATIENT_EDGE_FORCE', startForceTester);
  const gauge = await device('PATIENT_EDGE_GAUGE', startAngleGauge);
  // The demo writes to nobody: its mail lies in a box that has a page.
  const mailBox = mode === 'demo' ? await startMailBox() : null;
  const smtp = mailBox ? `smtp://127.0.0.1:${mailBox.port}` : process.env['PATIENT_EDGE_SMTP'];
  const { app, close } = createApp({
    pool,
    mode,
    sessionSecret: setting('SESSION_SECRET'),
    webFolder: join(here, 'web'),
    logger,
    compute,
    reach: reachFrom(process.env['PATIENT_EDGE_HOSTS'], process.env['PATIENT_EDGE_PROXY']),
    scale,
    force,
    gauge,
    printer: labelPrinter(setting('PATIENT_EDGE_LABELS')),
    mailBox,
    // A shop's microscope hands its pictures over as files; the demo's is drawn.
    microscope: mode === 'demo' ? drawnMicroscope() : null,
  });
  const endSending = smtp ? startSending(pool, throughSmtp(smtp), logger) : null;
  const endHousekeeping = startHousekeeping(pool, logger);
  const server = app.listen(port, '127.0.0.1', (error?: Error) => {
    if (error) {
      logger.fatal({ err: error, port }, 'the port is taken');
      process.exit(1);
    }
    logger.info({ port, mode }, 'serving');
    process.send?.('serving');
  });
  server.keepAliveTimeout = KEPT_OPEN_MS;
  const stop = (): void => {
    endHousekeeping();
    server.close(() => {
      void close()
        .then(() => endSending?.())
        .then(() => mailBox?.close())
        .then(() => Promise.all(standIns.map((each) => each.close())))
        .then(() => compute.close())
        .then(() => pool.end())
        .finally(() => process.exit(0));
    });
    server.closeIdleConnections();
    // A browser holding its connection open must not keep the shop from closing.
    setTimeout(() => server.closeAllConnections(), 1000).unref();
  };
  process.on('SIGTERM', stop);
  process.on('SIGINT', stop);
};

run().catch((error: unknown) => {
  process.stderr.write(
    `${error instanceof Error ? (error.stack ?? error.message) : String(error)}\n`,
  );
  process.exit(1);
});
