import fc from 'fast-check';
import { planBlade, type BladePlan } from '../index';
import { planInput } from '../../test/blades';
import { correctedShare, Twin, type TwinBlade } from './twin';
import { mm3PerStroke, strokesWorked } from './worked';

const blade: TwinBlade = {
  edgeLengthMm: 200,
  heightsMm: [48, 40, 18],
  spinesMm: [2.4, 2, 1.2],
  thicknessBehindEdgeMm: 0.4,
  angleDeg: 15,
  groundSide: null,
};
const full = { from: 0, to: 1 };

describe('the twin of a blade', () => {
  test('a higher angle reaches the apex at once, a lower one grinds the shoulder first', () => {
    const high = new Twin(blade, 20);
    high.stroke({ side: 'right', angleDeg: 18, ...full, mm3: 0.2 });
    expect(high.look().stations.every(({ reached }) => reached.right && !reached.left)).toBe(true);
    const low = new Twin(blade, 20);
    low.stroke({ side: 'right', angleDeg: 12, ...full, mm3: 0.2 });
    expect(low.look().stations.every(({ reached }) => !reached.right)).toBe(true);
    // Enough of it gets there: a triangle of the whole bevel at 12° is 0.2²/2·(1/tan 12° − 1/tan 15°) = 0.0195 mm².
    low.stroke({ side: 'right', angleDeg: 12, ...full, mm3: 0.0215 * 200 });
    expect(low.look().stations.every(({ reached }) => reached.right)).toBe(true);
  });

  test('strokes at the tip change the tip alone', () => {
    const twin = new Twin(blade);
    twin.stroke({ side: 'left', angleDeg: 17, from: 0.85, to: 1, mm3: 0.4 });
    for (const { share, apexRiseMm } of twin.look().stations)
      expect([share, apexRiseMm > 0]).toEqual([share, share >= 0.85]);
  });

  test('takes the steel the strokes are said to take', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.record({
            side: fc.constantFrom('right' as const, 'left' as const),
            angleDeg: fc.double({ min: 10, max: 25, noNaN: true }),
            mm3: fc.double({ min: 0.001, max: 0.4, noNaN: true }),
          }),
          { minLength: 1, maxLength: 20 },
        ),
        (strokes) => {
          const twin = new Twin(blade, 10);
          for (const stroke of strokes) twin.stroke({ ...stroke, ...full });
          const { removedMm3, refused } = twin.look();
          expect(refused).toBe(0);
          expect(removedMm3).toBeCloseTo(
            strokes.reduce((sum, { mm3 }) => sum + mm3, 0),
            9,
          );
        },
      ),
      { numRuns: 30 },
    );
  });

  test('ground on one side the flat stays flat, and the apex moves along it', () => {
    const twin = new Twin({ ...blade, angleDeg: 18, groundSide: 'right' }, 10);
    twin.stroke({ side: 'right', angleDeg: 18, ...full, mm3: 2 });
    expect(twin.outlineAt(0.5)!.every(({ x }) => x >= -1e-12)).toBe(true);
    expect(twin.look().stations[4]!.apexRiseMm).toBeGreaterThan(0);
  });
});

describe('a caliper corrects it', () => {
  test('half of what was foreseen was taken: the model takes half', () => {
    const modelled = new Twin(blade, 1);
    modelled.stroke({ side: 'right', angleDeg: 8, ...full, mm3: 20 });
    modelled.stroke({ side: 'left', angleDeg: 8, ...full, mm3: 20 });
    const now = modelled.thicknessAt(0.5, 1)!;
    const before = new Twin(blade, 1).thicknessAt(0.5, 1)!;
    const share = correctedShare({
      beforeMm: before,
      modelledMm: now,
      measuredMm: (before + now) / 2,
    });
    expect(share).toBeCloseTo(0.5, 9);
  });
});

describe('the strokes of a step', () => {
  const { steps } = (planBlade(planInput()) as { value: BladePlan }).value.work;
  const edge = steps.find(({ key }) => key === 'edge 1')!;

  test('worked as the plan says they take what it says, on both sides', () => {
    const counted = {
      right: edge.sides.find(({ side }) => side === 'right')!.strokes,
      left: edge.sides.find(({ side }) => side === 'left')!.strokes,
    };
    const all = strokesWorked({ step: edge, counted, added: [] });
    expect(all.reduce((sum, { mm3 }) => sum + mm3, 0)).toBeCloseTo(edge.removeMm3, 6);
    expect(new Set(all.map(({ side }) => side))).toEqual(new Set(['right', 'left']));
  });

  test('strokes over the pattern are not lost, added ones stay where they were given', () => {
    const added = [{ side: 'right', count: 9, zone: 'tip', because: '' }] as const;
    const counted = { right: edge.strokesPerSide + 9 + 5, left: 0 };
    const all = strokesWorked({ step: edge, counted, added });
    const each = mm3PerStroke(edge);
    expect(all.reduce((sum, { mm3 }) => sum + mm3, 0)).toBeCloseTo(counted.right * each, 6);
    expect(all.some(({ from, to, mm3 }) => from > 0.8 && to === 1 && mm3 > 0)).toBe(true);
  });

  test('washing takes no steel', () => {
    const wash = steps.find(({ operation }) => operation === 'wash')!;
    expect(strokesWorked({ step: wash, counted: { right: 5, left: 5 }, added: [] })).toEqual([]);
  });
});
