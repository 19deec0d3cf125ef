/** What a plan consists of: seven parts, each made by one phase from the parts before it. */
import type { DomainError, Fact, Figure } from '../../units';
import type { Message } from '../../text';
import type { Section } from '../../section';
import type { EdgeCurves } from '../../outline';
import type { Chain, Missing, ProgressionInput, ProgressionWarning } from '../../abrasive';
import type { HeldSide, Holding } from '../../machine';
import type {
  AddedStep,
  AngleAdvice,
  Approach,
  FinishWish,
  StepChange,
  ThinDepth,
} from '../choices';
import type {
  CutBand,
  GroundSide,
  MicroWanted,
  OutlineWork,
  Shape,
  StageSum,
  StageSums,
  WorkedStage,
} from '../cuts';
import type { PlanStep } from '../steps';
import type { AngleOption, PlanFigures } from './figures';

export interface AnglePart {
  /** The school followed; null where the angle was set by hand. */
  readonly approach: Approach | null;
  /** Per side. */
  readonly angleDeg: number;
  /** As it came, with how that is known. */
  readonly present: Figure;
  /** The blade's own spine sets the angle. */
  readonly isGuided: boolean;
  /** Of the schools that mean something for the kind. */
  readonly advice: readonly AngleAdvice[];
  /** The one that holds where no angle was set by hand. */
  readonly chosen: AngleAdvice;
}

export interface OutlinePart extends OutlineWork {
  /** What a tired apex needs, and what the kind adds to it; without the outline. */
  readonly apexRiseMm: number;
  /** The deepest repair and the apex rise together. */
  readonly heightLostMm: number;
  readonly curves: EdgeCurves;
  /** The edge after the work, and the spine as it is. */
  readonly curvesAfter: EdgeCurves;
}

export interface ThinningPart {
  readonly advised: boolean;
  readonly done: boolean;
  readonly reason: string;
  /** Half way along, from the edge up, each lower than the last. */
  readonly bands: readonly CutBand[];
  readonly depth: ThinDepth | null;
  /** Of the old bevel, left to be seen. */
  readonly remnantMm: number | null;
  /** Thickness behind the edge it stops at; null where it goes to the remnant, or is not thinned. */
  readonly stopMm: number | null;
  /** Above the new edge: how far up the scratches show. */
  readonly scratchTopMm: number;
  /** Thickness behind the edge its use bears; null where it is not judged. */
  readonly limitMm: number | null;
  /** Wanted, and why it is not done all the same; null else. */
  readonly notDone: string | null;
}

/** Half way along: as it came, after each stage of the work, and at its end. */
export interface SectionPart {
  readonly shape: Shape;
  readonly before: Section;
  readonly after: Section;
  readonly stages: readonly WorkedStage[];
  readonly riseMm: number;
  readonly ground: readonly GroundSide[];
  readonly micro: MicroWanted | null;
  readonly thinning: ThinningPart;
  /** Whether thickness behind the edge means anything for the kind. */
  readonly isThinned: boolean;
  readonly shoulderLabel: string;
  readonly bevelFaceMm: number;
  readonly behindEdgeMm: number;
  readonly insideOldBevel: boolean;
}

/** Steel to be taken, summed along the edge. */
export interface StockPart {
  readonly sums: StageSums;
  /** Of the bands of the thinning, from the edge up. */
  readonly bands: readonly StageSum[];
  readonly steelMm3: number;
  /** Stations summed, and how many of them the new edge does not reach. */
  readonly stations: number;
  readonly notWorked: number;
  /** What the first stone of the edge must take, and the face its scratches lie on. */
  readonly edge: ProgressionInput['work'];
}

export interface ProgressionPart {
  readonly finishUm: readonly [finest: number, coarsest: number];
  /** What the customer asked for; null where nothing was, or where the operator has set the window. */
  readonly wish: FinishWish | null;
  /** Null where no stones lead to the finish. */
  readonly chain: Chain | null;
  readonly alternatives: readonly Chain[];
  readonly error: DomainError | null;
  /** What a colleague would say of these stones. */
  readonly advice: readonly ProgressionWarning[];
  /** The abrasive that would close the gap, where none leads to the finish. */
  readonly toBuy: Missing | null;
}

export interface WorkPart {
  readonly steps: readonly PlanStep[];
  /** As computed, before the operator's changes. */
  readonly computed: readonly PlanStep[];
  /** The operator's changes that have no step to stand on now: kept, and told. */
  readonly unplaced: readonly (StepChange | AddedStep)[];
  /** Of all steps, with the changes between abrasives. */
  readonly seconds: number;
  /** Why there are no stones for some of it; null where there are. */
  readonly problem: DomainError | null;
  /** Whether a spine is lifted off the stone: not where the tool moves, nor where a second edge stands in its place. */
  readonly isLifted: boolean;
  /** The sides as they are held, each with its stations: one where they are held alike. */
  readonly held: readonly HeldSide[];
  /** What a high spot costs at once and over visits; where a broken tip is brought back, what each way loses. */
  readonly faultFacts: readonly Fact[];
}

export interface ReportPart {
  readonly figures: PlanFigures;
  /** What a colleague would ask of this kind of blade. */
  readonly facts: readonly Fact[];
  readonly warnings: readonly Message[];
  /** What each school of the angle costs. */
  readonly options: readonly AngleOption[];
  /** How the angle is held with what was chosen. */
  readonly holding: Holding;
  /** What was followed where good practitioners disagree. */
  readonly schools: readonly { readonly question: string; readonly school: string }[];
}

export interface BladePlan {
  readonly angle: AnglePart;
  readonly outline: OutlinePart;
  readonly section: SectionPart;
  readonly stock: StockPart;
  readonly progression: ProgressionPart;
  readonly work: WorkPart;
  readonly report: ReportPart;
}
