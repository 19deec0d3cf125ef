/** The angle: what came, what is advised, and the one the blade is to have. */
import { ok } from '../../../units';
import { chooseAngle, shapesAlong, type LocalShape, type Shape } from '../../cuts';
import type { Phase, PlanContext } from '../context';
import type { AnglePart } from '../parts';

/** Enough to find where the grind leans most: it changes slowly along a blade. */
const STATIONS_FOR_ANGLE = 9;

/** Errors: OUT_OF_RANGE, or CUT_DOES_NOT_CLOSE where it never meets the face above the bevel. */
export const anglePhase: Phase<PlanContext, AnglePart> = ({
  input,
  strategy,
  use,
  present,
  shape,
  curves,
}) => {
  const steepest = steepestOf(
    shape,
    shapesAlong(strategy, curves, present.value, STATIONS_FOR_ANGLE),
  );
  const angled = chooseAngle(input, strategy, use, present.value, shape.primaryDeg, steepest);
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

/** Towards a tip the height runs out, and what is worked there by eye binds no angle. */
const TIP_SHARE = 0.9;

/** The steepest lean of the grind along the edge, which the lowest angle has to clear. */
const steepestOf = (
  middle: Shape,
  stations: readonly LocalShape[],
): { readonly primaryDeg: number; readonly atMm: number | null } => {
  const length = stations.at(-1)?.station.sMm ?? 0;
  return stations
    .filter(({ station }) => station.sMm <= TIP_SHARE * length)
    .reduce<{ primaryDeg: number; atMm: number | null }>(
      (most, { station, shape }) =>
        shape.primaryDeg > most.primaryDeg + 0.05
          ? { primaryDeg: shape.primaryDeg, atMm: station.sMm }
          : most,
      { primaryDeg: middle.primaryDeg, atMm: null },
    );
};
