/** Receipts and statements on paper: A6 for the hand, A4 for the books. */
import {
  dayAndYearText,
  money,
  monthText,
  type Bill,
  type Sale,
  type ShopDetails,
  type ShopFormats,
  type Statement,
} from '@patient-edge/contract';
import { toPayMinor } from '@patient-edge/core';
import { Page } from '../labels/page';
import { STRINGS } from './strings';

export interface PaperFacts {
  readonly shopName: string;
  readonly details: Pick<ShopDetails, 'address' | 'phone' | 'taxLines'>;
  readonly currency: string;
  readonly formats: ShopFormats;
}
export interface ReceiptFacts extends PaperFacts {
  readonly sale: Sale;
  /** Of each blade on it, by its job. */
  readonly bills: Readonly<Record<number, Bill>>;
}
export interface StatementFacts extends PaperFacts {
  readonly statement: Statement;
}

/** Who it is from; gives the y below. */
const head = (page: Page, { shopName, details }: PaperFacts, x: number, width: number): number => {
  let y = page.write(shopName, { xMm: x, yMm: 8, sizeMm: 4.6, weight: 'bold', widthMm: width });
  for (const line of [...details.address.split('\n'), details.phone].filter(Boolean))
    y = page.write(line, { xMm: x, yMm: y, sizeMm: 3, widthMm: width });
  return y + 4;
};

const foot = (page: Page, { details }: PaperFacts, y: number, x: number, width: number): void => {
  let at = y + 4;
  for (const line of details.taxLines.split('\n').filter(Boolean))
    at = page.write(line, { xMm: x, yMm: at, sizeMm: 2.8, widthMm: width });
};

export const drawReceipt = (facts: ReceiptFacts): Promise<Buffer> => {
  const { sale, bills, currency } = facts;
  const page = new Page(STRINGS.receipt(sale.number), 105, 148);
  const x = 8;
  const width = 89;
  let y = head(page, facts, x, width);
  const isUndone = sale.undoneAt !== null;
  y = page.write(STRINGS.numberedReceipt(sale.number, isUndone ? STRINGS.undone : ''), {
    xMm: x,
    yMm: y,
    sizeMm: 5,
    weight: 'bold',
    widthMm: width,
  });
  y = page.write(`${dayAndYearText(sale.at, facts.formats)}, ${sale.customer}`, {
    xMm: x,
    yMm: y,
    sizeMm: 3.2,
    widthMm: width,
  });
  y += 3;
  const row = (label: string, minor: number, weight: 'plain' | 'bold' = 'plain'): void => {
    page.write(money(minor, currency), { xMm: 70, yMm: y, sizeMm: 3.2, weight });
    y = page.write(label, { xMm: x, yMm: y, sizeMm: 3.2, weight, widthMm: 60, lines: 2 });
  };
  for (const { jobId, tagNumber, blade, amountMinor } of sale.lines) {
    const bill = bills[jobId];
    if (bill) {
      row(STRINGS.tag(tagNumber, blade), bill.priceMinor);
      if (bill.discountMinor > 0) row(STRINGS.less(bill.discountReason), -bill.discountMinor);
      if (toPayMinor(bill) > 0) row(STRINGS.stillToPay, toPayMinor(bill));
    } else row(STRINGS.tag(tagNumber, blade), amountMinor);
  }
  page.line(
    [
      [x, y + 1],
      [x + width, y + 1],
    ],
    0.2,
  );
  y += 3;
  const total = sale.lines.reduce((sum, { amountMinor }) => sum + amountMinor, 0);
  row(STRINGS.paid(sale.method), total, 'bold');
  foot(page, facts, y, x, width);
  return page.finish();
};

const MOST_LINES = 40;
export const drawStatement = (facts: StatementFacts): Promise<Buffer> => {
  const { statement, currency } = facts;
  const { customer, month, lines } = statement;
  const page = new Page(STRINGS.statement(monthText(month, facts.formats)), 210, 297);
  const x = 20;
  const columns = [20, 48, 110, 140, 168] as const;
  let y = head(page, facts, x, 120);
  y =
    page.write(STRINGS.statementFor(monthText(month, facts.formats)), {
      xMm: x,
      yMm: y,
      sizeMm: 6,
      weight: 'bold',
    }) + 2;
  y = page.write(customer.name, { xMm: x, yMm: y, sizeMm: 4 }) + 4;
  const row = (cells: readonly string[], weight: 'plain' | 'bold' = 'plain'): void => {
    cells.forEach((text, index) =>
      page.write(text, { xMm: columns[index]!, yMm: y, sizeMm: 3.4, weight }),
    );
    y += 5.4;
  };
  const titles = [
    STRINGS.returned,
    STRINGS.tagAndBlade,
    STRINGS.price,
    STRINGS.paidAlone,
    STRINGS.toPay,
  ];
  row(titles, 'bold');
  lines.forEach(({ returnedAt, tagNumber, blade, bill }, index) => {
    if (index > 0 && index % MOST_LINES === 0) {
      page.next();
      y = 20;
      row(titles, 'bold');
    }
    row([
      dayAndYearText(returnedAt, facts.formats),
      `${tagNumber} ${blade}`.slice(0, 34),
      money(bill.priceMinor - bill.discountMinor, currency),
      money(bill.paidMinor, currency),
      money(toPayMinor(bill), currency),
    ]);
  });
  y += 2;
  row(
    [
      '',
      '',
      '',
      STRINGS.toPay,
      money(
        lines.reduce((sum, { bill }) => sum + toPayMinor(bill), 0),
        currency,
      ),
    ],
    'bold',
  );
  foot(page, facts, y, x, 150);
  return page.finish();
};
