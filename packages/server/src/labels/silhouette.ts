/** A blade's own outline, as large as a box allows. */
import { closedOutline, type BladeMeasures } from '@patient-edge/core';
import type { Page } from './page';

export const silhouette = (
  page: Page,
  measures: BladeMeasures,
  box: { xMm: number; yMm: number; widthMm: number; heightMm: number },
): void => {
  const outline = closedOutline(measures);
  const depths = outline.map(([, down]) => down);
  const [top, low] = [Math.min(...depths), Math.max(...depths)];
  const scale = Math.min(box.widthMm / measures.edgeLengthMm, box.heightMm / (low - top));
  const points = outline.map(
    ([along, down]) => [box.xMm + along * scale, box.yMm + (down - top) * scale] as const,
  );
  page.line(points, 0.3, true);
};
