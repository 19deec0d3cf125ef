/** The angle: what came, what is advised, and the one the blade is to have. */
import { ok } from '../../../units';
import { chooseAngle } from '../../cuts';
import type { Phase, PlanContext } from '../context';
import type { AnglePart } from '../parts';

/** Errors: OUT_OF_RANGE, or CUT_DOES_NOT_CLOSE where it never meets the face above the bevel. */
export const anglePhase: Phase<PlanContext, AnglePart> = ({
  input,
  strategy,
  use,
  present,
  shape,
}) => {
  const angled = chooseAngle(input, strategy, use, present.value, shape.primaryDeg);
  if (!angled.ok) return angled;
  const { advice, chosen, angleDeg } = angled.value;
  const isGuided = strategy.guidedDeg !== null;
  return ok({
    approach: input.choices.angleDeg === null || isGuided ? chosen.approach : null,
    angleDeg,
    present,
    isGuided,
    advice,
    chosen,
  });
};
