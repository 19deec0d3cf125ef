/** How a measure was got, and how sure it is. First guesses of the trade. */
export const MEASURED_WITH = [
  'caliper',
  'micrometer',
  'rule',
  'traced',
  'last visit',
  'the usual',
] as const;
export type MeasuredWith = (typeof MEASURED_WITH)[number];

/**
 * One standard deviation of a length of so many mm.
 *
 * @example
 * lengthSigmaMm('caliper', 2) > 0; // true
 */
export const lengthSigmaMm = (how: MeasuredWith, valueMm: number): number => {
  switch (how) {
    case 'micrometer':
      return 0.005;
    case 'caliper':
      return 0.02;
    case 'rule':
      return 0.4;
    case 'traced':
      return 0.2 + 0.004 * valueMm;
    case 'last visit':
      // A caliper then, and what use and stones have taken since.
      return Math.hypot(0.02, 0.02 * valueMm);
    case 'the usual':
      return 0.15 * valueMm;
  }
};

/**
 * Whether somebody held a tool to this blade.
 *
 * @example
 * isMeasured('caliper'); // true
 */
export const isMeasured = (how: MeasuredWith): boolean => how !== 'the usual';
