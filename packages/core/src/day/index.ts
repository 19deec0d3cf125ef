/** The days of the workshop: where it is when. */
export {
  closedOn,
  openDays,
  placesOn,
  weekdayOfDay,
  type ClosedDays,
  type OpenDay,
  type Place,
} from './open-days';
