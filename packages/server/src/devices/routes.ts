/** Devices at the bench, streamed to the page as they read: the kitchen scale, the force tester. */
import { connect } from 'node:net';
import { Router, type RequestHandler } from 'express';
import { notFound } from '../http/errors';
import { allow } from '../http/request';
import type { Streams } from '../http/streams';
import { forceReader } from './force-line';
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
  { scale, force, mailBox, microscope }: Devices,
  streams: Streams,
): Router => {
  const router = Router();

  const stream =
    ({ name, at, reader }: Line): RequestHandler =>
    (request, response) => {
      if (!at) throw notFound(`A ${name}`);
      const socket = connect(at);
      streams.open(request, response, () => socket.destroy());
      const read = reader();
      socket.setEncoding('utf8');
      socket.on('data', (piece: string) => {
        for (const message of read(piece)) {
          // A page that does not read gets the newest reading when it does, and no heap of old ones.
          if (response.writableEnded || response.writableNeedDrain) continue;
          response.write(`data: ${JSON.stringify(message)}\n\n`);
        }
      });
      // A device that goes away says so and ends: the page offers to type instead.
      const gone = (): void => {
        if (response.writableEnded) return;
        response.write('event: gone\ndata: {}\n\n');
        response.end();
      };
      socket.on('error', (error) => {
        request.log.warn({ err: error }, `the ${name} does not answer`);
        gone();
      });
      socket.on('close', gone);
    };

  router.get('/devices', allow(), (_request, response) => {
    response.json({ scale: scale !== null, force: force !== null, mailBox, microscope });
  });

  router.get('/devices/scale', allow(), stream({ name: 'scale', at: scale, reader: scaleReader }));
  router.get(
    '/devices/force',
    allow(),
    stream({ name: 'force tester', at: force, reader: forceReader }),
  );

  return router;
};
