/** Rows of the database turned into what crosses the wire. */
import type { Job } from '@patient-edge/contract';
import { MEASURE_FIELDS, type BladeMeasures } from '@patient-edge/core';

/** The measurement columns of a job under the names the craft uses. */
export const MEASURE_COLUMNS = `b.kind AS kindId, j.edge_length_mm AS edgeLengthMm,
  j.height_heel_mm AS heightHeelMm, j.height_middle_mm AS heightMiddleMm, j.height_tip_mm AS heightTipMm,
  j.spine_heel_mm AS spineHeelMm, j.spine_middle_mm AS spineMiddleMm, j.spine_tip_mm AS spineTipMm,
  j.thickness_behind_edge_mm AS thicknessBehindEdgeMm, j.bevel_face_mm AS bevelFaceMm,
  j.present_angle_per_side_deg AS presentAnglePerSideDeg, j.belly_start_mm AS bellyStartMm,
  j.tip_rise_mm AS tipRiseMm, j.outline AS traced`;

/** Whoever did something to a blade within this time has it in hand. */
export const IN_HAND_MINUTES = 15;

/** Whether it is in somebody's hands at a moment. */
export const isInHand = (
  row: {
    readonly stage: Job['stage'];
    readonly inHandBy: number | null;
    readonly inHandAt: Date | null;
  },
  nowMs: number,
): row is typeof row & { readonly inHandBy: number } =>
  row.stage === 'on the bench' &&
  row.inHandBy !== null &&
  row.inHandAt !== null &&
  nowMs - row.inHandAt.getTime() < IN_HAND_MINUTES * 60_000;

/** Visits from before it was written down were measured by caliper throughout. */
export const ALL_BY_CALIPER = Object.fromEntries(
  MEASURE_FIELDS.map((field) => [field, 'caliper']),
) as Job['measuredWith'];

/** Picks the measurements out of a wider row. */
export const measuresOf = (row: BladeMeasures): BladeMeasures => ({
  kindId: row.kindId,
  edgeLengthMm: row.edgeLengthMm,
  heightHeelMm: row.heightHeelMm,
  heightMiddleMm: row.heightMiddleMm,
  heightTipMm: row.heightTipMm,
  spineHeelMm: row.spineHeelMm,
  spineMiddleMm: row.spineMiddleMm,
  spineTipMm: row.spineTipMm,
  thicknessBehindEdgeMm: row.thicknessBehindEdgeMm,
  bevelFaceMm: row.bevelFaceMm,
  presentAnglePerSideDeg: row.presentAnglePerSideDeg,
  bellyStartMm: row.bellyStartMm ?? null,
  tipRiseMm: row.tipRiseMm ?? null,
  traced: row.traced ?? null,
});
