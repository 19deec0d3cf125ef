import type { StrategyInput } from '../../cuts';
import { razorFindings } from './findings';
import { razorGeometry } from './geometry';
import { razorProcedure } from './procedure';
import type { BladeStrategy } from '../strategy';

/** Straight razors. */
export const razor = (input: StrategyInput): BladeStrategy => ({
  ...razorGeometry(input),
  ...razorProcedure(input),
  ...razorFindings(input),
});
