import { CHEF, chip, planInput, RACK, rackStone, valueOf } from '../../../test/blades';
import {
  BLADE_KINDS,
  bladeKind,
  DEFAULT_CHOICES,
  findSteel,
  findUse,
  planBlade,
  STEELS,
  textOf,
} from '../../index';
import { sectionAreaMm2 } from '../../section/section';
import { adviseAngles } from '../choices/advice';

const plan = (part: Parameters<typeof planInput>[0] = {}) => valueOf(planBlade(planInput(part)));
const choices = DEFAULT_CHOICES;

describe('the advised angle', () => {
  const input = {
    presentAngleDeg: 19,
    primaryAngleDeg: 1.2,
    use: findUse('general-soft'),
    steel: findSteel('X50CrMoV15 (1.4116)')!,
    damage: [],
    carefulHands: false,
  };

  test('keep matches what came, by use is the middle of the window', () => {
    const [keep, byUse] = adviseAngles(input);
    expect(keep).toMatchObject({ approach: 'keep', angleDeg: 19, moves: [] });
    expect(byUse).toMatchObject({ approach: 'by-use', angleDeg: 18, moves: [] });
  });

  test('chips on arrival push it up, careful hands let it down, each with its reason', () => {
    const [, byUse] = adviseAngles({ ...input, damage: [chip(50, 0.7)], carefulHands: true });
    expect(byUse!.angleDeg).toBe(20);
    expect(byUse!.moves.map(({ deltaDeg }) => deltaDeg)).toEqual([3, -1]);
    expect(byUse!.moves[0]!.reason).toContain('0.7 mm');
  });

  test('a blade that meets frozen food gets four degrees more', () => {
    const [, byUse] = adviseAngles({ ...input, use: findUse('frozen') });
    expect(byUse!.moves).toEqual([{ deltaDeg: 4, reason: 'bone or frozen food' }]);
  });

  test('the lowest that clears never goes below what the use will stand', () => {
    const [, , lowest] = adviseAngles(input);
    expect(lowest!.angleDeg).toBe(14);
    const [, , thick] = adviseAngles({ ...input, primaryAngleDeg: 13 });
    expect(thick!.angleDeg).toBe(16);
  });
});

/** Its operations, without what makes stones ready. */
const worked = ({ work }: ReturnType<typeof plan>): string[] =>
  work.steps.map(({ operation }) => operation).filter((operation) => operation !== 'ready');

describe('a plan', () => {
  test('reads the present angle off the bevel and says how', () => {
    const { presentAngle, presentInclusive } = plan().report.figures;
    expect(presentAngle.value).toBeCloseTo((Math.asin(0.21 / 0.7) * 180) / Math.PI, 10);
    expect(presentInclusive.value).toBeCloseTo(2 * presentAngle.value, 12);
    expect(presentAngle.why.formula).toBe('θ = asin(e / w)');
  });

  test('for a tired blade leaves the outline alone and loses hardly any height', () => {
    const tired = plan({ sharpness: 'tired' });
    expect(tired.outline.raisedShare).toBe(0);
    expect(tired.report.figures.heightLost.value).toBeCloseTo(0.015, 12);
    // Its steel is soft and its burr clings: scrubbed first, then taken down.
    expect(worked(tired)).toEqual(['edge', 'deburr', 'deburr', 'strop', 'wash']);
  });

  test('with a chip takes it out first, on the coarsest stone', () => {
    const chipped = plan({ damage: [chip(60, 0.6)] });
    expect(chipped.work.steps.find(({ stoneId }) => stoneId !== null)).toMatchObject({
      operation: 'outline',
      stoneId: 'plate',
      gate: 'no check',
    });
    expect(chipped.report.figures.heightLost.value).toBeCloseTo(0.63, 9);
  });

  test('a chip on the straight of a square knife forces the whole edge up; one on a belly does not', () => {
    const { usual } = bladeKind('vegetable');
    const square = plan({
      measures: {
        ...CHEF,
        kindId: 'vegetable',
        edgeLengthMm: usual.edgeLengthMm,
        heightHeelMm: 50,
        heightMiddleMm: 50,
        heightTipMm: 48,
      },
      damage: [chip(60, 0.5)],
    });
    expect(square.outline.forcesWholeEdge).toBe(true);
    expect(plan({ damage: [chip(170, 0.5)] }).outline.forcesWholeEdge).toBe(false);
  });

  test('a chip left in on purpose costs nothing', () => {
    const left = plan({ damage: [chip(60, 0.6)], choices: { ...choices, chipsLeft: ['chip'] } });
    expect(left.report.figures.heightLost.value).toBeCloseTo(0.03, 12);
  });

  test('a deeper chip never needs less steel', () => {
    const steel = [0.2, 0.4, 0.8, 1.6].map(
      (depth) =>
        plan({ damage: [chip(60, depth)], choices: { ...choices, approach: 'keep' } }).report
          .figures.steelLost.value,
    );
    expect([...steel].sort((a, b) => a - b)).toEqual(steel);
  });

  test('thinning is advised when the shoulder has outgrown its use, and brings it back below', () => {
    const thick = plan({ measures: { ...CHEF, thicknessBehindEdgeMm: 0.65, bevelFaceMm: 1.1 } });
    expect(thick.section.thinning).toMatchObject({ advised: true, done: true });
    expect(thick.report.figures.behindEdgeAfter.value).toBeLessThan(0.5);
    expect(thick.section.thinning.remnantMm).toBeLessThanOrEqual(0.1);
    expect(thick.work.steps.some(({ operation }) => operation === 'thinning')).toBe(true);
    const refused = plan({
      measures: { ...CHEF, thicknessBehindEdgeMm: 0.65, bevelFaceMm: 1.1 },
      choices: { ...choices, thin: false },
    });
    expect(refused.section.thinning).toMatchObject({ advised: true, done: false });
    expect(refused.stock.sums.thinning.mm3).toBe(0);
  });

  test('lifts fall from heel to tip', () => {
    const lifts = plan()
      .work.steps.find(({ key }) => key === 'edge 1')!
      .lifts.map(({ liftMm }) => liftMm!);
    expect(lifts).toHaveLength(4);
    expect([...lifts].sort((a, b) => b - a)).toEqual(lifts);
  });

  test('the section after has less steel than before, by what the bevel took', () => {
    const { before, after } = plan({ damage: [chip(100, 0.5)] }).section;
    expect(sectionAreaMm2(after)).toBeLessThan(sectionAreaMm2(before));
  });

  test('pressure falls as the grain gets finer', () => {
    const steps = plan({ useId: 'general-hard', damage: [chip(60, 0.8)] }).work.steps.filter(
      ({ operation }) => operation === 'edge' || operation === 'refine',
    );
    const forces = steps.map(({ forceN }) => forceN![0]);
    expect(steps.length).toBeGreaterThan(1);
    expect([...forces].sort((a, b) => b - a)).toEqual(forces);
  });

  test('an empty rack still judges the blade and says why there is no progression', () => {
    const bare = plan({ rack: [] });
    expect(bare.work.problem?.code).toBe('NO_PROGRESSION');
    expect(bare.report.figures.angle.value).toBe(18);
    expect(bare.work.steps).toEqual([]);
  });

  test('a fine finish on soft steel is a warning, not a refusal', () => {
    const fine = plan({ choices: { ...choices, finishUm: [2, 3.5] } });
    expect(fine.progression.advice.map(({ code }) => code)).toEqual(['SOFT_STEEL_FINE_FINISH']);
    expect(textOf(fine.progression.advice[0]!.message)).toContain('gains little below about 4 µm');
  });

  test('an angle that does not clear the primary is refused beside its field', () => {
    const thick = { ...CHEF, spineMiddleMm: 12, heightMiddleMm: 40, presentAnglePerSideDeg: 20 };
    const refused = planBlade(planInput({ measures: thick, choices: { ...choices, angleDeg: 7 } }));
    expect(!refused.ok && refused.error).toMatchObject({
      code: 'CUT_DOES_NOT_CLOSE',
      field: 'choices.angleDeg',
    });
  });

  test('every kind in every steel gets a plan with finite figures', () => {
    for (const kind of BLADE_KINDS) {
      const { usual } = kind;
      for (const steel of kind.id === 'chef' ? STEELS : STEELS.slice(0, 2)) {
        const made = plan({
          steel,
          useId: usual.use,
          rack: [
            ...RACK,
            rackStone({ id: 'very-fine', um: 1.2, abrasive: 'natural' }),
            rackStone({ id: 'finest', um: 0.6, abrasive: 'natural' }),
          ],
          measures: {
            kindId: kind.id,
            edgeLengthMm: usual.edgeLengthMm,
            heightHeelMm: usual.heightsMm[0],
            heightMiddleMm: usual.heightsMm[1],
            heightTipMm: usual.heightsMm[2],
            spineHeelMm: usual.spineMm[0],
            spineMiddleMm: usual.spineMm[1],
            spineTipMm: usual.spineMm[2],
            thicknessBehindEdgeMm: usual.thicknessBehindEdgeMm,
            bevelFaceMm: null,
            presentAnglePerSideDeg: usual.anglePerSideDeg,
          },
        });
        for (const [name, { value }] of Object.entries(made.report.figures)) {
          expect({ kind: kind.id, name, finite: Number.isFinite(value) && value >= 0 }).toEqual({
            kind: kind.id,
            name,
            finite: true,
          });
        }
        expect(made.work.problem).toBeNull();
      }
    }
  });
});
