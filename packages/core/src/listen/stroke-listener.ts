/**
 * Strokes out of what a microphone hears: each is a burst of broadband noise over the hiss of the room. Arrays in, strokes
 * out; nothing is kept but a few levels. The brightness of a stroke is steady while the angle is.
 */
import {
  BURST_DB,
  BURST_END_DB,
  FLOOR_RISE_DB_PER_S,
  LISTEN_GAP_S,
  LISTEN_LONGEST_S,
  LISTEN_SHORTEST_S,
  LISTEN_WARM_UP_S,
} from './first-guesses';
import { STRINGS } from './strings';

export interface HeardStroke {
  /** Since the listener began, s. */
  readonly atS: number;
  readonly seconds: number;
  /** Where the middle of its spectrum lies, Hz. */
  readonly brightnessHz: number;
}

/** So many samples are one look, about 10 ms. */
const LOOK_S = 0.01;
/** Bass is doors, feet and pumps: the difference of samples leaves what steel on stone makes. */
const SILENCE_DB = -100;
/** The floor follows down at once, but not into the holes between single grains. */
const FALL_SHARE = 0.2;

const dbOf = (meanSquare: number): number =>
  meanSquare > 0 ? Math.max(SILENCE_DB, 10 * Math.log10(meanSquare)) : SILENCE_DB;

export class StrokeListener {
  private readonly lookLength: number;
  private filled = 0;
  private last = 0;
  private lastDifference = 0;
  /** Of the look under way: energy of the differences, and of their differences. */
  private energy = 0;
  private turns = 0;
  private lookedS = 0;
  private floorDb: number | null = null;
  private smoothDb = SILENCE_DB;
  private begunS: number | null = null;
  private quietS = 0;
  private burstEnergy = 0;
  private burstTurns = 0;

  constructor(private readonly sampleRateHz: number) {
    this.lookLength = Math.max(1, Math.round(LOOK_S * sampleRateHz));
  }

  /** Hears the next samples, -1 to 1; gives the strokes that ended in them. */
  hear(samples: ArrayLike<number>): readonly HeardStroke[] {
    const found: HeardStroke[] = [];
    for (let index = 0; index < samples.length; index += 1) {
      // A device that hands over no number hears nothing.
      const sample = Number.isFinite(samples[index]) ? samples[index]! : 0;
      const difference = sample - this.last;
      const turn = difference - this.lastDifference;
      this.last = sample;
      this.lastDifference = difference;
      this.energy += difference * difference;
      this.turns += turn * turn;
      this.filled += 1;
      if (this.filled < this.lookLength) continue;
      const stroke = this.look();
      if (stroke) found.push(stroke);
      this.filled = 0;
      this.energy = 0;
      this.turns = 0;
    }
    return found;
  }

  private look(): HeardStroke | null {
    const seconds = this.lookLength / this.sampleRateHz;
    this.lookedS += seconds;
    const db = dbOf(this.energy / this.lookLength);
    this.smoothDb += 0.5 * (db - this.smoothDb);
    const level = this.smoothDb;
    if (this.floorDb === null) {
      // The smoothing begins from silence: it is believed once it has come up.
      if (this.lookedS > LISTEN_WARM_UP_S / 2) this.floorDb = level;
      return null;
    }
    this.floorDb =
      level < this.floorDb
        ? this.floorDb + FALL_SHARE * (level - this.floorDb)
        : Math.min(level, this.floorDb + FLOOR_RISE_DB_PER_S * seconds);
    if (this.lookedS < LISTEN_WARM_UP_S) return null;
    if (this.begunS === null) {
      if (level < this.floorDb + BURST_DB) return null;
      this.begunS = this.lookedS;
      this.quietS = 0;
      this.burstEnergy = 0;
      this.burstTurns = 0;
    }
    this.burstEnergy += this.energy;
    this.burstTurns += this.turns;
    this.quietS = level < this.floorDb + BURST_END_DB ? this.quietS + seconds : 0;
    const lasts = this.lookedS - this.begunS - this.quietS;
    return this.quietS >= LISTEN_GAP_S || lasts > LISTEN_LONGEST_S ? this.end(lasts) : null;
  }

  private end(seconds: number): HeardStroke | null {
    const atS = this.begunS!;
    this.begunS = null;
    // A knock is too short; a pump that starts is no stroke, and becomes the floor.
    if (seconds > LISTEN_LONGEST_S) {
      this.floorDb = this.smoothDb;
      return null;
    }
    if (seconds < LISTEN_SHORTEST_S) return null;
    return { atS, seconds, brightnessHz: this.brightness() };
  }

  /** From the energy of differences and of their differences: |2 sin(πf/r)|² lies between them at the middle. */
  private brightness(): number {
    const ratio = this.burstEnergy > 0 ? this.burstTurns / this.burstEnergy : 0;
    return (this.sampleRateHz / Math.PI) * Math.asin(Math.min(1, Math.sqrt(ratio) / 2));
  }
}

export interface HeardRhythm {
  readonly count: number;
  /** Strokes a minute, by the median gap. */
  readonly perMinute: number;
  /** How far the brightness wanders, one standard deviation as a share of its mean. */
  readonly unevenness: number;
  readonly text: string;
}

const medianOf = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length / 2;
  return sorted.length % 2 === 1
    ? sorted[Math.floor(middle)]!
    : (sorted[middle - 1]! + sorted[middle]!) / 2;
};

/** Below this share the sound is even. */
const EVEN = 0.06;
const UNEVEN = 0.1;

/**
 * Tempo and evenness of the last strokes; null for fewer than three.
 *
 * @example
 * rhythmOf([]); // null
 */
export const rhythmOf = (strokes: readonly HeardStroke[]): HeardRhythm | null => {
  if (strokes.length < 3) return null;
  const gaps = strokes.slice(1).map(({ atS }, index) => atS - strokes[index]!.atS);
  const mean = strokes.reduce((sum, each) => sum + each.brightnessHz, 0) / strokes.length;
  const sd = Math.sqrt(
    strokes.reduce((sum, each) => sum + (each.brightnessHz - mean) ** 2, 0) / strokes.length,
  );
  const unevenness = sd / mean;
  return {
    count: strokes.length,
    perMinute: 60 / medianOf(gaps),
    unevenness,
    text:
      unevenness < EVEN
        ? STRINGS.evenSoundAnEvenAngle
        : unevenness < UNEVEN
          ? STRINGS.theSoundWandersALittle
          : STRINGS.theSoundJumpsLookAtThe,
  };
};
