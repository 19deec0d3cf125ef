import { codeOf, KITCHEN_SECTION, valueOf } from '../../test/blades';
import fc from 'fast-check';
import {
  BLADE_KIND_IDS,
  bladeKind,
  flatGrind,
  growthRing,
  mm,
  perSide,
  thinningWeighed,
  usualMeasuresOf,
  yearSeries,
  type BladePoint,
  type VisitMeasured,
} from '../index';
import { restoreTip } from '../outline/tip';
import { hollowAfter, hollowChordMm, tapMm, visitsWithRim } from '../one-sided/hollow-back';
import { moveShinogi } from '../one-sided/shinogi';
import { cutScallop, scallopHeightMm, scallopVolumeMm3 } from '../serration/scallop';
import { fitScallop } from '../serration/serration';
import { wearOverVisits } from './wear';
import { compareYears } from './years';

const kitchen = valueOf(flatGrind(KITCHEN_SECTION));

describe('wear', () => {
  test('thickness grows by the closed form at every visit', () => {
    const tan = (deg: number): number => Math.tan((deg * Math.PI) / 180);
    const growth =
      (2 * 0.23 * tan(kitchen.primaryAngle) * tan(15)) / (tan(15) - tan(kitchen.primaryAngle));
    const { thicknessBehindEdgeMm, visitsToThinning, visitsToEnd } = wearOverVisits(
      kitchen,
      0.23,
      0.5,
      30.1,
    );
    expect(visitsToThinning).toBe(11);
    expect(visitsToEnd).toBe(78);
    thicknessBehindEdgeMm.forEach((thickness, index) =>
      expect(thickness).toBeCloseTo(0.4 + (index + 1) * growth, 10),
    );
  });

  test('a visit that takes nothing never ends it', () => {
    expect(wearOverVisits(kitchen, 0, 0.5, 30)).toEqual({
      visitsToThinning: null,
      visitsToEnd: null,
      thicknessBehindEdgeMm: [],
    });
  });

  test('thinning a little each time keeps it thin and costs steel; the edge alone grows thick', () => {
    const { edgeOnly, thinEachTime } = compareYears({
      blade: kitchen,
      apexRisePerVisitMm: 0.2,
      visits: 20,
      edgeLengthMm: 200,
      removalMm3PerS: 0.01,
      thinAboveDeg: 1.5,
    });
    expect(edgeOnly.visits).toHaveLength(20);
    expect(edgeOnly.visits[19]!.thicknessBehindEdgeMm).toBeGreaterThan(0.54);
    expect(thinEachTime.visits[19]!.thicknessBehindEdgeMm).toBeCloseTo(0.4, 6);
    expect(thinEachTime.steelMm3).toBeGreaterThan(edgeOnly.steelMm3);
    expect(edgeOnly.seconds).toBeCloseTo(edgeOnly.steelMm3 / 0.01, 6);
    expect(edgeOnly.visits[19]!.heightMm).toBeCloseTo(44, 9);
  });
});

describe('a one-sided blade', () => {
  test('the ridge rises with the apex, faster on a face that leans', () => {
    expect(valueOf(moveShinogi(perSide(13), perSide(0), mm(16), mm(0.6)))).toMatchObject({
      shinogiRiseMm: expect.closeTo(0.6, 10) as number,
    });
    expect(
      valueOf(moveShinogi(perSide(12), perSide(1.5), mm(18), mm(0.4))).shinogiRiseMm,
    ).toBeCloseTo(0.4562018170995585, 9);
    expect(codeOf(moveShinogi(perSide(12), perSide(12), mm(18), mm(0.4)))).toBe(
      'CUT_DOES_NOT_CLOSE',
    );
  });

  const back = { radiusMm: 300, depthMm: 0.35, edgeRimMm: 0.8 };

  test('the visits before the rim is gone agree with counting them', () => {
    for (const visit of [
      { backRemovedMm: 0.01, apexRiseMm: 0.4 },
      { backRemovedMm: 0.005, apexRiseMm: 0.3 },
      { backRemovedMm: 0, apexRiseMm: 0.25 },
    ]) {
      let counted = 0;
      while (hollowAfter(back, visit, counted + 1).edgeRimMm > 0) counted += 1;
      expect(visitsWithRim(back, visit)).toBe(counted);
    }
  });

  test('a hollow that is ground away first never runs out of rim', () => {
    expect(
      visitsWithRim(
        { radiusMm: 200, depthMm: 0.1, edgeRimMm: 2 },
        { backRemovedMm: 0.03, apexRiseMm: 0.1 },
      ),
    ).toBeNull();
    expect(visitsWithRim(back, { backRemovedMm: 0, apexRiseMm: 0 })).toBeNull();
  });

  test('tapping out reaches as far as the rim wanted, and no deeper than the hollow', () => {
    expect(tapMm(back, 0.5)).toBe(0);
    expect(tapMm(back, 2)).toBeGreaterThan(0);
    expect(tapMm(back, 0.8 + hollowChordMm(300, 0.35))).toBe(0.35);
  });
});

describe('serrations', () => {
  test('take the largest rod that reaches the whole scallop', () => {
    expect(fitScallop(mm(9), mm(1.6), perSide(17), mm(205), [4, 16, 8])).toMatchObject({
      scallops: 22,
      rodDiameterMm: 16,
    });
    expect(fitScallop(mm(3), mm(1.2), perSide(55), mm(70), [4, 6]).rodDiameterMm).toBeNull();
  });

  test('a row of exact scallops is counted whole', () => {
    expect(fitScallop(mm(0.1), mm(0.05), perSide(17), mm(0.3), []).scallops).toBe(3);
  });
});

describe('a scallop', () => {
  const { section } = valueOf(
    flatGrind({
      heightMm: 30,
      spineThicknessMm: 2,
      grindHeightMm: 30,
      thicknessBehindEdgeMm: 1.98,
      angleDeg: 80,
    }),
  );
  const { radiusMm } = fitScallop(mm(9), mm(1.6), perSide(17), mm(205), []);
  const scallop = { pitchMm: 9, depthMm: 1.6, angle: perSide(17), rodRadiusMm: radiusMm };

  test('is as deep as it was measured, and runs out at its points', () => {
    expect(scallopHeightMm(scallop, 0)).toBeCloseTo(1.6, 12);
    expect(scallopHeightMm(scallop, 4.5)).toBeCloseTo(0, 9);
    expect(scallopHeightMm(scallop, 5)).toBe(0);
  });

  test('takes most steel in its middle', () => {
    const areas = [0, 1, 2, 3, 4].map((u) => cutScallop(section, scallop, u).removedAreaMm2);
    expect([...areas].sort((a, b) => b - a)).toEqual(areas);
  });

  test('its volume settles as the slices get thinner', () => {
    const [coarse, fine] = [
      scallopVolumeMm3(section, scallop, 100),
      scallopVolumeMm3(section, scallop, 200),
    ];
    expect(Math.abs(fine / coarse - 1)).toBeLessThan(0.005);
  });
});

describe('a broken tip', () => {
  const edge: BladePoint[] = [
    [0, 0],
    [100, 0],
    [150, 5],
    [200, 20],
  ];
  const spine: BladePoint[] = [
    [0, 40],
    [100, 38],
    [150, 32],
    [200, 20],
  ];
  const ways = valueOf(restoreTip(edge, spine, 190, 30));

  test('can be met three ways, each losing the same length of blade', () => {
    expect(ways.map(({ way }) => way)).toEqual(['edge to spine', 'spine to edge', 'meet between']);
    ways.forEach(({ lengthLostMm }) => expect(lengthLostMm).toBe(10));
  });

  test('moving the spine loses the most edge, moving the edge the least', () => {
    const [up, down, between] = ways.map(({ edgeLostMm }) => edgeLostMm);
    expect(up!).toBeLessThan(between!);
    expect(between!).toBeLessThan(down!);
  });

  test('takes steel whichever way, and never adds any', () => {
    ways.forEach(({ removedAreaMm2 }) => expect(removedAreaMm2).toBeGreaterThan(0));
  });

  test('beyond the blade it is out of range', () => {
    expect(codeOf(restoreTip(edge, spine, 201, 30))).toBe('OUT_OF_RANGE');
    expect(codeOf(restoreTip(edge, spine, 20, 30))).toBe('OUT_OF_RANGE');
  });
});

describe('the years of a blade', () => {
  const chef = usualMeasuresOf('chef', 210);
  /** So much lower and thicker at each visit, three months apart. */
  const visits = (count: number, lowerMm: number, thickerMm: number): VisitMeasured[] =>
    Array.from({ length: count }, (_, visit) => ({
      at: new Date(Date.UTC(2020, 3 * visit, 1)).toISOString(),
      measures: {
        ...chef,
        heightHeelMm: chef.heightHeelMm - visit * lowerMm,
        heightMiddleMm: chef.heightMiddleMm - visit * lowerMm,
        thicknessBehindEdgeMm: chef.thicknessBehindEdgeMm + visit * thickerMm,
        presentAnglePerSideDeg: 15,
      },
      rimMm: null,
      ridgeMm: null,
    }));

  test('a line goes through what was measured three times, towards what it wears to', () => {
    const series = yearSeries(visits(9, 0.5, 0.005), 'general-soft');
    expect(series.map(({ of }) => of)).toEqual(['height', 'behind the edge', 'bevel']);
    const [height, behind, bevel] = series;
    expect(height!.trend.perYear).toBeCloseTo(-2, 1);
    // Two millimetres a year from 46 to 30 mm, eight years; from 0.42 to 0.5 mm by 0.02 a year, four.
    expect(height!.trend.reachesOn!.slice(0, 4)).toBe('2028');
    expect(behind!.trend.reachesOn!.slice(0, 4)).toBe('2024');
    // Half the thickness over the sine of the angle.
    expect(bevel!.visits[0]!.value).toBeCloseTo(0.21 / 0.258819, 6);
    expect(yearSeries(visits(2, 0.5, 0.01), 'general-soft')).toEqual([]);
  });

  test('a ring is its visit to scale: apex at its height, shoulder and spine as wide as they are', () => {
    fc.assert(
      fc.property(fc.constantFrom(...BLADE_KIND_IDS), (kindId) => {
        const measures = usualMeasuresOf(kindId, bladeKind(kindId).usual.edgeLengthMm);
        const ring = growthRing(measures);
        const low = Math.max(...ring.map(([, below]) => below));
        expect(low).toBeCloseTo(measures.heightMiddleMm, 9);
        const width = (at: readonly (readonly [number, number])[]): number =>
          Math.max(...at.map(([x]) => x)) - Math.min(...at.map(([x]) => x));
        expect(width(ring.filter(([, below]) => below === 0))).toBeCloseTo(
          measures.spineMiddleMm,
          9,
        );
      }),
    );
  });

  test('thinning each time keeps it thin for more steel, and is weighed only where it was worked', () => {
    const weighed = thinningWeighed(visits(11, 0.3, 0.01))!;
    expect(weighed).toMatchObject({ visits: 10 });
    expect(weighed.risePerVisitMm).toBeCloseTo(0.3, 9);
    expect(weighed.thinEachTime.behindEdgeMm).toBeLessThan(weighed.edgeOnly.behindEdgeMm);
    expect(weighed.thinEachTime.steelMm3).toBeGreaterThan(weighed.edgeOnly.steelMm3);
    expect(thinningWeighed(visits(11, 0, 0))).toBeNull();
    expect(thinningWeighed(visits(2, 0.3, 0.01))).toBeNull();
  });
});
