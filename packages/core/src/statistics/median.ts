/** The middle of the values; of two in the middle their mean; null of none. */
export const median = (values: readonly number[]): number | null => {
  if (values.length === 0) return null;
  const sorted = [...values].sort((a, b) => a - b);
  const half = Math.floor(sorted.length / 2);
  return sorted.length % 2 === 1 ? sorted[half]! : (sorted[half - 1]! + sorted[half]!) / 2;
};

/** The same of many numbers, which are put in order in their place. */
export const medianOfMany = (values: Float64Array): number => {
  values.sort();
  const half = Math.floor(values.length / 2);
  return values.length % 2 === 1 ? values[half]! : (values[half - 1]! + values[half]!) / 2;
};
