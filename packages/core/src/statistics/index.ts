/** The normal and the log-normal distribution, and what lies in the middle. */
export { median } from './median';
export { normalQuantile } from './normal';
