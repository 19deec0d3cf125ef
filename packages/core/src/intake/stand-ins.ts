/**
 * A blade taken in in a minute has measures that nobody took yet. What it had at its last visit stands in for
 * them, or the usual of its kind, and each is told apart from what a tool said.
 */
import { mm } from '../units';
import { restingAngle } from '../angle';
import {
  bladeKind,
  isMeasured,
  MEASURE_FIELDS,
  usualMeasuresOf,
  type MeasuredWith,
  type MeasureField,
} from '../blade';

/** As the caliper said; null where it was not held to the blade. */
export type TypedMeasures = Readonly<Record<MeasureField, number | null>>;

/** Nobody has held a tool to it yet. */
export const NO_MEASURES = Object.fromEntries(
  MEASURE_FIELDS.map((field) => [field, null]),
) as TypedMeasures;

export interface MeasuresWithStandIns {
  readonly measures: Readonly<Record<MeasureField, number>>;
  readonly measuredWith: Readonly<Record<MeasureField, MeasuredWith>>;
}

/** What the visit before had, and how each of it was got. */
export interface LastMeasured {
  readonly measures: Readonly<Record<MeasureField, number>>;
  readonly measuredWith: Readonly<Record<MeasureField, MeasuredWith>>;
}

/**
 * Every measure, with how it was got. The last visit stands in only where somebody measured it then, or at a visit
 * before: what was never measured stays the usual of its kind, however often the blade comes.
 */
export const withStandIns = (
  kindId: string,
  typed: TypedMeasures,
  measuredWith: Readonly<Partial<Record<MeasureField, MeasuredWith>>>,
  last: LastMeasured | null,
): MeasuresWithStandIns => {
  const kind = bladeKind(kindId);
  const usual = usualMeasuresOf(
    kindId,
    typed.edgeLengthMm ?? last?.measures.edgeLengthMm ?? kind.usual.edgeLengthMm,
  );
  const lastOf = (field: MeasureField): number | null =>
    last && isMeasured(last.measuredWith[field]) ? last.measures[field] : null;
  const each = <T>(pick: (field: MeasureField) => T): Record<MeasureField, T> =>
    Object.fromEntries(MEASURE_FIELDS.map((field) => [field, pick(field)])) as Record<
      MeasureField,
      T
    >;
  return {
    measures: each((field) => typed[field] ?? lastOf(field) ?? usual[field]),
    measuredWith: each((field) =>
      typed[field] !== null
        ? (measuredWith[field] ?? 'caliper')
        : lastOf(field) === null
          ? 'the usual'
          : 'last visit',
    ),
  };
};

/**
 * What the angle is taken for while nobody has measured it; a razor's follows from its spine.
 *
 * @example
 * standInAngleDeg('chef', usualMeasuresOf('chef', 210), 17); // 17
 */
export const standInAngleDeg = (
  kindId: string,
  measures: Readonly<Record<MeasureField, number>>,
  lastDeg: number | null,
): number => {
  const kind = bladeKind(kindId);
  if (kind.grind === 'razor')
    return restingAngle(mm(measures.heightMiddleMm), mm(measures.spineMiddleMm / 2));
  return lastDeg ?? kind.usual.anglePerSideDeg;
};
