import { say } from '../../../text';
import { REMNANT_MM, type StrategyInput } from '../../cuts';
import { inOrder } from '../parts';
import type { Procedure } from '../strategy';

/**
 * Two-sided blades with a wide primary bevel and a visible ridge: thinned flat on that bevel, so that the ridge
 * goes up; pressure near the edge first, then mid-bevel, then under the ridge; the cladding hazy, the core bright.
 */
export const ridgeProcedure = (input: StrategyInput): Procedure => ({
  steps: (make) => [
    ...make.outline(),
    ...make.thinning({
      instruction: say('ridge.thinning.instruction', { remnantMm: REMNANT_MM }),
      zone: say('ridge.thinning.zone'),
      check: say('ridge.thinning.check'),
    }),
    ...inOrder(
      input.input.choices.order,
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
      ],
      [...make.edge(), ...make.micro(), ...make.deburr()],
      make.lightLast(),
    ),
    ...make.strop(),
    ...make.wash(),
  ],
});
