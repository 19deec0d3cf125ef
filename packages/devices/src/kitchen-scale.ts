/**
 * A kitchen scale with a serial line behind a network bridge: ten times a second it sends what it reads as a
 * line of text in grams, `  +512 g`. A hand presses a stone on it in strokes, wandering a little.
 */
import { startOnLoopback, type RunningDevice } from './loopback';

const EVERY_MS = 100;
const STROKE_S = 1.6;
/** Share of a stroke in which the hand is off the stone. */
const LIFTED_SHARE = 0.25;
const MEAN_G = 520;

/** What the hand presses at that moment, in grams. The same every time: nothing here is chance. */
export const pressedGrams = (seconds: number): number => {
  const phase = (seconds % STROKE_S) / STROKE_S;
  if (phase < LIFTED_SHARE) return 0;
  const stroke = Math.sin(Math.PI * ((phase - LIFTED_SHARE) / (1 - LIFTED_SHARE))) ** 0.4;
  const wander = 1 + 0.12 * Math.sin(seconds / 3.7) + 0.06 * Math.sin(seconds * 1.9);
  return Math.max(0, Math.round(MEAN_G * stroke * wander));
};

/** Starts the scale. */
export const startKitchenScale = (): Promise<RunningDevice> =>
  startOnLoopback('scale', (socket) => {
    const began = Date.now();
    const timer = setInterval(() => {
      const grams = pressedGrams((Date.now() - began) / 1000);
      socket.write(`${`+${grams}`.padStart(6)} g\r\n`);
    }, EVERY_MS);
    return () => clearInterval(timer);
  });
