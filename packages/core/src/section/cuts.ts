/** The cuts a sharpener makes, as lines of a section. Right and left are mirror images. */
import { toRadians, type DegreesPerSide, type Millimetres } from '../units';
import type { FaceRole, Side } from './face';
import { cutSection, type Cut, type CutLine, type Section } from './section';

/**
 * A face at `angle` to the datum plane through the point (x, y); steel outside it goes.
 *
 * @example
 * typeof faceLine('right', perSide(15), 0, 0); // "object"
 */
export const faceLine = (side: Side, angle: DegreesPerSide, xMm: number, yMm: number): CutLine => {
  const theta = toRadians(angle);
  const nx = (side === 'right' ? 1 : -1) * Math.cos(theta);
  const ny = -Math.sin(theta);
  return { nx, ny, offset: Math.cos(theta) * xMm + ny * yMm };
};

/** Jointing: everything below height y goes. */
export const jointLine = (yMm: Millimetres): CutLine => ({ nx: 0, ny: -1, offset: 0 - yMm });

/** The same face on both sides: `x` is the distance from the datum plane at height y. */
export const cutBothSides = (
  section: Section,
  angle: DegreesPerSide,
  xMm: number,
  yMm: number,
  role: FaceRole,
): Cut => {
  const right = cutSection(section, faceLine('right', angle, xMm, yMm), { side: 'right', role });
  const left = cutSection(right.section, faceLine('left', angle, xMm, yMm), { side: 'left', role });
  return {
    section: left.section,
    removedAreaMm2: right.removedAreaMm2 + left.removedAreaMm2,
  };
};
