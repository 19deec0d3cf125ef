import { say } from '../../../text';
import { isSetAnew } from '../../choices';
import type { StrategyInput } from '../../cuts';
import type { PlanStep } from '../../steps';
import type { Procedure } from '../strategy';

/**
 * Straight razors: the spine is the guide, so the angle comes from spine and width and both wear together;
 * no lift; tape on the spine makes it steeper; the heel is the trouble spot; a hard-backed leather, few strokes.
 */
const TOUCH: Pick<PlanStep, 'gate' | 'gates'> = { gate: 'no check', gates: ['touch'] };

export const razorProcedure = (input: StrategyInput): Procedure => ({
  steps: (make) => {
    return [
      ...make.hand('ready', 3, {
        title:
          input.input.choices.kind.tapeLayers > 0
            ? say('razor.ready.title')
            : say('razor.ready.title.bare'),
        instruction: say('razor.ready.instruction', {
          layers: input.input.choices.kind.tapeLayers,
        }),
        zone: say('razor.ready.zone'),
        caution: say('razor.ready.caution'),
      }),
      ...(isSetAnew(input.input)
        ? make.hand('ready', 1, {
            title: say('razor.dull.title'),
            instruction: say('razor.dull.instruction'),
            check: say('razor.dull.check'),
          })
        : []),
      ...make.outline(),
      ...make.edge((_body, index) => ({
        instruction:
          index === 0 ? say('razor.edge.instruction.first') : say('razor.edge.instruction.next'),
        lifts: [],
        check: index === 0 ? say('razor.edge.check.first') : say('razor.edge.check.next'),
        before: index === 0 ? say('razor.edge.before') : say('edge.before.next'),
        gate: 'no check',
        gates: ['touch'],
        forceN: [0.5, 2],
        caution: say('razor.edge.caution'),
      })),
      ...make.deburr({
        title: say('razor.deburr.title'),
        instruction: say('razor.deburr.instruction'),
        check: say('razor.deburr.check'),
        before: say('razor.touch.before'),
        caution: say('razor.edge.caution'),
        gate: 'no check',
        gates: ['touch'],
      }),
      ...make.strop({
        instruction: say('razor.strop.instruction'),
      }),
      ...make.wash({
        title: say('razor.wash.title'),
        instruction: say('razor.wash.instruction'),
      }),
    ].map((step) => ({
      ...step,
      // A razor's burr is too fine to feel: three fingers resting are the gate.
      ...(step.gate === 'no check' ? {} : TOUCH),
      lifts: [],
      stationLifts: [],
      sides: step.sides.map((side) => ({ ...side, lifts: [] })),
    }));
  },
});
