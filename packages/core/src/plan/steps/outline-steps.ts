/** The outline first: a broken tip brought back, chips and hollows out, the old edge drawn off. */
import {
  coarsestOf,
  forTask,
  HAND_SPEED_M_PER_S,
  secondsToRemove,
  type RackStone,
} from '../../abrasive';
import type { Named, StepKit, Words } from './kit';
import { forceN, type PlanStep } from './step';

export interface OutlineMaker {
  readonly outline: (words?: Words) => PlanStep[];
  /** A broken tip brought back, first of all. */
  readonly tip: (words: string, stockMm3: number) => PlanStep[];
}

export const outlineMaker = ({ input, onBody }: StepKit): OutlineMaker => {
  const { rack, steel, work } = input;
  const { practice } = input.choices;

  /** A step with the blade upright on the coarsest stone: the outline is worked, no side of it. */
  const onEdgewise = (
    stockMm3: number,
    rule: string,
    pattern: string,
    words: (body: RackStone) => Named,
  ): PlanStep[] => {
    const body = coarsestOf(forTask(rack, 'edge'));
    if (!body || stockMm3 <= 0) return [];
    const seconds = secondsToRemove(stockMm3, body, steel, forceN(body.um), HAND_SPEED_M_PER_S);
    const step = onBody({
      operation: 'outline',
      body,
      removeMm3: stockMm3,
      seconds,
      rule,
      ground: [{ side: 'right', angleDeg: 90, share: 1 }],
      words: { direction: 'back and forth', ...words(body) },
    });
    return [
      {
        ...step,
        sides: [],
        lifts: [],
        stationLifts: [],
        laidBy: null,
        rounds: [],
        angleDeg: 90,
        pattern,
        strokesPerSide: Math.ceil(step.strokesPerSide / 2),
      },
    ];
  };

  const tip: OutlineMaker['tip'] = (instruction, stockMm3) =>
    work.chain
      ? onEdgewise(
          stockMm3,
          'What stands beyond the new line of the tip, through the thickness near it.',
          'short strokes at the tip',
          (body) => ({
            title: `Bring the tip back on ${body.name}`,
            instruction,
            zone: 'the tip',
            check:
              'The point set lightly on a soft board stays put; the line runs into the rest without a corner.',
            before:
              'The tip is where it is meant to be: after thinning it would be too weak to move.',
            caution: 'Keep it wet and slow: a thin tip burns first of all.',
          }),
        )
      : [];

  const outline = (words: Words = {}): PlanStep[] => {
    if (!input.hasFaults && practice.oldEdge !== 'take it off first') return [];
    const what = input.hasChips
      ? 'Take the chips out'
      : input.hasFaults
        ? 'Straighten the outline'
        : 'Draw the old edge off';
    return onEdgewise(
      work.sums.outline.mm3,
      'The steel below the restored outline.',
      'whole length, heel to tip',
      (body) => ({
        title: `${what} on ${body.name}`,
        instruction: input.hasFaults
          ? 'Hold the blade upright, edge on the stone, and bring the outline up until the chips are gone and no light shows on a flat board.'
          : 'Hold the blade upright and draw the edge lightly over the stone until one even line of light shows: the tired steel is gone.',
        caution:
          'Cut-resistant glove on the holding hand. Keep the stone wet: a thin edge burns in a second.',
        check: 'Stand it on a flat board against the light: no gap, no rocking.',
        before:
          'No chip shows, and the outline is the one wanted: it is hard to mend after thinning.',
        ...words,
      }),
    );
  };

  return { tip, outline };
};
