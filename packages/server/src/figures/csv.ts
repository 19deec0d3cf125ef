/** Each table of the figures as CSV (RFC 4180): amounts in whole units, times in minutes. */
import {
  typedMoney,
  type FigureSheet,
  type FigureTable,
  type Regular,
} from '@patient-edge/contract';
import Papa from 'papaparse';
import { cell } from '../http/csv';

const minutes = (seconds: number): string => (seconds / 60).toFixed(1);

const MONTHS = Array.from({ length: 12 }, (_, month) => String(month + 1).padStart(2, '0'));

type Rows = readonly [fields: readonly string[], data: readonly (readonly (string | number)[])[]];

const TABLES: Readonly<
  Record<Exclude<FigureTable, 'regulars'>, (sheet: FigureSheet, currency: string) => Rows>
> = {
  lines: ({ by, lines }, currency) => [
    [by, 'blades', 'minutes worked', 'earned', 'currency', 'late', 'sent back', 'declined'],
    lines.map((line) => [
      by === 'week' || by === 'month' ? line.id : cell(line.name),
      line.blades,
      minutes(line.workedSeconds),
      typedMoney(line.earnedMinor, currency),
      currency,
      line.late,
      line.sentBack,
      line.declined,
    ]),
  ],
  back: ({ complaints, sentBack }) => [
    ['where', 'why', 'blades'],
    [
      ...complaints.map(({ name, blades }) => ['customer', cell(name), blades]),
      ...sentBack.map(({ name, blades }) => ['test', cell(name), blades]),
    ],
  ],
  late: ({ late }) => [['why', 'blades'], late.map(({ because, blades }) => [because, blades])],
  seasons: ({ seasons }) => [
    ['group', ...MONTHS],
    seasons.map(({ group, months }) => [group, ...months]),
  ],
  quotes: ({ quotes }, currency) => [
    [
      'kind',
      'blades',
      'with estimate',
      'agreed',
      'estimated from',
      'estimated to',
      'charged',
      'above',
      'below',
      'currency',
      'minutes foreseen',
      'minutes worked',
      'earned per hour',
    ],
    quotes.map((line) => [
      line.name,
      line.blades,
      line.quoted,
      line.agreed,
      typedMoney(line.quotedLowMinor, currency),
      typedMoney(line.quotedHighMinor, currency),
      typedMoney(line.chargedMinor, currency),
      line.above,
      line.below,
      currency,
      minutes(line.foreseenSeconds),
      minutes(line.workedSeconds),
      line.earnedSeconds === 0
        ? ''
        : typedMoney((3600 * line.earnedMinor) / line.earnedSeconds, currency),
    ]),
  ],
};

const csvOf = ([fields, data]: Rows): string =>
  Papa.unparse({ fields: [...fields], data: data.map((row) => [...row]) });

export const regularsCsv = (regulars: readonly Regular[]): string =>
  csvOf([
    ['customer', 'blades', 'brings most', 'every, days', 'last on'],
    regulars.map(({ name, blades, brings, everyDays, lastOn }) => [
      cell(name),
      blades,
      brings,
      everyDays ?? '',
      lastOn,
    ]),
  ]);

export const figuresCsv = (
  sheet: FigureSheet,
  table: Exclude<FigureTable, 'regulars'>,
  currency: string,
): string => csvOf(TABLES[table](sheet, currency));
