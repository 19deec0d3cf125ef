/** The zones along an edge, from heel to tip. */
export const ZONES = ['heel', 'middle', 'belly', 'tip'] as const;

export type Zone = (typeof ZONES)[number];

/**
 * A record with an entry for every zone.
 *
 * @example
 * byZone((_zone, index) => index); // {"heel":0,"middle":1,"belly":2,"tip":3}
 */
export const byZone = <T>(entry: (zone: Zone, index: number) => T): Record<Zone, T> => ({
  heel: entry('heel', 0),
  middle: entry('middle', 1),
  belly: entry('belly', 2),
  tip: entry('tip', 3),
});

/** Where each zone ends, as a share of the edge. */
const ZONE_ENDS: readonly (readonly [Zone, number])[] = [
  ['heel', 0.25],
  ['middle', 0.55],
  ['belly', 0.85],
  ['tip', 1],
];

export const zoneAt = (share: number): Zone =>
  (ZONE_ENDS.find(([, end]) => share <= end) ?? ZONE_ENDS[ZONE_ENDS.length - 1]!)[0];

/**
 * Start, centre and end of a zone as shares of the edge.
 *
 * @example
 * zoneSpan('heel').from; // 0
 */
export const zoneSpan = (zone: Zone): { from: number; centre: number; to: number } => {
  const index = ZONES.indexOf(zone);
  const from = index === 0 ? 0 : ZONE_ENDS[index - 1]![1];
  const to = ZONE_ENDS[index]![1];
  return { from, centre: (from + to) / 2, to };
};
