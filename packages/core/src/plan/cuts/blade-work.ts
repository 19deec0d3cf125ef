/** The work on a blade as its kind has it: section, what is wanted of it, the stages cut, the sides ground. */
import type { Section, Side } from '../../section';
import type { Chain } from '../../abrasive';
import type { ThinTargets } from '../choices';
import type { StageSums, WorkedStage } from './stages';

/** A place along the blade: its height, and the thickness of its spine. */
export interface Place {
  readonly heightMm: number;
  readonly thicknessMm: number;
  /** Where it was measured: what cannot be is refused there, and held within limits elsewhere. */
  readonly exact?: boolean;
}

export interface Shape {
  readonly section: Section;
  /** A bevel at or under this angle never meets the face above it. */
  readonly primaryDeg: number;
  /** Top of the bevel as it came, above the apex. */
  readonly bevelHeightMm: number;
}

export interface ThinWanted {
  readonly targets: ThinTargets;
  /** Of the old bevel, measured along it. */
  readonly remnantMm: number;
}

export interface MicroWanted {
  readonly aboveDeg: number;
  readonly faceMm: number;
}

export interface Wanted {
  readonly angleDeg: number;
  readonly thinning: ThinWanted | null;
  readonly micro: MicroWanted | null;
}

/** A side that is ground, the angle it is held at, and its share of the work. */
export interface GroundSide {
  readonly side: Side;
  readonly angleDeg: number;
  readonly share: number;
}

/** The work of one plan, for the steps and the figures of the kind. */
export interface BladeWork {
  readonly angleDeg: number;
  readonly sums: StageSums;
  readonly chain: Chain | null;
  readonly micro: MicroWanted | null;
  /** Half way along. */
  readonly shape: Shape;
  readonly stages: readonly WorkedStage[];
  readonly riseMm: number;
  /** What a tired apex needs, and what the kind adds to it; without the outline. */
  readonly apexRiseMm: number;
  readonly bands: readonly { readonly angleDeg: number; readonly fromMm: number }[];
  /** Of the old bevel, where thinning stops. */
  readonly remnantMm: number;
}
