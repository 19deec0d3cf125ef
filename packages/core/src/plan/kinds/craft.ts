/**
 * What a kind of blade says of its own planning: its section, the cuts on it, the steps in their order and
 * the figures a colleague would ask for. The planner does the rest, alike for all of them.
 */
import type { BladeKind } from '../../blade/kinds';
import type { Use } from '../../blade/uses';
import type { Answers } from '../../intake/questions';
import type { Side } from '../../section/cuts';
import type { Result } from '../../units/result';
import type { Approach } from '../advice';
import type { PlanInput } from '../input';
import type { Stage, StageSum, StageSums } from '../stages';
import type { PlanStep } from '../steps';
import type { StepMaker } from '../making';
import type { Place, Shape, MicroWanted, Wanted, GroundSide, CraftWork, Fact } from '../work';

export type * from '../work';

export interface CraftInput {
  readonly input: Pick<PlanInput, 'measures' | 'choices' | 'rack'>;
  readonly kind: BladeKind;
  readonly use: Use;
  /** To the questions of the kind; empty where nobody asked. */
  readonly answers: Answers;
  /** Of the bevel as it came. */
  readonly presentDeg: number;
}

export interface Craft {
  /** Schools of the angle that mean something for it, the first of them usual. */
  readonly approaches: readonly [Approach, ...Approach[]];
  /** The angle the blade's own spine sets; null where the hand or a machine holds it. */
  readonly guidedDeg: number | null;
  /** Whether thickness behind the edge is judged and thinned. */
  readonly isThinned: boolean;
  /** Lift is told station by station: one for a zone would be a different angle at every height. */
  readonly byStation: boolean;
  /** What its first measure of thickness is called. */
  readonly shoulderLabel: string;
  readonly microUsual: MicroWanted | null;
  readonly shapeAt: (place: Place) => Result<Shape>;
  readonly groundAt: (angleDeg: number) => readonly GroundSide[];
  /** Distance of the spine corner from the datum plane on the ground side. */
  readonly spineOffsetMm: (thicknessMm: number) => number;
  /** How much further the apex comes up than its sharpness asks. */
  readonly extraRiseMm: (angleDeg: number) => number;
  readonly stagesFor: (shape: Shape, riseMm: number, wanted: Wanted) => Result<readonly Stage[]>;
  /** Where the volume is not that of the section carried along the edge. */
  readonly sumsOf?: (sums: StageSums, work: Omit<CraftWork, 'sums' | 'chain'>) => StageSums;
  /** What the stones of the edge take, where another tool takes its share first. */
  readonly stockOf?: (sums: StageSums) => StageSum;
  readonly steps: (make: StepMaker, work: CraftWork) => readonly PlanStep[];
  readonly facts: (work: CraftWork) => readonly Fact[];
  readonly warnings: (work: CraftWork) => readonly string[];
}

/** The front of a one-sided blade faces the hand it is made for; right when nobody asked. */
export const frontSide = (answers: Answers): Side =>
  answers['hand'] === 'left' || answers['groundSide'] === 'left' ? 'left' : 'right';
export const otherSide = (side: Side): Side => (side === 'right' ? 'left' : 'right');

/** Parallel faces and a caliper's play: a shoulder a hair thicker than the spine is as thick as the spine. */
const PLAY = 1.05;
export const withinPlay = (shoulderMm: number, spineMm: number): number =>
  shoulderMm > spineMm && shoulderMm <= PLAY * spineMm ? spineMm : shoulderMm;
