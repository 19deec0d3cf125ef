import { byZone, type Zone } from '../geometry';
import { median } from '../statistics';
import { named } from '../text';
import type { TestId } from './catalogue';

/** What was read of a test: the id of its class. */
export type ClassReadings = Readonly<Partial<Record<TestId, string>>>;

export interface ZoneReadings {
  readonly classes: ClassReadings;
  /** Cut force on the standard thread, gf: three readings are wanted. */
  readonly forceGf: readonly number[];
}

/** What was read at one place: a nick that catches, a glint of two millimetres. */
export interface PlaceReading {
  readonly test: TestId;
  readonly zone: Zone;
  /** From the heel. */
  readonly atMm: number;
  readonly read: string;
}

export type EdgeReadings = Readonly<Record<Zone, ZoneReadings>> & {
  /** Tests read once for the blade. */
  readonly blade: ClassReadings;
  /** On what a test was done, by its id. */
  readonly media: ClassReadings;
  /** Beside what was read of the zone they lie in. */
  readonly places?: readonly PlaceReading[];
};

export const NO_READINGS: ZoneReadings = { classes: {}, forceGf: [] };

/**
 * Readings of every zone, and nothing of the blade as a whole.
 *
 * @example
 * readingsOf(() => ({ classes: { light: 'dark' }, forceGf: [] })).tip.classes.light; // "dark"
 */
export const readingsOf = (
  at: (zone: Zone) => ZoneReadings,
  whole: Partial<Pick<EdgeReadings, 'blade' | 'media' | 'places'>> = {},
): EdgeReadings => ({ ...byZone(at), blade: {}, media: {}, ...whole });

/**
 * The classes of a zone as they were read, once over all of it and once for each place in it.
 *
 * @example
 * classesIn(readingsOf(() => NO_READINGS), 'tip').length; // 1
 */
export const classesIn = (
  readings: Pick<EdgeReadings, Zone | 'places'>,
  zone: Zone,
): readonly ClassReadings[] => {
  const { classes } = readings[zone];
  return [
    classes,
    ...(readings.places ?? []).flatMap((place) =>
      place.zone === zone ? [{ ...classes, [place.test]: place.read }] : [],
    ),
  ];
};

export const FORCE_READINGS_WANTED = 3;

/**
 * Median of the readings; null of none.
 *
 * @example
 * medianGf([120, 100, 140]); // 120
 */
export const medianGf = (readings: readonly number[]): number | null => median(readings);

/**
 * Readings that spread over more than a third of their median are to be repeated.
 *
 * @example
 * mustRepeat([100, 100, 100]); // false
 */
export const mustRepeat = (readings: readonly number[]): boolean => {
  const median = medianGf(readings);
  if (median === null || readings.length < 2) return false;
  return Math.max(...readings) - Math.min(...readings) > median / 3;
};

const FORCE_BANDS: readonly (readonly [belowGf: number, word: string])[] = [
  [100, 'very fine'],
  [180, 'fine'],
  [280, 'good working edge'],
  [400, 'needs work'],
];

/** In the middle of a good working edge on the thread the bands are from, gf. */
const KNOWN_GOOD_GF = 230;

/**
 * How much more force a bench's own thread takes than the one the bands and targets are from: by a blade known to have a
 * good working edge. 1 where none was measured.
 *
 * @example
 * forceScale(460); // 2
 */
export const forceScale = (goodForceGf: number | null | undefined): number =>
  goodForceGf === null || goodForceGf === undefined ? 1 : goodForceGf / KNOWN_GOOD_GF;

/** The word for a cut force; bands differ by thread, and a bench sets its own by a known-good blade. */
export const forceBand = (gf: number, goodForceGf?: number | null): string =>
  named(FORCE_BANDS.find(([below]) => gf < below * forceScale(goodForceGf))?.[1] ?? 'dull');
