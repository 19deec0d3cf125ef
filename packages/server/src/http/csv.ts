/** Answers as CSV (RFC 4180), and cells that no spreadsheet takes for a formula. */
import type { Response } from 'express';

export const cell = (text: string): string => (/^[=+\-@\t\r]/.test(text) ? `'${text}` : text);

export const sendCsv = (response: Response, name: string, text: string): void => {
  response
    .type('text/csv; charset=utf-8')
    .set('Content-Disposition', `attachment; filename="${name}.csv"`)
    .send(text);
};
