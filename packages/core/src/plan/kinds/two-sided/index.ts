import type { StrategyInput } from '../../cuts';
import type { BladeStrategy } from '../strategy';
import { twoSidedFindings } from './findings';
import { twoSidedGeometry } from './geometry';
import { twoSidedProcedure } from './procedure';

/** Two-sided blades. */
export const twoSided = (input: StrategyInput): BladeStrategy => ({
  ...twoSidedGeometry(input),
  ...twoSidedProcedure(input),
  ...twoSidedFindings(input),
});
