import { REMNANT_MM, type StrategyInput } from '../../cuts';
import type { Procedure } from '../strategy';

/**
 * Two-sided blades with a wide primary bevel and a visible ridge: thinned flat on that bevel, so that the ridge
 * goes up; pressure near the edge first, then mid-bevel, then under the ridge; the cladding hazy, the core bright.
 */
export const ridgeProcedure = (input: StrategyInput): Procedure => ({
  steps: (make) => [
    ...make.outline(),
    ...make.thinning({
      instruction: `Lay the wide bevel flat on the stone. Pressure near the edge first, then mid-bevel, then under the ridge, a third of the strokes each. Stop while a line of the old edge, ${REMNANT_MM} mm, is still seen.`,
      zone: 'the whole bevel below the ridge',
      check: 'The ridge stays one crisp line; low spots show on a hard stone, and may be left.',
    }),
    ...make.faces(),
    ...(input.answers['finishWish'] === 'the maker’s finish'
      ? make.hand('faces', 6, {
          title: 'Contrast of cladding and core',
          instruction:
            'Loose mud of a soft stone on a slip of paper or a finger stone, along the blade: the soft cladding takes a haze, the hard core stays bright.',
          zone: 'the bevel below the ridge',
          check: 'Haze even up to the cladding line, no single scratch in it.',
          before: 'The look is the one agreed on: after the edge it is not touched again.',
        })
      : []),
    ...make.edge(),
    ...make.micro(),
    ...make.deburr(),
    ...make.strop(),
    ...make.wash(),
  ],
});
