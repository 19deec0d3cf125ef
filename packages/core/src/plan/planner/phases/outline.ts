/** The outline: what is worked out of it, and the edge it leaves. */
import { ok } from '../../../units';
import { outlineWork, raisedCurves } from '../../cuts';
import { apexRiseAt, type Phase, type PlanContext } from '../context';
import type { AnglePart, OutlinePart } from '../parts';

/** Errors: those of the repair, naming the damage at fault. */
export const outlinePhase: Phase<PlanContext & { readonly angle: AnglePart }, OutlinePart> = (
  context,
) => {
  const outlined = outlineWork(
    context.input,
    context.curves,
    context.strategy.atFullLength ?? false,
  );
  if (!outlined.ok) return outlined;
  const { repair, depthAlong } = outlined.value;
  const apexRiseMm = apexRiseAt(context, context.angle.angleDeg);
  return ok({
    ...outlined.value,
    apexRiseMm,
    heightLostMm: apexRiseMm + repair.maxDepthMm,
    curves: context.curves,
    curvesAfter: raisedCurves(context.curves, depthAlong, apexRiseMm),
  });
};
