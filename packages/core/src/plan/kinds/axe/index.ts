import type { StrategyInput } from '../../cuts';
import { axeFindings } from './findings';
import { axeGeometry } from './geometry';
import { axeProcedure } from './procedure';
import type { BladeStrategy } from '../strategy';

/** Axes. */
export const axe = (input: StrategyInput): BladeStrategy => ({
  ...axeGeometry(input),
  ...axeProcedure(input),
  ...axeFindings(input),
});
