import type { StrategyInput } from '../../cuts';
import { chiselFindings } from './findings';
import { chiselGeometry } from './geometry';
import { chiselProcedure } from './procedure';
import type { BladeStrategy } from '../strategy';

/** Chisel-ground and double-edged blades. */
export const chisel = (input: StrategyInput): BladeStrategy => ({
  ...chiselGeometry(input),
  ...chiselProcedure(input),
  ...chiselFindings(input),
});
