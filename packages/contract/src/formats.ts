/** How a shop writes days, hours and measures. What is kept never changes by it. */
import { FORCE_UNITS, type ForceUnit } from '@patient-edge/core';

/** Languages days are written in; words stay English. */
export const DATE_LANGUAGES = [
  'en-GB',
  'en-US',
  'de',
  'fr',
  'nl',
  'it',
  'es',
  'pt',
  'sv',
  'da',
  'nb',
] as const;
export type DateLanguage = (typeof DATE_LANGUAGES)[number];

export const CLOCKS = ['24 h', '12 h'] as const;
export const LENGTH_UNITS = ['mm', 'in'] as const;
export const TEMPERATURE_UNITS = ['°C', '°F'] as const;
export { FORCE_UNITS };

export interface ShopFormats {
  readonly language: DateLanguage;
  readonly clock: (typeof CLOCKS)[number];
  readonly length: (typeof LENGTH_UNITS)[number];
  readonly force: ForceUnit;
  readonly temperature: (typeof TEMPERATURE_UNITS)[number];
}

export const USUAL_FORMATS: ShopFormats = {
  language: 'en-GB',
  clock: '24 h',
  length: 'mm',
  force: 'N',
  temperature: '°C',
};

const made = new Map<string, Intl.DateTimeFormat>();
/** Each is made once: making one takes longer than many uses. */
const formatter = (language: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat => {
  const key = language + JSON.stringify(options);
  const held = made.get(key) ?? new Intl.DateTimeFormat(language, options);
  made.set(key, held);
  return held;
};

/** Of a day alone, noon: no time zone moves it. */
const dateOf = (iso: string): Date =>
  new Date(/^\d{4}-\d{2}-\d{2}$/.test(iso) ? `${iso}T12:00:00` : iso);

/** Sat 28 Nov, of a day written YYYY-MM-DD or a moment in ISO 8601. */
export const dayText = (iso: string, { language }: ShopFormats): string =>
  formatter(language, { weekday: 'short', day: 'numeric', month: 'short' }).format(dateOf(iso));

/** Saturday 28 November: as a message says it. */
export const fullDayText = (iso: string, { language }: ShopFormats): string =>
  formatter(language, { weekday: 'long', day: 'numeric', month: 'long' }).format(dateOf(iso));

/** 28 Nov 2026 */
export const dayAndYearText = (iso: string, { language }: ShopFormats): string =>
  formatter(language, { dateStyle: 'medium' }).format(dateOf(iso));

/** 28 November 2026 */
export const longDayText = (iso: string, { language }: ShopFormats): string =>
  formatter(language, { dateStyle: 'long' }).format(dateOf(iso));

/** November 2026, of a month written YYYY-MM. */
export const monthText = (month: string, { language }: ShopFormats): string =>
  formatter(language, { month: 'long', year: 'numeric' }).format(dateOf(`${month}-15`));

/** Nov, of 10; 0 is January. */
export const monthNameText = (month: number, { language }: ShopFormats): string =>
  formatter(language, { month: 'short' }).format(new Date(2026, month, 15));

/** Saturday, of 6; 1 is Monday. */
export const weekdayText = (
  weekday: number,
  { language }: ShopFormats,
  style: 'long' | 'short' = 'long',
): string =>
  // 2 November 2026 is a Monday.
  formatter(language, { weekday: style }).format(new Date(2026, 10, 1 + weekday, 12));

/** 14:30, or 2:30 PM. */
export const clockText = (iso: string, { language, clock }: ShopFormats): string =>
  formatter(language, {
    hour: '2-digit',
    minute: '2-digit',
    hour12: clock === '12 h',
  }).format(dateOf(iso));

/** 28 Nov, 14:30 */
export const momentText = (iso: string, { language, clock }: ShopFormats): string =>
  formatter(language, {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    hour12: clock === '12 h',
  }).format(dateOf(iso));
