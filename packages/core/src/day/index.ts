/** The days of the workshop: where it is when, and in which order its blades are worked. */
export {
  closedOn,
  openDays,
  placesOn,
  weekdayOfDay,
  type ClosedDays,
  type OpenDay,
  type Place,
} from './open-days';
export {
  compileDay,
  dayInOrder,
  sheetOf,
  type CompiledDay,
  type DayInput,
  type DayJob,
  type DayPerson,
  type DayPlace,
  type DaySheet,
  type DayStep,
  type DayStone,
  type PlacedStep,
} from './day-model';
export { dueDateOrder, stoneByStoneOrder } from './day-rules';
export {
  axisTimes,
  momentAfter,
  withStones,
  workingMinutesUntil,
  type AxisTime,
  type DayMoment,
  type WorkingDay,
} from './working-time';
export { DaySearch, SETTLED, type OrderedDay } from './day-search';
export { orderDay } from './order-day';
