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
import { STRINGS } from './field-strings';

const damageSchema = Joi.object<Checked<Damage>, true>({
  id: text(STRINGS.damage, 40).required(),
  kind: Joi.string()
    .valid(...DAMAGE_KINDS)
    .required()
    .label(STRINGS.damage),
  side: Joi.string()
    .valid(...DAMAGE_SIDES)
    .required()
    .label(STRINGS.side),
  fromMm: lengthMm(STRINGS.placeFromTheHeelMm, 0, 1000),
  lengthMm: lengthMm(STRINGS.lengthOfTheDamageMm, 0.1, 1000),
  depthMm: lengthMm(STRINGS.depthOfTheDamageMm, 0, 60),
  edge: Joi.string()
    .valid(...BLADE_EDGES)
    .allow(null)
    .optional()
    .label(STRINGS.edge),
});

/** What a caliper may say of a blade, mm. */
export const MEASURE_LIMITS: Readonly<Record<MeasureField, readonly [string, number, number]>> = {
  edgeLengthMm: [STRINGS.edgeLengthMm, 20, 900],
  heightHeelMm: [STRINGS.heightAtTheHeelMm, 3, 250],
  heightMiddleMm: [STRINGS.heightHalfWayMm, 3, 250],
  heightTipMm: [STRINGS.heightNearTheTipMm, 1, 250],
  spineHeelMm: [STRINGS.spineAtTheHeelMm, 0.3, 80],
  spineMiddleMm: [STRINGS.spineHalfWayMm, 0.3, 80],
  spineTipMm: [STRINGS.spineNearTheTipMm, 0.2, 80],
  thicknessBehindEdgeMm: [STRINGS.thicknessBehindTheEdgeMm, 0.02, 30],
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
  Joi.object({ route: Joi.string().valid(route).required().label(STRINGS.route), ...keys });
const ROUTE_SCHEMAS: Readonly<Record<AngleReading['route'], Joi.ObjectSchema>> = {
  bevel: oneRoute('bevel', {
    faceMm: lengthMm(STRINGS.widthOfTheBevelFaceMm, 0.05, 80),
    behindEdgeMm: lengthMm(STRINGS.thicknessBehindTheEdgeMm, 0.02, 60),
  }),
  gauge: oneRoute('gauge', {
    readingDeg: number().min(-30).max(90).required().label(STRINGS.readingDegrees),
    zeroed: oneOf(STRINGS.zeroedOn, GAUGE_ZEROS),
    seat: oneOf(STRINGS.satOn, GAUGE_SEATS),
    leanDeg: number().min(-30).max(45).allow(null).required().label(STRINGS.leanOfThatFaceDegrees),
  }),
  marker: oneRoute('marker', {
    trials: Joi.array()
      .items(
        Joi.object({
          angleDeg: angleFigure(STRINGS.angleTriedDegrees),
          seen: oneOf(STRINGS.ink, MARKER_FINDINGS),
        }),
      )
      .min(1)
      .max(30)
      .required()
      .label(STRINGS.trials),
  }),
  maker: oneRoute('maker', {
    valueDeg: angleFigure(STRINGS.makersFigureDegrees),
    as: oneOf(STRINGS.readAs, ['per side', 'inclusive']),
  }),
  lift: oneRoute('lift', {
    liftMm: lengthMm(STRINGS.liftOfTheSpineMm, 0, 300),
    heightMm: lengthMm(STRINGS.heightOfTheBladeThereMm, 1, 300),
    spineThicknessMm: lengthMm(STRINGS.thicknessOfTheSpineMm, 0.1, 60),
  }),
  laser: oneRoute('laser', {
    spotMm: lengthMm(STRINGS.spotFromTheStraightLineMm, 0.5, 5000),
    distanceMm: lengthMm(STRINGS.edgeToScreenMm, 10, 10000),
  }),
};
const readingSchema = Joi.alternatives().conditional('.route', {
  switch: ANGLE_ROUTES.map((route) => ({ is: route, then: ROUTE_SCHEMAS[route] })),
  otherwise: Joi.object({ route: oneOf(STRINGS.route, ANGLE_ROUTES) }),
});

export const MOST_OUTLINE_POINTS = 240;
const pointSchema = Joi.array()
  .ordered(
    number().min(-100).max(1000).required().label(STRINGS.alongTheBladeMm),
    number().min(-400).max(400).required().label(STRINGS.towardsTheSpineMm),
  )
  .length(2)
  .label(STRINGS.point);
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
  source: oneOf(STRINGS.whereTheOutlineIsFrom, TRACE_SOURCES),
  edge: curveSchema(STRINGS.edge, 3),
  spine: curveSchema(STRINGS.spine, 2),
});

const answersSchema = Joi.object().pattern(Joi.string().max(40), [number(), Joi.string().max(60)]);

const intakeKeys = {
  kindId: Joi.string()
    .valid(...BLADE_KIND_IDS)
    .required()
    .label(STRINGS.kindOfBlade),
  bladeName: optionalText(STRINGS.whatTheBladeIsCalled, 80),
  // Known to the table or to the shop: the server looks it up.
  steel: text(STRINGS.steel, 80).required(),
  useId: Joi.string()
    .valid(...USE_IDS)
    .required()
    .label(STRINGS.use),
  cuts: optionalText(STRINGS.whatTheyCut, 200),
  askedFor: optionalText(STRINGS.whatTheyAskFor, 500),
  promisedOn: isoDate(STRINGS.promisedDate).required(),
  // Where nothing is said, the place that is open on the day.
  placeId: id(STRINGS.place).allow(null).default(null),
  sharpness: Joi.string()
    .valid(...SHARPNESS)
    .required()
    .label(STRINGS.sharpnessAsItCame),
  carefulHands: yesOrNo().required().label(STRINGS.carefulHands),
  ...measureKeys,
  measuredWith: Joi.object(
    Object.fromEntries(
      MEASURE_FIELDS.map((field) => [
        field,
        Joi.string()
          .valid(...MEASURED_WITH)
          .label(STRINGS.measuredWith),
      ]),
    ),
  )
    .default({})
    .label(STRINGS.measuredWith),
  bevelFaceMm: number()
    .min(0.05)
    .max(80)
    .allow(null)
    .default(null)
    .label(STRINGS.widthOfTheBevelFaceMm),
  presentAngle: Joi.object({
    valueDeg: number()
      .when('as', {
        is: 'inclusive',
        then: number().min(6).max(100),
        otherwise: number().min(3).max(50),
      })
      .required()
      .label(STRINGS.presentAngleDegrees),
    as: Joi.string().valid('per side', 'inclusive').required().label(STRINGS.readAs),
  })
    .allow(null)
    .default(null)
    .label(STRINGS.presentAngle),
  angleReadings: Joi.array()
    .items(readingSchema)
    .max(12)
    .default([])
    .label(STRINGS.readingsOfTheAngle),
  bellyStartMm: number()
    .min(0)
    .max(900)
    .allow(null)
    .default(null)
    .label(STRINGS.bellyBeginsMmFromHeel),
  tipRiseMm: number().min(-100).max(250).allow(null).default(null).label(STRINGS.tipAboveTheHeelMm),
  traced: tracedSchema.allow(null).default(null).label(STRINGS.outline),
  answers: answersSchema.default({}).label(STRINGS.answers),
  damage: Joi.array()
    .items(damageSchema)
    .max(60)
    .unique('id')
    .required()
    .label(STRINGS.damageAlongTheEdge),
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
  'intake.beyond': STRINGS.theDamageEndsAtEndMm,
  'intake.traced': STRINGS.theTracedOutlineIsTracedMm,
  'intake.belly': STRINGS.theBellyBeginsAtBellyMm,
  'intake.back': STRINGS.labelTurnsBackItsPointsMust,
  'intake.question': STRINGS.keyIsNotAskedOfThis,
  'intake.choice': STRINGS.nameGivenIsNotOneOf,
  'intake.limits': STRINGS.nameMustBeFromLeastTo,
  'intake.customer': STRINGS.chooseAKnownCustomerOrAdd,
};

const tagNumber = number().integer().min(1).max(9999).required().label(STRINGS.tagNumber);
const customerKeys = {
  customerId: id(STRINGS.customer).allow(null).required(),
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
  bladeId: id(STRINGS.blade).allow(null).required(),
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
        bladeId: id(STRINGS.blade).allow(null).required(),
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
    .label(STRINGS.blades),
})
  .custom(oneOwner)
  .messages({ ...INTAKE_MESSAGES, 'array.unique': STRINGS.thisTagIsAlreadyOnAnother });
