/** Devices at the bench: the kitchen scale, streamed to the page as it reads. */
import { connect } from 'node:net';
import { Router } from 'express';
import { notFound } from '../http/errors';
import { allow } from '../http/request';
import type { Streams } from '../http/streams';
import { scaleReader } from './scale-line';

/** Where the scale's network bridge listens. */
export interface ScaleAddress {
  readonly host: string;
  readonly port: number;
}

/** `host:port` as it stands in the environment. Throws when it is neither empty nor that. */
export const scaleAddressFrom = (text: string | undefined): ScaleAddress | null => {
  if (text === undefined || text === '') return null;
  const found = /^([\w.-]+):(\d{1,5})$/.exec(text);
  const port = Number(found?.[2]);
  if (!found || port < 1 || port > 65535) {
    throw new Error(`PATIENT_EDGE_SCALE must be host:port; "${text}" was given`);
  }
  return { host: found[1]!, port };
};

export const deviceRoutes = (
  scale: ScaleAddress | null,
  hasMailBox: boolean,
  streams: Streams,
): Router => {
  const router = Router();

  router.get('/devices', allow(), (_request, response) => {
    response.json({ scale: scale !== null, mailBox: hasMailBox });
  });

  router.get('/devices/scale', allow(), (request, response) => {
    if (!scale) throw notFound('A scale');
    const socket = connect(scale);
    streams.open(request, response, () => socket.destroy());
    const read = scaleReader();
    socket.setEncoding('utf8');
    socket.on('data', (piece: string) => {
      for (const grams of read(piece)) {
        // A page that does not read gets the newest reading when it does, and no heap of old ones.
        if (response.writableEnded || response.writableNeedDrain) continue;
        response.write(`data: ${JSON.stringify({ grams })}\n\n`);
      }
    });
    // A scale that goes away says so and ends: the page offers to type instead.
    const gone = (): void => {
      if (response.writableEnded) return;
      response.write('event: gone\ndata: {}\n\n');
      response.end();
    };
    socket.on('error', (error) => {
      request.log.warn({ err: error }, 'the scale does not answer');
      gone();
    });
    socket.on('close', gone);
  });

  return router;
};
