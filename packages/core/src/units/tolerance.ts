/**
 * How near is equal. Lengths in mm, angles in degrees and ratios are compared with one slack, far below what a tool
 * can show and far above what rounding of 64-bit numbers leaves: the errors of a plan stay under 1e-12.
 */
export const SLACK = 1e-9;

/** Width of a step that takes a point clear of a corner, mm. */
export const CLEAR_OF_CORNER_MM = 1e-6;

/** To which linear programmes and root searches are solved. */
export const SOLVER_PRECISION = 1e-10;

/** Of a share of a segment: a crossing at its very end counts. */
export const SHARE_SLACK = 1e-12;

/** Whether a value goes past its limit by more than rounding. */
export const exceeds = (value: number, limit: number): boolean => value > limit + SLACK;

/** Whether a value stays under its limit by more than rounding. */
export const staysUnder = (value: number, limit: number): boolean => value < limit - SLACK;
