/** Strings of prices. */
import { counted, stringsOf } from '../text';

export const STRINGS = stringsOf('core/price', {
  times: (count: number) => `, ${count} times`,
  mmLongBeyondMm: (edgeLengthMm: number, lengthIncludedMm: number, times: string) =>
    `${edgeLengthMm} mm long, beyond ${lengthIncludedMm} mm${times}`,
  aChip: 'A chip',
  chips: (chipsCount: number) => `${chipsCount} chips`,
  takenOut: (chipsCountSaid: string) => `${chipsCountSaid} taken out`,
  thinning: 'Thinning',
  tipRestored: 'Tip restored',
  outlineStraightened: 'Outline straightened',
  scallops: (scallops: number) => counted(scallops, 'scallop', 'scallops'),
  to: (rounded: number, rounded2: number) => `${rounded} to ${rounded2}`,
  minutesBeyond: (roundedSaid: string | number, minutesIncluded: number) =>
    `${roundedSaid} ${roundedSaid === 1 ? 'minute' : 'minutes'} beyond ${minutesIncluded}`,
});
