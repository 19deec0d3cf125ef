/** The strokes of steps as the twin takes them: what was counted, at the angle that was meant, for the steel foreseen. */
import { roundsAtWork, withAdded, type AddedRound, type Counted } from '../bench';
import type { PlanStep } from '../plan/steps';
import type { Side } from '../section';
import { sweptBy, type TwinStroke } from './twin';

export interface WorkedStep {
  readonly step: PlanStep;
  readonly counted: Counted;
  readonly added: readonly AddedRound[];
}

/** Upright on the stone, as near as a cut of one side comes to it. */
const UPRIGHT_DEG = 89;
const CUTTING: readonly PlanStep['operation'][] = [
  'outline',
  'thinning',
  'back',
  'edge',
  'refine',
  'micro',
];

/**
 * Steel a stroke takes by the model, mm³.
 *
 * @example
 * mm3PerStroke({ removeMm3: 12, sides: [{ side: 'right', angleDeg: 15, lifts: [], strokes: 60 }] }); // 0.2
 */
export const mm3PerStroke = ({
  removeMm3,
  sides,
}: Pick<PlanStep, 'removeMm3' | 'sides'>): number => {
  const strokes = sides.reduce((sum, each) => sum + each.strokes, 0);
  return strokes > 0 ? removeMm3 / strokes : 0;
};

/**
 * Rounds as strokes of many; what was counted over the pattern goes along the whole edge. Steps that take no steel give
 * none.
 */
export const strokesWorked = ({ step, counted, added }: WorkedStep): readonly TwinStroke[] => {
  if (!CUTTING.includes(step.operation)) return [];
  const each = mm3PerStroke(step);
  const angleOf = (side: Side): number | null =>
    step.operation === 'outline'
      ? UPRIGHT_DEG
      : (step.sides.find((work) => work.side === side)?.angleDeg ?? step.angleDeg);
  const strokes: TwinStroke[] = [];
  const take = (side: Side, count: number, zone: AddedRound['zone']): void => {
    const angleDeg = angleOf(side);
    if (count <= 0 || angleDeg === null || angleDeg <= 0) return;
    strokes.push({ side, angleDeg, ...sweptBy(zone), mm3: each * count });
  };
  const over = { right: counted.right, left: counted.left };
  for (const { round, done } of roundsAtWork(withAdded(step.rounds, added), counted).rounds) {
    for (const side of ['right', 'left'] as const) {
      take(side, done[side], round.zone);
      over[side] -= done[side];
    }
  }
  take('right', over.right, null);
  take('left', over.left, null);
  return strokes;
};
