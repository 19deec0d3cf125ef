import type { StrategyInput } from '../../cuts';
import { serratedFindings } from './findings';
import { serratedGeometry } from './geometry';
import { serratedProcedure } from './procedure';
import type { BladeStrategy } from '../strategy';

/** Serrated edges. */
export const serrated = (input: StrategyInput): BladeStrategy => ({
  ...serratedGeometry(input),
  ...serratedProcedure(input),
  ...serratedFindings(input),
});
