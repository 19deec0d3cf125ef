/** The years of a blade on one A4 page: then and now, sections over one another, every visit, and where it leads. */
import {
  closedOutline,
  growthRing,
  type ReadUnits,
  type RingPoint,
  type VisitMeasured,
} from '@patient-edge/core';
import { Page } from '../labels/page';
import { STRINGS } from './strings';

export interface YearsPaper {
  readonly title: string;
  readonly under: string;
  readonly shopLines: readonly string[];
  readonly units: ReadUnits;
  /** In the order of their days, with the day as it is read. */
  readonly visits: readonly (VisitMeasured & { readonly day: string; readonly angle: string })[];
  /** What the lines through the measures say. */
  readonly says: readonly string[];
}

const [WIDTH_MM, HEIGHT_MM] = [210, 297];
const MARGIN_MM = 15;
const INNER_MM = WIDTH_MM - 2 * MARGIN_MM;
/** More visits than fit on the page: the latest are listed. */
const MOST_LISTED = 24;

const thenAndNow = (page: Page, visits: YearsPaper['visits'], yMm: number): number => {
  const outlines = [visits[0]!, visits.at(-1)!].map(({ measures }) => closedOutline(measures));
  const length = Math.max(...outlines.flat().map(([x]) => x));
  const low = Math.max(...outlines.flat().map(([, y]) => y));
  const high = Math.min(...outlines.flat().map(([, y]) => y));
  const scale = Math.min(INNER_MM / length, 1);
  outlines.forEach((points, index) =>
    page.line(
      points.map(([x, y]) => [MARGIN_MM + x * scale, yMm + (y - high) * scale]),
      index === 0 ? 0.15 : 0.5,
      true,
    ),
  );
  return yMm + (low - high) * scale;
};

const WIDENED = 6;
const SHOWN_MM = 9;
const RINGS_MM = 60;

/** What lies below a height, so that the rings end where the drawing does. */
const below = (ring: readonly RingPoint[], topMm: number): RingPoint[] => {
  const cut: RingPoint[] = [];
  ring.forEach(([x, y], index) => {
    const [px, py] = ring[(index + ring.length - 1) % ring.length]!;
    if (y >= topMm !== py >= topMm) cut.push([px + ((topMm - py) / (y - py)) * (x - px), topMm]);
    if (y >= topMm) cut.push([x, y]);
  });
  return cut;
};

const rings = (page: Page, visits: YearsPaper['visits'], yMm: number): number => {
  const all = visits.map(({ measures }) => growthRing(measures));
  const apexes = all.map((ring) => Math.max(...ring.map(([, y]) => y)));
  const top = apexes.at(-1)! - SHOWN_MM;
  const scale = RINGS_MM / (Math.max(...apexes) - top);
  all.forEach((ring, index) =>
    page.line(
      below(ring, top).map(([x, y]) => [
        WIDTH_MM / 2 + x * WIDENED * scale,
        yMm + (y - top) * scale,
      ]),
      index === all.length - 1 ? 0.5 : 0.12,
      true,
    ),
  );
  return yMm + RINGS_MM;
};

const COLUMNS_MM = [0, 40, 80, 125];

const table = (page: Page, visits: YearsPaper['visits'], yMm: number): number => {
  const row = (cells: readonly string[], y: number, weight: 'plain' | 'bold'): number => {
    cells.forEach((text, index) =>
      page.write(text, { xMm: MARGIN_MM + COLUMNS_MM[index]!, yMm: y, sizeMm: 3.2, weight }),
    );
    return y + 4.4;
  };
  let y = row(
    [STRINGS.visit, STRINGS.heightAtHeel, STRINGS.behindTheEdge, STRINGS.perSide],
    yMm,
    'bold',
  );
  for (const { day, measures, angle } of visits.slice(-MOST_LISTED))
    y = row(
      [
        day,
        `${measures.heightHeelMm.toFixed(1)} mm`,
        `${measures.thicknessBehindEdgeMm.toFixed(2)} mm`,
        angle,
      ],
      y,
      'plain',
    );
  return y;
};

export const drawYears = async (paper: YearsPaper): Promise<Buffer> => {
  const page = new Page(paper.title, WIDTH_MM, HEIGHT_MM, paper.units);
  const all = { xMm: MARGIN_MM, widthMm: INNER_MM } as const;
  let y = page.write(paper.title, { ...all, yMm: MARGIN_MM, sizeMm: 7, weight: 'bold' });
  y = page.write(paper.under, { ...all, yMm: y, sizeMm: 3.6, lines: 2 }) + 4;
  y = page.write(STRINGS.thenAndNow, { ...all, yMm: y, sizeMm: 4.2, weight: 'bold' }) + 2;
  y = thenAndNow(page, paper.visits, y) + 6;
  y = page.write(STRINGS.sections(WIDENED), { ...all, yMm: y, sizeMm: 4.2, weight: 'bold' }) + 2;
  y = rings(page, paper.visits, y) + 6;
  for (const line of paper.says)
    y = page.write(line, { ...all, yMm: y, sizeMm: 3.6, lines: 2 }) + 0.6;
  table(page, paper.visits, y + 3);
  page.write(paper.shopLines.join(' · '), {
    ...all,
    yMm: HEIGHT_MM - MARGIN_MM,
    sizeMm: 3,
  });
  return page.finish();
};
