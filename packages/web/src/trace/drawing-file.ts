/** An outline out of an SVG or DXF drawing: lines named edge and spine, or one closed outline that is split. */
import {
  fail,
  layOut,
  ok,
  splitOutline,
  thinned,
  type BladePoint,
  type DrawnWay,
  type Result,
  type TracedCurves,
  type TracedOutline,
  type TraceSource,
} from '@patient-edge/core';
import DxfParser, { type IDxf } from 'dxf-parser';
import { svgPathProperties } from 'svg-path-properties';
import svgpath from 'svgpath';
import { STRINGS } from './strings';

export type { DrawnWay };

export interface DrawnLine {
  /** Lower case; of the element or its layer. */
  readonly name: string;
  readonly points: readonly BladePoint[];
}

const MOST_FILE_BYTES = 4_000_000;
const MOST_POINTS = 120;
const SAMPLES = 240;
const MM_PER_INCH = 25.4;

/** Millimetres in one of the unit; a pixel of SVG is a 96th of an inch. */
const MM_IN: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  in: MM_PER_INCH,
  pt: MM_PER_INCH / 72,
  pc: MM_PER_INCH / 6,
};

/** mm to a user unit, from a width in true units over the view box; user units are mm where nothing says more. */
const svgScale = (root: Element): number => {
  const width = /^\s*([\d.]+)\s*(mm|cm|in|pt|pc)\s*$/.exec(root.getAttribute('width') ?? '');
  const box = (root.getAttribute('viewBox') ?? '')
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  if (!width) return 1;
  const trueMm = Number(width[1]) * MM_IN[width[2]!]!;
  return box.length === 4 && box[2]! > 0 ? trueMm / box[2]! : MM_IN[width[2]!]!;
};

const numberOf = (element: Element, name: string): number =>
  Number(element.getAttribute(name) ?? 0);

/** The geometry of an element as path data; empty for what is no line. */
const pathDataOf = (element: Element): string => {
  switch (element.tagName.toLowerCase()) {
    case 'path':
      return element.getAttribute('d') ?? '';
    case 'polyline':
      return `M${element.getAttribute('points') ?? ''}`;
    case 'polygon':
      return `M${element.getAttribute('points') ?? ''}Z`;
    case 'line':
      return `M${numberOf(element, 'x1')} ${numberOf(element, 'y1')}L${numberOf(element, 'x2')} ${numberOf(element, 'y2')}`;
    default:
      return '';
  }
};

/** Transforms of the element and all around it, innermost first. */
const transformsOf = (element: Element): string[] => {
  const found: string[] = [];
  for (let at: Element | null = element; at; at = at.parentElement) {
    const transform = at.getAttribute('transform');
    if (transform) found.push(transform);
  }
  return found;
};

const nameOf = (element: Element): string => {
  for (let at: Element | null = element; at; at = at.parentElement) {
    const name = (at.getAttribute('id') ?? '').toLowerCase();
    if (name === 'edge' || name === 'spine') return name;
  }
  return '';
};

export const linesOfSvg = (text: string): Result<DrawnLine[]> => {
  const parsed = new DOMParser().parseFromString(text, 'image/svg+xml');
  const root = parsed.documentElement;
  if (root.tagName.toLowerCase() !== 'svg' || parsed.querySelector('parsererror'))
    return fail('INVALID_INPUT', STRINGS.theFileIsNoSvgThat);
  const scale = svgScale(root);
  const lines: DrawnLine[] = [];
  for (const element of root.querySelectorAll('path, polyline, polygon, line')) {
    const data = pathDataOf(element);
    if (data === '') continue;
    const placed = transformsOf(element)
      .reduce((path, transform) => path.transform(transform), svgpath(data).abs())
      .toString();
    try {
      const path = new svgPathProperties(placed);
      const total = path.getTotalLength();
      if (!(total > 0)) continue;
      // Part by part, so that every corner is a point.
      const parts = path.getParts();
      const ends = parts.flatMap((part) => {
        const steps = Math.max(1, Math.ceil((SAMPLES * part.length) / total));
        return Array.from({ length: steps }, (_, index) =>
          part.getPointAtLength((part.length * (index + 1)) / steps),
        );
      });
      lines.push({
        name: nameOf(element),
        points: [parts[0]!.start, ...ends].map(
          // Down is down on paper, and towards the spine is up here.
          ({ x, y }): BladePoint => [x * scale, -y * scale],
        ),
      });
    } catch {
      return fail('INVALID_INPUT', STRINGS.aLineOfTheDrawingCannot);
    }
  }
  return ok(lines);
};

/** Points of a polyline whose segments may be arcs (bulge: a quarter of the angle's tangent). */
const withBulges = (
  vertices: readonly { x: number; y: number; bulge?: number }[],
  closed: boolean,
): BladePoint[] => {
  const points: BladePoint[] = [];
  const count = closed ? vertices.length : vertices.length - 1;
  for (let index = 0; index < count; index += 1) {
    const a = vertices[index]!;
    const b = vertices[(index + 1) % vertices.length]!;
    points.push([a.x, a.y]);
    const bulge = a.bulge ?? 0;
    if (bulge === 0) continue;
    const angle = 4 * Math.atan(bulge);
    const chord = Math.hypot(b.x - a.x, b.y - a.y);
    const radius = chord / (2 * Math.sin(angle / 2));
    const towards = Math.atan2(b.y - a.y, b.x - a.x);
    const centre = towards + Math.PI / 2 - angle / 2;
    const [cx, cy] = [a.x + radius * Math.cos(centre), a.y + radius * Math.sin(centre)];
    const from = Math.atan2(a.y - cy, a.x - cx);
    for (let step = 1; step < 16; step += 1) {
      const at = from + (angle * step) / 16;
      points.push([cx + Math.abs(radius) * Math.cos(at), cy + Math.abs(radius) * Math.sin(at)]);
    }
  }
  const last = closed ? vertices[0]! : vertices[vertices.length - 1]!;
  points.push([last.x, last.y]);
  return points;
};

/** DXF's $INSUNITS: 1 inch, 4 mm, 5 cm; without it mm. */
const DXF_MM: Readonly<Record<number, number>> = { 1: MM_PER_INCH, 4: 1, 5: 10, 6: 1000 };

/** Loose lines of a layer put end to end into one. */
const joined = (pieces: readonly (readonly BladePoint[])[]): BladePoint[] => {
  const left = pieces.map((piece) => [...piece]);
  const chain = left.shift() ?? [];
  const gap = (a: BladePoint, b: BladePoint): number => Math.hypot(a[0] - b[0], a[1] - b[1]);
  while (left.length > 0) {
    const end = chain[chain.length - 1]!;
    const nearest = left
      .map((piece, index) => {
        const forward = gap(end, piece[0]!);
        const backward = gap(end, piece[piece.length - 1]!);
        return { index, gap: Math.min(forward, backward), flip: backward < forward };
      })
      .sort((a, b) => a.gap - b.gap)[0]!;
    const [piece] = left.splice(nearest.index, 1);
    chain.push(...(nearest.flip ? [...piece!].reverse() : piece!).slice(1));
  }
  return chain;
};

interface DxfEntity {
  readonly type: string;
  readonly layer?: string;
  readonly shape?: boolean;
  readonly vertices?: readonly { x: number; y: number; bulge?: number }[];
  readonly fitPoints?: readonly { x: number; y: number }[];
  readonly center?: { x: number; y: number };
  readonly radius?: number;
  readonly startAngle?: number;
  readonly endAngle?: number;
}

const arcPoints = ({ center, radius, startAngle, endAngle }: DxfEntity): BladePoint[] => {
  const from = startAngle ?? 0;
  const turn = ((endAngle ?? 0) - from + 2 * Math.PI) % (2 * Math.PI) || 2 * Math.PI;
  return Array.from({ length: 33 }, (_, step): BladePoint => {
    const at = from + (turn * step) / 32;
    return [center!.x + radius! * Math.cos(at), center!.y + radius! * Math.sin(at)];
  });
};

export const linesOfDxf = (text: string): Result<DrawnLine[]> => {
  let drawing: IDxf | null;
  try {
    drawing = new DxfParser().parseSync(text);
  } catch (error) {
    return fail(
      'INVALID_INPUT',
      STRINGS.theFileIsNoDxfThat(error instanceof Error ? error.message : STRINGS.unknown),
    );
  }
  const entities = (drawing?.entities ?? []) as unknown as readonly DxfEntity[];
  const scale = DXF_MM[Number(drawing?.header?.['$INSUNITS'] ?? 4)] ?? 1;
  const byLayer = new Map<string, BladePoint[][]>();
  for (const entity of entities) {
    const pieces = byLayer.get(entity.layer ?? '') ?? [];
    byLayer.set(entity.layer ?? '', pieces);
    if (entity.type === 'ARC') pieces.push(arcPoints(entity));
    else if (entity.type === 'SPLINE' && (entity.fitPoints?.length ?? 0) < 2)
      return fail('INVALID_INPUT', STRINGS.aSplineWithoutPointsItPasses);
    else if (entity.type === 'SPLINE') pieces.push(entity.fitPoints!.map(({ x, y }) => [x, y]));
    else if ((entity.vertices?.length ?? 0) >= 2)
      pieces.push(withBulges(entity.vertices!, entity.shape ?? false));
  }
  return ok(
    [...byLayer].map(([layer, pieces]) => ({
      name: layer.toLowerCase(),
      points: joined(pieces).map(([x, y]): BladePoint => [x * scale, y * scale]),
    })),
  );
};

const named = (lines: readonly DrawnLine[], { heel }: DrawnWay): Result<TracedCurves> | null => {
  const edge = lines.find(({ name }) => name === 'edge');
  const spine = lines.find(({ name }) => name === 'spine');
  if (!edge || !spine) return null;
  const inOrder = ({ points }: DrawnLine): BladePoint[] => {
    const leftFirst = points[0]![0] <= points[points.length - 1]![0];
    return (heel === 'left') === leftFirst ? [...points] : [...points].reverse();
  };
  return layOut(inOrder(edge), inOrder(spine));
};

/** The lines of a drawing as the outline of a blade. */
export const outlineOf = (
  lines: readonly DrawnLine[],
  way: DrawnWay,
  source: TraceSource,
): Result<TracedOutline> => {
  if (lines.every(({ points }) => points.length < 3))
    return fail('INVALID_INPUT', STRINGS.theDrawingHoldsNoOutline);
  const longest = [...lines].sort((a, b) => spanOf(b.points) - spanOf(a.points))[0]!;
  const curves = named(lines, way) ?? splitOutline(longest.points, way);
  if (!curves.ok) return curves;
  const { edge, spine } = curves.value;
  return ok({ source, edge: thinned(edge, MOST_POINTS), spine: thinned(spine, MOST_POINTS) });
};

const spanOf = (points: readonly BladePoint[]): number =>
  Math.max(...points.map(([z]) => z)) - Math.min(...points.map(([z]) => z));

/** Reads a chosen file. Errors say what is wrong with it. */
export const readDrawing = async (file: File, way: DrawnWay): Promise<Result<TracedOutline>> => {
  if (file.size > MOST_FILE_BYTES)
    return fail(
      'OUT_OF_RANGE',
      STRINGS.theDrawingMustBeAtMost(MOST_FILE_BYTES / 1e6, (file.size / 1e6).toFixed(1)),
    );
  const text = await file.text();
  const isDxf = /\.dxf$/i.test(file.name);
  const lines = isDxf ? linesOfDxf(text) : linesOfSvg(text);
  return lines.ok ? outlineOf(lines.value, way, isDxf ? 'DXF' : 'SVG') : lines;
};
