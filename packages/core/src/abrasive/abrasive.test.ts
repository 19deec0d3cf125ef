import fc from 'fast-check';
import { codeOf, RACK, valueOf } from '../../test/blades';
import {
  chooseProgression,
  micrometres,
  micrometresOf,
  nearestGrits,
  scratchDepthUm,
  secondsToRemove,
  type ProgressionInput,
  type RackEntry,
} from '../index';

describe('grit', () => {
  test('JIS 1000 is 11.5 µm, and FEPA-P 1500 is nearest to it', () => {
    const um = valueOf(micrometresOf('JIS', 1000));
    expect(um).toBe(11.5);
    expect(nearestGrits(um)).toEqual({ 'FEPA-P': 1500, 'FEPA-F': 500, JIS: 1000, ANSI: 800 });
  });

  test('between two listed grits the median follows their logarithms', () => {
    expect(valueOf(micrometresOf('FEPA-P', 700))).toBeCloseTo(23.57307047201337, 10);
  });

  test('a number outside its scale is out of range', () => {
    expect(codeOf(micrometresOf('ANSI', 3000))).toBe('OUT_OF_RANGE');
  });

  test('one micrometre is finer than three of the scales reach', () => {
    expect(nearestGrits(micrometres(1)).JIS).toBe(10000);
  });
});

const work: Omit<ProgressionInput, 'rack'> = {
  steel: { wearFactor: 1.3, wearFactorDiamond: 1 },
  work: { stockMm3: 14, faceAreaMm2: 320 },
  stroke: { forceN: () => 8, speedMPerS: 0.15 },
  finishUm: [2, 5],
  maxRatio: 3,
};

describe('the progression', () => {
  test('for a kitchen knife with jumps of three at most runs over all four stones', () => {
    const chosen = valueOf(chooseProgression({ ...work, rack: RACK }));
    expect(chosen.steps.map(({ id }) => id)).toEqual(['plate', 'brown', 'red', 'fine']);
    expect(chosen.totalSeconds).toBeCloseTo(1448.0168144520933, 6);
    expect(chosen.alternatives[0]!.totalSeconds).toBeCloseTo(2438.239303261457, 6);
  });

  test('starts where it is told and leaves out what it is told', () => {
    const chosen = valueOf(
      chooseProgression({
        ...work,
        rack: RACK,
        maxRatio: undefined,
        first: 'brown',
        skip: ['red'],
      }),
    );
    expect(chosen.steps.map(({ id }) => id)).toEqual(['brown', 'fine']);
    expect(chosen.alternatives).toEqual([]);
  });

  test('says which condition fails and names the nearest abrasive', () => {
    const none = chooseProgression({ ...work, rack: RACK, finishUm: [0.5, 1.5] });
    expect(!none.ok && none.error).toMatchObject({ code: 'NO_PROGRESSION', field: 'finishUm' });
    expect(!none.ok && none.error.message).toContain('Fine at 3 µm');
    const jumps = chooseProgression({ ...work, rack: RACK, maxRatio: 1.5, first: 'plate' });
    expect(!jumps.ok && jumps.error.field).toBe('maxRatio');
  });

  const rackOf = fc
    .uniqueArray(fc.integer({ min: 1, max: 90 }), { minLength: 2, maxLength: 7 })
    .map((sizes) =>
      sizes.map((um, index): RackEntry => ({
        id: `s${um}`,
        um,
        abrasive: index % 3 === 0 ? 'diamond' : 'aluminium-oxide',
        changeSeconds: (um * 37) % 90,
        cutFactor: 0.8 + ((um * 13) % 7) / 10,
      })),
    );

  /** Every ordered chain of the rack that ends in the window, priced by hand. */
  const cheapestByHand = (rack: readonly RackEntry[], input: typeof work): number => {
    let best = Infinity;
    const extend = (chain: RackEntry[], spent: number): void => {
      const last = chain[chain.length - 1];
      if (last && last.um >= input.finishUm[0] && last.um <= input.finishUm[1])
        best = Math.min(best, spent);
      for (const next of rack) {
        if (last && (next.um >= last.um || last.um / next.um > (input.maxRatio ?? Infinity)))
          continue;
        const removed = last
          ? (input.work.faceAreaMm2 * scratchDepthUm(last)) / 1000
          : input.work.stockMm3;
        extend(
          [...chain, next],
          spent + secondsToRemove(removed, next, input.steel, 8, 0.15) + (next.changeSeconds ?? 0),
        );
      }
    };
    extend([], 0);
    return best;
  };

  test('is never beaten by any other chain of the rack', () => {
    fc.assert(
      fc.property(rackOf, fc.integer({ min: 1, max: 60 }), (rack, stockMm3) => {
        const input = { ...work, finishUm: [1, 12] as const, work: { ...work.work, stockMm3 } };
        const chosen = chooseProgression({ ...input, rack });
        const byHand = cheapestByHand(rack, input);
        if (chosen.ok) expect(chosen.value.totalSeconds).toBeCloseTo(byHand, 6);
        else expect(byHand).toBe(Infinity);
      }),
    );
  });
});
