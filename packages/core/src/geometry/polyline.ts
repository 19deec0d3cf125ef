/** A curve in the blade plane as points [z, y], mm: z along the blade from heel to tip, y towards the spine. */
export type BladePoint = readonly [zMm: number, yMm: number];

/**
 * Value at z of a table of [z, value] with growing z; constant beyond its ends.
 *
 * @example
 * interpolate([[0, 1], [10, 3]], 5); // 2
 */
export const interpolate = (table: readonly (readonly [number, number])[], z: number): number => {
  const first = table[0];
  if (!first) return 0;
  if (z <= first[0]) return first[1];
  for (let index = 1; index < table.length; index += 1) {
    const [z1, v1] = table[index]!;
    if (z > z1) continue;
    const [z0, v0] = table[index - 1]!;
    return z1 === z0 ? v1 : v0 + ((v1 - v0) * (z - z0)) / (z1 - z0);
  }
  return table[table.length - 1]![1];
};

/** Arc length from the first point to each point, mm. */
export const arcLengths = (points: readonly BladePoint[]): number[] => {
  const lengths = [0];
  for (let index = 1; index < points.length; index += 1) {
    const [z0, y0] = points[index - 1]!;
    const [z1, y1] = points[index]!;
    lengths.push(lengths[index - 1]! + Math.hypot(z1 - z0, y1 - y0));
  }
  return lengths;
};
