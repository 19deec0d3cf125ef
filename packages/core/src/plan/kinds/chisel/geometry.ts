import { perSide, radians, toDegrees, toRadians } from '../../../units';
import { hasTwoEdges } from '../../../intake';
import type { CutStrategy, StrategyInput } from '../../cuts';
import { oneFlatGeometry } from '../one-flat';

/** Chisel-ground blades: one bevel against a plain back, twice where there are two edges. */
export const isDoubleEdged = ({
  kind,
  answers,
}: Pick<StrategyInput, 'kind' | 'answers'>): boolean => hasTwoEdges(kind.id, answers);

/**
 * Half the angle the two edges make at the point, from the width at nine tenths of the edge, degrees.
 */
const halfPointDeg = ({ measures }: StrategyInput['input']): number =>
  toDegrees(radians(Math.atan(measures.heightTipMm / 2 / (0.1 * measures.edgeLengthMm))));

/** A point broken short comes back when both edges come in by this: the length lost times the sine of half its angle. */
export const pointRiseMm = (input: StrategyInput): number => {
  if (!isDoubleEdged(input)) return 0;
  const lostMm = Math.max(
    0,
    ...input.input.damage
      .filter(({ kind }) => kind === 'missing tip')
      .map(({ depthMm }) => depthMm),
  );
  return lostMm * Math.sin(toRadians(perSide(halfPointDeg(input.input))));
};

export const chiselGeometry = (input: StrategyInput): CutStrategy => {
  const isDouble = isDoubleEdged(input);
  return {
    ...oneFlatGeometry(input),
    twoEdges: isDouble,
    atFullLength: isDouble,
    extraRiseMm: () => pointRiseMm(input),
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
