/** Blades ground on one side with a hollow back. */
export { hollowAfter, hollowChordMm, tapMm, visitsWithRim, type HollowBack } from './hollow-back';
export { moveShinogi } from './shinogi';
