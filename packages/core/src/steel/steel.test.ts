import {
  explainSteel,
  findSteel,
  findUse,
  forceIn,
  judgePressure,
  newtonsOf,
  recogniseSteel,
  steelAngleShift,
  STEELS,
  wantsDiamond,
} from '../index';
import { adviseAngles } from '../plan/choices/advice';
import { UNKNOWN_CLASSES } from './recognise';

const vanadium = findSteel('powder tool steel high vanadium (V 8-10)')!;
const soft = findSteel('X50CrMoV15 (1.4116)')!;
const spring = findSteel('SAE 5160 (60Cr3)')!;

describe('a steel explains itself', () => {
  test('hard carbides: slow, diamond, steeper, rust', () => {
    const words = explainSteel(vanadium).join(' ');
    expect(words).toContain('Diamond is 2.4 times quicker');
    expect(words).toContain('glazes');
    expect(words).toContain('It rusts');
  });

  test('soft stainless: the burr clings, diamond is not needed, coarse is right', () => {
    const words = explainSteel(soft).join(' ');
    expect(words).toMatch(/hangs on.*coarse finish is right.*Diamond is not needed.*Stainless/);
  });

  test('hard carbides move the angle up, a tough steel down', () => {
    expect(steelAngleShift(vanadium).deltaDeg).toBe(1);
    const highCarbide = findSteel('powder stainless high carbide (about 3 C 20 Cr)')!;
    expect(steelAngleShift(highCarbide).deltaDeg).toBe(2);
    expect(steelAngleShift(findSteel('80CrV2 (1.2235)')!).deltaDeg).toBe(-1);
  });

  test('every steel of the table has a sentence for each matter', () => {
    for (const steel of STEELS) {
      expect(explainSteel(steel)).toHaveLength(7);
      for (const sentence of explainSteel(steel)) expect(sentence).toMatch(/\.$/);
    }
  });

  test('only carbides harder than the grain want diamond', () => {
    expect(wantsDiamond(vanadium)).toBe(true);
    expect(wantsDiamond(soft)).toBe(false);
  });

  test('the shift it states is the one the plan uses', () => {
    for (const steel of STEELS) {
      const byUse = adviseAngles({
        presentAngleDeg: 20,
        primaryAngleDeg: 2,
        use: findUse('general-soft'),
        steel,
        damage: [],
        carefulHands: false,
      })[1]!;
      expect(byUse.angleDeg - byUse.startDeg).toBeCloseTo(steelAngleShift(steel).deltaDeg, 12);
    }
    expect(steelAngleShift(spring).deltaDeg).toBe(0);
  });
});

describe('recognising an unknown steel', () => {
  test.each([
    [{ file: 'skates', price: 'a lot' }, 'unknown hard steel (files skate)'],
    [
      { spark: 'long and branching', stain: 'grey or blue', file: 'bites a little' },
      'unknown carbon steel',
    ],
    [{ file: 'bites', stain: 'none', price: 'little' }, 'unknown stamped stainless'],
  ] as const)('%j is most like %s', (answers, designation) => {
    expect(recogniseSteel(answers)[0]!.designation).toBe(designation);
  });

  test('one answer that speaks against a class puts it behind those it does not', () => {
    const ranked = recogniseSteel({ file: 'bites', stain: 'none', magnet: 'holds' });
    const hard = ranked.find(({ designation }) => designation.includes('files skate'))!;
    expect(hard.against).toEqual(['file']);
    expect(ranked.indexOf(hard)).toBeGreaterThan(0);
  });

  test('every unknown class can be planned with', () => {
    for (const { designation } of UNKNOWN_CLASSES) expect(findSteel(designation)).toBeDefined();
    expect(recogniseSteel({}).every(({ share }) => share === 0)).toBe(true);
  });
});

describe('pressure', () => {
  test('one pound is sixteen ounces, 453.59237 grams-force and 4.4482216152605 N', () => {
    const pound = newtonsOf(1, 'lbf');
    expect(pound).toBeCloseTo(4.4482216152605, 12);
    expect(forceIn(pound, 'ozf')).toBeCloseTo(16, 12);
    expect(forceIn(pound, 'gf')).toBeCloseTo(453.59237, 9);
  });

  const held = (...newtons: number[]) =>
    newtons.map((each, index) => ({ atS: index / 10, newtons: newtonsOf(each, 'N') }));

  test('lifting the hand between strokes does not count against it', () => {
    expect(judgePressure(held(0, 5, 5.5, 0.1, 5), [4, 6])).toMatchObject({
      count: 3,
      insideShare: 1,
      text: 'Steady, and where it belongs.',
    });
    expect(judgePressure(held(0, 0.1), [4, 6])).toBeNull();
  });

  test.each([
    [[9, 9.5, 8], 'Too heavy'],
    [[1, 2, 1.5], 'Too light'],
    [[2, 8, 2, 8], 'wanders'],
  ] as const)('%j is told: %s', (newtons, words) => {
    expect(judgePressure(held(...newtons), [4, 6])!.text).toContain(words);
  });
});
