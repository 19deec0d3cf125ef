/** Customers, jobs and history as CSV: a row each, headings that name the unit. */
import { lengthNumber, textOf } from '@patient-edge/core';
import type { HistoryEntry, ShopFormats } from '@patient-edge/contract';
import Papa from 'papaparse';
import { cell } from '../http/csv';
import type { CustomerLine, JobLine } from './queries';

export const customersCsv = (lines: readonly CustomerLine[]): string =>
  Papa.unparse({
    fields: [
      'number',
      'name',
      'trade',
      'telephones',
      'e-mail',
      'may be written to',
      'on account',
      'note',
    ],
    data: lines.map((line) => [
      line.id,
      cell(line.name),
      cell(line.trade),
      cell(line.phones),
      cell(line.email),
      line.mayWrite,
      line.onAccount ? 'yes' : 'no',
      cell(line.note),
    ]),
  });

const minutes = (seconds: number): string => (seconds / 60).toFixed(1);

export const jobsCsv = (lines: readonly JobLine[], { length }: ShopFormats): string => {
  const long = (value: number | null, decimals: number): string =>
    value === null ? '' : lengthNumber(value, decimals, length);
  return Papa.unparse({
    fields: [
      'number',
      'tag',
      'customer number',
      'customer',
      'blade number',
      'blade',
      'kind',
      'steel',
      'stage',
      'taken in',
      'promised',
      'place',
      'returned',
      `edge length, ${length}`,
      `height at heel, ${length}`,
      'angle per side, °',
      'worked, min',
      'round',
      'declined because',
    ],
    data: lines.map((line) => [
      line.id,
      line.tagNumber,
      line.customerId,
      cell(line.customer),
      line.bladeId,
      cell(line.blade),
      line.kind,
      cell(line.steel),
      line.stage,
      line.takenInAt.toISOString(),
      line.promisedOn,
      cell(line.place ?? ''),
      line.returnedAt?.toISOString() ?? '',
      long(line.edgeLengthMm, 1),
      long(line.heightHeelMm, 2),
      line.angleDeg ?? '',
      minutes(line.workedSeconds),
      line.round,
      cell(line.declineReason ?? ''),
    ]),
  });
};

export const historyCsv = (entries: readonly HistoryEntry[]): string =>
  Papa.unparse({
    fields: ['at', 'who', 'what', 'number', 'of', 'did'],
    data: entries.map(({ at, who, subject, subjectId, of, message }) => [
      at,
      cell(who),
      subject,
      subjectId,
      cell(of),
      cell(textOf(message)),
    ]),
  });
