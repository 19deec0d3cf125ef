import http from 'node:http';
import type { AddressInfo } from 'node:net';
import { startKitchenScale, type RunningDevice } from '@patient-edge/devices';
import { openShop, PASSWORD, type TestShop } from '../../test/test-shop';
import request from 'supertest';

let shop: TestShop;
let scale: RunningDevice;
let server: http.Server;
beforeAll(async () => {
  scale = await startKitchenScale();
  shop = await openShop('streams', { scale: { host: '127.0.0.1', port: scale.port } });
  server = shop.app.listen(0, '127.0.0.1');
});
afterAll(async () => {
  server.closeAllConnections();
  await new Promise((resolve) => server.close(resolve));
  await scale.close();
  await shop.close();
});

interface Stream {
  readonly status: number;
  readonly ended: Promise<void>;
  readonly close: () => void;
}

const listen = (cookie: string): Promise<Stream> =>
  new Promise((resolve, reject) => {
    const { port } = server.address() as AddressInfo;
    const asked = http.get(
      { port, path: '/api/devices/scale', headers: { Cookie: cookie, Host: 'localhost' } },
      (answer) => {
        const ended = new Promise<void>((done) => answer.on('close', () => done()));
        answer.resume();
        answer.on('error', () => undefined);
        resolve({ status: answer.statusCode!, ended, close: () => asked.destroy() });
      },
    );
    asked.on('error', reject);
  });

test('a session has three streams at most, and signing out ends them', async () => {
  const signedIn = await request(shop.app)
    .post('/api/session')
    .send({ login: 'nara', password: PASSWORD })
    .expect(200);
  const cookie = (signedIn.headers['set-cookie'] as unknown as string[])[0]!.split(';')[0]!;
  const streams = [await listen(cookie), await listen(cookie), await listen(cookie)];
  expect(streams.map(({ status }) => status)).toEqual([200, 200, 200]);
  expect((await listen(cookie)).status).toBe(429);
  streams[0]!.close();
  await streams[0]!.ended;
  // One was closed: there is room for another as soon as the server has noticed.
  let another = await listen(cookie);
  for (let tried = 0; another.status === 429 && tried < 50; tried += 1) {
    await new Promise((resolve) => setTimeout(resolve, 20));
    another = await listen(cookie);
  }
  expect(another.status).toBe(200);
  await request(shop.app).delete('/api/session').set('Cookie', cookie).expect(200);
  await Promise.all([...streams.slice(1), another].map(({ ended }) => ended));
});
