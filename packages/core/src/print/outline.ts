/** The blade's outline at true size with the lift at its stations: to be printed, cut out, or read by a drawing program. */
import type { BladePoint } from '../geometry';
import type { EdgeCurves, Station } from '../outline';
import { checkLine, type Template } from './template';
import { STRINGS } from './strings';

export interface LiftMark {
  readonly at: BladePoint;
  /** Where the inward normal meets the spine, or as near as it comes. */
  readonly to: BladePoint;
  readonly liftMm: number;
  readonly sMm: number;
}

export interface OutlineDrawing {
  readonly title: string;
  /** Closed: the edge from heel to tip, then the spine back to the heel. */
  readonly blade: readonly BladePoint[];
  readonly marks: readonly LiftMark[];
}

/** Stations drawn: every so many of those reckoned. */
const EVERY = 5;

export const outlineDrawing = (
  title: string,
  curves: EdgeCurves,
  stations: readonly Station[],
): OutlineDrawing => ({
  title,
  blade: [...curves.edge, ...[...curves.spine].reverse()],
  marks: stations.flatMap((station, index): LiftMark[] => {
    if (index % EVERY !== 0 || station.liftMm === null) return [];
    const turn = (station.turnDeg * Math.PI) / 180;
    const at: BladePoint = [station.zMm, station.yMm];
    const to: BladePoint = [
      station.zMm - station.heightMm * Math.sin(turn),
      station.yMm + station.heightMm * Math.cos(turn),
    ];
    return [{ at, to, liftMm: station.liftMm, sMm: station.sMm }];
  }),
});

const MARGIN_MM = 12;
const TEXT_MM = 3;

/** The drawing as a page at true size, y down. */
export const outlineTemplate = ({ title, blade, marks }: OutlineDrawing): Template => {
  const zs = blade.map(([z]) => z);
  const ys = blade.map(([, y]) => y);
  const [left, right] = [Math.min(...zs), Math.max(...zs)];
  const [low, high] = [Math.min(...ys), Math.max(...ys)];
  const place = ([z, y]: BladePoint): readonly [number, number] => [
    MARGIN_MM + z - left,
    MARGIN_MM + 8 + high - y,
  ];
  const bottom = MARGIN_MM + 8 + high - low;
  const check = checkLine(MARGIN_MM, bottom + 18);
  return {
    title,
    widthMm: right - left + 2 * MARGIN_MM,
    heightMm: bottom + 32,
    lines: [
      { points: blade.map(place), closed: true, widthMm: 0.35 },
      ...marks.map(({ at, to }) => ({
        points: [place(at), place(to)],
        closed: false,
        widthMm: 0.15,
      })),
      ...check.lines,
    ],
    texts: [
      { xMm: MARGIN_MM, yMm: MARGIN_MM, sizeMm: 4, text: title },
      ...marks.map(({ at, liftMm }) => ({
        xMm: place(at)[0] - 3,
        yMm: place(at)[1] + 5,
        sizeMm: TEXT_MM,
        text: liftMm.toFixed(1),
      })),
      { xMm: MARGIN_MM, yMm: bottom + 11, sizeMm: TEXT_MM, text: STRINGS.liftOfTheSpineInMm },
      ...check.texts,
    ],
  };
};
