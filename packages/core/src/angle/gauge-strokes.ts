/**
 * Strokes out of what an angle gauge on the blade sends, roll and pitch: held near the wanted angle it is on the stone,
 * lifted or turned over it is not. Roll tells side and angle, pitch how far the handle is raised and so the place along
 * the belly; on the straight part every place looks alike.
 */
import {
  GAUGE_HELD_DEG,
  GAUGE_STILL_DEG,
  GAUGE_STROKE_S,
  GAUGE_TURN_DEG,
  ZERO_LASTS_S,
} from './first-guesses';
import { gaugeAngle } from './gauge';

export interface GaugeSample {
  readonly rollDeg: number;
  readonly pitchDeg: number;
}

export interface GaugeStroke {
  readonly side: 'right' | 'left';
  /** Per side, of the datum plane. */
  readonly meanDeg: number;
  /** Wobble within the stroke, one standard deviation. */
  readonly sdDeg: number;
  /** Shares of the edge it swept. */
  readonly from: number;
  readonly to: number;
  readonly seconds: number;
}

export interface GaugeSettings {
  readonly rateHz: number;
  /** Of the face it sits on, per side. */
  readonly leanDeg: number;
  readonly plannedDeg: number;
  /** Where the belly begins, as a share of the edge, and how far the edge turns from there to the tip. */
  readonly bellyStart: number;
  readonly swingDeg: number;
}

/** The gauge at this moment. */
export interface GaugeNow {
  /** Laid down and not moving: it can be zeroed. */
  readonly isStill: boolean;
  readonly isZeroed: boolean;
  /** The zero is older than its drift allows. */
  readonly isZeroOld: boolean;
  readonly isHeld: boolean;
  readonly side: 'right' | 'left';
  readonly angleDeg: number;
  /** Along the edge, by pitch. */
  readonly share: number;
  /** One that has just ended. */
  readonly stroke: GaugeStroke | null;
}

/** So much of the past is looked at for stillness, s. */
const STILL_S = 1;
/** Samples in a row before held or not held is believed. */
const SURE = 3;
const SMOOTH = 0.4;

interface Stretch {
  readonly angles: number[];
  readonly pitches: number[];
  /** Pitch extreme since the last turn, and the way it goes: up, down, or not known yet. */
  extreme: number;
  way: 1 | -1 | 0;
  side: 'right' | 'left';
}

export class GaugeTracker {
  private zero: GaugeSample | null = null;
  private zeroAgeS = 0;
  private readonly recent: GaugeSample[] = [];
  private smoothRoll: number | null = null;
  private expectedDeg: number;
  private sure = 0;
  private stretch: Stretch | null = null;

  constructor(private readonly settings: GaugeSettings) {
    this.expectedDeg = settings.plannedDeg;
  }

  /** Takes what it reads now as lying on the stone; false, and nothing changed, while it moves. */
  setZero(): boolean {
    if (!this.isStill()) return false;
    const mean = (of: (sample: GaugeSample) => number): number =>
      this.recent.reduce((sum, each) => sum + of(each), 0) / this.recent.length;
    this.zero = {
      rollDeg: mean(({ rollDeg }) => rollDeg),
      pitchDeg: mean(({ pitchDeg }) => pitchDeg),
    };
    this.zeroAgeS = 0;
    this.stretch = null;
    return true;
  }

  push(sample: GaugeSample): GaugeNow {
    const { rateHz, leanDeg } = this.settings;
    this.recent.push(sample);
    if (this.recent.length > STILL_S * rateHz) this.recent.shift();
    this.zeroAgeS += 1 / rateHz;
    const zero = this.zero ?? { rollDeg: 0, pitchDeg: 0 };
    const roll = sample.rollDeg - zero.rollDeg;
    this.smoothRoll =
      this.smoothRoll === null ? roll : this.smoothRoll + SMOOTH * (roll - this.smoothRoll);
    const side = this.smoothRoll >= 0 ? 'right' : 'left';
    const angleDeg = gaugeAngle(Math.abs(roll), 0, leanDeg);
    const smoothDeg = gaugeAngle(Math.abs(this.smoothRoll), 0, leanDeg);
    const pitch = sample.pitchDeg - zero.pitchDeg;
    const isHeld = Math.abs(smoothDeg - this.expectedDeg) <= GAUGE_HELD_DEG && this.zero !== null;
    const stroke = this.follow(isHeld, side, angleDeg, pitch);
    return {
      isStill: this.isStill(),
      isZeroed: this.zero !== null,
      isZeroOld: this.zero !== null && this.zeroAgeS > ZERO_LASTS_S,
      isHeld: this.stretch !== null,
      side,
      angleDeg,
      share: this.shareOf(pitch),
      stroke,
    };
  }

  private isStill(): boolean {
    if (this.recent.length < STILL_S * this.settings.rateHz) return false;
    const spread = (of: (sample: GaugeSample) => number): number => {
      const values = this.recent.map(of);
      return Math.max(...values) - Math.min(...values);
    };
    return (
      spread(({ rollDeg }) => rollDeg) < GAUGE_STILL_DEG &&
      spread(({ pitchDeg }) => pitchDeg) < GAUGE_STILL_DEG
    );
  }

  private follow(
    isHeld: boolean,
    side: 'right' | 'left',
    angleDeg: number,
    pitch: number,
  ): GaugeStroke | null {
    const { stretch } = this;
    if (!stretch) {
      this.sure = isHeld ? this.sure + 1 : 0;
      if (this.sure < SURE) return null;
      this.sure = 0;
      this.stretch = { angles: [angleDeg], pitches: [pitch], extreme: pitch, way: 0, side };
      return null;
    }
    this.sure = isHeld && side === stretch.side ? 0 : this.sure + 1;
    if (this.sure >= SURE) {
      this.sure = 0;
      this.stretch = null;
      return this.strokeOf(stretch, SURE - 1);
    }
    stretch.angles.push(angleDeg);
    stretch.pitches.push(pitch);
    return this.turned(stretch, pitch);
  }

  /** Back and forth without lifting: where the pitch turns a stroke ends and the next begins. */
  private turned(stretch: Stretch, pitch: number): GaugeStroke | null {
    if (stretch.way === 0) {
      if (Math.abs(pitch - stretch.extreme) < GAUGE_TURN_DEG) return null;
      stretch.way = pitch > stretch.extreme ? 1 : -1;
      stretch.extreme = pitch;
      return null;
    }
    if ((pitch - stretch.extreme) * stretch.way > 0) {
      stretch.extreme = pitch;
      return null;
    }
    if (Math.abs(pitch - stretch.extreme) < GAUGE_TURN_DEG) return null;
    const at = stretch.pitches.lastIndexOf(stretch.extreme);
    const done = this.strokeOf(
      {
        ...stretch,
        angles: stretch.angles.slice(0, at + 1),
        pitches: stretch.pitches.slice(0, at + 1),
      },
      0,
    );
    stretch.angles.splice(0, at);
    stretch.pitches.splice(0, at);
    stretch.way = stretch.way === 1 ? -1 : 1;
    stretch.extreme = pitch;
    return done;
  }

  /** Null for a touch too short to be a stroke; the samples it took to be sure do not count. */
  private strokeOf({ angles, pitches, side }: Stretch, unsure: number): GaugeStroke | null {
    const { rateHz } = this.settings;
    const held = angles.slice(0, Math.max(0, angles.length - unsure));
    const seconds = held.length / rateHz;
    if (seconds < GAUGE_STROKE_S) return null;
    // The hand settles at first and lifts at last.
    const edge = Math.floor(held.length * 0.1);
    const middle = held.slice(edge, held.length - edge);
    const meanDeg = middle.reduce((sum, each) => sum + each, 0) / middle.length;
    const sdDeg = Math.sqrt(
      middle.reduce((sum, each) => sum + (each - meanDeg) ** 2, 0) / middle.length,
    );
    // Slowly after the hand: a wide band about what it holds.
    this.expectedDeg += 0.2 * (meanDeg - this.expectedDeg);
    const swept = pitches.slice(0, held.length);
    const [low, high] = [Math.min(...swept), Math.max(...swept)];
    const from = this.shareOf(low);
    const to = this.shareOf(high);
    return {
      side,
      meanDeg,
      sdDeg,
      from,
      // On the straight part alone every place looks alike: all of it is meant.
      to: to > from ? to : Math.max(to, this.settings.bellyStart),
      seconds,
    };
  }

  private shareOf(pitch: number): number {
    const { bellyStart, swingDeg } = this.settings;
    if (pitch < GAUGE_STILL_DEG) return 0;
    return Math.min(1, bellyStart + (1 - bellyStart) * Math.min(1, pitch / swingDeg));
  }
}

/** Of many strokes: how they were held, and how far they wandered. */
export interface GaugeSummary {
  readonly count: number;
  readonly meanDeg: number;
  /** From stroke to stroke, one standard deviation. */
  readonly wobbleDeg: number;
}

/**
 * Null without a stroke.
 *
 * @example
 * gaugeSummary([]); // null
 */
export const gaugeSummary = (
  strokes: readonly Pick<GaugeStroke, 'meanDeg'>[],
): GaugeSummary | null => {
  if (strokes.length === 0) return null;
  const meanDeg = strokes.reduce((sum, each) => sum + each.meanDeg, 0) / strokes.length;
  return {
    count: strokes.length,
    meanDeg,
    wobbleDeg: Math.sqrt(
      strokes.reduce((sum, each) => sum + (each.meanDeg - meanDeg) ** 2, 0) / strokes.length,
    ),
  };
};

/** The first line of a recording. */
export const RECORDING_HEAD = 'ms,roll_deg,pitch_deg';

/**
 * A recording as CSV, a line a sample (docs/formats.md).
 *
 * @example
 * recordingCsv([{ rollDeg: 16.25, pitchDeg: -1 }], 50); // "ms,roll_deg,pitch_deg\n0,16.25,-1.00\n"
 */
export const recordingCsv = (samples: readonly GaugeSample[], rateHz: number): string =>
  `${[
    RECORDING_HEAD,
    ...samples.map(
      ({ rollDeg, pitchDeg }, index) =>
        `${Math.round((index * 1000) / rateHz)},${rollDeg.toFixed(2)},${pitchDeg.toFixed(2)}`,
    ),
  ].join('\n')}\n`;

/**
 * A recording read back; null where it is none.
 *
 * @example
 * recordingOf('ms,roll_deg,pitch_deg\n0,16.25,-1.00')?.length; // 1
 */
export const recordingOf = (csv: string): readonly GaugeSample[] | null => {
  const [head, ...lines] = csv.trim().split(/\r?\n/);
  if (head?.trim() !== RECORDING_HEAD) return null;
  const samples = lines.map((line) => {
    const [, rollDeg, pitchDeg] = line.split(',').map(Number);
    return { rollDeg: rollDeg ?? NaN, pitchDeg: pitchDeg ?? NaN };
  });
  const isWhole = samples.every(
    ({ rollDeg, pitchDeg }) => Math.abs(rollDeg) <= 180 && Math.abs(pitchDeg) <= 180,
  );
  return isWhole ? samples : null;
};
