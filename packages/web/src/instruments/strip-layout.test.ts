import { bladeKind, usualMeasuresOf } from '@patient-edge/core';
import { LANE, LEFT, RIGHT, stripLayout, WIDTH } from './strip-layout';

const lay = (kindId: string, part: Partial<Parameters<typeof stripLayout>[1]> = {}) =>
  stripLayout(usualMeasuresOf(kindId, bladeKind(kindId).usual.edgeLengthMm), {
    lanes: true,
    low: false,
    lifts: false,
    ...part,
  });

describe('the strip along the edge', () => {
  test('runs from the heel at the left to the tip at the right, the blade filling it', () => {
    const { x, lengthMm, scale } = lay('chef');
    expect(x(0)).toBe(LEFT);
    expect(x(lengthMm)).toBeCloseTo(WIDTH - RIGHT, 9);
    expect(x(lengthMm)).toBeLessThan(WIDTH);
    expect(scale * lengthMm).toBeCloseTo(WIDTH - LEFT - RIGHT, 9);
  });

  test('on a telephone it is drawn that wide, with room between the marks', () => {
    const { x, lengthMm, ticks, width } = lay('chef', { width: 326 });
    expect([width, x(0), x(lengthMm)]).toEqual([326, LEFT, 326 - RIGHT]);
    for (const [index, tick] of ticks.entries())
      if (index > 0) expect(x(tick) - x(ticks[index - 1]!)).toBeGreaterThanOrEqual(28);
  });

  test.each([
    ['paring', 60, [0, 10, 20, 30, 40, 50, 60]],
    ['paring', 95, [0, 20, 40, 60, 80]],
    ['chef', 210, [0, 50, 100, 150, 200]],
  ])('%s of %d mm has a mark where a rule would have one', (kindId, lengthMm, marks) => {
    const { ticks } = stripLayout(usualMeasuresOf(kindId, lengthMm), {
      lanes: false,
      low: false,
      lifts: false,
    });
    expect(ticks).toEqual(marks);
  });

  test('shows the whole of the edge, however high the blade and however much it curves', () => {
    for (const kindId of ['chef', 'cleaver', 'curved-fish']) {
      const { curves, baseline, scale } = lay(kindId, { low: true });
      const highest = Math.max(...curves.edge.map(([, y]) => y)) * scale;
      expect(baseline).toBeGreaterThanOrEqual(highest);
    }
  });

  test('cuts off the back of a high blade, and says so', () => {
    expect(lay('cleaver').isCut).toBe(true);
    expect(lay('slicer').isCut).toBe(false);
  });

  test('has a lane for each side, the right above the left, and room for the lifts below', () => {
    const plain = lay('chef');
    expect(plain.laneTop('left') - plain.laneTop('right')).toBeGreaterThan(LANE);
    expect(plain.lanesBottom).toBeGreaterThan(plain.laneTop('left') + LANE);
    expect(lay('chef', { lifts: true }).height).toBeGreaterThan(plain.height);
    expect(lay('chef', { lanes: false }).height).toBeLessThan(plain.height - 2 * LANE);
  });

  test('draws higher points higher up', () => {
    const { line, baseline } = lay('chef');
    const [, y] = /^M[\d.]+ ([\d.-]+)$/.exec(line([[10, 5]]))!;
    expect(Number(y)).toBeLessThan(baseline);
    expect(
      line([
        [0, 0],
        [10, 0],
      ]),
    ).toMatch(/^M[\d.]+ [\d.]+L[\d.]+ [\d.]+$/);
  });
});
