import type { StrategyInput } from '../../cuts';
import { tapeMm } from './geometry';
import type { Procedure } from '../strategy';

/**
 * Straight razors: the spine is the guide, so the angle comes from spine and width and both wear together;
 * no lift; tape on the spine makes it steeper; the heel is the trouble spot; a hard-backed leather, few strokes.
 */
export const razorProcedure = (input: StrategyInput): Procedure => ({
  steps: (make) => {
    const taped = tapeMm(input) > 0;
    return [
      ...make.hand('ready', 3, {
        title: 'Disinfect, and tape the spine',
        instruction: `Disinfect the blade by the rules of the trade. ${taped ? `${input.input.choices.kind.tapeLayers} ${input.input.choices.kind.tapeLayers === 1 ? 'layer' : 'layers'} of tape along the spine, alike on both sides, fresh at every stone.` : 'The spine goes bare on the stone: it wears with the edge, and the angle stays.'}`,
        zone: 'whole blade',
        caution: 'Razors arrive contaminated. Gloves for the first wipe.',
      }),
      ...make.outline(),
      ...make.edge((_body, index) => ({
        instruction:
          index === 0
            ? 'Spine and edge on the stone at once, no lift, weight of the hand: long strokes, the stone crossed slightly, flipped over the spine, never over the edge. The heel is the trouble spot: start with it off the stone’s edge.'
            : 'Spine and edge down, lighter than before, until the wave of water climbs the edge evenly.',
        lifts: [],
        check:
          index === 0
            ? 'Under the glass the bevel reaches the very edge, heel to point, both sides.'
            : 'No scratch of the stone before reaches the edge.',
        gate: index === 0 ? 'everywhere' : 'looked for',
        forceN: [0.5, 2],
        caution: 'No finger past the edge; the blade is turned over its spine.',
      })),
      ...make.deburr({
        title: 'Last light laps',
        instruction:
          'Spine and edge down, no weight at all, in turn: what little burr there is goes with the water.',
      }),
      ...make.strop({
        instruction:
          'Hard-backed leather, spine leading, flat, only a few laps: it trades a little keenness for comfort, and more rounds it.',
      }),
      ...make.wash({
        title: 'Disinfect, dry and oil',
        instruction: 'Tape off, wash, disinfect by the rules of the trade, dry, a breath of oil.',
      }),
    ].map((step) => ({
      ...step,
      lifts: [],
      stationLifts: [],
      sides: step.sides.map((side) => ({ ...side, lifts: [] })),
    }));
  },
});
