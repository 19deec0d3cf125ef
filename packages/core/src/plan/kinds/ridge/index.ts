import type { StrategyInput } from '../../cuts';
import { ridgeFindings } from './findings';
import { ridgeGeometry } from './geometry';
import { ridgeProcedure } from './procedure';
import type { BladeStrategy } from '../strategy';

/** Two-sided blades with a wide primary bevel and a ridge. */
export const ridge = (input: StrategyInput): BladeStrategy => ({
  ...ridgeGeometry(input),
  ...ridgeProcedure(input),
  ...ridgeFindings(input),
});
