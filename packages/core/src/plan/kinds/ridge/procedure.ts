import { numberAnswer } from '../../../intake';
import { joined, say, type Message } from '../../../text';
import { REMNANT_MM, type BladeWork, type StrategyInput } from '../../cuts';
import type { ThinningOfKind, WorkedBand } from '../../steps';
import { CORE_BRIGHT_UM } from '../first-guesses';
import { inOrder } from '../parts';
import type { Procedure } from '../strategy';
import { ridgesAfter } from './geometry';

/** Minutes along the edge on both sides, from the edge up to the lamination line. */
const CORE_MINUTES = 9;

/**
 * Two-sided blades with a wide primary bevel and a visible ridge: thinned on that bevel, near the edge first, then
 * mid-bevel, then under the ridge; a hard stone shows it, a soft one evens it; the cladding hazy, the core bright.
 */
export const ridgeProcedure = (input: StrategyInput): Procedure => {
  const isFlat = (of: number): boolean => input.input.choices.kind.ridgeForm === 'flat' && of === 1;

  /** Where the ridge stands once a band is done, and how far that one took it up. */
  const ridgeText = (work: BladeWork, index: number): Message => {
    const before = ridgesAfter(input, work, index - 1);
    const after = ridgesAfter(input, work, index);
    return say('ridge.band.rise', {
      rightMm: after.right,
      leftMm: after.left,
      riseMm: Math.max(after.right - before.right, after.left - before.left),
    });
  };

  const thinning = (work: BladeWork): ThinningOfKind => ({
    seenAndEvened: true,
    zone: say('ridge.thinning.zone'),
    band: ({ index, of, angleDeg, fromMm, toMm }: WorkedBand) => ({
      instruction: joined(
        isFlat(of)
          ? say('ridge.band.flat')
          : index === 0
            ? say('ridge.band.first', { angleDeg, fromMm, toMm })
            : say('ridge.band.next', { angleDeg, fromMm, toMm }),
        work.stopMm === null
          ? say('ridge.band.remnant', { remnantMm: REMNANT_MM })
          : say('thinning.stop', { stopMm: work.stopMm }),
        ridgeText(work, index),
        say('thinning.no-burr'),
      ),
      check: say('ridge.thinning.check'),
      before: index < of - 1 ? say('ridge.band.before') : say('ridge.band.before.last'),
    }),
  });

  return {
    steps: (make, work) => {
      const { rack, choices } = input.input;
      const isThinned = work.bands.length > 0;
      const claddingMm = numberAnswer(input.answers, 'claddingMm');
      const bright = rack
        .filter(
          ({ kind, um }) =>
            kind === 'water stone' && um >= CORE_BRIGHT_UM[0] && um <= CORE_BRIGHT_UM[1],
        )
        .sort((a, b) => b.um - a.um)
        .at(0);
      const hasCoreChain = choices.chains.some(({ part }) => part === 'core');
      /** The core stays bright up to the line; above it the haze of the soft stone stands. */
      const core =
        isThinned && claddingMm !== null && bright && !hasCoreChain
          ? make
              .hand('faces', CORE_MINUTES, {
                title: say('ridge.core.title', { stone: bright.name }),
                instruction: say('ridge.core.instruction'),
                zone: say('ridge.core.zone', { claddingMm }),
                check: say('ridge.core.check'),
                before: say('ridge.faces.before'),
                caution: say('faces.caution'),
              })
              .map((step) => ({ ...step, stoneId: bright.id }))
          : [];
      return [
        ...make.outline(),
        ...make.thinning(thinning(work)),
        ...inOrder(
          choices.order,
          [
            ...make.faces(),
            ...(input.answers['finishWish'] === 'the maker’s finish'
              ? make.hand('faces', 6, {
                  title: say('ridge.faces.title'),
                  instruction: say('ridge.faces.instruction'),
                  zone: say('ridge.faces.zone'),
                  check: say('ridge.faces.check'),
                  before: say('ridge.faces.before'),
                })
              : []),
            ...core,
          ],
          [...make.edge(), ...make.micro(), ...make.deburr()],
          make.lightLast(),
        ),
        ...make.strop(),
        ...make.wash(),
      ];
    },
  };
};
