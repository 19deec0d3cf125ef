import fc from 'fast-check';
import { clampAngles, findAngle, INK_SEEN, type InkAlong, type InkSeen } from '../index';

const inkAlong = (heel: InkSeen, middle: InkSeen, tip: InkSeen): InkAlong => ({
  heel,
  middle,
  tip,
});

test('gone at the edge only is lowered, at the shoulder only raised, across is locked', () => {
  expect(findAngle(inkAlong('edge', 'edge', 'edge'))).toMatchObject({
    turnDeg: -0.5,
    slideMm: 0,
    text: 'Lower by 0.5° and ink again.',
  });
  expect(findAngle(inkAlong('shoulder', 'shoulder', 'shoulder'))?.turnDeg).toBe(0.5);
  expect(findAngle(inkAlong('edge', 'across', 'edge'))?.turnDeg).toBe(-0.3);
  expect(findAngle(inkAlong('across', 'across', 'across'))?.isMatched).toBe(true);
});

test('matched at both ends and not between is the bevel, not the setting', () => {
  expect(findAngle(inkAlong('across', 'edge', 'across'))).toMatchObject({
    turnDeg: 0,
    slideMm: 0,
    isMatched: false,
  });
});

test('says nothing before all three places were looked at', () => {
  expect(findAngle({ heel: 'edge', middle: null, tip: 'edge' })).toBeNull();
});

test('every answer but a match and an uneven bevel changes one thing, and one only', () => {
  const seen = fc.constantFrom(...INK_SEEN);
  fc.assert(
    fc.property(seen, seen, seen, (heel, middle, tip) => {
      const { turnDeg, slideMm } = findAngle(inkAlong(heel, middle, tip))!;
      expect(turnDeg !== 0 && slideMm !== 0).toBe(false);
      expect(Math.abs(turnDeg)).toBeLessThanOrEqual(0.5);
      expect(Math.abs(slideMm)).toBeLessThanOrEqual(5);
    }),
  );
});

test('a curved blade held off its middle is slid back towards it, whichever end the jaws sit at', () => {
  // The rig's own geometry as the independent way: ink follows the angle at each of the three places.
  const edge = Array.from(
    { length: 13 },
    (_, index) => [10 * index, (10 * index - 60) ** 2 / 400] as const,
  );
  for (const jawsMm of [20, 100]) {
    const { angleDeg } = clampAngles(edge, { xMm: 60, yMm: 180, zMm: jawsMm }, 0);
    const matchedDeg = angleDeg[6]!;
    const inkAt = (deg: number): InkSeen =>
      deg > matchedDeg + 0.2 ? 'edge' : deg < matchedDeg - 0.2 ? 'shoulder' : 'across';
    const seen = inkAlong(inkAt(angleDeg[0]!), 'across', inkAt(angleDeg[12]!));
    expect(Math.sign(findAngle(seen)!.slideMm)).toBe(Math.sign(60 - jawsMm));
  }
});
