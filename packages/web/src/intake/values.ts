/** The intake form's values as typed, and the body they make. */
import type { FieldError, IntakeBody, Job } from '@patient-edge/contract';
import {
  allQuestions,
  asksForAngle,
  bladeKind,
  GAUGE_SEATS,
  GAUGE_ZEROS,
  hasDepth,
  isMeasured,
  MEASURE_FIELDS,
  readOutline,
  withStandIns,
  type AngleReading,
  type AngleRoute,
  type BladeMeasures,
  type BladeEdge,
  type DamageKind,
  type DamageSide,
  type LastMeasured,
  type MarkerFinding,
  type MeasuredWith,
  type MeasureField,
  type Sharpness,
  type TracedOutline,
} from '@patient-edge/core';
import { numberText as text, parseNumber } from '../theme/format';
import { STRINGS } from './strings';

export const ANGLE_SOURCES = ['bevel', 'per side', 'inclusive'] as const;
export type AngleSource = (typeof ANGLE_SOURCES)[number];

/** What one holds in the hand; the other ways of knowing a measure come by themselves. */
export const INSTRUMENTS = ['caliper', 'micrometer', 'rule'] as const;
export type Instrument = (typeof INSTRUMENTS)[number];

export interface DamageValues {
  readonly id: string;
  readonly kind: DamageKind;
  readonly side: DamageSide;
  readonly fromMm: string;
  readonly lengthMm: string;
  readonly depthMm: string;
  /** Of a blade with two. */
  readonly edge?: BladeEdge | null;
}

/** One reading of the angle as typed; each route uses its own of these. */
export interface ReadingValues {
  readonly route: AngleRoute;
  faceMm: string;
  behindEdgeMm: string;
  readingDeg: string;
  zeroed: string;
  seat: string;
  leanDeg: string;
  valueDeg: string;
  as: string;
  spotMm: string;
  distanceMm: string;
  liftMm: string;
  heightMm: string;
  spineThicknessMm: string;
  trials: { angleDeg: string; seen: MarkerFinding }[];
}

/** A reading nobody typed yet; its blade is the one before us, half way along. */
export const emptyReading = (
  route: AngleRoute,
  blade?: Pick<BladeMeasures, 'heightMiddleMm' | 'spineMiddleMm'>,
): ReadingValues => ({
  route,
  faceMm: '',
  behindEdgeMm: '',
  readingDeg: '',
  zeroed: GAUGE_ZEROS[0],
  seat: GAUGE_SEATS[0],
  leanDeg: '',
  valueDeg: '',
  as: 'inclusive',
  spotMm: '',
  distanceMm: '',
  liftMm: '',
  heightMm: text(blade?.heightMiddleMm),
  spineThicknessMm: text(blade?.spineMiddleMm),
  trials: [],
});

export interface IntakeValues extends Record<MeasureField, string> {
  kindId: string;
  bladeName: string;
  steel: string;
  useId: string;
  cuts: string;
  askedFor: string;
  promisedOn: string;
  /** Empty where the day says it. */
  placeId: string;
  sharpness: Sharpness;
  carefulHands: boolean;
  /** With what measures typed from now on are taken. */
  instrument: Instrument;
  /** Measures as they were held, and with what they were taken: until they are typed anew. */
  held: Partial<Record<MeasureField, { text: string; with: MeasuredWith }>>;
  angleSource: AngleSource;
  bevelFaceMm: string;
  presentAngle: { valueDeg: string };
  angleReadings: ReadingValues[];
  bellyStartMm: string;
  tipRiseMm: string;
  traced: TracedOutline | null;
  answers: Record<string, string>;
  damage: DamageValues[];
}

const readingValues = (reading: AngleReading): ReadingValues => {
  const { route, ...rest } = reading;
  const typed = Object.entries<unknown>(rest)
    .filter(([name]) => name !== 'trials')
    .map(([name, value]) => [
      name,
      typeof value === 'string' ? value : text(value as number | null),
    ]);
  return {
    ...emptyReading(route),
    ...(Object.fromEntries(typed) as Partial<ReadingValues>),
    trials:
      reading.route === 'marker'
        ? reading.trials.map(({ angleDeg, seen }) => ({ angleDeg: text(angleDeg), seen }))
        : [],
  };
};

/** The form of a blade in the shop. What nobody measured stands empty. */
export const fromJob = (job: Job): IntakeValues => {
  const { measures } = job;
  const measured = MEASURE_FIELDS.filter(
    (field) => job.measuredWith[field] !== 'last visit' && isMeasured(job.measuredWith[field]),
  );
  const field = (name: MeasureField): string =>
    measured.includes(name) ? text(measures[name]) : '';
  return {
    kindId: measures.kindId,
    bladeName: job.blade.name,
    steel: job.steel,
    useId: job.useId,
    cuts: job.cuts,
    askedFor: job.askedFor,
    promisedOn: job.promisedOn,
    placeId: job.placeId === null ? '' : String(job.placeId),
    sharpness: job.sharpness,
    carefulHands: job.carefulHands,
    instrument: 'caliper',
    held: Object.fromEntries(
      measured.map((name) => [name, { text: text(measures[name]), with: job.measuredWith[name] }]),
    ),
    ...(Object.fromEntries(MEASURE_FIELDS.map((name) => [name, field(name)])) as Record<
      MeasureField,
      string
    >),
    angleSource: measures.bevelFaceMm !== null || job.angleAssumed ? 'bevel' : 'per side',
    bevelFaceMm: text(measures.bevelFaceMm),
    presentAngle: {
      valueDeg: job.angleAssumed ? '' : text(measures.presentAnglePerSideDeg),
    },
    angleReadings: job.angleReadings.map(readingValues),
    bellyStartMm: text(measures.bellyStartMm),
    tipRiseMm: text(measures.tipRiseMm),
    traced: measures.traced ?? null,
    answers: Object.fromEntries(
      Object.entries(job.answers).map(([id, value]) => [id, String(value)]),
    ),
    damage: job.damage.map((found) => ({
      ...found,
      fromMm: text(found.fromMm),
      lengthMm: text(found.lengthMm),
      depthMm: text(found.depthMm),
    })),
  };
};

/** What the job holds for measures nobody took; another kind has another usual. */
export const standInsOf = (job: Job, kindId: string): LastMeasured | null =>
  job.measures.kindId === kindId ? job : null;

/** A measure as typed, if it can be one. */
const plausible = (typed: string): number | null => {
  const value = parseNumber(typed);
  return value !== null && value > 0 && value < 900 ? value : null;
};

/** The blade as far as it is measured, something else standing in for the rest: for drawing only. */
export const drawnMeasures = (values: IntakeValues, last: LastMeasured | null): BladeMeasures => {
  const typed = Object.fromEntries(
    MEASURE_FIELDS.map((field) => [field, plausible(values[field])]),
  ) as Record<MeasureField, number | null>;
  const { measures } = withStandIns(values.kindId, typed, {}, last);
  const edgeLengthMm = Math.max(20, measures.edgeLengthMm);
  return {
    kindId: values.kindId,
    ...measures,
    edgeLengthMm,
    bevelFaceMm: null,
    presentAnglePerSideDeg: null,
    bellyStartMm: parseNumber(values.bellyStartMm),
    tipRiseMm: parseNumber(values.tipRiseMm),
    traced: values.traced,
  };
};

const tenth = (value: number): string => String(Math.round(value * 10) / 10);

/** What a traced outline fills in: it was measured with the picture. */
export const withOutline = (
  traced: TracedOutline,
): Pick<
  IntakeValues,
  | 'traced'
  | 'edgeLengthMm'
  | 'heightHeelMm'
  | 'heightMiddleMm'
  | 'heightTipMm'
  | 'bellyStartMm'
  | 'tipRiseMm'
> & { held: IntakeValues['held'] } => {
  const read = readOutline(traced);
  const fields = {
    edgeLengthMm: tenth(read.edgeLengthMm),
    heightHeelMm: tenth(read.heightHeelMm),
    heightMiddleMm: tenth(read.heightMiddleMm),
    heightTipMm: tenth(read.heightTipMm),
  };
  return {
    traced,
    ...fields,
    bellyStartMm: tenth(read.bellyStartMm),
    tipRiseMm: tenth(read.tipRiseMm),
    held: Object.fromEntries(
      Object.entries(fields).map(([field, typed]) => [field, { text: typed, with: 'traced' }]),
    ),
  };
};

/** Reads typed numbers; what is no number is reported beside its field and never sent. */
class Numbers {
  readonly problems: FieldError[] = [];

  read(field: string, typed: string): number | undefined {
    if (typed.trim() === '') return undefined;
    const value = parseNumber(typed);
    if (value === null) {
      this.problems.push({ field, message: STRINGS.isNotANumber(typed) });
      return undefined;
    }
    return value;
  }

  /** Null where nothing was typed. */
  readOrNull(field: string, typed: string): number | null {
    return this.read(field, typed) ?? null;
  }
}

const toReading = (values: ReadingValues, path: string, numbers: Numbers): object => {
  const read = (field: keyof ReadingValues): number | undefined =>
    numbers.read(`${path}.${field}`, values[field] as string);
  const { route } = values;
  switch (route) {
    case 'bevel':
      return { route, faceMm: read('faceMm'), behindEdgeMm: read('behindEdgeMm') };
    case 'gauge':
      return {
        route,
        readingDeg: read('readingDeg'),
        zeroed: values.zeroed,
        seat: values.seat,
        leanDeg: read('leanDeg') ?? null,
      };
    case 'marker':
      return {
        route,
        trials: values.trials.map(({ angleDeg, seen }, index) => ({
          angleDeg: numbers.read(`${path}.trials.${index}.angleDeg`, angleDeg),
          seen,
        })),
      };
    case 'maker':
      return { route, valueDeg: read('valueDeg'), as: values.as };
    case 'laser':
      return { route, spotMm: read('spotMm'), distanceMm: read('distanceMm') };
    case 'lift':
      return {
        route,
        liftMm: read('liftMm'),
        heightMm: read('heightMm'),
        spineThicknessMm: read('spineThicknessMm'),
      };
  }
};

/** A reading as the core takes it; null while something of it is missing or no number. */
export const readingOf = (values: ReadingValues): AngleReading | null => {
  const numbers = new Numbers();
  const reading = toReading(values, '', numbers);
  const incomplete =
    numbers.problems.length > 0 ||
    Object.values(reading).some((each) => each === undefined) ||
    (values.route === 'marker' && values.trials.length === 0);
  return incomplete ? null : (reading as AngleReading);
};

type Sent<T> = { readonly [Key in keyof T]?: T[Key] | undefined };

export interface Outgoing<T> {
  readonly body: Sent<T>;
  readonly problems: readonly FieldError[];
}

/** The intake as it is sent: what is not measured goes out as null. */
export const toIntakeBody = (values: IntakeValues): Outgoing<IntakeBody> => {
  const numbers = new Numbers();
  const kind = bladeKind(values.kindId);
  const measures = Object.fromEntries(
    MEASURE_FIELDS.map((field) => [field, numbers.readOrNull(field, values[field])]),
  );
  const measuredWith = Object.fromEntries(
    MEASURE_FIELDS.filter((field) => values[field].trim() !== '').map((field) => {
      const held = values.held[field];
      return [field, held?.text === values[field] ? held.with : values.instrument];
    }),
  );
  const answers = Object.fromEntries(
    allQuestions(kind).flatMap((question): [string, string | number][] => {
      const typed = values.answers[question.id] ?? '';
      if (typed.trim() === '') return [];
      if (question.type === 'choice') return [[question.id, typed]];
      const value = numbers.read(`answers.${question.id}`, typed);
      return value === undefined ? [] : [[question.id, value]];
    }),
  );
  const { angleSource } = values;
  const typedAngle =
    angleSource === 'bevel' || !asksForAngle(kind)
      ? undefined
      : numbers.read('presentAngle.valueDeg', values.presentAngle.valueDeg);
  const body = {
    kindId: values.kindId,
    bladeName: values.bladeName,
    steel: values.steel,
    useId: values.useId,
    cuts: values.cuts,
    askedFor: values.askedFor,
    promisedOn: values.promisedOn || undefined,
    placeId: values.placeId ? Number(values.placeId) : null,
    sharpness: values.sharpness,
    carefulHands: values.carefulHands,
    ...measures,
    measuredWith,
    bevelFaceMm:
      angleSource === 'bevel' && asksForAngle(kind)
        ? numbers.readOrNull('bevelFaceMm', values.bevelFaceMm)
        : null,
    presentAngle:
      typedAngle === undefined || angleSource === 'bevel'
        ? null
        : { valueDeg: typedAngle, as: angleSource },
    angleReadings: values.angleReadings.map((reading, index) =>
      toReading(reading, `angleReadings.${index}`, numbers),
    ),
    bellyStartMm: numbers.readOrNull('bellyStartMm', values.bellyStartMm),
    tipRiseMm: numbers.readOrNull('tipRiseMm', values.tipRiseMm),
    traced: values.traced,
    answers,
    damage: values.damage.map((found, index) => ({
      id: found.id,
      kind: found.kind,
      side: found.side,
      ...(found.edge ? { edge: found.edge } : {}),
      fromMm: numbers.read(`damage.${index}.fromMm`, found.fromMm),
      lengthMm: numbers.read(`damage.${index}.lengthMm`, found.lengthMm),
      depthMm: hasDepth(found.kind) ? numbers.read(`damage.${index}.depthMm`, found.depthMm) : 0,
    })),
  };
  return { body: body as unknown as Sent<IntakeBody>, problems: numbers.problems };
};

/** Fields whose refusals stand beside them. */
export const INTAKE_FIELDS: readonly string[] = [
  ...MEASURE_FIELDS,
  'kindId',
  'bladeName',
  'steel',
  'useId',
  'cuts',
  'askedFor',
  'promisedOn',
  'sharpness',
  'bevelFaceMm',
  'presentAngle',
  'angleReadings',
  'bellyStartMm',
  'tipRiseMm',
  'answers',
  'damage',
];
