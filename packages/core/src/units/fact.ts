/** Figures a colleague would ask for, with their label. */
import { named } from '../text';
import { figure, type Figure, type FigureUnit, type WhyInput } from './figure';
import { STRINGS } from './strings';

export interface Fact {
  readonly label: string;
  readonly figure: Figure;
}

export const GEOMETRY = STRINGS.geometryOfTheSection;

/** A figure with its reason; its source is the geometry of the section unless another is named. */
export const said = (
  value: number,
  unit: FigureUnit,
  rule: string,
  inputs: readonly WhyInput[] = [],
  formula?: string,
  source = GEOMETRY,
): Figure => figure(value, unit, { rule, inputs, source, ...(formula ? { formula } : {}) });

export const fact = (label: string, figureOf: Figure): Fact => ({
  label: named(label),
  figure: figureOf,
});
