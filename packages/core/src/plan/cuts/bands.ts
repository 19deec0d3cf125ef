/**
 * Thinning in bands: from a visible remnant of the old bevel up towards the spine, each band lower than the
 * last, until the thickness wanted 5 and 10 mm above the edge is reached and the last band runs out into the
 * primary grind.
 */
import {
  exceeds,
  fail,
  ok,
  perSide,
  radians,
  toDegrees,
  toRadians,
  type Result,
} from '../../units';
import { thicknessAtMm, type Section } from '../../section';
import type { ThinTargets } from '../choices';
import { BANDS_ABOVE_PRIMARY_DEG, ONE_GIVEN_SHARE } from './first-guesses';
import { STRINGS } from './strings';

/** Heights above the new edge at which thickness is aimed at. */
export const AIMED_AT_MM = [5, 10] as const;

export interface Band {
  readonly angleDeg: number;
  /** Where it begins: distance from the datum plane, and height in the section's frame. */
  readonly xMm: number;
  readonly yMm: number;
}

export interface BandInput {
  readonly section: Section;
  /** After the outline is up. */
  readonly apexMm: number;
  /** Where the first band begins: distance from the datum plane, and height. */
  readonly start: Pick<Band, 'xMm' | 'yMm'>;
  readonly primaryDeg: number;
  readonly targets: ThinTargets;
}

const tanOf = (deg: number): number => Math.tan(toRadians(perSide(deg)));
const degOf = (slope: number): number => toDegrees(radians(Math.atan(slope)));

/**
 * Three bands. Errors: OUT_OF_RANGE when a target is thicker than the blade is there, when it is thinner than
 * the remnant below it, or when the bands would not fall in angle.
 */
export const thinningBands = (input: BandInput): Result<readonly Band[]> => {
  const { section, apexMm, primaryDeg, targets } = input;
  const { xMm: startX, yMm: startY } = input.start;
  const now = AIMED_AT_MM.map((at) => thicknessAtMm(section, apexMm + at));
  const given = [targets.at5Mm, targets.at10Mm];
  for (const [index, at] of AIMED_AT_MM.entries()) {
    const target = given[index] ?? null;
    const present = now[index] ?? null;
    if (target === null || present === null) continue;
    if (exceeds(target, present)) {
      return fail(
        'OUT_OF_RANGE',
        STRINGS.mmAboveTheEdgeTheBlade(at, present.toFixed(2), target),
        `choices.thinTo.at${at}Mm`,
      );
    }
  }
  const [first, second, last] = BANDS_ABOVE_PRIMARY_DEG;
  const y5 = apexMm + AIMED_AT_MM[0];
  const y10 = apexMm + AIMED_AT_MM[1];
  /** The usual angle of the first band, or one as far above the mean lean to 10 mm as leaves a second below it. */
  const firstDeg = (at10Mm: number | null): number => {
    if (at10Mm === null) return primaryDeg + first;
    const meanDeg = degOf((at10Mm / 2 - startX) / (y10 - startY));
    return Math.min(primaryDeg + first, meanDeg + ONE_GIVEN_SHARE * (meanDeg - primaryDeg));
  };
  // Half thicknesses aimed at: given, or where a line at the usual angle comes to. With one of the two given, the
  // other leaves the bands falling.
  const x5 =
    targets.at5Mm === null
      ? startX + (y5 - startY) * tanOf(firstDeg(targets.at10Mm))
      : targets.at5Mm / 2;
  const firstIs = degOf((x5 - startX) / (y5 - startY));
  const secondDeg = Math.min(primaryDeg + second, (firstIs + primaryDeg) / 2);
  const x10 = targets.at10Mm === null ? x5 + (y10 - y5) * tanOf(secondDeg) : targets.at10Mm / 2;
  const angles = [
    degOf((x5 - startX) / (y5 - startY)),
    degOf((x10 - x5) / (y10 - y5)),
    primaryDeg + last,
  ] as const;
  if (angles[0] <= primaryDeg || angles[1] <= primaryDeg) {
    return fail(
      'OUT_OF_RANGE',
      STRINGS.bandsOfDegreesAndDegreesNever(
        angles[0].toFixed(2),
        angles[1].toFixed(2),
        primaryDeg.toFixed(2),
      ),
      angles[0] <= primaryDeg ? 'choices.thinTo.at5Mm' : 'choices.thinTo.at10Mm',
    );
  }
  if (exceeds(angles[1], angles[0])) {
    return fail(
      'OUT_OF_RANGE',
      STRINGS.theSecondBandWouldBeSteeper(angles[1].toFixed(2), angles[0].toFixed(2)),
      'choices.thinTo.at10Mm',
    );
  }
  return ok([
    { angleDeg: angles[0], xMm: startX, yMm: startY },
    { angleDeg: angles[1], xMm: x5, yMm: y5 },
    { angleDeg: Math.min(angles[2], angles[1]), xMm: x10, yMm: y10 },
  ]);
};
