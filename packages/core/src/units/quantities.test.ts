/** Units that must not mix: each line marked below is refused by the type check, or this file does not compile. */
import { micrometres, mm, nearestGrits, perSide, restingAngle } from '../index';
import { liftFor } from '../angle/lift';
import { inclusiveOf, perSideOf, radians, toDegrees, toRadians } from './quantities';

describe('units', () => {
  test('convert there and back', () => {
    expect(toDegrees(toRadians(perSide(17)))).toBeCloseTo(17, 12);
    expect(inclusiveOf(perSide(17), perSide(17))).toBe(34);
    expect(perSideOf(inclusiveOf(perSide(17), perSide(17)))).toBe(17);
  });

  test('do not mix', () => {
    const inclusive = inclusiveOf(perSide(15), perSide(15));
    // @ts-expect-error inclusive where per side is wanted
    liftFor(mm(48), mm(1.1), inclusive);
    // @ts-expect-error radians where degrees are wanted
    liftFor(mm(48), mm(1.1), radians(0.26));
    // @ts-expect-error degrees where radians are wanted
    toDegrees(perSide(15));
    // @ts-expect-error a bare number where a length is wanted
    restingAngle(48, mm(1.1));
    // @ts-expect-error millimetres where micrometres are wanted
    nearestGrits(mm(0.011));
    // @ts-expect-error an inclusive angle is not the sum of inclusive angles
    inclusiveOf(inclusive, inclusive);
    expect(nearestGrits(micrometres(11.5)).JIS).toBe(1000);
  });
});
