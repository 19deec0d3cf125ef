import {
  byZone,
  findFaults,
  findUse,
  forceBand,
  judgeEdge,
  medianGf,
  mustRepeat,
  NO_READINGS,
  type EdgeReadings,
  type ZoneReadings,
} from '../index';

const use = findUse('general-soft');
const good: ZoneReadings = { light: 'dark', paper: 'cuts clean', forceGf: [210, 220, 230] };
const edge = (part: Partial<EdgeReadings> = {}): EdgeReadings => ({
  ...byZone(() => good),
  ...part,
});

describe('cut force', () => {
  test('three readings give their median and its word', () => {
    expect(medianGf([230, 180, 200])).toBe(200);
    expect(forceBand(200)).toBe('good working edge');
    expect(medianGf([])).toBeNull();
  });

  test('readings that spread over more than a third of their median are repeated', () => {
    expect(mustRepeat([200, 210, 260])).toBe(false);
    expect(mustRepeat([150, 210, 260])).toBe(true);
  });
});

describe('the verdict', () => {
  test('an edge that meets its use everywhere passes', () => {
    expect(judgeEdge(edge(), use).verdict).toBe('meets');
  });

  test('a test that was not done is not passed', () => {
    const verdict = judgeEdge(edge({ tip: NO_READINGS }), use);
    expect(verdict.verdict).toBe('not tested');
    expect(verdict.zones[3]!.reasons).toContain('paper: not done');
  });

  test('two readings are not three', () => {
    expect(judgeEdge(edge({ heel: { ...good, forceGf: [200, 205] } }), use).verdict).toBe(
      'not tested',
    );
  });

  test('a glint sends it back, whatever the rest says', () => {
    expect(judgeEdge(edge({ tip: { ...good, light: 'glint' } }), use).verdict).toBe(
      'back to the bench',
    );
  });

  test('just above the target it passes with a remark, well above it goes back', () => {
    const at = (gf: number) =>
      judgeEdge(edge({ belly: { ...good, forceGf: [gf, gf, gf] } }), use).verdict;
    expect(at(280)).toBe('meets');
    expect(at(290)).toBe('meets with remarks');
    expect(at(320)).toBe('back to the bench');
  });

  test('catching paper is a remark on a working edge and a fault on a fine one', () => {
    const catches = edge({ middle: { ...good, forceGf: [120, 120, 120], paper: 'catches' } });
    expect(judgeEdge(catches, use).verdict).toBe('meets with remarks');
    expect(
      judgeEdge(
        edge({
          ...byZone(() => ({ ...good, forceGf: [120, 120, 120], paper: 'catches' as const })),
        }),
        findUse('vegetable-fine'),
      ).verdict,
    ).toBe('back to the bench');
  });
});

describe('faults', () => {
  test('a glint at the tip goes back to the first stone, that zone', () => {
    const [fault] = findFaults(edge({ tip: { ...good, light: 'glint' } }), use);
    expect(fault).toMatchObject({ sign: 'Glint along a zone', backTo: 'edge', zones: ['tip'] });
  });

  test('a glint all along is the angle, not the strokes', () => {
    const [fault] = findFaults(
      byZone(() => ({ ...good, light: 'glint' as const })),
      use,
    );
    expect(fault).toMatchObject({ sign: 'Glint all along', backTo: 'edge' });
  });

  test('paper that tears without a glint is a burr', () => {
    const [fault] = findFaults(edge({ heel: { ...good, paper: 'tears' } }), use);
    expect(fault).toMatchObject({ backTo: 'deburr', zones: ['heel'] });
  });

  test('clean but too hard to cut was stopped early', () => {
    const [fault] = findFaults(edge({ belly: { ...good, forceGf: [340, 345, 350] } }), use);
    expect(fault).toMatchObject({ backTo: 'refine', zones: ['belly'] });
  });

  test('a good edge has none', () => {
    expect(findFaults(edge(), use)).toEqual([]);
  });
});
