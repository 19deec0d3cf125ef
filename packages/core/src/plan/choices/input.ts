/** All that a plan is made of: the blade as it came, the shop's rack and machine, and what was chosen. */
import type { Steel } from '../../steel';
import type { BladeMeasures, Damage, Sharpness } from '../../blade';
import type { RackStone } from '../../abrasive';
import type { Machine } from '../../machine';
import type { Answers } from '../../intake';
import type { PlanChoices } from './choices';

export interface PlanInput {
  readonly measures: BladeMeasures;
  readonly steel: Steel;
  readonly useId: string;
  readonly sharpness: Sharpness;
  readonly carefulHands: boolean;
  readonly damage: readonly Damage[];
  /** How far the thickness behind the edge may be off, one standard deviation; 0 where nobody said. */
  readonly thicknessSigmaMm?: number;
  /** To the questions of its kind. */
  readonly answers: Answers;
  readonly rack: readonly RackStone[];
  /** The machine named in the choices; null when the hand holds the angle. */
  readonly machine: Machine | null;
  readonly choices: PlanChoices;
}
