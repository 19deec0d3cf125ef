/** Devices at the bench, streamed to the page as they read: scale, force tester, angle gauge; several in one stream. */
import { connect } from 'node:net';
import { Router, type Request, type RequestHandler, type Response } from 'express';
import { notFound } from '../http/errors';
import { topicsSchema } from '@patient-edge/contract';
import { allow, queryOf } from '../http/request';
import type { Streams } from '../http/streams';
import { forceReader } from './force-line';
import { gaugeReader } from './gauge-line';
import { scaleReader } from './scale-line';

/** Where a device's network bridge listens. */
export interface DeviceAddress {
  readonly host: string;
  readonly port: number;
}

/** `host:port` as it stands in the environment under that name. Throws when it is neither empty nor that. */
export const deviceAddressFrom = (name: string, text: string | undefined): DeviceAddress | null => {
  if (text === undefined || text === '') return null;
  const found = /^([\w.-]+):(\d{1,5})$/.exec(text);
  const port = Number(found?.[2]);
  if (!found || port < 1 || port > 65535) {
    throw new Error(`${name} must be host:port; "${text}" was given`);
  }
  return { host: found[1]!, port };
};

/** What is connected to this shop; null where it is not. */
export interface Devices {
  readonly scale: DeviceAddress | null;
  readonly force: DeviceAddress | null;
  readonly gauge: DeviceAddress | null;
  readonly mailBox: boolean;
  readonly microscope: boolean;
}

interface Line {
  /** As a person calls it. */
  readonly name: string;
  readonly at: DeviceAddress | null;
  /** A fresh reader: pieces in, messages out. */
  readonly reader: () => (piece: string) => readonly object[];
}

export const deviceRoutes = (
  { scale, force, gauge, mailBox, microscope }: Devices,
  streams: Streams,
): Router => {
  const router = Router();
  const lines: Readonly<Record<string, Line>> = {
    scale: { name: 'scale', at: scale, reader: scaleReader },
    force: { name: 'force tester', at: force, reader: forceReader },
    gauge: { name: 'angle gauge', at: gauge, reader: gaugeReader },
  };

  /** Listens to a device; gives what ends that. A device that goes away says so once. */
  const listen = (
    { name, at, reader }: Line,
    request: Request,
    onMessage: (message: object) => void,
    onGone: () => void,
  ): (() => void) => {
    if (!at) throw notFound(`A ${name}`);
    const socket = connect(at);
    // A needle lives from small pieces sent at once.
    socket.setNoDelay(true);
    const read = reader();
    socket.setEncoding('utf8');
    socket.on('data', (piece: string) => {
      for (const message of read(piece)) onMessage(message);
    });
    socket.on('error', (error) => {
      request.log.warn({ err: error }, `the ${name} does not answer`);
      onGone();
    });
    socket.on('close', onGone);
    return () => socket.destroy();
  };

  /** A page that does not read gets the newest reading when it does, and no heap of old ones. */
  const isBehind = (response: Response): boolean =>
    response.writableEnded || response.writableNeedDrain;

  const stream =
    (line: Line): RequestHandler =>
    (request, response) => {
      let stop = (): void => undefined;
      if (!line.at) throw notFound(`A ${line.name}`);
      streams.open(request, response, () => stop());
      stop = listen(
        line,
        request,
        (message) => {
          if (!isBehind(response)) response.write(`data: ${JSON.stringify(message)}\n\n`);
        },
        // The page offers to type instead.
        () => {
          if (response.writableEnded) return;
          response.write('event: gone\ndata: {}\n\n');
          response.end();
        },
      );
    };

  router.get('/devices', allow(), (_request, response) => {
    response.json({
      scale: scale !== null,
      force: force !== null,
      gauge: gauge !== null,
      mailBox,
      microscope,
    });
  });

  router.get('/devices/scale', allow(), stream(lines['scale']!));
  router.get('/devices/force', allow(), stream(lines['force']!));

  /** One stream for a page, whatever it listens to: a browser has six connections for all its windows. */
  router.get('/devices/stream', allow(), (request, response) => {
    const { topics } = queryOf(topicsSchema, request);
    const missing = topics.find((topic) => !lines[topic]?.at);
    if (missing !== undefined) throw notFound(`A ${lines[missing]?.name ?? missing}`);
    let ends: (() => void)[] = [];
    streams.open(request, response, () => {
      for (const end of ends) end();
    });
    ends = topics.map((topic) =>
      listen(
        lines[topic]!,
        request,
        (message) => {
          if (!isBehind(response))
            response.write(`event: ${topic}\ndata: ${JSON.stringify(message)}\n\n`);
        },
        // The others go on.
        () => {
          if (!response.writableEnded)
            response.write(`event: gone\ndata: ${JSON.stringify({ topic })}\n\n`);
        },
      ),
    );
  });

  return router;
};
