/** What stands in for measures that nobody took. */
import { bladeKind } from './kinds';
import type { BladeMeasures } from './measures';

/**
 * The kind's usual measures on an edge of that length.
 *
 * @example
 * usualMeasuresOf('chef', 210).heightHeelMm; // 46
 */
export const usualMeasuresOf = (kindId: string, edgeLengthMm: number): BladeMeasures => {
  const { usual } = bladeKind(kindId);
  const [heel, middle, tip] = usual.heightsMm;
  const [spineHeel, spineMiddle, spineTip] = usual.spineMm;
  return {
    kindId,
    edgeLengthMm,
    heightHeelMm: heel,
    heightMiddleMm: middle,
    heightTipMm: tip,
    spineHeelMm: spineHeel,
    spineMiddleMm: spineMiddle,
    spineTipMm: spineTip,
    thicknessBehindEdgeMm: usual.thicknessBehindEdgeMm,
    bevelFaceMm: null,
    presentAnglePerSideDeg: usual.anglePerSideDeg,
  };
};
