import { readOutline, type TracedOutline } from '@patient-edge/core';
import { linesOfDxf, linesOfSvg, outlineOf, readDrawing, type DrawnWay } from './drawing-file';

const LEFT: DrawnWay = { edge: 'lower', heel: 'left' };
const svg = (body: string, size = 'width="280mm" viewBox="0 0 280 80"'): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${size}>${body}</svg>`;
const BLADE = '<path d="M0 60 L160 60 Q240 58 270 30 Q200 8 0 6 Z"/>';

const read = (text: string, way: DrawnWay = LEFT): TracedOutline => {
  const lines = linesOfSvg(text);
  if (!lines.ok) throw new Error(lines.error.message);
  const outline = outlineOf(lines.value, way, 'SVG');
  if (!outline.ok) throw new Error(outline.error.message);
  return outline.value;
};

describe('an outline from SVG', () => {
  test('is split into edge and spine, in true size', () => {
    const { edgeLengthMm, heightHeelMm, tipRiseMm } = readOutline(read(svg(BLADE)));
    expect(edgeLengthMm).toBeCloseTo(270, 0);
    expect(heightHeelMm).toBeCloseTo(54, 0);
    expect(tipRiseMm).toBeCloseTo(30, 0);
    const half = readOutline(read(svg(BLADE, 'width="14cm" viewBox="0 0 280 80"')));
    expect(half.edgeLengthMm).toBeCloseTo(135, 0);
    expect(readOutline(read(svg(BLADE, 'viewBox="0 0 280 80"'))).edgeLengthMm).toBeCloseTo(270, 0);
  });

  test('follows the transforms around it, and may lie the other way round', () => {
    const turned = svg(
      `<g transform="translate(400 0)"><g transform="scale(-1 1)">${BLADE}</g></g>`,
    );
    const outline = read(turned, { edge: 'lower', heel: 'right' });
    expect(readOutline(outline).edgeLengthMm).toBeCloseTo(270, 0);
    const upside = svg(`<g transform="translate(0 90) scale(1 -1)">${BLADE}</g>`);
    expect(readOutline(read(upside, { edge: 'upper', heel: 'left' })).heightHeelMm).toBeCloseTo(
      54,
      0,
    );
  });

  test('takes lines named edge and spine as they are named', () => {
    const named = svg(
      '<rect width="280" height="80"/><polyline id="spine" points="0,10 250,30"/><polyline id="edge" points="0,60 150,60 250,50"/>',
    );
    const { edgeLengthMm, heightHeelMm } = readOutline(read(named));
    expect(edgeLengthMm).toBeCloseTo(250, 0);
    expect(heightHeelMm).toBeCloseTo(50, 0);
  });

  test.each([
    ['text', 'no drawing'],
    ['an empty drawing', svg('')],
    ['another page', '<html><body/></html>'],
  ])('%s is refused with a word', async (_, text) => {
    const file = Object.assign(new File([text], 'blade.svg'), {
      text: () => Promise.resolve(text),
    });
    const outline = await readDrawing(file, LEFT);
    expect(outline.ok ? null : outline.error.message).toMatch(/SVG|outline/);
  });
});

const dxf = (entities: string, units = 4): string =>
  `0\nSECTION\n2\nHEADER\n9\n$INSUNITS\n70\n${units}\n0\nENDSEC\n0\nSECTION\n2\nENTITIES\n${entities}0\nENDSEC\n0\nEOF\n`;
const polyline = (layer: string, points: readonly (readonly [number, number, number?])[]): string =>
  `0\nLWPOLYLINE\n8\n${layer}\n90\n${points.length}\n70\n0\n${points
    .map(([x, y, bulge]) => `10\n${x}\n20\n${y}\n${bulge === undefined ? '' : `42\n${bulge}\n`}`)
    .join('')}`;

describe('an outline from DXF', () => {
  const outline = (text: string): TracedOutline => {
    const lines = linesOfDxf(text);
    if (!lines.ok) throw new Error(lines.error.message);
    const found = outlineOf(lines.value, LEFT, 'DXF');
    if (!found.ok) throw new Error(found.error.message);
    return found.value;
  };

  test('takes its layers edge and spine, in the unit of the file', () => {
    const drawn =
      polyline('EDGE', [
        [0, 0],
        [5, 0],
        [8, 0.5],
      ]) +
      polyline('SPINE', [
        [0, 2],
        [8, 1],
      ]);
    expect(readOutline(outline(dxf(drawn, 1))).edgeLengthMm).toBeCloseTo(203.2, 0);
    expect(readOutline(outline(dxf(drawn, 5))).edgeLengthMm).toBeCloseTo(80, 0);
  });

  test('an arc of a polyline bulges as far as it says', () => {
    // A bulge of 1 is a half circle: from (0, 0) to (100, 0) it sinks by 50.
    const lines = linesOfDxf(
      dxf(
        polyline('0', [
          [0, 0, 1],
          [100, 0],
        ]),
      ),
    );
    if (!lines.ok) throw new Error(lines.error.message);
    const lowest = Math.min(...lines.value[0]!.points.map(([, y]) => y));
    expect(lowest).toBeCloseTo(-50, 0);
  });

  test('loose lines of a layer are put end to end, whichever way they were drawn', () => {
    const line = (layer: string, a: readonly number[], b: readonly number[]): string =>
      `0\nLINE\n8\n${layer}\n10\n${a[0]}\n20\n${a[1]}\n11\n${b[0]}\n21\n${b[1]}\n`;
    const drawn =
      line('edge', [0, 0], [60, 0]) +
      line('edge', [150, 8], [110, 2]) +
      line('edge', [60, 0], [110, 2]) +
      line('spine', [0, 40], [150, 30]);
    const { edgeLengthMm, tipRiseMm } = readOutline(outline(dxf(drawn)));
    expect(edgeLengthMm).toBeCloseTo(150, 0);
    expect(tipRiseMm).toBeCloseTo(8, 0);
  });

  test('what is no DXF is refused with a word', () => {
    const lines = linesOfDxf('0\nnothing');
    const found = lines.ok ? outlineOf(lines.value, LEFT, 'DXF') : lines;
    expect(found.ok).toBe(false);
  });
});
