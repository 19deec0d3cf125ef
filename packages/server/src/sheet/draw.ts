/** The customer's sheet on paper, A4 or A5: one page, set smaller until it fits. */
import type { BladeMeasures, CustomerSheet, ReadUnits } from '@patient-edge/core';
import { silhouette } from '../labels/silhouette';
import { Page } from '../labels/page';

export const SHEET_SIZES = { a5: [148, 210], a4: [210, 297] } as const;
export type SheetSize = keyof typeof SHEET_SIZES;

export interface SheetPaper {
  readonly size: SheetSize;
  readonly sheet: CustomerSheet;
  readonly measures: BladeMeasures;
  readonly shopLines: readonly string[];
  readonly day: string;
  readonly units: ReadUnits;
  /** To pay or paid, in words; empty where nothing is said of it. */
  readonly price: string;
  /** JPEG, as it came and as it leaves; null where there is none. */
  readonly pictures: readonly { readonly label: string; readonly jpeg: Uint8Array }[];
}

const MARGIN_MM = 10;

/** Writes all of it in that type; gives the y below. */
const write = (page: Page, paper: SheetPaper, widthMm: number, bodyMm: number): number => {
  const { sheet } = paper;
  const inner = widthMm - 2 * MARGIN_MM;
  const all = { xMm: MARGIN_MM, widthMm: inner } as const;
  const half = inner / 2;
  let y = page.write(sheet.title, {
    ...all,
    yMm: MARGIN_MM,
    sizeMm: bodyMm * 1.9,
    weight: 'bold',
    widthMm: half + 20,
  });
  y = page.write(sheet.under, { ...all, yMm: y, sizeMm: bodyMm, lines: 2, widthMm: half + 20 });
  let right = MARGIN_MM;
  for (const line of [...paper.shopLines, paper.day])
    right = page.write(line, {
      xMm: MARGIN_MM + half + 22,
      yMm: right,
      sizeMm: bodyMm * 0.85,
      widthMm: half - 22,
    });
  y = Math.max(y, right) + 3;
  silhouette(page, paper.measures, {
    xMm: MARGIN_MM,
    yMm: y,
    widthMm: inner,
    heightMm: bodyMm * 5,
  });
  y += bodyMm * 5 + 4;
  if (sheet.figure) {
    page.write(sheet.figure.label, {
      xMm: MARGIN_MM,
      yMm: y,
      sizeMm: bodyMm,
      widthMm: half,
      lines: 2,
    });
    page.write(`${sheet.figure.before}  →  ${sheet.figure.after}`, {
      xMm: MARGIN_MM + half,
      yMm: y,
      sizeMm: bodyMm * 1.3,
      weight: 'bold',
      widthMm: half,
    });
    y += bodyMm * 2.6;
  }
  for (const { heading, lines } of sheet.parts) {
    y = page.write(heading, { ...all, yMm: y, sizeMm: bodyMm * 1.15, weight: 'bold' }) + 0.6;
    for (const line of lines)
      y = page.write(line, { ...all, yMm: y, sizeMm: bodyMm, lines: 4 }) + 0.4;
    y += bodyMm * 0.7;
  }
  if (paper.price !== '')
    y = page.write(paper.price, {
      ...all,
      yMm: y,
      sizeMm: bodyMm * 1.15,
      weight: 'bold',
      lines: 2,
    });
  if (paper.pictures.length > 0) {
    const each = (inner - 6) / 2;
    paper.pictures.forEach(({ label, jpeg }, index) => {
      const xMm = MARGIN_MM + index * (each + 6);
      page.write(label, { xMm, yMm: y + 1, sizeMm: bodyMm * 0.9 });
      page.picture(Buffer.from(jpeg), {
        xMm,
        yMm: y + 1 + bodyMm * 1.3,
        widthMm: each,
        heightMm: each * 0.62,
      });
    });
    y += each * 0.62 + bodyMm * 2;
  }
  return y;
};

export const drawSheet = async (paper: SheetPaper): Promise<Buffer> => {
  const [widthMm, heightMm] = SHEET_SIZES[paper.size];
  // The largest type that fits one page: nobody reads a second.
  for (const bodyMm of [4.2, 3.8, 3.4, 3.1, 2.8, 2.5]) {
    const page = new Page(paper.sheet.title, widthMm, heightMm, paper.units);
    const bottom = write(page, paper, widthMm, bodyMm);
    if (bottom <= heightMm - MARGIN_MM || bodyMm === 2.5) return page.finish();
    page.discard();
  }
  throw new Error('No size of type was tried');
};
