/** The work on a blade as its kind has it: section, what is wanted of it, the stages cut, the sides ground. */
import type { Section, Side } from '../../section';
import type { Chain } from '../../abrasive';
import type { ThinTargets } from '../choices';
import type { StageSum, StageSums, WorkedStage } from './stages';

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

/** A band as it is asked for: held at an angle, or running out at a height above the new edge. */
export interface BandWanted {
  readonly angleDeg: number;
  readonly toMm: number | null;
}

export interface ThinWanted {
  readonly targets: ThinTargets;
  /** Of the old bevel, measured along it: where thinning stops with no thickness to stop at. */
  readonly remnantMm: number;
  /** Thickness behind the edge to stop at; null goes down to the remnant. */
  readonly stopMm: number | null;
  /** The bands from the edge up; null is as usual of the blade. */
  readonly bands: readonly BandWanted[] | null;
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

/** A band as it was cut, half way along. */
export interface CutBand {
  readonly angleDeg: number;
  /** Above the new edge, where it begins and where it runs out. */
  readonly fromMm: number;
  readonly toMm: number;
}

/** The work of one plan, for the steps and the figures of the kind. */
export interface BladeWork {
  readonly angleDeg: number;
  readonly sums: StageSums;
  /** Of the bands of the thinning, from the edge up. */
  readonly bandSums: readonly StageSum[];
  readonly chain: Chain | null;
  readonly micro: MicroWanted | null;
  /** Half way along. */
  readonly shape: Shape;
  readonly stages: readonly WorkedStage[];
  readonly riseMm: number;
  /** What a tired apex needs, and what the kind adds to it; without the outline. */
  readonly apexRiseMm: number;
  readonly bands: readonly CutBand[];
  /** Of the old bevel, where thinning stops. */
  readonly remnantMm: number;
  /** Thickness behind the edge thinning stops at; null where it goes to the remnant. */
  readonly stopMm: number | null;
}

/** As far as the section half way along tells. */
export type SectionWork = Omit<BladeWork, 'sums' | 'bandSums' | 'chain'>;
