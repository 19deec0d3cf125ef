import { allQuestions, bladeKind } from '@patient-edge/core';
import { takeInSchema, validate, type TakeInBody } from './index';
import { intakeBody } from '../test/intake';

const damage = (part: Record<string, unknown> = {}) => ({
  id: 'a',
  kind: 'chip',
  side: 'both',
  fromMm: 60,
  lengthMm: 3,
  depthMm: 0.4,
  ...part,
});
const outline = (part: Record<string, unknown> = {}) => ({
  source: 'photograph',
  edge: [
    [0, 0],
    [150, 0],
    [210, 14],
  ],
  spine: [
    [0, 46],
    [210, 16],
  ],
  ...part,
});

/** What is told of each field, by its name. */
const told = (part: Record<string, unknown>): Record<string, string> => {
  const checked = validate(takeInSchema, intakeBody(part));
  return checked.ok
    ? {}
    : Object.fromEntries(checked.fields.map(({ field, message }) => [field, message]));
};
const taken = (part: Record<string, unknown> = {}): TakeInBody => {
  const checked = validate(takeInSchema, intakeBody(part));
  if (!checked.ok) throw new Error(JSON.stringify(checked.fields));
  return checked.value;
};

describe('a blade comes in', () => {
  test('with what the counter asks in a minute, and the rest at its default', () => {
    const value = taken();
    expect(value).toMatchObject({ answers: {}, angleReadings: [], traced: null, damage: [] });
  });

  test('with every measure open: nobody took it yet', () => {
    const open = Object.fromEntries(
      ['edgeLengthMm', 'heightHeelMm', 'spineMiddleMm', 'thicknessBehindEdgeMm'].map((field) => [
        field,
        null,
      ]),
    );
    expect(taken(open)).toMatchObject(open);
  });

  test.each([
    ['edgeLengthMm', 2100, 'Edge length, mm must be at most 900; 2100 was given'],
    ['tagNumber', 0, 'Tag number must be at least 1; 0 was given'],
    ['kindId', 'spoon', /^Kind of blade/],
    ['useId', 'digging', /^Use/],
    ['sharpness', 'so-so', /^Sharpness|^How sharp/],
    ['promisedOn', 'tomorrow', /Promised/],
  ] as const)('%s of %p is refused by name', (field, value, words) => {
    const refused = told({ [field]: value });
    expect(Object.keys(refused)).toEqual([field]);
    expect(refused[field]).toMatch(words);
  });

  test('for one customer: known or new, not both, not neither', () => {
    const both = {
      customerId: 4,
      newCustomer: { name: 'Hollis Reed', trade: '', phones: [], note: '', edgesLiked: '' },
    };
    for (const part of [both, { customerId: null, newCustomer: null }])
      expect(told(part)).toEqual({ customerId: 'Choose a known customer or add a new one' });
  });
});

describe('damage along the edge', () => {
  test('lies on the edge, from heel to tip', () => {
    expect(taken({ damage: [damage({ fromMm: 207 })] }).damage).toHaveLength(1);
    expect(told({ damage: [damage(), damage({ id: 'b', fromMm: 209 })] })).toEqual({
      'damage.1.fromMm': 'The damage ends at 212 mm, beyond the edge of 210 mm',
    });
  });

  test('is not judged against an edge nobody measured', () => {
    expect(told({ edgeLengthMm: null, damage: [damage({ fromMm: 500 })] })).toEqual({});
  });

  test('is told apart: no two of one name', () => {
    expect(Object.keys(told({ damage: [damage(), damage()] }))).toEqual(['damage.1']);
  });

  test.each([
    ['depthMm', 61],
    ['lengthMm', 0],
    ['kind', 'scratch'],
    ['side', 'top'],
  ])('%s of %p is refused at its place', (field, value) => {
    expect(Object.keys(told({ damage: [damage({ [field]: value })] }))).toEqual([
      `damage.0.${field}`,
    ]);
  });
});

describe('a traced outline', () => {
  test('is taken when it agrees with the length within three per cent', () => {
    expect(taken({ traced: outline() }).traced!.edge).toHaveLength(3);
    expect(told({ traced: outline(), edgeLengthMm: 216 })).toEqual({});
    expect(told({ traced: outline(), edgeLengthMm: 220 })['edgeLengthMm']).toContain(
      'The traced outline is 210.0 mm long and 220 mm was given',
    );
    expect(told({ traced: outline(), edgeLengthMm: null })['edgeLengthMm']).toContain(
      'long and no length was given',
    );
  });

  test('goes on from heel to tip and never turns back', () => {
    const back = [
      [0, 0],
      [150, 0],
      [149, 2],
      [210, 14],
    ];
    expect(told({ traced: outline({ edge: back }) })['traced.edge']).toBe(
      'Edge turns back: its points must go on from heel to tip',
    );
  });

  test('has enough points to be a blade, and places that are two numbers', () => {
    expect(Object.keys(told({ traced: outline({ spine: [[0, 46]] }) }))).toEqual(['traced.spine']);
    const flat = outline({ edge: [[0, 0], [150], [210, 14]] });
    expect(Object.keys(told({ traced: flat }))[0]).toMatch(/^traced\.edge\.1/);
  });

  test('has its belly on the edge', () => {
    expect(told({ bellyStartMm: 211 })).toEqual({
      bellyStartMm: 'The belly begins at 211 mm, beyond the edge of 210 mm',
    });
  });
});

describe('the questions of a kind', () => {
  const numbers = allQuestions(bladeKind('razor')).filter(({ type }) => type !== 'choice');
  const choices = allQuestions(bladeKind('chef')).filter(({ type }) => type === 'choice');

  test('are answered within their limits, which are told', () => {
    const [question] = numbers;
    if (!question || question.type === 'choice') throw new Error('A razor is asked for no number');
    const [least, most] = question.limits;
    expect(told({ kindId: 'razor', answers: { [question.id]: most } })).toEqual({});
    expect(told({ kindId: 'razor', answers: { [question.id]: most + 1 } })).toEqual({
      [`answers.${question.id}`]: `${question.label} must be from ${least} to ${most}; ${most + 1} was given`,
    });
  });

  test('are answered by one of the choices', () => {
    const [question] = choices;
    expect(told({ answers: { [question!.id]: 'perhaps' } })).toEqual({
      [`answers.${question!.id}`]: `${question!.label}: "perhaps" is not one of the choices`,
    });
  });

  test('of another kind are not asked', () => {
    expect(told({ answers: { scallops: 40 } })['answers.scallops']).toBe(
      '"scallops" is not asked of this kind of blade',
    );
  });
});

describe('readings of the angle', () => {
  test.each([
    [{ route: 'bevel', faceMm: 0.7, behindEdgeMm: 0.42 }],
    [
      {
        route: 'gauge',
        readingDeg: 19,
        zeroed: 'the stone',
        seat: 'parallel flats',
        leanDeg: null,
      },
    ],
    [{ route: 'marker', trials: [{ angleDeg: 15, seen: 'gone only at the shoulder' }] }],
    [{ route: 'maker', valueDeg: 30, as: 'inclusive' }],
    [{ route: 'laser', spotMm: 300, distanceMm: 500 }],
    [{ route: 'lift', liftMm: 6.6, heightMm: 26, spineThicknessMm: 3.4 }],
  ])('%p is taken as it was read', (reading) => {
    expect(taken({ angleReadings: [reading] }).angleReadings).toEqual([reading]);
  });

  test('by a route nobody knows are refused', () => {
    expect(Object.keys(told({ angleReadings: [{ route: 'thumb' }] }))).toEqual([
      'angleReadings.0.route',
    ]);
  });

  test('say as what they were read: per side or inclusive', () => {
    expect(
      Object.keys(told({ angleReadings: [{ route: 'maker', valueDeg: 30, as: 'both' }] })),
    ).toEqual(['angleReadings.0.as']);
  });
});
