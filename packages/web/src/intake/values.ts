/** The intake form's values as typed, and the body they make. */
import type { CustomerBody, IntakeBody, Job, FieldError } from '@patient-edge/contract';
import {
  bladeKind,
  hasDepth,
  MEASURE_FIELDS,
  UNKNOWN_STEEL_DESIGNATION,
  usualMeasuresOf,
  type BladeMeasures,
  type DamageKind,
  type DamageSide,
  type MeasureField,
  type Sharpness,
} from '@patient-edge/core';
import { parseNumber } from '../theme/format';

export const ANGLE_SOURCES = ['bevel', 'per side', 'inclusive'] as const;
export type AngleSource = (typeof ANGLE_SOURCES)[number];

export interface DamageValues {
  readonly id: string;
  readonly kind: DamageKind;
  readonly side: DamageSide;
  readonly fromMm: string;
  readonly lengthMm: string;
  readonly depthMm: string;
}

export interface IntakeValues extends Record<MeasureField, string> {
  customerId: string;
  newCustomer: CustomerBody;
  ownerIsNew: boolean;
  bladeId: string;
  tagNumber: string;
  kindId: string;
  bladeName: string;
  steel: string;
  useId: string;
  cuts: string;
  askedFor: string;
  promisedOn: string;
  sharpness: Sharpness;
  carefulHands: boolean;
  angleSource: AngleSource;
  bevelFaceMm: string;
  presentAngle: { valueDeg: string };
  damage: DamageValues[];
}

export const emptyIntake = (): IntakeValues => ({
  customerId: '',
  newCustomer: {
    name: '',
    trade: '',
    phones: [{ label: '', number: '' }],
    note: '',
    edgesLiked: '',
  },
  ownerIsNew: false,
  bladeId: '',
  tagNumber: '',
  kindId: 'chef',
  bladeName: '',
  steel: UNKNOWN_STEEL_DESIGNATION,
  useId: 'general-soft',
  cuts: '',
  askedFor: '',
  promisedOn: '',
  sharpness: 'dull',
  carefulHands: false,
  edgeLengthMm: '',
  heightHeelMm: '',
  heightMiddleMm: '',
  heightTipMm: '',
  spineHeelMm: '',
  spineMiddleMm: '',
  spineTipMm: '',
  thicknessBehindEdgeMm: '',
  angleSource: 'bevel',
  bevelFaceMm: '',
  presentAngle: { valueDeg: '' },
  damage: [],
});

/** What is usual for a kind: a start to correct with the caliper, never a measurement. */
export const usualMeasures = (kindId: string): Record<MeasureField, number> =>
  usualMeasuresOf(kindId, bladeKind(kindId).usual.edgeLengthMm);

/** The blade as far as it is measured, the usual figures standing in for the rest: for the drawing only. */
export const drawnMeasures = (values: IntakeValues): BladeMeasures => {
  const usual = usualMeasures(values.kindId);
  const typed = (field: MeasureField): number => {
    const value = parseNumber(values[field]);
    return value !== null && value > 0 && value < 900 ? value : usual[field];
  };
  return {
    kindId: values.kindId,
    edgeLengthMm: Math.max(20, typed('edgeLengthMm')),
    heightHeelMm: typed('heightHeelMm'),
    heightMiddleMm: typed('heightMiddleMm'),
    heightTipMm: typed('heightTipMm'),
    spineHeelMm: typed('spineHeelMm'),
    spineMiddleMm: typed('spineMiddleMm'),
    spineTipMm: typed('spineTipMm'),
    thicknessBehindEdgeMm: typed('thicknessBehindEdgeMm'),
    bevelFaceMm: null,
    presentAnglePerSideDeg: null,
  };
};

/** Fills the form from an earlier visit of the blade; its condition is looked at anew. */
export const fromJob = (job: Job, withCondition: boolean): Partial<IntakeValues> => {
  const text = (value: number | null): string => (value === null ? '' : String(value));
  const { measures } = job;
  return {
    kindId: measures.kindId,
    bladeName: job.blade.name,
    steel: job.steel,
    useId: job.useId,
    cuts: job.cuts,
    carefulHands: job.carefulHands,
    ...(Object.fromEntries(MEASURE_FIELDS.map((field) => [field, text(measures[field])])) as Record<
      MeasureField,
      string
    >),
    angleSource: measures.presentAnglePerSideDeg === null ? 'bevel' : 'per side',
    bevelFaceMm: text(measures.bevelFaceMm),
    presentAngle: { valueDeg: text(measures.presentAnglePerSideDeg) },
    ...(withCondition
      ? {
          askedFor: job.askedFor,
          promisedOn: job.promisedOn,
          sharpness: job.sharpness,
          damage: job.damage.map((found) => ({
            ...found,
            fromMm: text(found.fromMm),
            lengthMm: text(found.lengthMm),
            depthMm: text(found.depthMm),
          })),
        }
      : {}),
  };
};

/** Reads typed numbers; what is no number is reported beside its field and never sent. */
class Numbers {
  readonly problems: FieldError[] = [];

  read(field: string, typed: string): number | undefined {
    if (typed.trim() === '') return undefined;
    const value = parseNumber(typed);
    if (value === null) {
      this.problems.push({ field, message: `"${typed}" is not a number` });
      return undefined;
    }
    return value;
  }
}

type Sent<T> = { readonly [Key in keyof T]?: T[Key] | undefined };

export interface Outgoing<T> {
  readonly body: Sent<T>;
  readonly problems: readonly FieldError[];
}

/** The intake as it is sent: what is empty is left out, and the server says which of it is missing. */
export const toIntakeBody = (values: IntakeValues): Outgoing<IntakeBody> => {
  const numbers = new Numbers();
  const measures = Object.fromEntries(
    MEASURE_FIELDS.map((field) => [field, numbers.read(field, values[field])]),
  );
  const { angleSource } = values;
  const valueDeg =
    angleSource === 'bevel'
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
    sharpness: values.sharpness,
    carefulHands: values.carefulHands,
    ...measures,
    bevelFaceMm:
      angleSource === 'bevel' ? (numbers.read('bevelFaceMm', values.bevelFaceMm) ?? null) : null,
    presentAngle: angleSource === 'bevel' ? null : { valueDeg, as: angleSource },
    damage: values.damage.map((found, index) => ({
      id: found.id,
      kind: found.kind,
      side: found.side,
      fromMm: numbers.read(`damage.${index}.fromMm`, found.fromMm),
      lengthMm: numbers.read(`damage.${index}.lengthMm`, found.lengthMm),
      depthMm: found.kind === 'chip' ? numbers.read(`damage.${index}.depthMm`, found.depthMm) : 0,
    })),
  };
  return { body: body as Sent<IntakeBody>, problems: numbers.problems };
};

/** A new owner as sent: a telephone left empty is none. */
export const toCustomerBody = (typed: CustomerBody): CustomerBody => ({
  name: typed.name,
  trade: typed.trade,
  phones: typed.phones.filter(({ number }) => number.trim() !== ''),
  note: typed.note,
  edgesLiked: typed.edgesLiked,
});
