import type { StrategyInput } from '../../cuts';
import { oneSidedFindings } from './findings';
import { oneSidedGeometry } from './geometry';
import { oneSidedProcedure } from './procedure';
import type { BladeStrategy } from '../strategy';

/** One-sided blades with a hollow back. */
export const oneSided = (input: StrategyInput): BladeStrategy => ({
  ...oneSidedGeometry(input),
  ...oneSidedProcedure(input),
  ...oneSidedFindings(input),
});
