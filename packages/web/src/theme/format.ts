/** Numbers and dates as the screen shows them; the store keeps full precision. */
import {
  clockText,
  dayAndYearText,
  dayText,
  momentText,
  monthNameText,
  monthText,
  weekdayText,
} from '@patient-edge/contract';
import { parseISO, differenceInCalendarDays } from 'date-fns';
import { lengthNumber, measuresIn, type FigureUnit, named } from '@patient-edge/core';
import { formats } from './formats';
import { STRINGS } from './strings';

/** Rounded to so many digits; what rounds to nothing has no sign. */
export const fixed = (value: number, digits: number): string =>
  value.toFixed(digits).replace(/^-(0(?:\.0*)?)$/, '$1');

/** Minutes and seconds, hours when it takes that long. */
export const duration = (seconds: number): string => {
  const whole = Math.round(seconds);
  const hours = Math.floor(whole / 3600);
  const minutes = Math.floor((whole % 3600) / 60);
  const rest = String(whole % 60).padStart(2, '0');
  return hours > 0 ? `${hours}:${String(minutes).padStart(2, '0')}:${rest}` : `${minutes}:${rest}`;
};

/** A length of time in words: what a customer is told. */
export const roughly = (seconds: number): string => {
  if (seconds < 90) return `${Math.max(5, Math.round(seconds / 5) * 5)} s`;
  return seconds < 99.5 * 60
    ? `${Math.round(seconds / 60)} min`
    : `${(seconds / 3600).toFixed(1)} h`;
};

/** Whether it is a whole day, YYYY-MM-DD: half of one is not asked of the server yet. */
export const isIsoDay = (typed: string): boolean => /^\d{4}-\d{2}-\d{2}$/.test(typed);

export const day = (isoDate: string): string => dayText(isoDate, formats());
export const dayAndYear = (iso: string): string => dayAndYearText(iso, formats());
export const moment = (iso: string): string => momentText(iso, formats());
/** Of a day or month, YYYY-MM-DD. */
export const monthAndYear = (iso: string): string => monthText(iso.slice(0, 7), formats());
/** The time of a day, by its minutes since midnight. */
export const clock = (minute: number): string =>
  clockText(new Date(2026, 0, 1, 0, Math.round(minute)).toISOString(), formats());
/** Nov, of 10; 0 is January. */
export const monthName = (month: number): string => monthNameText(month, formats());
export const weekdayName = (weekday: number, style: 'long' | 'short' = 'long'): string =>
  weekdayText(weekday, formats(), style);

/** A length with its unit, in the shop's unit; decimals are those of the millimetres. */
export const mm = (valueMm: number, decimals: number): string =>
  `${lengthNumber(valueMm, decimals, formats().length)} ${formats().length}`;
/** One as it was typed, with the decimals it has. */
export const mmTyped = (valueMm: number): string =>
  mm(valueMm, String(valueMm).split('.')[1]?.length ?? 0);
/** The same without its unit: for columns that say it in their heading. */
export const mmNumber = (valueMm: number, decimals: number): string =>
  lengthNumber(valueMm, decimals, formats().length);
/** A text with its measures said in the shop's units. */
export const inUnits = (text: string): string => measuresIn(text, formats());

export const howSoon = (isoDate: string, today: string): string => {
  const days = differenceInCalendarDays(parseISO(isoDate), parseISO(today));
  if (days < -1) return STRINGS.daysOverdue(-days);
  if (days === -1) return STRINGS.aDayOverdue;
  if (days === 0) return named('today');
  return days === 1 ? named('tomorrow') : STRINGS.inDays(days);
};

const DIGITS: Partial<Record<FigureUnit, number>> = {
  '° per side': 1,
  '° inclusive': 1,
  mm: 2,
  'mm²': 3,
  'mm³': 1,
  µm: 1,
  g: 2,
  N: 0,
  gf: 0,
  strokes: 0,
};

/** A figure's value in its usual precision, and its unit as it stands beside it. */
export const valueAndUnit = (
  value: number,
  unit: FigureUnit,
): { readonly value: string; readonly unit: string } => {
  if (unit === 's') return { value: duration(value), unit: '' };
  const digits = DIGITS[unit] ?? (Number.isInteger(value) ? 0 : 2);
  if (unit === '° per side' || unit === '° inclusive') {
    return { value: `${fixed(value, digits)}°`, unit: unit.slice(2) };
  }
  if (unit === 'mm') return { value: mmNumber(value, digits), unit: formats().length };
  return { value: fixed(value, digits), unit };
};

/** The same as one text. */
export const withUnit = (value: number, unit: FigureUnit): string => {
  const parts = valueAndUnit(value, unit);
  return parts.unit === '' ? parts.value : `${parts.value} ${parts.unit}`;
};

/** What was typed as a number: a comma or a point divides the decimals. Null when it is none. */
export const parseNumber = (typed: string): number | null => {
  const text = typed.trim().replace(',', '.');
  return /^[+-]?(\d+\.?\d*|\.\d+)$/.test(text) ? Number(text) : null;
};

/** A number as it stands in a form before it is typed over; empty where there is none. */
export const numberText = (value: number | null | undefined): string =>
  value === null || value === undefined ? '' : String(value);

/** What a form sends: null where nothing was typed; what is no number as it is, so that the server names it. */
export const numberOrTyped = (typed: string): number | string | null =>
  typed.trim() === '' ? null : (parseNumber(typed) ?? typed);
