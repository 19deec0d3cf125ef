/** Readings as typed: a force that is no number yet is kept as it stands. */
import {
  byZone,
  NO_READINGS,
  readingsOf,
  type ClassReadings,
  type EdgeReadings,
  type PlaceReading,
  type Zone,
} from '@patient-edge/core';
import { parseNumber } from '../theme/format';
import { STRINGS } from './strings';

export interface TypedZone {
  readonly classes: ClassReadings;
  readonly force: readonly [string, string, string];
}
export type TypedReadings = Readonly<Record<Zone, TypedZone>> &
  Pick<EdgeReadings, 'blade' | 'media'> & { readonly places: readonly PlaceReading[] };

export const asTyped = (readings: EdgeReadings | undefined): TypedReadings => ({
  ...byZone((zone): TypedZone => {
    const { classes, forceGf } = readings?.[zone] ?? NO_READINGS;
    const text = (index: number): string => forceGf[index]?.toString() ?? '';
    return { classes, force: [text(0), text(1), text(2)] };
  }),
  blade: readings?.blade ?? {},
  media: readings?.media ?? {},
  places: readings?.places ?? [],
});

const FORCE_LIMITS_GF = [1, 2000] as const;

export const forceProblem = (typed: string): string | undefined => {
  if (typed.trim() === '') return undefined;
  const value = parseNumber(typed);
  const [low, high] = FORCE_LIMITS_GF;
  return value === null || value < low || value > high
    ? STRINGS.toGfWasGiven(low, high, typed)
    : undefined;
};

export const toReadings = ({ blade, media, places, ...zones }: TypedReadings): EdgeReadings =>
  readingsOf(
    (zone) => ({
      classes: zones[zone].classes,
      forceGf: zones[zone].force.flatMap((text) => {
        const value = forceProblem(text) === undefined ? parseNumber(text) : null;
        return value === null ? [] : [value];
      }),
    }),
    { blade, media, places },
  );
