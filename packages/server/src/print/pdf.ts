/** Draws a template on a page of its own at true size. */
import type { Template } from '@patient-edge/core';

/** A point is a 72nd of an inch. */
export const POINTS_PER_MM = 72 / 25.4;

/** Its library is loaded with the first drawing: a server that restarts opens its doors the sooner. */
export const sendPdf = async (template: Template, to: NodeJS.WritableStream): Promise<void> => {
  const { default: PDFDocument } = await import('pdfkit');
  const pt = (mm: number): number => mm * POINTS_PER_MM;
  const document = new PDFDocument({
    size: [pt(template.widthMm), pt(template.heightMm)],
    margin: 0,
    info: { Title: template.title },
  });
  document.pipe(to);
  for (const { points, closed, widthMm } of template.lines) {
    points.forEach(([x, y], index) =>
      index === 0 ? document.moveTo(pt(x), pt(y)) : document.lineTo(pt(x), pt(y)),
    );
    if (closed) document.closePath();
    document.lineWidth(pt(widthMm)).stroke('#000');
  }
  for (const { xMm, yMm, sizeMm, text } of template.texts) {
    document.fontSize(pt(sizeMm)).text(text, pt(xMm), pt(yMm - sizeMm), { lineBreak: false });
  }
  document.end();
};
