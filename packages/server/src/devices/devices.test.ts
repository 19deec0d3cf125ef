import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { GaugeTracker, severings } from '@patient-edge/core';
import {
  cutsOfTester,
  FORCE_RATE_HZ,
  forceAt,
  GAUGE_HAND,
  GAUGE_RATE_HZ,
  gaugeAt,
  pressedGrams,
  startAngleGauge,
  startKitchenScale,
  type RunningDevice,
} from '@patient-edge/devices';
import express from 'express';
import { createStreams } from '../http/streams';
import { forceReader } from './force-line';
import { gaugeReader } from './gauge-line';
import { deviceAddressFrom, deviceRoutes, type Devices } from './routes';
import { gramsOf, scaleReader } from './scale-line';

jest.mock('../http/request', () => ({
  ...jest.requireActual<object>('../http/request'),
  allow: () => (_request: unknown, _response: unknown, next: () => void) => next(),
}));

describe('a line from a scale', () => {
  test.each([
    ['  +512 g', 512],
    ['-3 g', -3],
    ['0,512 kg', 512],
    ['1 lb', 453.59237],
    ['8 oz', 226.796185],
  ])('"%s" is %d g', (line, grams) => {
    expect(gramsOf(line)).toBeCloseTo(grams, 9);
  });

  test.each(['', 'ready', '12', '12 stone', '1.2.3 g'])('"%s" is no reading', (line) => {
    expect(gramsOf(line)).toBeNull();
  });

  test('may come in pieces, several at once, or never end', () => {
    const read = scaleReader();
    expect(read('+5')).toEqual([]);
    expect(read('12 g\r\n+513 g\n+5')).toEqual([{ grams: 512 }, { grams: 513 }]);
    expect(read('x'.repeat(100_000))).toEqual([]);
    expect(read('\n+7 g\n')).toEqual([{ grams: 7 }]);
  });
});

test('an address is host and port, or nothing', () => {
  expect(deviceAddressFrom('SCALE', '')).toBeNull();
  expect(deviceAddressFrom('SCALE', 'scale.local:4001')).toEqual({
    host: 'scale.local',
    port: 4001,
  });
  expect(() => deviceAddressFrom('SCALE', '4001')).toThrow(
    'SCALE must be host:port; "4001" was given',
  );
});

describe('a force tester', () => {
  test('is read in bundles, however the network cuts them, and nothing else is a force', () => {
    const read = forceReader();
    expect(read('+1.5\r\n-0')).toEqual([{ gf: [1.5] }]);
    expect(read(',5\r\nready\r\n12 gf\n')).toEqual([{ gf: [-0.5, 12] }]);
    expect(read('')).toEqual([]);
  });

  test('the stand-in’s trace gives back the cuts it was made from', () => {
    const trace = Array.from({ length: 9 * 3 * FORCE_RATE_HZ }, (_, sample) => forceAt(sample));
    const found = severings(trace, FORCE_RATE_HZ);
    expect(found).toHaveLength(9);
    found.forEach(({ peakGf }, index) =>
      expect(Math.abs(peakGf - cutsOfTester(index))).toBeLessThan(0.03 * cutsOfTester(index)),
    );
  });
});

describe('an angle gauge', () => {
  test('is read line by line, with its own clock or without', () => {
    const read = gaugeReader();
    expect(read('+16.42;-1.05;53841270\r\n+1')).toEqual([
      { rollDeg: 16.42, pitchDeg: -1.05, ms: 53841270 },
    ]);
    expect(read(',5; 2\nready\n400000;1\n')).toEqual([{ rollDeg: 1.5, pitchDeg: 2, ms: null }]);
  });

  test('the stand-in’s hand is found again: twelve strokes a side, at its angle, past lean and drift', () => {
    const { strokesASide, angleDeg, leanDeg, bellyStart, swingDeg, zeroS, strokeS, swapS } =
      GAUGE_HAND;
    const tracker = new GaugeTracker({
      rateHz: GAUGE_RATE_HZ,
      leanDeg,
      plannedDeg: 15,
      bellyStart,
      swingDeg,
    });
    const seconds = zeroS + 4 * (strokesASide * strokeS + swapS);
    const strokes = Array.from({ length: seconds * GAUGE_RATE_HZ }, (_, sample) => {
      const { stroke } = tracker.push(gaugeAt(sample / GAUGE_RATE_HZ));
      if (sample === 3 * GAUGE_RATE_HZ) expect(tracker.setZero()).toBe(true);
      return stroke;
    }).flatMap((stroke) => stroke ?? []);
    expect(strokes.map(({ side }) => side)).toEqual(
      ['right', 'left', 'right', 'left'].flatMap((side) =>
        Array.from({ length: strokesASide }, () => side),
      ),
    );
    for (const { meanDeg } of strokes) expect(Math.abs(meanDeg - angleDeg)).toBeLessThan(1.2);
    const mean = strokes.reduce((sum, { meanDeg }) => sum + meanDeg, 0) / strokes.length;
    expect(Math.abs(mean - angleDeg)).toBeLessThan(0.3);
  });
});

describe('the stand-in', () => {
  test('lifts the hand between strokes and never presses upwards', () => {
    const seconds = Array.from({ length: 400 }, (_, index) => index / 10);
    const grams = seconds.map(pressedGrams);
    expect(Math.min(...grams)).toBe(0);
    expect(Math.max(...grams)).toBeGreaterThan(500);
    expect(grams.filter((each) => each === 0).length).toBeGreaterThan(50);
  });

  /** The events of the stream until `enough` says so. */
  const listen = (
    port: number,
    enough: (text: string) => boolean,
    path = '/devices/scale',
  ): Promise<string> =>
    new Promise((resolve, reject) => {
      let text = '';
      const asked = http.get({ port, path }, (answer) => {
        answer.setEncoding('utf8');
        answer.on('data', (piece: string) => {
          text += piece;
          if (!enough(text)) return;
          asked.destroy();
          resolve(text);
        });
        answer.on('error', () => resolve(text));
      });
      asked.on('error', (error) => (text === '' ? reject(error) : undefined));
    });

  /** The routes of devices that listen there, served alone; ends what is open. */
  const served = (
    devices: Partial<Devices>,
  ): { readonly port: number; readonly end: () => Promise<void> } => {
    const app = express();
    app.use((request, _response, next) => {
      request.log = { warn: () => undefined } as unknown as typeof request.log;
      next();
    });
    const none = { scale: null, force: null, gauge: null, mailBox: false, microscope: false };
    app.use(
      deviceRoutes(
        { ...none, ...devices },
        createStreams(() => Promise.resolve(true)),
      ),
    );
    const server = app.listen(0);
    return {
      port: (server.address() as AddressInfo).port,
      end: async () => {
        server.closeAllConnections();
        await new Promise((resolve) => server.close(resolve));
      },
    };
  };
  const at = ({ port }: RunningDevice) => ({ host: '127.0.0.1', port });
  const aMoment = () => new Promise((resolve) => setTimeout(resolve, 150));

  test('is streamed as it reads, and says so when it goes', async () => {
    const scale = await startKitchenScale();
    const { port, end } = served({ scale: at(scale) });
    const first = await listen(port, (text) => text.includes('\n\n'));
    expect(first).toMatch(/^data: \{"grams":\d+\}\n\n/);
    const ended = listen(port, (text) => text.includes('event: gone'));
    await aMoment();
    await scale.close();
    expect(await ended).toContain('event: gone');
    await end();
  });

  test('several come in one stream, each under its name, and one that goes leaves the others', async () => {
    const [scale, gauge] = await Promise.all([startKitchenScale(), startAngleGauge()]);
    const { port, end } = served({ scale: at(scale), gauge: at(gauge) });
    const path = '/devices/stream?topics=gauge&topics=scale';
    const both = await listen(
      port,
      (text) => text.includes('event: gauge') && text.includes('event: scale'),
      path,
    );
    expect(both).toMatch(/event: gauge\ndata: \{"rollDeg":[\d.-]+,"pitchDeg":[\d.-]+,"ms":\d+\}/);
    const after = listen(
      port,
      (text) => /event: gone\ndata: \{"topic":"scale"\}[^]*event: gauge/.test(text),
      path,
    );
    await aMoment();
    await scale.close();
    expect(await after).toContain('event: gauge');
    await gauge.close();
    await end();
  });
});
