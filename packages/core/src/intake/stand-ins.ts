/**
 * A blade taken in in a minute has measures that nobody took yet. What it had at its last visit stands in for
 * them, or the usual of its kind, and each is told apart from what a tool said.
 */
import { restingAngle } from '../angle/lift';
import { bladeKind } from '../blade/kinds';
import type { MeasuredWith } from '../blade/instruments';
import { MEASURE_FIELDS, type BladeMeasures, type MeasureField } from '../blade/measures';
import { usualMeasuresOf } from '../plan/chip-cost';
import { mm } from '../units/quantities';

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

export const withStandIns = (
  kindId: string,
  typed: TypedMeasures,
  measuredWith: Readonly<Partial<Record<MeasureField, MeasuredWith>>>,
  last: BladeMeasures | null,
): MeasuresWithStandIns => {
  const kind = bladeKind(kindId);
  const usual = usualMeasuresOf(
    kindId,
    typed.edgeLengthMm ?? last?.edgeLengthMm ?? kind.usual.edgeLengthMm,
  );
  const standsIn: MeasuredWith = last ? 'last visit' : 'the usual';
  const each = <T>(pick: (field: MeasureField) => T): Record<MeasureField, T> =>
    Object.fromEntries(MEASURE_FIELDS.map((field) => [field, pick(field)])) as Record<
      MeasureField,
      T
    >;
  return {
    measures: each((field) => typed[field] ?? last?.[field] ?? usual[field]),
    measuredWith: each((field) =>
      typed[field] === null ? standsIn : (measuredWith[field] ?? 'caliper'),
    ),
  };
};

/** What the angle is taken for while nobody has measured it; a razor's follows from its spine. */
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
