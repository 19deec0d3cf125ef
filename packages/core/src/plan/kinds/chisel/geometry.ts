import type { CutStrategy, StrategyInput } from '../../cuts';
import { oneFlatGeometry } from '../one-flat';

/** Chisel-ground blades: one bevel against a plain back, twice where there are two edges. */
/** Whether both edges are ground. */
export const isDoubleEdged = (input: StrategyInput): boolean =>
  input.kind.id === 'dagger-double' || input.answers['edges'] === 'two';

export const chiselGeometry = (input: StrategyInput): CutStrategy => {
  const isDouble = isDoubleEdged(input);
  return {
    ...oneFlatGeometry(input),
    sumsOf: (sums) => {
      const both = isDouble ? 2 : 1;
      const doubled = ({ mm3, faceMm2 }: (typeof sums)['edge']) => ({
        mm3: both * mm3,
        faceMm2: both * faceMm2,
      });
      return {
        ...sums,
        outline: doubled(sums.outline),
        edge: doubled(sums.edge),
        micro: doubled(sums.micro),
      };
    },
  };
};
