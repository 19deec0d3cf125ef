/** On which days a workshop is where: the weekdays of its places, without the days on which it is closed. */

export interface Place {
  readonly id: number;
  readonly name: string;
  /** As it stands in messages; empty where the name says it. */
  readonly address: string;
  /** 1 is Monday, 7 is Sunday. */
  readonly weekdays: readonly number[];
  /** HH:MM by the workshop's own clock; null where it is not said. */
  readonly opensAt: string | null;
  readonly closesAt: string | null;
  /** Blades are promised there still. */
  readonly inUse: boolean;
}

/** From one day to another, both of them closed. */
export interface ClosedDays {
  readonly fromDay: string;
  readonly toDay: string;
  readonly reason: string;
}

export interface OpenDay {
  /** YYYY-MM-DD */
  readonly day: string;
  readonly place: Place;
}

const DAY_MS = 86_400_000;
const timeOf = (isoDay: string): number => Date.parse(`${isoDay}T00:00:00Z`);

/**
 * 1 is Monday, 7 is Sunday, of a day written YYYY-MM-DD.
 *
 * @example
 * weekdayOfDay('2026-11-29'); // 7
 */
export const weekdayOfDay = (isoDay: string): number =>
  ((new Date(timeOf(isoDay)).getUTCDay() + 6) % 7) + 1;

/** Why the workshop is closed on that day; null where it is not. An unnamed stretch has an empty reason. */
export const closedOn = (closed: readonly ClosedDays[], isoDay: string): string | null =>
  closed.find(({ fromDay, toDay }) => fromDay <= isoDay && isoDay <= toDay)?.reason ?? null;

/** The places open on that day, in the order they are listed. */
export const placesOn = (
  places: readonly Place[],
  closed: readonly ClosedDays[],
  isoDay: string,
): readonly Place[] =>
  closedOn(closed, isoDay) !== null
    ? []
    : places.filter(({ inUse, weekdays }) => inUse && weekdays.includes(weekdayOfDay(isoDay)));

/**
 * Every day with every place open on it, from a day on (itself included), for so many days of the calendar.
 */
export const openDays = (
  places: readonly Place[],
  closed: readonly ClosedDays[],
  fromDay: string,
  days: number,
): readonly OpenDay[] =>
  Array.from({ length: days }, (_, ahead) =>
    new Date(timeOf(fromDay) + ahead * DAY_MS).toISOString().slice(0, 10),
  ).flatMap((day) => placesOn(places, closed, day).map((place) => ({ day, place })));
