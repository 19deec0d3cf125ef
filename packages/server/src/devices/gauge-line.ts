/** Reads what an angle gauge sends: a line with roll, pitch and its own clock, fifty times a second. */
import { wholeLines } from './whole-lines';

const LINE =
  /^\s*([+-]?\d{1,3}(?:[.,]\d{1,3})?)\s*;\s*([+-]?\d{1,3}(?:[.,]\d{1,3})?)\s*(?:;\s*(\d{1,9}))?\s*$/;

export interface GaugeMessage {
  readonly rollDeg: number;
  readonly pitchDeg: number;
  /** By the gauge's own clock, ms; null where it has none. */
  readonly ms: number | null;
}

const degOf = (text: string): number => Number(text.replace(',', '.'));

/** One message for each sample: a needle that waits for a bundle is late. */
export const gaugeReader = (): ((piece: string) => readonly GaugeMessage[]) => {
  const lines = wholeLines();
  return (piece) =>
    lines(piece).flatMap((line) => {
      const found = LINE.exec(line);
      if (!found) return [];
      const [, roll, pitch, ms] = found;
      return [
        {
          rollDeg: degOf(roll!),
          pitchDeg: degOf(pitch!),
          ms: ms === undefined ? null : Number(ms),
        },
      ];
    });
};
