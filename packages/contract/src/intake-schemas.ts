/** What is written down when a blade comes in: at the counter in a minute, the rest at the bench. */
import Joi from 'joi';
import {
  allQuestions,
  ANGLE_ROUTES,
  BLADE_KIND_IDS,
  bladeKind,
  BLADE_EDGES,
  DAMAGE_KINDS,
  DAMAGE_SIDES,
  GAUGE_SEATS,
  GAUGE_ZEROS,
  MARKER_FINDINGS,
  MEASURE_FIELDS,
  MEASURED_WITH,
  SHARPNESS,
  TRACE_SOURCES,
  USE_IDS,
  type AngleReading,
  type Answers,
  type BladePoint,
  type Damage,
  type MeasuredWith,
  type MeasureField,
  type Sharpness,
  type TracedOutline,
  type TypedMeasures,
} from '@patient-edge/core';
import {
  id,
  isoDate,
  lengthMm,
  number,
  oneOf,
  optionalText,
  text,
  version,
  yesOrNo,
  type Checked,
} from './schema-parts';
import { customerSchema, type CustomerBody } from './schemas';

const damageSchema = Joi.object<Checked<Damage>, true>({
  id: text('Damage', 40).required(),
  kind: Joi.string()
    .valid(...DAMAGE_KINDS)
    .required()
    .label('Damage'),
  side: Joi.string()
    .valid(...DAMAGE_SIDES)
    .required()
    .label('Side'),
  fromMm: lengthMm('Place from the heel, mm', 0, 1000),
  lengthMm: lengthMm('Length of the damage, mm', 0.1, 1000),
  depthMm: lengthMm('Depth of the damage, mm', 0, 60),
  edge: Joi.string()
    .valid(...BLADE_EDGES)
    .allow(null)
    .optional()
    .label('Edge'),
});

/** What a caliper may say of a blade, mm. */
export const MEASURE_LIMITS: Readonly<Record<MeasureField, readonly [string, number, number]>> = {
  edgeLengthMm: ['Edge length, mm', 20, 900],
  heightHeelMm: ['Height at the heel, mm', 3, 250],
  heightMiddleMm: ['Height half way, mm', 3, 250],
  heightTipMm: ['Height near the tip, mm', 1, 250],
  spineHeelMm: ['Spine at the heel, mm', 0.3, 80],
  spineMiddleMm: ['Spine half way, mm', 0.3, 80],
  spineTipMm: ['Spine near the tip, mm', 0.2, 80],
  thicknessBehindEdgeMm: ['Thickness behind the edge, mm', 0.02, 30],
};

/** A measure not taken yet is null: something stands in for it, and is told apart. */
const measureKey = (field: MeasureField) => {
  const [label, least, most] = MEASURE_LIMITS[field];
  return number().min(least).max(most).allow(null).default(null).label(label);
};
const measureKeys = Object.fromEntries(
  MEASURE_FIELDS.map((field) => [field, measureKey(field)]),
) as Record<MeasureField, Joi.NumberSchema>;

export interface PresentAngleBody {
  readonly valueDeg: number;
  readonly as: 'per side' | 'inclusive';
}

export interface IntakeBody extends TypedMeasures {
  readonly kindId: string;
  readonly bladeName: string;
  readonly steel: string;
  readonly useId: string;
  readonly cuts: string;
  readonly askedFor: string;
  readonly promisedOn: string;
  readonly placeId: number | null;
  readonly sharpness: Sharpness;
  readonly carefulHands: boolean;
  /** With what each measure was taken; a caliper where nothing is said. */
  readonly measuredWith: Readonly<Partial<Record<MeasureField, MeasuredWith>>>;
  readonly bevelFaceMm: number | null;
  /** As it was read, and what it was read as: never one without the other. */
  readonly presentAngle: PresentAngleBody | null;
  readonly angleReadings: readonly AngleReading[];
  readonly bellyStartMm: number | null;
  readonly tipRiseMm: number | null;
  readonly traced: TracedOutline | null;
  /** To the questions of its kind. */
  readonly answers: Answers;
  readonly damage: readonly Damage[];
}

const angleFigure = (label: string) => number().min(0.5).max(90).required().label(label);
const oneRoute = (route: string, keys: Joi.PartialSchemaMap) =>
  Joi.object({ route: Joi.string().valid(route).required().label('Route'), ...keys });
const ROUTE_SCHEMAS: Readonly<Record<AngleReading['route'], Joi.ObjectSchema>> = {
  bevel: oneRoute('bevel', {
    faceMm: lengthMm('Width of the bevel face, mm', 0.05, 80),
    behindEdgeMm: lengthMm('Thickness behind the edge, mm', 0.02, 60),
  }),
  gauge: oneRoute('gauge', {
    readingDeg: number().min(-30).max(90).required().label('Reading, °'),
    zeroed: oneOf('Zeroed on', GAUGE_ZEROS),
    seat: oneOf('Sat on', GAUGE_SEATS),
    leanDeg: number().min(-30).max(45).allow(null).required().label('Lean of that face, °'),
  }),
  marker: oneRoute('marker', {
    trials: Joi.array()
      .items(
        Joi.object({
          angleDeg: angleFigure('Angle tried, °'),
          seen: oneOf('Ink', MARKER_FINDINGS),
        }),
      )
      .min(1)
      .max(30)
      .required()
      .label('Trials'),
  }),
  maker: oneRoute('maker', {
    valueDeg: angleFigure('Maker’s figure, °'),
    as: oneOf('Read as', ['per side', 'inclusive']),
  }),
  lift: oneRoute('lift', {
    liftMm: lengthMm('Lift of the spine, mm', 0, 300),
    heightMm: lengthMm('Height of the blade there, mm', 1, 300),
    spineThicknessMm: lengthMm('Thickness of the spine, mm', 0.1, 60),
  }),
  laser: oneRoute('laser', {
    spotMm: lengthMm('Spot from the straight line, mm', 0.5, 5000),
    distanceMm: lengthMm('Edge to screen, mm', 10, 10000),
  }),
};
const readingSchema = Joi.alternatives().conditional('.route', {
  switch: ANGLE_ROUTES.map((route) => ({ is: route, then: ROUTE_SCHEMAS[route] })),
  otherwise: Joi.object({ route: oneOf('Route', ANGLE_ROUTES) }),
});

export const MOST_OUTLINE_POINTS = 240;
const pointSchema = Joi.array()
  .ordered(
    number().min(-100).max(1000).required().label('Along the blade, mm'),
    number().min(-400).max(400).required().label('Towards the spine, mm'),
  )
  .length(2)
  .label('Point');
/** Along the blade and never back: what the computation builds on. */
const curveSchema = (label: string, least: number) =>
  Joi.array()
    .items(pointSchema)
    .min(least)
    .max(MOST_OUTLINE_POINTS)
    .required()
    .label(label)
    .custom((points: readonly BladePoint[], helpers) =>
      points.some(([z], index) => index > 0 && z <= points[index - 1]![0])
        ? helpers.error('intake.back')
        : points,
    );
const tracedSchema = Joi.object<Checked<TracedOutline>, true>({
  source: oneOf('Where the outline is from', TRACE_SOURCES),
  edge: curveSchema('Edge', 3),
  spine: curveSchema('Spine', 2),
});

const answersSchema = Joi.object().pattern(Joi.string().max(40), [number(), Joi.string().max(60)]);

const intakeKeys = {
  kindId: Joi.string()
    .valid(...BLADE_KIND_IDS)
    .required()
    .label('Kind of blade'),
  bladeName: optionalText('What the blade is called', 80),
  // Known to the table or to the shop: the server looks it up.
  steel: text('Steel', 80).required(),
  useId: Joi.string()
    .valid(...USE_IDS)
    .required()
    .label('Use'),
  cuts: optionalText('What they cut', 200),
  askedFor: optionalText('What they ask for', 500),
  promisedOn: isoDate('Promised date').required(),
  // Where nothing is said, the place that is open on the day.
  placeId: id('Place').allow(null).default(null),
  sharpness: Joi.string()
    .valid(...SHARPNESS)
    .required()
    .label('Sharpness as it came'),
  carefulHands: yesOrNo().required().label('Careful hands'),
  ...measureKeys,
  measuredWith: Joi.object(
    Object.fromEntries(
      MEASURE_FIELDS.map((field) => [
        field,
        Joi.string()
          .valid(...MEASURED_WITH)
          .label('Measured with'),
      ]),
    ),
  )
    .default({})
    .label('Measured with'),
  bevelFaceMm: number()
    .min(0.05)
    .max(80)
    .allow(null)
    .default(null)
    .label('Width of the bevel face, mm'),
  presentAngle: Joi.object({
    valueDeg: number()
      .when('as', {
        is: 'inclusive',
        then: number().min(6).max(100),
        otherwise: number().min(3).max(50),
      })
      .required()
      .label('Present angle, °'),
    as: Joi.string().valid('per side', 'inclusive').required().label('Read as'),
  })
    .allow(null)
    .default(null)
    .label('Present angle'),
  angleReadings: Joi.array()
    .items(readingSchema)
    .max(12)
    .default([])
    .label('Readings of the angle'),
  bellyStartMm: number()
    .min(0)
    .max(900)
    .allow(null)
    .default(null)
    .label('Belly begins, mm from heel'),
  tipRiseMm: number().min(-100).max(250).allow(null).default(null).label('Tip above the heel, mm'),
  traced: tracedSchema.allow(null).default(null).label('Outline'),
  answers: answersSchema.default({}).label('Answers'),
  damage: Joi.array()
    .items(damageSchema)
    .max(60)
    .unique('id')
    .required()
    .label('Damage along the edge'),
};

/** A traced outline may differ so much from the length that was measured: it is one blade. */
const TRACE_AGREES_SHARE = 0.03;

/** The one wrong answer to the questions of a kind, if there is one. */
const wrongAnswer = (
  kindId: string,
  answers: Answers,
): { field: string; code: string; local: Record<string, unknown> } | null => {
  const questions = allQuestions(bladeKind(kindId));
  for (const [key, value] of Object.entries(answers)) {
    const question = questions.find((each) => each.id === key);
    const field = `answers.${key}`;
    if (!question) return { field, code: 'intake.question', local: { key } };
    if (question.type === 'choice') {
      if (!question.choices.includes(String(value)))
        return { field, code: 'intake.choice', local: { name: question.label, given: value } };
      continue;
    }
    const [least, most] = question.limits;
    if (typeof value !== 'number' || value < least || value > most)
      return {
        field,
        code: 'intake.limits',
        local: { name: question.label, least, most, given: value },
      };
  }
  return null;
};

/** What fits together only when it is seen together. */
const checkTogether = (value: IntakeBody, helpers: Joi.CustomHelpers) => {
  const { edgeLengthMm: edge, traced } = value;
  const beyond =
    edge === null ? -1 : value.damage.findIndex(({ fromMm, lengthMm: run }) => fromMm + run > edge);
  if (beyond >= 0) {
    const { fromMm, lengthMm: run } = value.damage[beyond]!;
    return helpers.error('intake.beyond', {
      field: `damage.${beyond}.fromMm`,
      end: fromMm + run,
      edge,
    });
  }
  const tracedMm = traced?.edge.at(-1)?.[0] ?? null;
  if (tracedMm !== null && (edge === null || Math.abs(tracedMm / edge - 1) > TRACE_AGREES_SHARE)) {
    return helpers.error('intake.traced', {
      field: 'edgeLengthMm',
      traced: tracedMm.toFixed(1),
      given: edge === null ? 'no length' : `${edge} mm`,
    });
  }
  if (value.bellyStartMm !== null && edge !== null && value.bellyStartMm > edge) {
    return helpers.error('intake.belly', {
      field: 'bellyStartMm',
      belly: value.bellyStartMm,
      edge,
    });
  }
  const wrong = wrongAnswer(value.kindId, value.answers);
  return wrong ? helpers.error(wrong.code, { field: wrong.field, ...wrong.local }) : value;
};
const INTAKE_MESSAGES = {
  'intake.beyond': 'The damage ends at {#end} mm, beyond the edge of {#edge} mm',
  'intake.traced':
    'The traced outline is {#traced} mm long and {#given} was given: measure again, or drop the outline',
  'intake.belly': 'The belly begins at {#belly} mm, beyond the edge of {#edge} mm',
  'intake.back': '{#label} turns back: its points must go on from heel to tip',
  'intake.question': '"{#key}" is not asked of this kind of blade',
  'intake.choice': '{#name}: "{#given}" is not one of the choices',
  'intake.limits': '{#name} must be from {#least} to {#most}; {#given} was given',
  'intake.customer': 'Choose a known customer or add a new one',
};

const tagNumber = number().integer().min(1).max(9999).required().label('Tag number');
const customerKeys = {
  customerId: id('Owner').allow(null).required(),
  newCustomer: customerSchema.allow(null).required(),
};
const oneOwner = <T extends { customerId: number | null; newCustomer: unknown }>(
  value: T,
  helpers: Joi.CustomHelpers,
) =>
  (value.customerId === null) === (value.newCustomer === null)
    ? helpers.error('intake.customer', { field: 'customerId' })
    : value;

export interface OwnerBody {
  readonly customerId: number | null;
  readonly newCustomer: CustomerBody | null;
}

export interface TakeInBody extends IntakeBody, OwnerBody {
  /** A blade that has been here before. */
  readonly bladeId: number | null;
  readonly tagNumber: number;
}
export const takeInSchema = Joi.object<Checked<TakeInBody>, true>({
  ...intakeKeys,
  ...customerKeys,
  bladeId: id('Blade').allow(null).required(),
  tagNumber,
})
  .custom(oneOwner)
  .custom(checkTogether)
  .messages(INTAKE_MESSAGES);

export interface CorrectIntakeBody extends IntakeBody {
  readonly version: number;
}
export const correctIntakeSchema = Joi.object<Checked<CorrectIntakeBody>, true>({
  ...intakeKeys,
  version,
})
  .custom(checkTogether)
  .messages(INTAKE_MESSAGES);

/** One blade of a drop-off: what the counter asks in a minute. */
export interface DropOffBlade {
  readonly bladeId: number | null;
  readonly tagNumber: number;
  readonly kindId: string;
  readonly bladeName: string;
  readonly steel: string;
  readonly useId: string;
  readonly cuts: string;
  readonly askedFor: string;
  readonly promisedOn: string;
  readonly placeId: number | null;
  readonly sharpness: Sharpness;
  readonly edgeLengthMm: number | null;
  readonly heightHeelMm: number | null;
}
export interface DropOffBody extends OwnerBody {
  readonly blades: readonly DropOffBlade[];
}
export const MOST_BLADES_AT_ONCE = 60;
const { kindId, bladeName, steel, useId, cuts, askedFor, promisedOn, placeId, sharpness } =
  intakeKeys;
export const dropOffSchema = Joi.object<Checked<DropOffBody>, true>({
  ...customerKeys,
  blades: Joi.array()
    .items(
      Joi.object<Checked<DropOffBlade>, true>({
        bladeId: id('Blade').allow(null).required(),
        tagNumber,
        kindId,
        bladeName,
        steel,
        useId,
        cuts,
        askedFor,
        promisedOn,
        placeId,
        sharpness,
        edgeLengthMm: measureKey('edgeLengthMm'),
        heightHeelMm: measureKey('heightHeelMm'),
      }),
    )
    .min(1)
    .max(MOST_BLADES_AT_ONCE)
    .unique('tagNumber')
    .required()
    .label('Blades'),
})
  .custom(oneOwner)
  .messages({ ...INTAKE_MESSAGES, 'array.unique': 'This tag is already on another blade here' });
