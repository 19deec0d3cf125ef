/** Figures a colleague would ask for, with their label. */
import { figure, type Figure, type FigureUnit, type WhyInput } from './figure';

export interface Fact {
  readonly label: string;
  readonly figure: Figure;
}

export const GEOMETRY = 'Geometry of the section';

/** A figure with its reason; its source is the geometry of the section unless another is named. */
export const said = (
  value: number,
  unit: FigureUnit,
  rule: string,
  inputs: readonly WhyInput[] = [],
  formula?: string,
  source = GEOMETRY,
): Figure => figure(value, unit, { rule, inputs, source, ...(formula ? { formula } : {}) });

export const fact = (label: string, figureOf: Figure): Fact => ({ label, figure: figureOf });
