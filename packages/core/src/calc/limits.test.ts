/** Bad input at the door of the computation: every field of every operation, each way of being wrong. */
import vectors from '../../test/calc-vectors.json';
import {
  calculate,
  calculateAll,
  isCalcError,
  isOperation,
  unknownOperation,
  type OperationName,
} from '../index';
import { OPERATION_NAMES } from './operations';

interface Case {
  readonly operation: OperationName;
  readonly in: Record<string, unknown>;
  readonly out: { readonly error?: unknown };
}

/** A good input for each operation. */
const good = (name: OperationName): Record<string, unknown> =>
  (vectors.cases as unknown as Case[]).find(
    (each) => each.operation === name && each.out.error === undefined,
  )!.in;

const errorOf = (
  name: OperationName,
  input: unknown,
): { code: string; field?: string; message: string } => {
  const answer = calculate(name, input);
  if (!isCalcError(answer)) throw new Error(`${name} answered ${JSON.stringify(answer)}`);
  return answer.error;
};

/** Fields that may be left out. */
const OPTIONAL = new Set([
  'faceOffsetMm',
  'slideMm',
  'allowRecurve',
  'rimWantedMm',
  'maxRatio',
  'first',
  'skip',
  'tapeLayers',
  'tapeThicknessMm',
  'scale',
  'grit',
  'um',
]);

describe.each(OPERATION_NAMES)('%s', (name) => {
  const input = good(name);

  test('answers a good input with finite numbers', () => {
    const answer = calculate(name, input);
    expect(isCalcError(answer)).toBe(false);
    expect(JSON.stringify(answer)).not.toMatch(/NaN|Infinity/);
  });

  test('refuses an unknown field by name', () => {
    expect(errorOf(name, { ...input, colour: 1 })).toMatchObject({
      code: 'INVALID_INPUT',
      field: 'colour',
    });
  });

  test.each(Object.keys(input))(
    'refuses %s when it is missing, of the wrong type, or not finite',
    (field) => {
      if (!OPTIONAL.has(field)) {
        const { [field]: left, ...rest } = input;
        expect(left).toBeDefined();
        expect(errorOf(name, rest)).toMatchObject({ code: 'INVALID_INPUT', field });
      }
      for (const wrong of [null, 'x', {}]) {
        const { code, field: at } = errorOf(name, { ...input, [field]: wrong });
        expect({ wrong, code }).toEqual({ wrong, code: 'INVALID_INPUT' });
        expect(at?.startsWith(field)).toBe(true);
      }
      if (typeof input[field] === 'number') {
        for (const wrong of [NaN, Infinity, -Infinity, true, [1]]) {
          expect(errorOf(name, { ...input, [field]: wrong }).code).toBe('INVALID_INPUT');
        }
      }
    },
  );

  test('absurd values are refused or answered in finite numbers, never thrown', () => {
    for (const field of Object.keys(input).filter((key) => typeof input[key] === 'number')) {
      for (const value of [-1, 0, 1e-300, 1e300, Number.MAX_VALUE, 1e15]) {
        const answer = calculate(name, { ...input, [field]: value });
        expect(typeof answer).toBe('object');
        if (!isCalcError(answer)) expect(JSON.stringify(answer)).not.toContain('NaN');
      }
    }
  });

  test.each([null, undefined, 7, 'text', true])('refuses %p as an input', (wrong) => {
    expect(errorOf(name, wrong)).toMatchObject({ code: 'INVALID_INPUT', field: 'input' });
  });
});

describe('the door', () => {
  const section = {
    heightMm: 48,
    spineThicknessMm: 2.2,
    grindHeightMm: 48,
    thicknessBehindEdgeMm: 0.4,
    angleDeg: 15,
  };
  const rack = [{ id: 'a', um: 10, abrasive: 'diamond' }];
  const progression = {
    steel: { wearFactor: 1 },
    rack,
    work: { stockMm3: 1, faceAreaMm2: 1 },
    stroke: { forceN: 8, speedMPerS: 0.15 },
    finishUm: [2, 12],
  };

  test.each([
    [
      'rebevel',
      { section: { ...section, heightMm: 0 }, apexRiseMm: 0.1, angleDeg: 15 },
      'section.heightMm',
    ],
    [
      'rebevel',
      { section: { ...section, depth: 1 }, apexRiseMm: 0.1, angleDeg: 15 },
      'section.depth',
    ],
    ['rebevel', { section, apexRiseMm: -0.1, angleDeg: 15 }, 'apexRiseMm'],
    ['progression', { ...progression, rack: [{ ...rack[0], um: 0 }] }, 'rack[0].um'],
    ['progression', { ...progression, rack: [...rack, ...rack] }, 'rack[1].id'],
    ['progression', { ...progression, steel: {} }, 'steel.wearFactor'],
    ['progression', { ...progression, finishUm: [12, 2] }, 'finishUm'],
    [
      'clamp',
      {
        edge: [
          [0, 0],
          [10, 0],
        ],
        pivot: [1, 2, 3],
        slideMm: [4, -4],
      },
      'slideMm',
    ],
    ['clamp', { edge: [[0, 0], [10]], pivot: [1, 2, 3] }, 'edge[1]'],
    [
      'clamp',
      {
        edge: [
          [0, 0],
          [10, 0],
        ],
        pivot: [1, 2],
      },
      'pivot',
    ],
    [
      'outline-repair',
      {
        edge: [
          [0, 0],
          [10, 0],
        ],
        damage: [{ fromMm: 5, toMm: 2, depthMm: 1 }],
      },
      'damage[0].fromMm',
    ],
    [
      'serration',
      { pitchMm: 9, depthMm: 1, angleDeg: 17, edgeLengthMm: 200, rodDiametersMm: [4, 0] },
      'rodDiametersMm[1]',
    ],
    [
      'hollow-back',
      { hollowRadiusMm: 1, hollowDepthMm: 2, edgeRimMm: 1, backRemovedMm: 0, apexRiseMm: 0 },
      'hollowDepthMm',
    ],
    [
      'along-edge',
      {
        edge: [
          [0, 0],
          [1, 0],
        ],
        spine: [
          [0, 1],
          [1, 1],
        ],
        thickness: [[0, -1]],
        angleDeg: 15,
        stations: 3,
      },
      'thickness[0][1]',
    ],
  ] as const)('%s names the field inside: %j', (name, input, field) => {
    expect(errorOf(name, input)).toMatchObject({ code: 'INVALID_INPUT', field });
  });

  test('a list in gives a list out, each for itself', () => {
    const answers = calculateAll('grit', [{ um: 1 }, { um: -1 }]);
    expect(answers).toMatchObject([{ um: 1 }, { error: { field: 'um' } }]);
  });

  test('an inherited name is no operation', () => {
    expect(isOperation('toString')).toBe(false);
    expect(unknownOperation('toString').error.field).toBe('operation');
  });
});
