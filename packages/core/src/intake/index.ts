/** What is asked of each kind, and what stands in for a measure nobody took. */
export { checkBack } from './hollow-check';
export {
  allQuestions,
  asksForAngle,
  finishAsItCame,
  measuresAskedOf,
  numberAnswer,
  questionsFor,
  steelAsTold,
  hasTwoEdges,
  wantsItAsItCame,
  type Answers,
  type Question,
} from './questions';
export {
  NO_MEASURES,
  standInAngleDeg,
  withStandIns,
  type LastMeasured,
  type MeasuresWithStandIns,
  type TypedMeasures,
} from './stand-ins';
