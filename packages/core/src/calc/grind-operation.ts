/** What strokes did to a section, from outside. */
import { Grinding, type Side } from '../section';
import { fail, ok, type Result } from '../units';
import { readSection } from './operations';
import { HELD_ANGLE, NOT_NEGATIVE, refuse, type Reader } from './reader';

/** Heights above the apex at which thickness is reported, mm. */
const THICKNESS_AT_MM = [0.1, 0.5, 1, 5] as const;
const MOST_STROKES = 20_000;

const sideOf = (from: Reader): Side => {
  const side = from.text('side');
  if (side === 'right' || side === 'left') return side;
  const field = from.pathOf('side');
  return refuse(field, `${field} must be "right" or "left"; "${side}" was given`);
};

/** Errors: INVALID_INPUT naming the field, IMPOSSIBLE_BEVEL, CUT_DOES_NOT_CLOSE at `strokes[i].areaMm2`. */
export const grindOperation = (input: Reader): Result<object> => {
  const blade = readSection(input);
  const strokes = input.objects('strokes').map((each) => {
    const stroke = {
      side: sideOf(each),
      angleDeg: each.number('angleDeg', HELD_ANGLE),
      areaMm2: each.number('areaMm2', NOT_NEGATIVE),
    };
    each.end();
    return stroke;
  });
  input.end();
  if (strokes.length > MOST_STROKES)
    refuse('strokes', `strokes: at most ${MOST_STROKES}; ${strokes.length} were given`);
  if (!blade.ok) return blade;
  const grinding = new Grinding(blade.value.section);
  const failed = strokes.findIndex(
    ({ side, angleDeg, areaMm2 }) => !grinding.stroke(side, angleDeg, areaMm2),
  );
  if (failed >= 0) {
    const field = `strokes[${failed}].areaMm2`;
    return fail(
      'CUT_DOES_NOT_CLOSE',
      `${field}: ${strokes[failed]!.areaMm2} mm² at ${strokes[failed]!.angleDeg}° would take the spine corner`,
      field,
    );
  }
  return ok({
    ...grinding.look(),
    removedAreaMm2: grinding.removedAreaMm2,
    thicknessAtMm: Object.fromEntries(
      THICKNESS_AT_MM.map((height) => [String(height), grinding.thicknessAboveApexMm(height)]),
    ),
  });
};
