/**
 * A force tester behind a serial-to-network bridge: two hundred times a second a line with the force in grams-force,
 * `+123.4`. A hand presses one edge after another through a thread, three times each, and now and then lifts off again.
 */
import { startOnLoopback, type RunningDevice } from './loopback';

export const FORCE_RATE_HZ = 200;
/** Lines are sent in bundles, as a bridge does. */
const EVERY_MS = 50;
const CUT_S = 3;
const PRESS_FROM_S = 1;
const PRESS_S = 0.9;

/** What each cut in turn takes; the same every time. */
export const cutsOfTester = (index: number): number => 196 + ((index * 37) % 29);

/** Noise of a cheap cell, gf: the same every time. */
const noise = (sample: number): number => 1.6 * Math.sin(sample * 12.9898) * Math.cos(sample * 4.1);

/** The force at that sample, gf. */
export const forceAt = (sample: number): number => {
  const seconds = sample / FORCE_RATE_HZ;
  const index = Math.floor(seconds / CUT_S);
  const within = seconds - index * CUT_S - PRESS_FROM_S;
  const pressed = within >= 0 && within < PRESS_S ? (cutsOfTester(index) * within) / PRESS_S : 0;
  return Math.round(10 * (3 + pressed + noise(sample))) / 10;
};

/** Starts it; each who listens sees it from its beginning. */
export const startForceTester = (): Promise<RunningDevice> =>
  startOnLoopback('force tester', (socket) => {
    const beganMs = Date.now();
    let sent = 0;
    const timer = setInterval(() => {
      const due = Math.floor(((Date.now() - beganMs) / 1000) * FORCE_RATE_HZ);
      let lines = '';
      for (; sent < due; sent += 1) {
        const gf = forceAt(sent);
        lines += `${gf < 0 ? '' : '+'}${gf.toFixed(1)}\r\n`;
      }
      if (lines !== '') socket.write(lines);
    }, EVERY_MS);
    return () => clearInterval(timer);
  });
