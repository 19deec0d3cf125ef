import type { Message } from '../text';

/** A figure that can be asked why: its value, its unit and how it came about. */
export interface WhyInput {
  readonly label: string | Message;
  readonly value: number | string;
  readonly unit?: FigureUnit;
}

export type FigureUnit =
  | '° per side'
  | '° inclusive'
  | 'mm'
  | 'mm²'
  | 'mm³'
  | 'µm'
  | 'g'
  | 's'
  | 'N'
  | 'gf'
  | 'strokes'
  | '';

export interface Why {
  /** The rule in one sentence. */
  readonly rule: string;
  readonly formula?: string;
  readonly inputs: readonly WhyInput[];
  /** Geometry of the section, published table, or first guess of the trade. */
  readonly source: string;
}

export interface Figure {
  readonly value: number;
  readonly unit: FigureUnit;
  readonly why: Why;
}

/**
 * A value with its unit and how it came about.
 *
 * @example
 * figure(0.4, 'mm', { rule: 'Measured', inputs: [], source: 'Caliper' }).value; // 0.4
 */
export const figure = (value: number, unit: FigureUnit, why: Why): Figure => ({ value, unit, why });
