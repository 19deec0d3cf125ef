/** Steels that explain themselves. */
export { brittleShift, steelAngleShift, toughShift } from './angle-shift';
export { explainSteel, wantsDiamond } from './explain';
export {
  recogniseSteel,
  RECOGNITION,
  type RecognitionAnswers,
  type RecognitionTest,
} from './recognise';
export { findSteel, STEELS, UNKNOWN_STEEL_DESIGNATION, type BurrHabit, type Steel } from './steels';
