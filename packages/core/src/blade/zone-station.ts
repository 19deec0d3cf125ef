/** The station that stands for a zone: the one whose lift is the median of those that can be held there. */
import { zoneAt, type Zone } from '../geometry';
import type { Station } from '../outline';

/** A station whose angle can be held by lift. */
export type HeldStation = Station & { readonly liftMm: number };

const isHeld = (station: Station): station is HeldStation => station.liftMm !== null;

/** Null where the whole zone is too low for the angle. */
export const stationOfZone = (stations: readonly Station[], zone: Zone): HeldStation | null => {
  const total = stations.at(-1)?.sMm ?? 0;
  const held = stations
    .filter(isHeld)
    .filter(({ sMm }) => zoneAt(sMm / total) === zone)
    .sort((a, b) => a.liftMm - b.liftMm);
  return held[Math.floor(held.length / 2)] ?? null;
};
