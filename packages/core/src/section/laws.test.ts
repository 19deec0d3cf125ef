/** The laws of cuts and volumes, on blades of every measure. */
import fc from 'fast-check';
import { KITCHEN_SECTION, valueOf } from '../../test/blades';
import {
  BLADE_KINDS,
  bladeKind,
  bladeOutline,
  chipCost,
  cutSection,
  DEFAULT_CHOICES,
  findUse,
  flatGrind,
  interpolate,
  mm,
  perSide,
  type BladePoint,
} from '../index';
import { inclusiveOf, perSideOf } from '../units/quantities';
import { wearOverVisits } from '../wear/wear';
import { shapesAlong, workAlong } from '../plan/cuts/along';
import type { ThinWanted } from '../plan/cuts/blade-work';
import type { StageSums } from '../plan/cuts/stages';
import { strategyOf } from '../plan/kinds/strategy-of';
import { cutBothSides, jointLine } from './cuts';
import { JOINT, SPINE } from './face';
import type { FlatGrind } from './flat-grind';
import { rebevel } from './rebevel';
import { sectionAreaMm2 } from './section';

const tan = (deg: number): number => Math.tan((deg * Math.PI) / 180);
const between = (min: number, max: number) => fc.double({ min, max, noNaN: true });

const anyBlade = fc
  .record({
    heightMm: between(15, 120),
    grindShare: between(0.5, 1),
    spineThicknessMm: between(1, 6),
    behindShare: between(0.05, 0.6),
    angleDeg: between(12, 35),
  })
  .map(({ heightMm, grindShare, spineThicknessMm, behindShare, angleDeg }) =>
    flatGrind({
      heightMm,
      grindHeightMm: heightMm * grindShare,
      spineThicknessMm,
      thicknessBehindEdgeMm: spineThicknessMm * behindShare,
      angleDeg,
    }),
  )
  .filter((blade) => blade.ok)
  .map(valueOf);

/** G9 by its closed form: the area between the old profile and the new bevel, both sides; null where it does not hold. */
const closedForm = (
  blade: FlatGrind,
  c: number,
  angleDeg: number,
): { area: number; behind: number } | null => {
  const { shoulderMm: e, bevelHeightMm: b, measures } = blade;
  const phi = tan(blade.primaryAngle);
  const theta = tan(angleDeg);
  const old = tan(measures.angleDeg);
  const meet = (e - b * phi + c * theta) / (theta - phi);
  if (meet >= b && meet <= measures.grindHeightMm) {
    const before = (b * b * old) / 2 + e * (meet - b) + ((meet - b) ** 2 * phi) / 2;
    return { area: 2 * (before - ((meet - c) ** 2 * theta) / 2), behind: 2 * (meet - c) * theta };
  }
  const inside = (c * theta) / (theta - old);
  if (angleDeg > measures.angleDeg && inside < b) {
    return {
      area: inside * inside * old - (inside - c) ** 2 * theta,
      behind: 2 * (inside - c) * theta,
    };
  }
  return null;
};

describe('cuts', () => {
  test('give the areas and thicknesses of the closed forms', () => {
    let compared = 0;
    fc.assert(
      fc.property(anyBlade, between(0.001, 2), between(8, 40), (blade, c, angleDeg) => {
        const wanted = closedForm(blade, c, angleDeg);
        const done = rebevel(blade, mm(c), perSide(angleDeg));
        if (!wanted || !done.ok || wanted.area < 1e-4) return;
        compared += 1;
        expect(Math.abs(done.value.removedAreaMm2 / wanted.area - 1)).toBeLessThan(1e-9);
        expect(Math.abs(done.value.thicknessBehindEdgeMm / wanted.behind - 1)).toBeLessThan(1e-9);
      }),
      { numRuns: 400 },
    );
    expect(compared).toBeGreaterThan(100);
  });

  test('that do not meet can be made in either order', () => {
    fc.assert(
      fc.property(anyBlade, between(0.01, 0.5), between(0.3, 0.9), (blade, c, share) => {
        const high = blade.measures.heightMm * share;
        const spineCut = { nx: 0, ny: 1, offset: Math.max(high, 5) };
        const a = cutSection(
          cutSection(blade.section, jointLine(mm(c)), JOINT).section,
          spineCut,
          SPINE,
        );
        const b = cutSection(
          cutSection(blade.section, spineCut, SPINE).section,
          jointLine(mm(c)),
          JOINT,
        );
        expect(sectionAreaMm2(a.section)).toBeCloseTo(sectionAreaMm2(b.section), 9);
      }),
    );
  });

  test('of a bevel and of the thinning above it add up to the same in either order', () => {
    const blade = valueOf(flatGrind(KITCHEN_SECTION));
    const bevel = (section: typeof blade.section) =>
      cutBothSides(section, perSide(16), 0, 0.2, 'bevel');
    const band = (section: typeof blade.section) =>
      cutBothSides(section, perSide(3), 0.12, 0.7, 'band');
    const first = bevel(blade.section);
    const second = band(blade.section);
    const one = band(first.section);
    const two = bevel(second.section);
    expect(first.removedAreaMm2 + one.removedAreaMm2).toBeCloseTo(
      second.removedAreaMm2 + two.removedAreaMm2,
      12,
    );
  });
});

describe('angles', () => {
  test('per side sum to inclusive, and halve again', () => {
    fc.assert(
      fc.property(between(3, 45), between(3, 45), (right, left) => {
        const both = inclusiveOf(perSide(right), perSide(left));
        expect(both).toBeCloseTo(right + left, 12);
        expect(perSideOf(both, right / (right + left))).toBeCloseTo(right, 9);
      }),
    );
  });
});

const usualWork = (kindId: string, k = 1, count?: number, thinning: ThinWanted | null = null) => {
  const kind = bladeKind(kindId);
  const { usual } = kind;
  const [heel, middle, tip] = usual.heightsMm;
  const [spineHeel, spineMiddle, spineTip] = usual.spineMm;
  const length = k * usual.edgeLengthMm;
  const measures = {
    kindId,
    edgeLengthMm: length,
    heightHeelMm: k * heel,
    heightMiddleMm: k * middle,
    heightTipMm: k * tip,
    spineHeelMm: k * spineHeel,
    spineMiddleMm: k * spineMiddle,
    spineTipMm: k * spineTip,
    thicknessBehindEdgeMm: k * usual.thicknessBehindEdgeMm,
    bevelFaceMm: null,
    presentAnglePerSideDeg: usual.anglePerSideDeg,
  };
  const presentDeg = usual.anglePerSideDeg;
  const strategy = strategyOf({
    input: { measures, choices: DEFAULT_CHOICES, rack: [], sharpness: 'tired', damage: [] },
    kind,
    use: findUse(usual.use),
    answers: {},
    presentDeg,
  });
  const deep: BladePoint[] = [
    [0, 0],
    [length * 0.3, k * 0.4],
    [length * 0.7, 0],
  ];
  const rise = (zMm: number): number => k * 0.03 + interpolate(deep, zMm);
  const angleDeg = presentDeg + 1;
  const local = shapesAlong(strategy, bladeOutline(measures), presentDeg, count);
  return workAlong(strategy, local, rise, { angleDeg, thinning, micro: null }).sums;
};
const volumeOf = ({ outline, edge }: StageSums): number => outline.mm3 + edge.mm3;

describe('the volume along the edge', () => {
  test.each(BLADE_KINDS.filter(({ grind }) => grind !== 'razor').map(({ id }) => id))(
    'of a %s changes by less than half a per cent when stations are doubled',
    (kindId) => {
      const [half, whole] = [usualWork(kindId, 1, 41), usualWork(kindId, 1, 81)];
      expect(volumeOf(whole)).toBeGreaterThan(0);
      expect(Math.abs(volumeOf(whole) / volumeOf(half) - 1)).toBeLessThan(0.005);
    },
  );

  test('scales by k³ when every length is scaled by k', () => {
    const unscaled = volumeOf(usualWork('vegetable'));
    fc.assert(
      fc.property(between(0.3, 4), (k) => {
        expect(volumeOf(usualWork('vegetable', k)) / unscaled / k ** 3).toBeCloseTo(1, 8);
      }),
      { numRuns: 30 },
    );
  });

  test('a deeper chip never needs less steel', () => {
    fc.assert(
      fc.property(
        between(0.05, 2),
        between(0.01, 1),
        fc.integer({ min: 5, max: 190 }),
        (depth, more, at) => {
          const input = (depthMm: number) => ({
            kindId: 'chef',
            edgeLengthMm: 210,
            chip: { fromMm: at, toMm: at + 3, depthMm },
            steel: { wearFactor: 1 },
            stoneUm: 40,
          });
          const [less, greater] = [depth, depth + more].map((each) =>
            valueOf(chipCost(input(each), 40)),
          );
          expect(greater!.steelMm3).toBeGreaterThanOrEqual(less!.steelMm3 - 1e-9);
          expect(greater!.repair.removedAreaMm2).toBeGreaterThanOrEqual(
            less!.repair.removedAreaMm2 - 1e-9,
          );
        },
      ),
      { numRuns: 25 },
    );
  });

  test('thinning and bevel together take what the whole section lost', () => {
    const targets = { at5Mm: null, at10Mm: null };
    const thinned = usualWork('chef', 1, 41, {
      targets,
      remnantMm: 0.08,
      stopMm: null,
      bands: null,
    });
    const plain = usualWork('chef');
    expect(thinned.thinning.mm3).toBeGreaterThan(0);
    expect(thinned.edge.mm3).toBeLessThan(plain.edge.mm3);
    expect(thinned.edge.mm3 + thinned.thinning.mm3).toBeGreaterThan(plain.edge.mm3);
  });
});

describe('the years', () => {
  test('thickness behind the edge never falls while only the edge is cut', () => {
    fc.assert(
      fc.property(anyBlade, between(0.05, 0.6), (blade, rise) => {
        const { thicknessBehindEdgeMm } = wearOverVisits(
          blade,
          rise,
          blade.measures.spineThicknessMm,
          blade.measures.heightMm * 0.6,
        );
        thicknessBehindEdgeMm
          .slice(1)
          .forEach((thickness, index) =>
            expect(thickness).toBeGreaterThanOrEqual(thicknessBehindEdgeMm[index]! - 1e-9),
          );
      }),
      { numRuns: 40 },
    );
  });
});
