import { correctIntakeSchema, validate } from '@patient-edge/contract';
import { MEASURE_FIELDS, usualMeasuresOf, type LastMeasured } from '@patient-edge/core';
import { jobOf, measuredBy } from '../../test/jobs';
import {
  drawnMeasures,
  emptyReading,
  fromJob,
  readingOf,
  toIntakeBody,
  withOutline,
  type IntakeValues,
} from './values';

const typed = (part: Partial<IntakeValues> = {}): IntakeValues => ({
  ...fromJob(jobOf()),
  ...part,
});
const checked = (values: IntakeValues) =>
  validate(
    correctIntakeSchema,
    JSON.parse(JSON.stringify({ ...toIntakeBody(values).body, version: 3 })),
  );

describe('an intake as typed', () => {
  test('comes from a job and makes a body the server takes, with a comma for a point', () => {
    const { body, problems } = toIntakeBody(typed({ angleSource: 'bevel', bevelFaceMm: '0,7' }));
    expect(problems).toEqual([]);
    expect(body).toMatchObject({ bevelFaceMm: 0.7, presentAngle: null, heightHeelMm: 46 });
    expect(checked(typed()).ok).toBe(true);
  });

  test('an inclusive angle goes out as inclusive, never as a bare number', () => {
    const { body } = toIntakeBody(
      typed({ angleSource: 'inclusive', presentAngle: { valueDeg: '34' } }),
    );
    expect(body).toMatchObject({
      bevelFaceMm: null,
      presentAngle: { valueDeg: 34, as: 'inclusive' },
    });
  });

  test('what nobody measured stands empty and goes out as not measured', () => {
    const values = fromJob(
      jobOf({
        measuredWith: {
          ...measuredBy('caliper'),
          spineTipMm: 'the usual',
          heightTipMm: 'last visit',
        },
        angleAssumed: true,
      }),
    );
    expect([values.spineTipMm, values.heightTipMm, values.heightHeelMm]).toEqual(['', '', '46']);
    const { body } = toIntakeBody(values);
    expect(body).toMatchObject({ spineTipMm: null, heightTipMm: null, presentAngle: null });
    expect(body.measuredWith).not.toHaveProperty('spineTipMm');
  });

  test('a measure typed anew is by the tool in hand; one left as it was keeps its own', () => {
    const held = fromJob(jobOf({ measuredWith: measuredBy('micrometer') }));
    const { body } = toIntakeBody({ ...held, heightHeelMm: '45', instrument: 'rule' });
    expect(body.measuredWith).toMatchObject({ heightHeelMm: 'rule', spineTipMm: 'micrometer' });
  });

  test('what is no number is told beside its field', () => {
    const { problems } = toIntakeBody(
      typed({
        heightTipMm: 'low',
        answers: { facets: 'many' },
        angleReadings: [{ ...emptyReading('laser'), spotMm: 'x' }],
        damage: [
          { id: 'a', kind: 'chip', side: 'left', fromMm: '1e', lengthMm: '2', depthMm: '0.2' },
        ],
      }),
    );
    expect(problems.map(({ field }) => field)).toEqual([
      'heightTipMm',
      'answers.facets',
      'angleReadings.0.spotMm',
      'damage.0.fromMm',
    ]);
  });

  test('answers to questions that another kind is asked do not go out', () => {
    const { body } = toIntakeBody(
      typed({ answers: { ratio: '60:40', pitchMm: '3', facets: '2' } }),
    );
    expect(body.answers).toEqual({ ratio: '60:40', facets: 2 });
  });

  test('every route of the angle goes out and comes back', () => {
    const angleReadings = [
      { route: 'bevel', faceMm: 0.7, behindEdgeMm: 0.4 },
      {
        route: 'gauge',
        readingDeg: 14,
        zeroed: 'the bench',
        seat: 'the primary face',
        leanDeg: null,
      },
      { route: 'marker', trials: [{ angleDeg: 17, seen: 'gone across the bevel' }] },
      { route: 'maker', valueDeg: 34, as: 'inclusive' },
      { route: 'laser', spotMm: 200, distanceMm: 300 },
    ] as const;
    const { body } = toIntakeBody(fromJob(jobOf({ angleReadings })));
    expect(body.angleReadings).toEqual(angleReadings);
    expect(fromJob(jobOf({ angleReadings })).angleReadings.map(readingOf)).toEqual(angleReadings);
    expect(readingOf(emptyReading('bevel'))).toBeNull();
    expect(readingOf(emptyReading('marker'))).toBeNull();
  });

  test('a dull zone has no depth', () => {
    const { body } = toIntakeBody(
      typed({
        damage: [
          { id: 'a', kind: 'dull zone', side: 'both', fromMm: '10', lengthMm: '40', depthMm: '3' },
        ],
      }),
    );
    expect(body.damage).toEqual([
      { id: 'a', kind: 'dull zone', side: 'both', fromMm: 10, lengthMm: 40, depthMm: 0 },
    ]);
  });
});

test('the drawing takes what is measured and something else for the rest', () => {
  const values = typed({ heightHeelMm: '51', heightTipMm: 'x', edgeLengthMm: '0' });
  expect(drawnMeasures(values, null)).toMatchObject({
    heightHeelMm: 51,
    heightTipMm: 17,
    edgeLengthMm: 210,
  });
  const last = {
    measures: { ...usualMeasuresOf('chef', 205), heightTipMm: 15 },
    measuredWith: Object.fromEntries(
      MEASURE_FIELDS.map((field) => [field, 'caliper']),
    ) as LastMeasured['measuredWith'],
  };
  expect(drawnMeasures(values, last)).toMatchObject({ heightTipMm: 15, edgeLengthMm: 205 });
});

test('a traced outline fills in what it measured', () => {
  const filled = withOutline({
    source: 'photograph',
    edge: [
      [0, 0],
      [100, 0],
      [180, 12],
    ],
    spine: [
      [0, 44],
      [180, 20],
    ],
  });
  expect(filled).toMatchObject({ edgeLengthMm: '180', heightHeelMm: '44', tipRiseMm: '12' });
  const { body } = toIntakeBody({ ...typed(), ...filled });
  expect(body.measuredWith).toMatchObject({ edgeLengthMm: 'traced', spineHeelMm: 'caliper' });
  expect(checked({ ...typed(), ...filled }).ok).toBe(true);
});
