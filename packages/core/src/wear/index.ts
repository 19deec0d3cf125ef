/** What a blade loses over the years. */
export { wearOverVisits } from './wear';
export {
  bevelFaceMm,
  growthRing,
  thinningWeighed,
  YEAR_MEASURES,
  yearSeries,
  type RingPoint,
  type ThinningWeighed,
  type VisitMeasured,
  type YearMeasure,
  type YearSeries,
} from './blade-years';
