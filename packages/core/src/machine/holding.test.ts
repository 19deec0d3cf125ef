import { CHEF, planInput, RACK, rackStone, valueOf } from '../../test/blades';
import {
  DEFAULT_CHOICES,
  NO_SIZES,
  planBlade,
  textOf,
  type BladePlan,
  type HeldCurve,
  type Machine,
  type MachineSizes,
} from '../index';

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
    const { holding } = held(null).report;
    expect(holding.lines.map(textOf)[0]).toMatch(
      /heel [\d.]+ mm, middle [\d.]+ mm, belly [\d.]+ mm, tip [\d.]+ mm/,
    );
    expect(holding.setAgain).toContain('By hand, 18.0° per side');
    const { steps } = held(null).work;
    const [heel] = steps.find(({ operation }) => operation === 'edge')!.lifts;
    // The same lift as on the step: a zone has one.
    expect(holding.lines.map(textOf)[0]).toContain(`heel ${heel!.liftMm!.toFixed(1)} mm`);
  });
});

describe('an edge of 70:30', () => {
  const uneven = (rig: Machine | null) => held(rig, { answers: { ratio: '70:30' } });

  test('is held side by side: each at its own angle, with its own lift', () => {
    const made = uneven(null);
    expect(made.work.held.map(({ side }) => side)).toEqual(['right', 'left']);
    const [right, left] = made.work.held;
    expect(right!.angleDeg + left!.angleDeg).toBeCloseTo(
      made.report.figures.angleInclusive.value,
      9,
    );
    const [first, second] = made.report.holding.lines
      .map(textOf)
      .filter((line) => line.includes('Lift the spine'));
    const edge = made.work.steps.find(({ operation }) => operation === 'edge')!;
    const heelOf = (side: number): string => edge.sides[side]!.lifts[0]!.liftMm!.toFixed(1);
    expect(first).toContain(`On the right: Lift the spine: heel ${heelOf(0)} mm`);
    expect(second).toContain(`On the left: Lift the spine: heel ${heelOf(1)} mm`);
    expect(made.report.holding.setAgain).toMatch(
      /^right: By hand, [\d.]+°; lift .*; left: By hand, [\d.]+°; lift /,
    );
  });

  test('has a reading of the clamp for each stone and side', () => {
    const rig = machine('clamp rig', { pivotReachMm: 160, rodToFaceMm: 12, stoneForRodMm: 20 });
    const made = uneven(rig);
    const perSide = made.report.holding.perStone;
    expect(perSide).toHaveLength(2 * held(rig).report.holding.perStone.length);
    const theta = (made.work.held[1]!.angleDeg * Math.PI) / 180;
    expect(
      made.report.holding.lines.map(textOf).filter((line) => /Check the clamp/.test(line)),
    ).toHaveLength(1);
    expect(
      made.report.holding.lines.map(textOf).filter((line) => /^On the \w+: Clamp/.test(line)),
    ).toHaveLength(2);
    expect(perSide.find(({ stone }) => stone.endsWith(', left'))!.heightMm).toBeCloseTo(
      160 * Math.tan(theta) + 12 / Math.cos(theta),
      9,
    );
  });

  test('is drawn along the edge side by side, each about its own angle', () => {
    const rail = uneven(machine('guide rail', { railOffsetMm: 7 }));
    expect(rail.report.holding.curves.map(({ side }) => side)).toEqual(['right', 'left']);
    for (const [index, { along, wantedDeg }] of rail.report.holding.curves.entries()) {
      expect(wantedDeg).toBe(rail.work.held[index]!.angleDeg);
      expect(along[0]!.angleDeg).toBeCloseTo(wantedDeg, 1);
    }
    expect(rail.report.holding.setAgain).not.toContain('per side');
    expect(uneven(null).report.holding.curves).toEqual([]);
  });

  test('is set for each side at every step', () => {
    const made = uneven(machine('table', {}, [{ setDeg: 15, measuredDeg: 15 }]));
    const { setting } = made.work.steps.find(({ operation }) => operation === 'edge')!;
    const [right, left] = made.work.held.map(({ angleDeg }) => angleDeg.toFixed(1));
    expect(textOf(setting!.text)).toContain(`On the right: Set Rig to ${right}°`);
    expect(textOf(setting!.text)).toContain(`On the left: Set Rig to ${left}°`);
  });

  test('alike on both sides is told once', () => {
    expect(held(null).work.held.map(({ side }) => side)).toEqual([null]);
    expect(held(null).report.holding.lines.map(textOf).join()).not.toContain('On the right');
  });
});

describe('shims', () => {
  test('the count that comes nearest, zone by zone, and how far off the next is', () => {
    const {
      report: { holding },
    } = held(machine('shims', { shimMm: 1.5 }));
    expect(holding.lines).toHaveLength(4);
    for (const line of holding.lines.map(textOf))
      expect(line).toMatch(/\d+ shims? of 1.5 mm give [\d.]+°; \d+ would/);
    for (const { angleDeg } of holding.curves[0]!.along)
      expect(Math.abs(angleDeg! - 18)).toBeLessThan(2.5);
  });

  test('thick ones are warned of', () => {
    expect(
      held(machine('shims', { shimMm: 9 }))
        .report.holding.warnings.map(textOf)
        .join(),
    ).toContain('thinner ones');
  });
});

describe('a rail', () => {
  test('sits o / tan θ above the edge, parallel to it, and says where it no longer serves', () => {
    const made = held(machine('guide rail', { railOffsetMm: 7 }));
    expect(made.report.holding.lines.map(textOf)[0]).toContain(
      `${(7 / tan(18)).toFixed(1)} mm above the edge`,
    );
    expect(made.report.holding.lines.map(textOf)[1]).toContain(
      'It holds the angle from the heel to',
    );
    const served = made.report.holding.curves[0]!.along.filter(({ angleDeg }) => angleDeg !== null);
    expect(served[0]!.angleDeg).toBeCloseTo(18, 1);
    expect(served.length).toBeLessThan(made.report.holding.curves[0]!.along.length);
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
    const {
      report: { holding },
    } = held(machine('guide rail', { railOffsetMm: 7 }), { measures: low });
    expect(holding.warnings.map(textOf).join()).toContain('too low for this rail');
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
    const { holding } = held(rig).report;
    const spread = (points: HeldCurve['along']): number => {
      const angles = points.map(({ angleDeg }) => angleDeg!);
      return Math.max(...angles) - Math.min(...angles);
    };
    const [curve] = holding.curves;
    expect(spread(curve!.along)).toBeLessThanOrEqual(spread(curve!.elsewhere) + 1e-9);
    expect(holding.setAgain).toMatch(/jaw \d+ mm from the heel/);
  });

  test('is read off for every stone’s own thickness, the finer ones raised by how well it repeats', () => {
    const {
      report: { holding },
      work: { steps },
    } = held(rig, {
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
    expect(textOf(second!.text)).toContain('raised by 0.20°');
    expect(textOf(steps.find(({ stoneId }) => stoneId === 'red')!.setting!.text)).toContain('Rig');
  });
});

describe('a table', () => {
  test('is set by its test cuts, and warned of without them', () => {
    const cut = held(machine('table', {}, [{ setDeg: 15, measuredDeg: 16 }]));
    expect(cut.report.holding.lines.map(textOf)[0]).toContain('Set Rig to 17.0°');
    expect(cut.report.holding.warnings).toEqual([]);
    expect(held(machine('table', {})).report.holding.warnings.map(textOf).join()).toContain(
      'not calibrated',
    );
  });

  test('says what a gauge reads on the face that looks up, with the lean of that face', () => {
    const made = held(machine('table', {}));
    // The primary grind runs from the shoulder to half the spine.
    const bevelMm = CHEF.thicknessBehindEdgeMm / 2 / tan(made.report.figures.presentAngle.value);
    const slope =
      (CHEF.spineMiddleMm - CHEF.thicknessBehindEdgeMm) / 2 / (CHEF.heightMiddleMm - bevelMm);
    const lean = (Math.atan(slope) * 180) / Math.PI;
    expect(made.report.holding.lines.map(textOf)[1]).toContain(`reads ${(18 + lean).toFixed(1)}°`);
    expect(made.report.holding.lines.map(textOf)[1]).toContain(`leans ${lean.toFixed(1)}°`);
  });
});

describe('what moves its own abrasive', () => {
  const withOwn = (kind: 'belt' | 'wheel' | 'rod') => ({
    rack: [...RACK, rackStone({ id: 'own', name: 'Its own', um: 12, kind })],
    choices: {
      ...DEFAULT_CHOICES,
      machineId: '1',
      chains: [
        {
          part: 'edge' as const,
          stones: ['brown', 'own'],
          bond: null,
          finishUm: null,
          faceMm: null,
          direction: 'edge-trailing' as const,
          slurry: 'keep the mud' as const,
        },
      ],
    },
  });

  test('a belt is set lower for the angle at the apex itself, a wheel higher', () => {
    const cuts = [{ setDeg: 15, measuredDeg: 16 }];
    const settingsOf = (made: BladePlan): [number, number] => {
      const [, set] = /to ([\d.]+)°/.exec(made.report.holding.lines.map(textOf)[0]!)!;
      const [, apex] = /apex itself set ([\d.]+)°/.exec(made.report.holding.lines.map(textOf)[1]!)!;
      return [Number(set), Number(apex)];
    };
    const belt = held(machine('belt', { sagRadiusMm: 60, speedMPerS: 3 }, cuts), withOwn('belt'));
    const face = belt.report.figures.bevelFaceAfter.value;
    const [set, apex] = settingsOf(belt);
    expect(set).toBeCloseTo(17, 6);
    expect(set - apex).toBeCloseTo((face / 2 / 60) * (180 / Math.PI), 1);
    const wheel = held(
      machine('wheel', { wheelDiameterMm: 100, speedMPerS: 3 }, cuts),
      withOwn('wheel'),
    );
    const [flat, steeper] = settingsOf(wheel);
    expect(steeper).toBeGreaterThan(flat);
  });

  test('only its own abrasive runs on it; the rest stays with the hand', () => {
    const belt = machine('belt', { sagRadiusMm: 60, speedMPerS: 3 });
    const mixed = held(belt, withOwn('belt')).report.holding.lines.map(textOf).join(' ');
    expect(mixed).toContain('On it: Its own. By hand at the lifts given: ');
    const none = held(belt, { rack: RACK }).report.holding.lines.map(textOf).join(' ');
    expect(none).toContain('None of these stones fits it');
  });

  test('a rod held upright: the spine stands off it by the lift', () => {
    const upright = machine('honing rod', { rodLengthMm: 230, rodLeanDeg: 0 });
    const made = held(upright, withOwn('rod'));
    const step = made.work.steps.find(({ stoneId }) => stoneId === 'own')!;
    for (const { zone, liftMm } of step.lifts)
      expect(made.report.holding.lines.map(textOf)[0]).toContain(
        `${zone} ${liftMm!.toFixed(1)} mm`,
      );
    expect(textOf(step.setting!.text)).toBe('Lean the spine 18.0° away from the rod.');
    expect(made.work.steps.find(({ stoneId }) => stoneId === 'brown')!.setting).toBeUndefined();
  });

  test('a leaning rod takes its lean off the blade, and says so again next time', () => {
    const leaning = (rodLeanDeg: number) =>
      held(machine('honing rod', { rodLengthMm: 120, rodLeanDeg }), withOwn('rod')).report.holding;
    expect(leaning(15).lines.map(textOf)[0]).toContain('Lean the spine 3.0° away from the rod');
    expect(leaning(20).lines.map(textOf)[0]).toContain('Lean the spine 2.0° towards the rod');
    expect(leaning(18).lines.map(textOf)[0]).toContain('Blade upright');
    expect(leaning(18).setAgain).toBe('Rig at 18.0°: blade upright');
    expect(leaning(18).lines.map(textOf)[1]).toContain('the tip half separately');
  });
});
