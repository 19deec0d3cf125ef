/** What the record says: the bench's own rates, whether forecasts were right, how long edges last, the years of a blade. */
export { calibrationOf, type ForecastScore, type ScoredForecast } from './calibration';
export {
  compareLives,
  livesOf,
  USUAL_LIFE_PRIOR,
  type EdgeLife,
  type LifePrior,
  type LivesCompared,
  type LivesOfGroup,
  type SurvivalPoint,
} from './edge-life';
export {
  learnRates,
  LearnedRates,
  MOST_RATE_NAMES,
  RateSums,
  type AlikeSums,
  type FinishedStep,
  type RateEffect,
  type RatePrediction,
} from './rates';
export {
  plateSlowdown,
  stoneWear,
  type PlateUse,
  type StoneFlattening,
  type StoneHistory,
  type StoneWear,
} from './stone-wear';
export {
  armOfVisit,
  drawLot,
  otherArm,
  TRIAL_ARMS,
  TRIAL_WAYS,
  trialResult,
  type TrialArm,
  type TrialResult,
  type TrialWay,
} from './trials';
export { MOST_TREND_POINTS, trendOf, type MeasuredOnDay, type Trend } from './trend';
export {
  bladeRates,
  bladeTime,
  stepTime,
  type BladeRates,
  type StepTime,
  type StoneRate,
} from './step-times';
export {
  RATE_ROLES,
  USUAL_SPREADS,
  type RateNames,
  type RateRole,
  type RateSpreads,
} from './spreads';
export { wearTrend, type MeasuredAtVisit, type WearTrend } from './years';
export type { TimeQuantiles } from './time-quantiles';
