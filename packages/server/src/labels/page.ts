/** Pages of text and outlines in millimetres, in the application's own letters. */
import { createRequire } from 'node:module';
import { measuresIn, type ReadUnits } from '@patient-edge/core';
import PDFDocument from 'pdfkit';
import { POINTS_PER_MM } from '../print/pdf';

const pt = (mm: number): number => mm * POINTS_PER_MM;

export type Weight = 'plain' | 'bold';
const FILES: Readonly<Record<Weight, string>> = {
  plain: '400Regular/AtkinsonHyperlegibleNext_400Regular.ttf',
  bold: '700Bold/AtkinsonHyperlegibleNext_700Bold.ttf',
};

/** Uncompressed: letters packed as for the web would be unpacked anew for each letter drawn. */
const fontFile = (weight: Weight): string =>
  createRequire(import.meta.url).resolve(
    `@expo-google-fonts/atkinson-hyperlegible-next/${FILES[weight]}`,
  );

/** As these letters can say it: they have the Greek mu but not the sign for a millionth. */
export const inOurLetters = (text: string): string => text.replaceAll('\u00b5', '\u03bc');

export interface TextPlace {
  readonly xMm: number;
  /** Of the top of the letters. */
  readonly yMm: number;
  readonly sizeMm: number;
  readonly weight?: Weight;
  /** Wrapped within this; one line otherwise. */
  readonly widthMm?: number;
  /** Cut off beyond so many lines. */
  readonly lines?: number;
}

export class Page {
  private readonly document: PDFKit.PDFDocument;

  /** Measures in what is written are said in `units`. */
  constructor(
    title: string,
    widthMm: number,
    heightMm: number,
    private readonly units: ReadUnits = { length: 'mm', force: 'N', temperature: '°C' },
  ) {
    this.document = new PDFDocument({
      size: [pt(widthMm), pt(heightMm)],
      margin: 0,
      info: { Title: title },
    });
    for (const weight of ['plain', 'bold'] as const)
      this.document.registerFont(weight, fontFile(weight));
  }

  /** Writes, and gives the y below what was written, mm. */
  write(text: string, place: TextPlace): number {
    const { xMm, yMm, sizeMm, weight = 'plain', widthMm, lines = 1 } = place;
    this.document.fontSize(pt(sizeMm)).fillColor('#000');
    const options =
      widthMm === undefined
        ? { lineBreak: false }
        : { width: pt(widthMm), height: pt(sizeMm * 1.25 * lines), ellipsis: true };
    const letters = text === '' ? ' ' : inOurLetters(measuresIn(text, this.units));
    this.document.font(weight).text(letters, pt(xMm), pt(yMm), options);
    return Math.max(this.document.y / POINTS_PER_MM, yMm + sizeMm * 1.25);
  }

  line(points: readonly (readonly [number, number])[], widthMm: number, closed = false): void {
    points.forEach(([x, y], index) =>
      index === 0 ? this.document.moveTo(pt(x), pt(y)) : this.document.lineTo(pt(x), pt(y)),
    );
    if (closed) this.document.closePath();
    this.document.lineWidth(pt(widthMm)).stroke('#000');
  }

  /** Dark squares of a grid, as of a QR code. */
  squares(
    size: number,
    isDark: (row: number, column: number) => boolean,
    at: { xMm: number; yMm: number; sideMm: number },
  ): void {
    const cell = at.sideMm / size;
    for (let row = 0; row < size; row += 1)
      for (let column = 0; column < size; column += 1)
        if (isDark(row, column))
          this.document.rect(
            pt(at.xMm + column * cell),
            pt(at.yMm + row * cell),
            // A hair over, so that no white line shows between two.
            pt(cell * 1.02),
            pt(cell * 1.02),
          );
    this.document.fill('#000');
  }

  /** A picture within a box, its shape kept. */
  picture(
    jpeg: Buffer,
    box: { xMm: number; yMm: number; widthMm: number; heightMm: number },
  ): void {
    this.document.image(jpeg, pt(box.xMm), pt(box.yMm), {
      fit: [pt(box.widthMm), pt(box.heightMm)],
    });
  }

  /** Not wanted after all. */
  discard(): void {
    this.document.end();
  }

  /** A fresh sheet of the same size. */
  next(): void {
    this.document.addPage();
  }

  async finish(): Promise<Buffer> {
    const chunks: Buffer[] = [];
    const done = new Promise<Buffer>((resolve, reject) => {
      this.document.on('data', (chunk: Buffer) => chunks.push(chunk));
      this.document.on('end', () => resolve(Buffer.concat(chunks)));
      this.document.on('error', reject);
    });
    this.document.end();
    return done;
  }
}
