/**
 * What the open calculator takes over HTTP; the command line has no such limits. Each stands for what one bench asks
 * for many times over.
 */
import type { FieldError } from '@patient-edge/contract';
import { STRINGS } from './strings';

export const MOST_CALLS = 200;
const MOST_STONES = 500;
/** Stations asked for times points given, and stations in all calls of a list. */
const MOST_STATION_POINTS = 1_000_000;
const MOST_STATIONS = 20_000;
/** All lists of a call together, numbers and objects. */
const MOST_ENTRIES = 20_000;
export const LIMIT_MS = 2000;

const lengthOf = (value: unknown): number => (Array.isArray(value) ? value.length : 0);
const numberOf = (value: unknown): number => (typeof value === 'number' ? value : 0);

/** Lists, each with lists of its own counted in. */
const entriesOf = (value: unknown): number => {
  let count = 0;
  const open: unknown[] = [value];
  while (open.length > 0) {
    const next = open.pop();
    if (typeof next !== 'object' || next === null) continue;
    const inside: unknown[] = Array.isArray(next) ? next : Object.values(next);
    count += Array.isArray(next) ? inside.length : 0;
    open.push(...inside);
  }
  return count;
};

const tooMuch = (field: string, what: string, limit: number, given: number): FieldError => ({
  field,
  message: STRINGS.atMostAreTakenHereWere(field, limit, what, given),
});

const ofCall = (call: unknown, at: string): FieldError | null => {
  if (typeof call !== 'object' || call === null) return null;
  const { rack, stations, edge, spine, thickness } = call as Readonly<Record<string, unknown>>;
  if (lengthOf(rack) > MOST_STONES)
    return tooMuch(`${at}rack`, 'stones', MOST_STONES, lengthOf(rack));
  const entries = entriesOf(call);
  if (entries > MOST_ENTRIES) return tooMuch(at || 'input', 'entries', MOST_ENTRIES, entries);
  const products = numberOf(stations) * (lengthOf(edge) + lengthOf(spine) + lengthOf(thickness));
  return products > MOST_STATION_POINTS
    ? tooMuch(`${at}stations`, STRINGS.stationsTimesPoints, MOST_STATION_POINTS, products)
    : null;
};

/** The first limit that an input passes; null when it may be computed here. */
export const beyondLimits = (input: unknown): FieldError | null => {
  const calls: readonly unknown[] = Array.isArray(input) ? input : [input];
  if (calls.length > MOST_CALLS) return tooMuch('input', 'calls', MOST_CALLS, calls.length);
  let stations = 0;
  for (const [index, call] of calls.entries()) {
    const refused = ofCall(call, Array.isArray(input) ? `[${index}].` : '');
    if (refused) return refused;
    stations += numberOf((call as { stations?: unknown } | null)?.stations);
  }
  return stations > MOST_STATIONS ? tooMuch('input', 'stations', MOST_STATIONS, stations) : null;
};
