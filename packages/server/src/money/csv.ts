/** Takings and statements as CSV (RFC 4180): amounts in whole units, with a point. */
import { typedMoney, type Statement, type Takings } from '@patient-edge/contract';
import { toPayMinor } from '@patient-edge/core';
import Papa from 'papaparse';
import { cell } from '../http/csv';

export const takingsCsv = ({ sales }: Takings, currency: string): string =>
  Papa.unparse({
    fields: ['receipt', 'at', 'customer', 'tag', 'blade', 'method', 'amount', 'currency', 'undone'],
    data: sales.flatMap((sale) =>
      sale.lines.map(({ tagNumber, blade, amountMinor }) => [
        sale.number,
        sale.at,
        cell(sale.customer),
        tagNumber,
        cell(blade),
        sale.method,
        typedMoney(amountMinor, currency),
        currency,
        sale.undoneAt ?? '',
      ]),
    ),
  });

export const statementCsv = ({ lines }: Statement, currency: string): string =>
  Papa.unparse({
    fields: ['returned', 'tag', 'blade', 'price', 'discount', 'paid', 'to pay', 'currency'],
    data: lines.map(({ returnedAt, tagNumber, blade, bill }) => [
      returnedAt,
      tagNumber,
      cell(blade),
      typedMoney(bill.priceMinor, currency),
      typedMoney(bill.discountMinor, currency),
      typedMoney(bill.paidMinor, currency),
      typedMoney(toPayMinor(bill), currency),
      currency,
    ]),
  });
