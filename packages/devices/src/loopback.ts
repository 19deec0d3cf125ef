/** A device on a free loopback port that sends to whoever listens. */
import { createServer, type Socket } from 'node:net';

export interface RunningDevice {
  readonly port: number;
  readonly close: () => Promise<void>;
}

/** `begin` starts sending to one who listens, and gives what ends that. */
export const startOnLoopback = (
  name: string,
  begin: (socket: Socket) => () => void,
): Promise<RunningDevice> =>
  new Promise((resolve, reject) => {
    const open = new Set<Socket>();
    const server = createServer((socket) => {
      open.add(socket);
      const stop = begin(socket);
      const end = (): void => {
        stop();
        open.delete(socket);
      };
      // Whoever listened has gone: that is no fault of the device.
      socket.on('error', end);
      socket.on('close', end);
    });
    server.once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const address = server.address();
      if (address === null || typeof address === 'string') {
        reject(new Error(`The ${name} has no port`));
        return;
      }
      resolve({
        port: address.port,
        close: () =>
          new Promise((done) => {
            for (const socket of open) socket.destroy();
            server.close(() => done());
          }),
      });
    });
  });
