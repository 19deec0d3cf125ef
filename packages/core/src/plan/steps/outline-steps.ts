/** The outline first: a broken tip brought back, chips and hollows out, the old edge drawn off. */
import { say, type Message } from '../../text';
import { coarsestOf, forTask, type RackStone } from '../../abrasive';
import { abrasiveOf } from '../../machine';
import type { Named, StepKit, AreaStrings } from './kit';
import { FILE_PACE } from './pace';
import type { PlanStep } from './step';
import { STRINGS } from './strings';

export interface OutlineMaker {
  readonly outline: (wording?: AreaStrings) => PlanStep[];
  /** A broken tip brought back, first of all. */
  readonly tip: (instruction: Message, stockMm3: number) => PlanStep[];
}

export const outlineMaker = ({ input, onBody }: StepKit): OutlineMaker => {
  const { rack, work, machine } = input;
  const { practice } = input.choices;

  /** A blade held by the belt has its outline and its tip on the belt too; else the coarsest stone takes them. */
  const coarsest = (): RackStone | null => {
    // An axe is jointed with the file, where it bites.
    const file = rack.find(({ kind }) => kind === 'file');
    if (file && input.kind.grind === 'convex' && input.answers['fileTest'] !== 'skates')
      return file;
    const belts = rack.filter(({ kind }) => kind === 'belt');
    const onBelt = machine !== null && abrasiveOf(machine.kind) === 'belt' && belts.length > 0;
    return coarsestOf(onBelt ? belts : forTask(rack, 'edge'));
  };

  /** A step with the blade upright: the outline is worked, no side of it. */
  const onEdgewise = (
    stockMm3: number,
    rule: string,
    pattern: Message,
    wording: (body: RackStone) => Named,
  ): PlanStep[] => {
    const body = coarsest();
    if (!body || stockMm3 <= 0) return [];
    const step = onBody({
      operation: 'outline',
      body,
      removeMm3: stockMm3,
      rule,
      work: 'stock',
      ...(body.kind === 'file' ? { pace: FILE_PACE } : {}),
      ground: [{ side: 'right', angleDeg: 90, share: 1 }],
      text: { direction: 'back and forth', ...wording(body) },
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
      ? onEdgewise(stockMm3, STRINGS.whatStandsBeyondTheNewLine, say('pattern.tip'), (body) => ({
          title: say('tip.title', { stone: body.name }),
          instruction,
          zone: say('tip.zone'),
          check: say('tip.check'),
          before: say('tip.before'),
          caution: say('tip.caution'),
        }))
      : [];

  const outline = (wording: AreaStrings = {}): PlanStep[] => {
    if (!input.hasFaults && practice.oldEdge !== 'take it off first') return [];
    return onEdgewise(
      work.sums.outline.mm3,
      STRINGS.theSteelBelowTheRestoredOutline,
      say('pattern.edgewise'),
      (body) => ({
        title: titleOf(input)(body.name),
        instruction: input.hasFaults
          ? say('outline.instruction.faults')
          : say('outline.instruction.old-edge'),
        caution: say('outline.caution'),
        check: say('outline.check'),
        before: say('outline.before'),
        ...wording,
      }),
    );
  };

  return { tip, outline };
};

const titleOf =
  ({ hasChips, hasFaults }: StepKit['input']) =>
  (stone: string): Message =>
    hasChips
      ? say('outline.title.chips', { stone })
      : hasFaults
        ? say('outline.title.faults', { stone })
        : say('outline.title.old-edge', { stone });
