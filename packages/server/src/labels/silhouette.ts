/** A blade's own outline, as large as a box allows. */
import { bladeOutline, type BladeMeasures } from '@patient-edge/core';
import type { Page } from './page';

export const silhouette = (
  page: Page,
  measures: BladeMeasures,
  box: { xMm: number; yMm: number; widthMm: number; heightMm: number },
): void => {
  const { edge, spine } = bladeOutline(measures);
  const highest = Math.max(...spine.map(([, y]) => y));
  const scale = Math.min(box.widthMm / measures.edgeLengthMm, box.heightMm / highest);
  const points = [...edge, ...[...spine].reverse()].map(
    ([z, y]) => [box.xMm + z * scale, box.yMm + (highest - y) * scale] as const,
  );
  page.line(points, 0.3, true);
};
