/** The tests of an edge, its readings and verdict; faults, their causes, and which it probably is. */
export {
  EDGE_TEST_IDS,
  EDGE_TESTS,
  edgeTest,
  findTest,
  testsThatCount,
  USUAL_TESTS,
  type ClassMeans,
  type EdgeTest,
  type EdgeTestId,
  type OwnTest,
  type OwnTestId,
  type TestBench,
  type TestClass,
  type TestId,
} from './catalogue';
export {
  diagnose,
  type Cause,
  type Diagnosis,
  type NextCheck,
  type ProbableCause,
  type Sign,
} from './diagnose';
export {
  FAULT_CAUSE_IDS,
  FAULT_CAUSES,
  FAULT_SIGN_IDS,
  FAULT_SIGNS,
  faultTable,
  type AnyCauseId,
  type AnySign,
  type AnySignId,
  type FaultCauseId,
  type FaultSignId,
  type FaultTable,
  type OwnFault,
  type OwnFaultId,
  type SeenSigns,
} from './fault-table';
export { diagnoseFault, findFaults, signsOf, type FoundFault } from './faults';
export { severings, type Severing } from './force-trace';
export {
  keptReadings,
  reworkOf,
  strokesBack,
  type ReadRound,
  type RecurringFault,
  type Rework,
} from './rework';
export {
  forceBand,
  forceScale,
  FORCE_READINGS_WANTED,
  medianGf,
  mustRepeat,
  NO_READINGS,
  readingsOf,
  classesIn,
  type ClassReadings,
  type PlaceReading,
  type EdgeReadings,
  type ZoneReadings,
} from './tests';
export {
  judgeEdge,
  targetForceGf,
  verdictReasons,
  type BladeVerdict,
  type Verdict,
} from './verdict';

export {
  BENCH_SIGN_IDS,
  BENCH_SIGNS,
  remediesOf,
  roundsForSign,
  type BenchSignId,
} from './bench-signs';
