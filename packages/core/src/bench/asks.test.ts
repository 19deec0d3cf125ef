import { planBlade, type BladePlan } from '../index';
import { planInput } from '../../test/blades';
import { asksMissing, asksOfStep, readingShows, sideMissing } from './asks';

const plan = (kindId: string): BladePlan =>
  (planBlade(planInput({ measures: { ...planInput().measures, kindId } })) as { value: BladePlan })
    .value;

describe('what a step must show before it is left', () => {
  test('the first stone: chips, tip and bevel, and no later one asks that again', () => {
    const { steps } = plan('chef').work;
    const asking = steps.filter((step) =>
      asksOfStep(step).some(({ code }) => code === 'first stone'),
    );
    expect(asking.map(({ key }) => key)).toEqual(['edge 1']);
  });

  test('every asked gate of a plan is told in words', () => {
    for (const step of plan('layered').work.steps) {
      const told = asksOfStep(step).map(({ code }) => code);
      const gates = step.gates.filter((code) => !/burr/.test(code));
      expect(told.filter((code) => gates.includes(code as (typeof gates)[number]))).toEqual(gates);
    }
  });

  test('a caliper over what is aimed at speaks against a tick', () => {
    const asks = [
      { code: 'thickness', text: 'The caliper reads what is aimed at', readings: [] },
    ] as const;
    expect(asksMissing(asks, ['thickness'], { behindEdgeMm: 0.42 }, 0.3)).toEqual([
      'The caliper reads what is aimed at: 0.42 mm, 0.3 mm is aimed at',
    ]);
    // Its own doubt is 0.02 mm.
    expect(asksMissing(asks, [], { behindEdgeMm: 0.32 }, 0.3)).toEqual([]);
    expect(asksMissing(asks, [], {}, 0.3)).toEqual(['The caliper reads what is aimed at']);
  });

  test('no remnant of the old bevel left is told, not hidden by the tick', () => {
    expect(readingShows('remnant', { remnantMm: 0 }, null)).toEqual({
      shows: false,
      text: 'none is left: stop here',
    });
    expect(readingShows('remnant', { remnantMm: 0.1 }, null)?.shows).toBe(true);
  });
});

describe('a side with nothing done', () => {
  const side = (name: 'right' | 'left', strokes: number) => ({
    side: name,
    angleDeg: 15,
    lifts: [],
    strokes,
  });
  const round = (seconds: number | null) => ({
    side: 'right' as const,
    count: 10,
    zone: null,
    seconds,
  });

  test('asks where the other was worked', () => {
    const both = { sides: [side('right', 40), side('left', 40)], rounds: [] };
    expect(sideMissing(both, { right: 12, left: 0 })).toEqual([
      'left side: nothing done there yet',
    ]);
    expect(sideMissing(both, { right: 12, left: 3 })).toEqual([]);
    // Nothing counted at all: whoever works by the clock counts no strokes.
    expect(sideMissing(both, { right: 0, left: 0 })).toEqual([]);
  });

  test('asks nothing where one side is meant, or the clock leads', () => {
    expect(sideMissing({ sides: [side('right', 40)], rounds: [] }, { right: 9, left: 0 })).toEqual(
      [],
    );
    const timed = { sides: [side('right', 4), side('left', 4)], rounds: [round(12)] };
    expect(sideMissing(timed, { right: 9, left: 0 })).toEqual([]);
  });
});
