/** What a kind of blade says of its section, its sides and the cuts on it; the planner does the rest alike for all. */
import type { Result } from '../../units';
import type { Side } from '../../section';
import type { BladeKind, Use } from '../../blade';
import type { Answers } from '../../intake';
import type { Approach, PlanInput } from '../choices';
import type { SectionWork, GroundSide, MicroWanted, Place, Shape, Wanted } from './blade-work';
import type { CutStage, StageSum, StageSums } from './stages';

export interface StrategyInput {
  readonly input: Pick<PlanInput, 'measures' | 'choices' | 'rack' | 'sharpness' | 'damage'>;
  readonly kind: BladeKind;
  readonly use: Use;
  /** To the questions of the kind; empty where nobody asked. */
  readonly answers: Answers;
  /** Of the bevel as it came. */
  readonly presentDeg: number;
}

/** The front of a one-sided blade faces the hand it is made for; right when nobody asked. */
export const frontSide = (answers: Answers): Side =>
  answers['hand'] === 'left' || answers['groundSide'] === 'left' ? 'left' : 'right';

export const otherSide = (side: Side): Side => (side === 'right' ? 'left' : 'right');

/** Parallel faces and a caliper's play: a shoulder a hair thicker than the spine is as thick as the spine. */
const PLAY = 1.05;

export const withinPlay = (shoulderMm: number, spineMm: number): number =>
  shoulderMm > spineMm && shoulderMm <= PLAY * spineMm ? spineMm : shoulderMm;

/** The geometry of a kind of blade. */
export interface CutStrategy {
  /** Schools of the angle that mean something for it, the first of them usual. */
  readonly approaches: readonly [Approach, ...Approach[]];
  /** The angle the blade's own spine sets; null where the hand or a machine holds it. */
  readonly guidedDeg: number | null;
  /** Whether thickness behind the edge is judged and thinned. */
  readonly isThinned: boolean;
  /** Lift is told station by station: one for a zone would be a different angle at every height. */
  readonly byStation: boolean;
  readonly microUsual: MicroWanted | null;
  /** Height of the strip at the apex each finer stone clears, mm; null where the whole face is to look alike. */
  readonly finishStripMm: number | null;
  readonly shapeAt: (place: Place) => Result<Shape>;
  readonly groundAt: (angleDeg: number) => readonly GroundSide[];
  /** Distance of the spine corner from the datum plane on the ground side. */
  readonly spineOffsetMm: (thicknessMm: number) => number;
  /** How much further the apex comes up than its sharpness asks. */
  readonly extraRiseMm: (angleDeg: number) => number;
  /** The angle a side that is not ground is laid at when the burr is taken off it. */
  readonly flatSideDeg: number;
  /** A facet on that side, which makes the edge so much wider; none where it is laid flat or nearly so. */
  readonly facetDeg?: number;
  /** A nick is worked out along the whole edge, never in its place alone: or the edge loses its curve, or facets. */
  readonly atFullLength?: boolean;
  /** The blade is clamped and the tool moves: no spine is lifted. */
  readonly toolMoves?: boolean;
  /** There is no spine: the other edge stands where it would be, and the point is where the two meet. */
  readonly twoEdges?: boolean;
  readonly stagesFor: (shape: Shape, riseMm: number, wanted: Wanted) => Result<readonly CutStage[]>;
  /** Where the volume is not that of the section carried along the edge. */
  readonly sumsOf?: (sums: StageSums, work: SectionWork) => StageSums;
  /** What the stones of the edge take, where another tool takes its share first. */
  readonly stockOf?: (sums: StageSums) => StageSum;
}
