/** The normal and the log-normal distribution, tails, and what lies in the middle. */
export { median, medianOfMany } from './median';
export { normalQuantile } from './normal';
export { seededUniform } from './seeded';
export { chanceLess, chiTail } from './tails';
