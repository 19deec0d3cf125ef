import fc from 'fast-check';
import {
  BLADE_KINDS,
  bladeKind,
  finishAsItCame,
  lengthSigmaMm,
  MEASURE_FIELDS,
  NO_MEASURES,
  standInAngleDeg,
  usualMeasuresOf,
  wantsItAsItCame,
  withStandIns,
  type LastMeasured,
  type MeasuredWith,
  type MeasureField,
} from '../index';

const byField = (how: (field: MeasureField) => MeasuredWith): LastMeasured['measuredWith'] =>
  Object.fromEntries(
    MEASURE_FIELDS.map((field) => [field, how(field)]),
  ) as LastMeasured['measuredWith'];

describe('what stands in for a measure nobody took', () => {
  test('is the last visit’s before the usual of the kind, and says which', () => {
    const last = {
      measures: { ...usualMeasuresOf('chef', 205), spineTipMm: 0.9 },
      measuredWith: byField(() => 'caliper'),
    };
    const back = withStandIns(
      'chef',
      { ...NO_MEASURES, heightHeelMm: 44 },
      { heightHeelMm: 'rule' },
      last,
    );
    expect(back.measures).toMatchObject({ edgeLengthMm: 205, spineTipMm: 0.9, heightHeelMm: 44 });
    expect(back.measuredWith).toMatchObject({ spineTipMm: 'last visit', heightHeelMm: 'rule' });
    const fresh = withStandIns('chef', { ...NO_MEASURES, edgeLengthMm: 180 }, {}, null);
    expect(fresh.measures).toMatchObject({ edgeLengthMm: 180, heightHeelMm: 46 });
    expect(fresh.measuredWith).toMatchObject({
      edgeLengthMm: 'caliper',
      heightHeelMm: 'the usual',
    });
  });

  test('however often a blade comes, what was never measured stays the usual of its kind', () => {
    const visit = fc.subarray([...MEASURE_FIELDS]);
    fc.assert(
      fc.property(
        fc.constantFrom(...BLADE_KINDS.map(({ id }) => id)),
        fc.array(visit, { minLength: 1, maxLength: 5 }),
        (kindId, visits) => {
          const everMeasured = new Set<MeasureField>();
          let last: LastMeasured | null = null;
          for (const measured of visits) {
            const typed = { ...NO_MEASURES };
            for (const field of measured) {
              Object.assign(typed, { [field]: 20 });
              everMeasured.add(field);
            }
            last = withStandIns(kindId, typed, {}, last);
            for (const field of MEASURE_FIELDS) {
              expect(last.measuredWith[field] === 'the usual').toBe(!everMeasured.has(field));
            }
          }
        },
      ),
      { numRuns: 40 },
    );
  });

  test('an angle is the one it went home with, or the usual; a razor’s follows from its spine', () => {
    const measures = usualMeasuresOf('chef', 210);
    expect(standInAngleDeg('chef', measures, 16.5)).toBe(16.5);
    expect(standInAngleDeg('chef', measures, null)).toBe(bladeKind('chef').usual.anglePerSideDeg);
    const razor = usualMeasuresOf('razor', 76);
    expect(standInAngleDeg('razor', razor, 12)).toBeCloseTo(
      (Math.atan2(razor.spineMiddleMm / 2, razor.heightMiddleMm) * 180) / Math.PI,
      9,
    );
  });

  test('the surer the tool, the smaller what it may be off', () => {
    const sigmas = (
      ['micrometer', 'caliper', 'rule', 'traced', 'last visit', 'the usual'] as const
    ).map((how) => lengthSigmaMm(how, 200));
    expect([...sigmas].sort((a, b) => a - b)).toEqual(sigmas);
  });
});

test('the finish as it came is told in words, and only a wish for it asks for them', () => {
  const told = finishAsItCame(bladeKind('chef'), { sheen: 'satin', facets: 2, ratio: '60:40' });
  expect(told).toEqual(['sheen of the bevel satin', 'facets on a side 2', 'sides 60:40']);
  expect(wantsItAsItCame({ finishWish: 'the maker’s finish' })).toBe(true);
  expect(wantsItAsItCame({ finishWish: 'very fine' })).toBe(false);
});
