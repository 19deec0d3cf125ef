import { validate, takeInSchema } from '@patient-edge/contract';
import {
  drawnMeasures,
  emptyIntake,
  MEASURE_FIELDS,
  toIntakeBody,
  usualMeasures,
  type IntakeValues,
} from './values';

const typed = (part: Partial<IntakeValues> = {}): IntakeValues => ({
  ...emptyIntake(),
  ...(Object.fromEntries(
    MEASURE_FIELDS.map((field) => [field, String(usualMeasures('chef')[field])]),
  ) as Pick<IntakeValues, 'edgeLengthMm'>),
  promisedOn: '2026-12-01',
  bevelFaceMm: '0,7',
  ...part,
});

const owner = { customerId: 1, newCustomer: null, bladeId: null, tagNumber: 4 };

describe('an intake as typed', () => {
  test('makes a body the server takes, with a comma for a point', () => {
    const { body, problems } = toIntakeBody(typed());
    expect(problems).toEqual([]);
    expect(body).toMatchObject({ bevelFaceMm: 0.7, presentAngle: null, heightHeelMm: 46 });
    expect(validate(takeInSchema, { ...body, ...owner }).ok).toBe(true);
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

  test('what is no number is told beside its field', () => {
    const { problems } = toIntakeBody(
      typed({
        heightTipMm: 'low',
        damage: [
          { id: 'a', kind: 'chip', side: 'left', fromMm: '1e', lengthMm: '2', depthMm: '0.2' },
        ],
      }),
    );
    expect(problems).toEqual([
      { field: 'heightTipMm', message: '"low" is not a number' },
      { field: 'damage.0.fromMm', message: '"1e" is not a number' },
    ]);
  });

  test('what is empty is left out, and the server says it is missing', () => {
    const { body } = toIntakeBody(typed({ edgeLengthMm: ' ' }));
    const checked = validate(
      takeInSchema,
      JSON.parse(JSON.stringify({ ...body, ...owner })) as unknown,
    );
    expect(checked).toEqual({
      ok: false,
      fields: [{ field: 'edgeLengthMm', message: 'Edge length, mm is missing' }],
    });
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

test('the drawing takes what is measured and the usual for the rest', () => {
  const drawn = drawnMeasures({
    ...emptyIntake(),
    heightHeelMm: '51',
    heightTipMm: 'x',
    edgeLengthMm: '0',
  });
  expect(drawn).toMatchObject({ heightHeelMm: 51, heightTipMm: 17, edgeLengthMm: 210 });
});
