/** The normal and the log-normal distribution. */
export { normalQuantile } from './normal';
