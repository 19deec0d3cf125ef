/**
 * Thinning to the thickness a use wants: bands from the edge up, each lower than the one before and laid over the
 * ridge that one leaves against the face.
 */
import {
  exceeds,
  fail,
  ok,
  perSide,
  radians,
  SLACK,
  toDegrees,
  toRadians,
  type Result,
} from '../../units';
import type { Section } from '../../section';
import type { Band } from './bands';
import type { BandWanted, Shape } from './blade-work';
import {
  FIRST_BAND_ABOVE_DEG,
  FIRST_BAND_DEG,
  LEAST_BAND_ABOVE_DEG,
  NEXT_BAND_SHARE,
} from './first-guesses';
import { STRINGS } from './strings';

export interface StopInput {
  /** Thickness behind the edge to stop at, mm. */
  readonly stopMm: number;
  /** After the outline is up. */
  readonly apexMm: number;
  readonly oldAngleDeg: number;
  readonly newAngleDeg: number;
}

const slope = (deg: number): number => Math.tan(toRadians(perSide(deg)));

/**
 * Where the first band begins: where the new bevel, or the old one that stands inside it, is as thick as wanted.
 */
export const thinningStart = ({
  stopMm,
  apexMm,
  oldAngleDeg,
  newAngleDeg,
}: StopInput): { readonly xMm: number; readonly yMm: number } => {
  const xMm = stopMm / 2;
  return { xMm, yMm: Math.max(apexMm + xMm / slope(newAngleDeg), xMm / slope(oldAngleDeg)) };
};

/** Bands held at these angles. */
export const heldAtDeg = (anglesDeg: readonly number[]): readonly BandWanted[] =>
  anglesDeg.map((angleDeg) => ({ angleDeg, toMm: null }));

/**
 * The usual bands of a blade: a few degrees above its primary grind near the edge, half as far above it over the ridge.
 */
export const usualBandsDeg = (primaryDeg: number, oldAngleDeg: number): readonly number[] => {
  const [lowest, highest] = FIRST_BAND_DEG;
  const usual = Math.min(highest, Math.max(lowest, primaryDeg + FIRST_BAND_ABOVE_DEG));
  const first = Math.min(
    Math.max(usual, primaryDeg + LEAST_BAND_ABOVE_DEG),
    // Under the bevel it begins on, or it takes nothing.
    (oldAngleDeg + primaryDeg) / 2,
  );
  return [first, (first + primaryDeg) / 2];
};

/** So little above the face a band still runs out into it. */
const LEAST_CLEAR_DEG = 0.05;

/** Height at which a line from (x, y) upwards meets the right face of a section; null where it never does. */
const meetsFaceAt = (
  { vertices }: Section,
  xMm: number,
  yMm: number,
  angleDeg: number,
): number | null => {
  const tan = slope(angleDeg);
  /** How far the face stands outside the line. */
  const proud = ({ x, y }: { x: number; y: number }): number => x - (xMm + (y - yMm) * tan);
  let best: number | null = null;
  for (let index = 0; index + 1 < vertices.length; index += 1) {
    const [a, b] = [vertices[index]!, vertices[index + 1]!];
    if (a.face.side !== 'right') continue;
    const [from, to] = [proud(a), proud(b)];
    if (from <= SLACK || to > SLACK) continue;
    const at = a.y + ((b.y - a.y) * from) / (from - to);
    if (at > yMm && (best === null || at < best)) best = at;
  }
  return best;
};

/** Distance of the thicker face of a section from the datum plane at a height; null above or below it. */
const faceAt = ({ vertices }: Section, yMm: number): number | null => {
  let thickest: number | null = null;
  for (let index = 0; index + 1 < vertices.length; index += 1) {
    const [a, b] = [vertices[index]!, vertices[index + 1]!];
    if ((a.y - yMm) * (b.y - yMm) > 0 || a.y === b.y) continue;
    const x = Math.abs(a.x + ((b.x - a.x) * (yMm - a.y)) / (b.y - a.y));
    thickest = Math.max(thickest ?? 0, x);
  }
  return thickest;
};

/**
 * Whether bands asked for fall from one to the next and run out into the face half way along. Errors: OUT_OF_RANGE, naming
 * the band at fault.
 */
export const checkBands = (
  { section, primaryDeg }: Pick<Shape, 'section' | 'primaryDeg'>,
  bands: readonly BandWanted[],
): Result<readonly BandWanted[]> => {
  const topMm = Math.max(...section.vertices.map(({ y }) => y));
  for (const [index, { angleDeg, toMm }] of bands.entries()) {
    const field = `choices.thinBands[${index}].${toMm === null ? 'angleDeg' : 'toMm'}`;
    const before = bands[index - 1];
    if (toMm !== null) {
      if (exceeds(toMm, topMm))
        return fail('OUT_OF_RANGE', STRINGS.aBandUpToMmDoes(toMm, topMm.toFixed(1)), field);
      if (before && before.toMm !== null && !exceeds(toMm, before.toMm))
        return fail('OUT_OF_RANGE', STRINGS.aBandUpToMmDoesNot(toMm, before.toMm), field);
      continue;
    }
    if (before && before.toMm === null && !exceeds(before.angleDeg, angleDeg)) {
      return fail('OUT_OF_RANGE', STRINGS.aBandOfDegreesDoesNot(angleDeg, before.angleDeg), field);
    }
    if (!exceeds(angleDeg, primaryDeg)) {
      return fail(
        'OUT_OF_RANGE',
        STRINGS.aBandOfDegreesNeverRuns(angleDeg, primaryDeg.toFixed(2)),
        field,
      );
    }
  }
  return ok(bands);
};

export interface FallingInput {
  readonly section: Section;
  readonly primaryDeg: number;
  /** After the outline is up. */
  readonly apexMm: number;
  /** Where the first band begins: distance from the datum plane, and height. */
  readonly start: { readonly xMm: number; readonly yMm: number };
}

/** Bands at these angles; where the face leans more than one of them, that one takes nothing there. */
export const fallingBands = (
  { section, primaryDeg, apexMm, start }: FallingInput,
  asked: readonly BandWanted[],
): readonly Band[] => {
  let { xMm, yMm } = start;
  return asked.map(({ angleDeg: askedDeg, toMm }) => {
    const upTo = toMm === null ? null : apexMm + toMm;
    const outMm = upTo === null || upTo <= yMm ? null : faceAt(section, upTo);
    const wantedDeg =
      upTo === null || outMm === null
        ? askedDeg
        : toDegrees(radians(Math.atan((outMm - xMm) / (upTo - yMm))));
    const angleDeg = Math.max(wantedDeg, primaryDeg + LEAST_CLEAR_DEG);
    const band = { angleDeg, xMm, yMm };
    const topMm = meetsFaceAt(section, xMm, yMm, angleDeg);
    if (topMm !== null) {
      const risen = NEXT_BAND_SHARE * (topMm - yMm);
      xMm += risen * slope(angleDeg);
      yMm += risen;
    }
    return band;
  });
};
