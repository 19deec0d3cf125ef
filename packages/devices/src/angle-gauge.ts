/**
 * An angle gauge behind a serial-to-network bridge: fifty times a second a line with roll and pitch in degrees and its
 * own clock in milliseconds, `+16.42;-1.05;53841270`. A hand lays it on the stone for four seconds, then works twelve
 * strokes on the right and twelve on the left, turning the blade between, with wobble, noise and a slow drift.
 */
import { startOnLoopback, type RunningDevice } from './loopback';

export const GAUGE_RATE_HZ = 50;
const EVERY_MS = 1000 / GAUGE_RATE_HZ;
const DAY_MS = 86_400_000;

/** What the hand of the stand-in does, degrees and seconds. */
export const GAUGE_HAND = {
  /** On the stone first, to be zeroed. */
  zeroS: 4,
  strokeS: 1.2,
  /** Share of a stroke that is on the stone; the rest is the way back, lifted. */
  onStoneShare: 0.7,
  strokesASide: 12,
  swapS: 2.4,
  /** Held, of the datum plane, and the lean of the face the gauge sits on. */
  angleDeg: 16,
  leanDeg: 1.2,
  wobbleDeg: 0.7,
  /** How far the handle is raised from the straight to the tip, and where the belly begins. */
  swingDeg: 20,
  bellyStart: 0.4,
  zeroDeg: 0.8,
  driftDegPerS: 0.003,
} as const;

const noise = (sample: number, seed: number): number =>
  Math.sin(sample * 12.9898 + seed) * Math.cos(sample * 78.233 + 2 * seed);

export interface GaugeReading {
  readonly rollDeg: number;
  readonly pitchDeg: number;
}

/** What it reads so many seconds after it was switched on: the same every time, nothing here is chance. */
export const gaugeAt = (seconds: number): GaugeReading => {
  const hand = GAUGE_HAND;
  const sample = Math.round(seconds * GAUGE_RATE_HZ);
  const drift = hand.zeroDeg + hand.driftDegPerS * seconds;
  const shake = 0.05 * noise(sample, 1);
  const worked = seconds - hand.zeroS;
  if (worked < 0) return { rollDeg: drift + shake, pitchDeg: 0.3 + 0.05 * noise(sample, 2) };
  const sideS = hand.strokesASide * hand.strokeS;
  const turn = Math.floor(worked / (sideS + hand.swapS));
  const within = worked - turn * (sideS + hand.swapS);
  const sign = turn % 2 === 0 ? 1 : -1;
  if (within >= sideS) {
    // In the hands: turned over.
    const share = (within - sideS) / hand.swapS;
    return {
      rollDeg: drift + sign * (40 * Math.cos(Math.PI * share)),
      pitchDeg: 30 * Math.sin(Math.PI * share),
    };
  }
  const stroke = Math.floor(within / hand.strokeS);
  const phase = within / hand.strokeS - stroke;
  const held =
    hand.angleDeg + hand.leanDeg + hand.wobbleDeg * noise(turn * hand.strokesASide + stroke, 3);
  if (phase >= hand.onStoneShare) {
    // The way back, off the stone.
    const back = (phase - hand.onStoneShare) / (1 - hand.onStoneShare);
    const lifted = 14 * Math.sin(Math.PI * back);
    return {
      rollDeg: drift + sign * (held + lifted) + shake,
      pitchDeg: 0.3 + hand.swingDeg * (1 - back),
    };
  }
  const share = phase / hand.onStoneShare;
  const raised = (hand.swingDeg * Math.max(0, share - hand.bellyStart)) / (1 - hand.bellyStart);
  return {
    rollDeg: drift + sign * (held + 0.25 * noise(sample, 4)) + shake,
    pitchDeg: 0.3 + raised + 0.05 * noise(sample, 5),
  };
};

const signed = (deg: number): string => `${deg < 0 ? '-' : '+'}${Math.abs(deg).toFixed(2)}`;

/** Starts it; each who listens sees it from its beginning. */
export const startAngleGauge = (): Promise<RunningDevice> =>
  startOnLoopback('angle gauge', (socket) => {
    const beganMs = Date.now();
    let sent = 0;
    // Woken more often than it sends: a timer that comes late makes nothing late by a whole sample.
    const timer = setInterval(() => {
      const nowMs = Date.now();
      const due = Math.floor(((nowMs - beganMs) / 1000) * GAUGE_RATE_HZ);
      for (; sent < due; sent += 1) {
        const { rollDeg, pitchDeg } = gaugeAt(sent / GAUGE_RATE_HZ);
        socket.write(`${signed(rollDeg)};${signed(pitchDeg)};${nowMs % DAY_MS}\r\n`);
      }
    }, EVERY_MS / 4);
    return () => clearInterval(timer);
  });
