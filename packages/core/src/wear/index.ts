/** What a blade loses over the years. */
export { wearOverVisits } from './wear';
