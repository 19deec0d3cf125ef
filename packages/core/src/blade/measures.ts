/** What the caliper and the eye say about a blade at the counter. */
export const SHARPNESS = ['keen', 'tired', 'dull', 'blunt'] as const;
export type Sharpness = (typeof SHARPNESS)[number];

export const DAMAGE_KINDS = ['chip', 'dull zone', 'rolled edge'] as const;
export type DamageKind = (typeof DAMAGE_KINDS)[number];

export const DAMAGE_SIDES = ['right', 'left', 'both'] as const;
export type DamageSide = (typeof DAMAGE_SIDES)[number];

export interface Damage {
  readonly id: string;
  readonly kind: DamageKind;
  readonly side: DamageSide;
  /** Where it begins, along the edge from the heel. */
  readonly fromMm: number;
  readonly lengthMm: number;
  /** How deep it reaches from the edge towards the spine; 0 for a dull zone. */
  readonly depthMm: number;
}

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
}
