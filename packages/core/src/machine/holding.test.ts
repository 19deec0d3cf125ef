import {
  DEFAULT_CHOICES,
  NO_SIZES,
  planBlade,
  type BladePlan,
  type Machine,
  type MachineSizes,
} from '../index';
import { CHEF, planInput, RACK, rackStone, valueOf } from '../../test/blades';

const machine = (
  kind: Machine['kind'],
  sizes: Partial<MachineSizes>,
  cuts: Machine['cuts'] = [],
): Machine => ({
  name: 'Rig',
  kind,
  sizes: { ...NO_SIZES, ...sizes },
  cuts,
});
const held = (
  rig: Machine | null,
  part: Partial<Parameters<typeof planInput>[0]> = {},
): BladePlan =>
  valueOf(
    planBlade(
      planInput({
        machine: rig,
        choices: { ...DEFAULT_CHOICES, machineId: rig ? '1' : null },
        ...part,
      }),
    ),
  );
const tan = (deg: number): number => Math.tan((deg * Math.PI) / 180);

describe('by hand', () => {
  test('the lift of every zone, and the words to set it again', () => {
    const { holding } = held(null);
    expect(holding.lines[0]).toMatch(
      /heel [\d.]+ mm, middle [\d.]+ mm, belly [\d.]+ mm, tip [\d.]+ mm/,
    );
    expect(holding.setAgain).toContain('By hand, 18.0° per side');
    const { steps } = held(null);
    const [heel] = steps.find(({ operation }) => operation === 'edge')!.lifts;
    // The same lift as on the step: a zone has one.
    expect(holding.lines[0]).toContain(`heel ${heel!.liftMm!.toFixed(1)} mm`);
  });
});

describe('shims', () => {
  test('the count that comes nearest, zone by zone, and how far off the next is', () => {
    const { holding } = held(machine('shims', { shimMm: 1.5 }));
    expect(holding.lines).toHaveLength(4);
    for (const line of holding.lines)
      expect(line).toMatch(/\d+ shims? of 1.5 mm give [\d.]+°; \d+ would/);
    for (const { angleDeg } of holding.along) expect(Math.abs(angleDeg! - 18)).toBeLessThan(2.5);
  });

  test('thick ones are warned of', () => {
    expect(held(machine('shims', { shimMm: 9 })).holding.warnings.join()).toContain('thinner ones');
  });
});

describe('a rail', () => {
  test('sits o / tan θ above the edge, parallel to it, and says where it no longer serves', () => {
    const made = held(machine('guide rail', { railOffsetMm: 7 }));
    expect(made.holding.lines[0]).toContain(`${(7 / tan(18)).toFixed(1)} mm above it`);
    expect(made.holding.lines[1]).toContain('It serves from the heel to');
    const served = made.holding.along.filter(({ angleDeg }) => angleDeg !== null);
    expect(served[0]!.angleDeg).toBeCloseTo(18, 1);
    expect(served.length).toBeLessThan(made.holding.along.length);
  });

  test('a blade too low for it is done by hand', () => {
    const low = {
      ...CHEF,
      kindId: 'paring',
      edgeLengthMm: 85,
      heightHeelMm: 20,
      heightMiddleMm: 17,
      heightTipMm: 8,
      spineHeelMm: 1.6,
      spineMiddleMm: 1.4,
      spineTipMm: 0.8,
      bevelFaceMm: null,
      presentAnglePerSideDeg: 16,
    };
    const { holding } = held(machine('guide rail', { railOffsetMm: 7 }), { measures: low });
    expect(holding.warnings.join()).toContain('too low for this rail');
    expect(holding.setAgain).toBe('');
  });
});

describe('a clamp and rod', () => {
  const rig = machine('clamp rig', { pivotReachMm: 160, rodToFaceMm: 12, stoneForRodMm: 20 });
  const rack = [
    ...RACK.map((stone) => (stone.id === 'red' ? { ...stone, thicknessMm: 25 } : stone)),
    rackStone({ id: 'thin', um: 4, thicknessMm: 15 }),
  ];

  test('is clamped where the angle is evenest: never worse than at the middle', () => {
    const { holding } = held(rig);
    const spread = (points: typeof holding.along): number => {
      const angles = points.map(({ angleDeg }) => angleDeg!);
      return Math.max(...angles) - Math.min(...angles);
    };
    expect(spread(holding.along)).toBeLessThanOrEqual(spread(holding.alongElsewhere) + 1e-9);
    expect(holding.setAgain).toMatch(/jaw \d+ mm from the heel/);
  });

  test('is read off for every stone’s own thickness, the finer ones raised by how well it repeats', () => {
    const { holding, steps } = held(rig, {
      rack,
      choices: {
        ...DEFAULT_CHOICES,
        machineId: '1',
        chains: [
          {
            part: 'edge',
            stones: ['brown', 'red', 'thin'],
            bond: null,
            finishUm: null,
            faceMm: null,
            direction: 'edge-trailing',
            slurry: 'keep the mud',
          },
        ],
      },
    });
    const [first, second, third] = holding.perStone;
    const theta = (18 * Math.PI) / 180;
    expect(first!.heightMm).toBeCloseTo(160 * Math.tan(theta) + 12 / Math.cos(theta), 9);
    const raised = (18.2 * Math.PI) / 180;
    // Five millimetres thicker, five thinner than the stone it was measured with.
    expect(second!.heightMm).toBeCloseTo(160 * Math.tan(raised) + 17 / Math.cos(raised), 9);
    expect(third!.heightMm).toBeCloseTo(160 * Math.tan(raised) + 7 / Math.cos(raised), 9);
    expect(second!.words).toContain('raised by 0.20°');
    expect(steps.find(({ stoneId }) => stoneId === 'red')!.setting!.words).toContain('Rig');
  });
});

describe('a table', () => {
  test('is set by its test cuts, and warned of without them', () => {
    const cut = held(machine('table', {}, [{ setDeg: 15, measuredDeg: 16 }]));
    expect(cut.holding.lines[0]).toContain('Set Rig to 17.0°');
    expect(cut.holding.warnings).toEqual([]);
    expect(held(machine('table', {})).holding.warnings.join()).toContain('not calibrated');
  });
});
