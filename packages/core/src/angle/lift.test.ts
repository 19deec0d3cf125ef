import fc from 'fast-check';
import { codeOf, valueOf } from '../../test/blades';
import { angleFromBevel, mm, perSide, restingAngle } from '../index';
import { angleFromLift, liftFor } from './lift';

describe('lift', () => {
  test('a kitchen knife 48 mm high is lifted 11.36 mm for 15° per side', () => {
    expect(valueOf(liftFor(mm(48), mm(1.1), perSide(15)))).toBeCloseTo(11.360795756, 8);
  });

  test('a blade cannot be held below the angle it rests at, and the message names it', () => {
    const held = liftFor(mm(18), mm(2.75), perSide(7));
    expect(codeOf(held)).toBe('ANGLE_BELOW_RESTING');
    expect(!held.ok && held.error.message).toContain('8.69°');
  });

  test('at the resting angle the spine touches the stone', () => {
    expect(valueOf(liftFor(mm(48), mm(1.1), restingAngle(mm(48), mm(1.1))))).toBeCloseTo(0, 9);
  });

  test('lift and angle undo each other', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 10, max: 150, noNaN: true }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.double({ min: 0.01, max: 0.99, noNaN: true }),
        (height, offset, share) => {
          const resting = restingAngle(mm(height), mm(offset));
          const angle = perSide(resting + share * (89 - resting));
          const lift = valueOf(liftFor(mm(height), mm(offset), angle));
          const back = valueOf(angleFromLift(mm(height), mm(offset), lift));
          // Beyond a right angle to the line of the corner the same lift belongs to a lower angle.
          if (angle - resting <= 90) expect(back).toBeCloseTo(angle, 6);
        },
      ),
    );
  });

  test('a lift longer than the blade is high is out of range', () => {
    expect(codeOf(angleFromLift(mm(20), mm(1), mm(25)))).toBe('OUT_OF_RANGE');
  });
});

describe('angle from the bevel', () => {
  test('a bevel 0.9 mm wide under 0.22 mm of half thickness is ground at 14.15°', () => {
    const bevel = valueOf(angleFromBevel(mm(0.9), mm(0.22)));
    expect(bevel.angle).toBeCloseTo(14.149004509, 8);
    expect(bevel.bevelHeight).toBeCloseTo(0.872696969, 8);
  });

  test('a face narrower than its shoulder is impossible', () => {
    expect(codeOf(angleFromBevel(mm(0.4), mm(0.5)))).toBe('IMPOSSIBLE_BEVEL');
  });
});
