import { say } from '../../../text';
import { perSide, toRadians } from '../../../units';
import type { BladeWork, StrategyInput } from '../../cuts';
import type { PlanStep, StepMaker } from '../../steps';
import { FILE_RAISED_DEG, RAISED_DEG } from '../first-guesses';
import type { Procedure } from '../strategy';

/** The same held so much steeper. */
const raised = (step: PlanStep, byDeg: number): PlanStep => {
  const up = (angleDeg: number | null): number | null =>
    angleDeg === null ? null : angleDeg + byDeg;
  return {
    ...step,
    angleDeg: up(step.angleDeg),
    sides: step.sides.map((side) => ({ ...side, angleDeg: up(side.angleDeg) })),
  };
};

/**
 * Axes and billhooks: geometry by task; the edge jointed, the bevels filed with the fingers behind the face,
 * then small circles flush and slightly raised in turn to make it convex. File and deburr alone is a complete
 * service.
 */
export const axeProcedure = (input: StrategyInput): Procedure => {
  const { axeService } = input.input.choices.kind;
  const rounds = axeService !== 'file and deburr';
  const skates = input.answers['fileTest'] === 'skates';
  const filing = (make: StepMaker, work: BladeWork) =>
    skates || !make.file()
      ? []
      : make.filed(work.sums.edge.mm3, {
          title: say('axe.filed.title', { stone: make.file()!.name }),
          instruction: say('axe.filed.instruction'),
          zone: say('axe.filed.zone'),
          check: say('axe.filed.check'),
          before: say('axe.filed.before'),
          gate: 'everywhere',
          burrOn: ['right', 'left'],
          caution: say('axe.filed.caution'),
          cooling: null,
        });
  /** The burr of the file comes off with the same file, lighter and slightly raised: a complete service. */
  const byFile = (make: StepMaker) =>
    make
      .deburr(
        {
          instruction: say('axe.deburr.instruction.filed'),
          direction: 'edge-leading',
          forceN: [5, 10],
          cooling: null,
          caution: say('axe.filed.caution'),
        },
        make.file(),
      )
      .map((step) => raised(step, FILE_RAISED_DEG));
  /** The axe is held fast and the file moves: its angle is what it rises over its own length. */
  const clamped = (make: StepMaker, work: BladeWork) => {
    const lengthMm = make.file()?.lengthMm ?? null;
    const riseMm = (lengthMm ?? 0) * Math.sin(toRadians(perSide(work.angleDeg)));
    return make.hand('ready', 2, {
      title: say('axe.clamp.title'),
      instruction: say('axe.clamp.instruction', { lengthMm, riseMm, angleDeg: work.angleDeg }),
      check: say('axe.clamp.check'),
      before: say('axe.clamp.before'),
      caution: say('axe.filed.caution'),
    });
  };
  const served = (make: StepMaker) =>
    make.hand('test', 1, {
      title: say('axe.service.title'),
      instruction: say('axe.service.instruction'),
      check: say('axe.service.check'),
    });
  return {
    steps: (make, work) => {
      const filed = filing(make, work);
      const follows = rounds || filed.length === 0;
      return [
        ...(make.file() && !skates ? clamped(make, work) : []),
        ...make.outline({
          instruction: say('axe.outline.instruction'),
          zone: say('axe.outline.zone'),
          check: say('axe.outline.check'),
          // Pushed one way and lifted on the return, square to the bit: no edge leads or trails.
          direction: null,
          caution: say('axe.filed.caution'),
        }),
        ...filed,
        ...(filed.length > 0 ? byFile(make) : []),
        ...(filed.length > 0 && follows ? served(make) : []),
        ...(follows
          ? make.edge((body, index) => ({
              ...(index === 0 && filed.length > 0
                ? { title: say('axe.round.title', { stone: body.name }) }
                : {}),
              operation: index === 0 && filed.length === 0 ? 'edge' : 'refine',
              zone: say('axe.edge.zone'),
              instruction: say('axe.edge.instruction', {
                isFieldKit: axeService === 'field kit',
                firstDeg: RAISED_DEG[0],
                secondDeg: RAISED_DEG[1],
              }),
              check: say('axe.edge.check'),
              gate: index === 0 ? 'everywhere' : 'looked for',
              caution: say('axe.edge.caution'),
            }))
          : []),
        ...(follows
          ? make
              .deburr({
                instruction: say('axe.deburr.instruction.rounded'),
                direction: 'edge-trailing',
              })
              // The last circles stood raised: straight strokes at that angle take the burr.
              .map((step) => raised(step, RAISED_DEG[0]))
          : []),
        ...(axeService === 'rounded and refined' ? make.strop() : []),
        ...make.wash({
          title: say('axe.wash.title'),
          instruction: say('axe.wash.instruction'),
        }),
      ];
    },
  };
};
