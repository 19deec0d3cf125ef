/** A kind of blade as the planner takes it: its geometry, its procedure and its findings. */
import type { Fact } from '../../units';
import type { Message } from '../../text';
import type { BladeWork, CutStrategy } from '../cuts';
import type { PlanStep, StepMaker } from '../steps';

/** What is done on a kind of blade, in the order it is done. */
export interface Procedure {
  readonly steps: (make: StepMaker, work: BladeWork) => readonly PlanStep[];
}

/** What a colleague would ask and warn of on a kind of blade. */
export interface Findings {
  /** What its first measure of thickness is called. */
  readonly shoulderLabel: string;
  readonly facts: (work: BladeWork) => readonly Fact[];
  readonly warnings: (work: BladeWork) => readonly Message[];
}

export interface BladeStrategy extends CutStrategy, Procedure, Findings {}
