/** What the phases of a plan start from, and how each adds its part to what stands before it. */
import { fail, ok, type Figure, type Result } from '../../units';
import { interpolate } from '../../geometry';
import type { EdgeCurves } from '../../outline';
import { bladeKind, bladeOutline, findUse, type BladeKind, type Use } from '../../blade';
import { steelAsTold } from '../../intake';
import type { PlanInput } from '../choices';
import { apexRiseOf, presentAngle, shapesAlong, type LocalShape, type Shape } from '../cuts';
import { strategyOf, type BladeStrategy } from '../kinds';
import type { OutlinePart } from './parts';

export interface PlanContext {
  readonly input: PlanInput;
  readonly kind: BladeKind;
  readonly use: Use;
  readonly strategy: BladeStrategy;
  readonly present: Figure;
  /** Half way along, as it came. */
  readonly shape: Shape;
  readonly curves: EdgeCurves;
  /** The section at every station as it came, worked out once, when it is first asked for. */
  readonly stations: () => readonly LocalShape[];
}

const once = <T>(make: () => T): (() => T) => {
  let made: { readonly value: T } | null = null;
  return () => (made ??= { value: make() }).value;
};

/** The blade as it came. Errors name the measure that makes no blade. */
export const contextOf = (asked: PlanInput): Result<PlanContext> => {
  const input = { ...asked, steel: steelAsTold(asked.steel, asked.answers) };
  const { measures, answers } = input;
  const kind = bladeKind(measures.kindId);
  const use = findUse(input.useId);
  const present = presentAngle(input, kind);
  if (!present.ok) return present;
  const strategy = strategyOf({ input, kind, use, answers, presentDeg: present.value.value });
  const middle = strategy.shapeAt({
    heightMm: measures.heightMiddleMm,
    thicknessMm: measures.spineMiddleMm,
    exact: true,
  });
  if (!middle.ok) {
    const field = middle.error.field?.replace('section.', '');
    return fail(
      middle.error.code,
      middle.error.message,
      field === 'angleDeg' ? 'presentAnglePerSideDeg' : field,
    );
  }
  const curves = bladeOutline(measures);
  return ok({
    input,
    kind,
    use,
    strategy,
    present: present.value,
    shape: middle.value,
    curves,
    stations: once(() => shapesAlong(strategy, curves, present.value.value)),
  });
};

/** How far the apex comes up for its sharpness at an angle, the outline apart, mm. */
export const apexRiseAt = ({ input, strategy }: PlanContext, angleDeg: number): number =>
  apexRiseOf(input) + strategy.extraRiseMm(angleDeg);

/** How deep the outline is brought up at z, mm. */
export const repairDepthAt = ({ depthAlong }: Pick<OutlinePart, 'depthAlong'>, zMm: number) =>
  interpolate(depthAlong, zMm);

/** A phase makes its part from the parts before it. */
export type Phase<Context, Part> = (context: Context) => Result<Part>;

/** The context with one part more, or why it cannot be made. */
export const withPart = <Context, Name extends string, Part>(
  context: Result<Context>,
  name: Name,
  phase: Phase<Context, Part>,
): Result<Context & Readonly<Record<Name, Part>>> => {
  if (!context.ok) return context;
  const part = phase(context.value);
  return part.ok
    ? ok({ ...context.value, [name]: part.value } as Context & Readonly<Record<Name, Part>>)
    : part;
};
