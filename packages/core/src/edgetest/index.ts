/** Readings, verdict and fault rules. */
export { findFaults } from './faults';
export {
  forceBand,
  LIGHT_FINDINGS,
  medianGf,
  mustRepeat,
  NO_READINGS,
  PAPER_FINDINGS,
  type EdgeReadings,
  type LightFinding,
  type PaperFinding,
  type ZoneReadings,
} from './tests';
export { judgeEdge, type BladeVerdict } from './verdict';
