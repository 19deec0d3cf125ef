import type { BladePoint } from '../geometry';

/** What the caliper and the eye say about a blade at the counter. */
export const SHARPNESS = ['keen', 'tired', 'dull', 'blunt'] as const;
export type Sharpness = (typeof SHARPNESS)[number];

export const DAMAGE_KINDS = [
  'chip',
  'rolled edge',
  'dull zone',
  'glint',
  'recurve',
  'high spot',
  'low spot',
  'over-ground heel',
  'bent tip',
  'missing tip',
  'pit',
  'facet',
  'crack',
  'heat tint',
  'bend',
] as const;
export type DamageKind = (typeof DAMAGE_KINDS)[number];

/** Which of them reach into the blade and are measured from the edge towards the spine, or as a sagitta. */
const WITH_DEPTH: readonly DamageKind[] = [
  'chip',
  'recurve',
  'high spot',
  'low spot',
  'over-ground heel',
  'missing tip',
  'pit',
  'crack',
  'heat tint',
  'bend',
];
/**
 * Whether a depth means anything for the fault.
 *
 * @example
 * hasDepth('chip'); // true
 */
export const hasDepth = (kind: DamageKind): boolean => WITH_DEPTH.includes(kind);

export const DAMAGE_SIDES = ['right', 'left', 'both'] as const;
export type DamageSide = (typeof DAMAGE_SIDES)[number];

/** Of a blade with two: A is the one worked first. */
export const BLADE_EDGES = ['A', 'B'] as const;
export type BladeEdge = (typeof BLADE_EDGES)[number];

export interface Damage {
  readonly id: string;
  readonly kind: DamageKind;
  readonly side: DamageSide;
  /** Where it begins, along the edge from the heel. */
  readonly fromMm: number;
  readonly lengthMm: number;
  /** How deep it reaches; 0 where that means nothing, as for a dull zone. */
  readonly depthMm: number;
  /** Which of two edges; absent where there is one, or where nobody said. */
  readonly edge?: BladeEdge | null;
}

/** An outline taken off a photograph or a drawing: heel at z = 0, edge from heel to tip, mm. */
export interface TracedOutline {
  readonly source: TraceSource;
  readonly edge: readonly BladePoint[];
  readonly spine: readonly BladePoint[];
}
export const TRACE_SOURCES = ['photograph', 'SVG', 'DXF'] as const;
export type TraceSource = (typeof TRACE_SOURCES)[number];

/** Heights and spine thicknesses are taken at the heel, half way, and at nine tenths of the edge. */
export const MEASURED_AT = [0, 0.5, 0.9] as const;

export interface BladeMeasures {
  readonly kindId: string;
  readonly edgeLengthMm: number;
  readonly heightHeelMm: number;
  readonly heightMiddleMm: number;
  readonly heightTipMm: number;
  readonly spineHeelMm: number;
  readonly spineMiddleMm: number;
  readonly spineTipMm: number;
  readonly thicknessBehindEdgeMm: number;
  /** Width of the edge bevel measured on its face; null when the angle was measured instead. */
  readonly bevelFaceMm: number | null;
  /** Per side; null when it is to follow from the bevel. */
  readonly presentAnglePerSideDeg: number | null;
  /** Where the straight ends and the belly begins, from the heel; without it the kind says. */
  readonly bellyStartMm?: number | null;
  /** How far the edge has risen at the tip; without it the kind says. */
  readonly tipRiseMm?: number | null;
  /** The outline itself, where it was traced; it then goes before what the kind says. */
  readonly traced?: TracedOutline | null;
}

/** The measures taken with a tool, in the order they are asked for. */
export const MEASURE_FIELDS = [
  'edgeLengthMm',
  'heightHeelMm',
  'heightMiddleMm',
  'heightTipMm',
  'spineHeelMm',
  'spineMiddleMm',
  'spineTipMm',
  'thicknessBehindEdgeMm',
] as const;
export type MeasureField = (typeof MEASURE_FIELDS)[number];
