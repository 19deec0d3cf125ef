import type { StrategyInput } from '../../cuts';
import { singleBevelFindings } from './findings';
import { singleBevelGeometry } from './geometry';
import { singleBevelProcedure } from './procedure';
import type { BladeStrategy } from '../strategy';

/** Knives with one flat bevel to the edge. */
export const singleBevel = (input: StrategyInput): BladeStrategy => ({
  ...singleBevelGeometry(input),
  ...singleBevelProcedure(input),
  ...singleBevelFindings(input),
});
