/** The angle a blade of any side rests at, and where it touches (docs/method.md, G1). */
import { perSide, radians, toDegrees, toRadians, type DegreesPerSide } from '../units';

/** A point of a side: height above the apex and distance from the datum plane, mm. */
export type SideContact = readonly [yMm: number, xMm: number];

export interface Resting {
  readonly angle: DegreesPerSide;
  readonly contact: SideContact;
  /** Spine corner above the stone at that angle, mm. */
  readonly spineGapMm: number;
}

/** θ0 = max over the side of atan(x / y); of equal angles the lowest point is the contact. The spine comes last. */
export const restingOnSide = (side: readonly SideContact[]): Resting => {
  const slope = ([y, x]: SideContact): number => x / y;
  const contact = side.reduce((best, point) => (slope(point) > slope(best) ? point : best));
  const angle = toDegrees(radians(Math.atan(slope(contact))));
  const [spineY, spineX] = side[side.length - 1]!;
  const theta = toRadians(angle);
  const gap = spineY * Math.sin(theta) - spineX * Math.cos(theta);
  return { angle: perSide(angle), contact, spineGapMm: Math.max(0, gap) };
};

/** A razor's spine is its guide: tape on both sides of it adds its thickness to each (docs/method.md, G1). */
export const razorAngle = (
  widthMm: number,
  spineThicknessMm: number,
  tapeMm: number,
): DegreesPerSide => toDegrees(radians(Math.atan2(spineThicknessMm / 2 + tapeMm, widthMm)));
