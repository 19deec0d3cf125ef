import { planInput, valueOf } from '../../test/blades';
import {
  liftGaugeTemplate,
  outlineDrawing,
  outlineTemplate,
  perSide,
  planBlade,
  templateToSvg,
  wedgeTemplate,
  type Template,
} from '../index';
import { CHECK_LINE_MM, type TemplateLine } from './template';

const lengthOf = ({ points: [from, to] }: TemplateLine): number =>
  Math.hypot(to![0] - from![0], to![1] - from![1]);
const shape = ({ lines }: Template, index = 0) =>
  lines.filter(({ closed }) => closed)[index]!.points;
const spoken = ({ texts }: Template): string => texts.map(({ text }) => text).join('\n');
const everyPoint = ({ lines }: Template) => lines.flatMap(({ points }) => points);

const plan = valueOf(planBlade(planInput()));
const edge = plan.work.steps.find(({ operation }) => operation === 'edge')!;
const stations = plan.work.held[0]!.stations;
const drawing = outlineDrawing('Long knife', plan.outline.curvesAfter, stations);

const TEMPLATES: readonly (readonly [string, Template])[] = [
  ['a wedge', wedgeTemplate(perSide(18))],
  ['a steep wedge', wedgeTemplate(perSide(44))],
  ['a lift gauge', liftGaugeTemplate(edge.lifts, perSide(18))],
  ['an outline', outlineTemplate(drawing)],
];

describe.each(TEMPLATES)('%s on paper', (_name, template) => {
  test('has a line of 50 mm to be measured before it is trusted', () => {
    const check = template.lines.find(
      (line) => !line.closed && Math.abs(lengthOf(line) - CHECK_LINE_MM) < 1e-9,
    );
    expect(check).toBeDefined();
    expect(spoken(template)).toContain('Must measure 50 mm. Print at 100 %');
  });

  test('lies within its page, writing and all', () => {
    for (const [x, y] of everyPoint(template)) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(template.widthMm);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(template.heightMm);
    }
    for (const { yMm } of template.texts) expect(yMm).toBeLessThan(template.heightMm);
  });

  test('is as large as it says when it is drawn', () => {
    const svg = templateToSvg(template);
    expect(svg).toContain(`width="${template.widthMm}mm" height="${template.heightMm}mm"`);
    expect(svg).toContain(`viewBox="0 0 ${template.widthMm} ${template.heightMm}"`);
    expect(svg.match(/<path /g)).toHaveLength(template.lines.length);
  });
});

describe('a wedge', () => {
  test.each([8, 18, 25, 44])('of %d° rises by its tangent', (angle) => {
    const [heel, toe, top] = shape(wedgeTemplate(perSide(angle)));
    const base = toe![0] - heel![0];
    expect((toe![1] - top![1]) / base).toBeCloseTo(Math.tan((angle * Math.PI) / 180), 9);
    expect(base).toBeLessThanOrEqual(120);
    expect(toe![1] - top![1]).toBeLessThanOrEqual(90 + 1e-9);
  });

  test('says whose angle it is', () => {
    expect(spoken(wedgeTemplate(perSide(18)))).toContain('18.0° per side, 36.0° inclusive');
    expect(spoken(wedgeTemplate(perSide(11.1), 'right'))).toContain('11.1° on the right');
    expect(spoken(wedgeTemplate(perSide(11.1), 'right'))).not.toContain('inclusive');
  });
});

describe('a lift gauge', () => {
  test('has a step as high as each lift, and none where the zone is too low to lift', () => {
    const gauge = liftGaugeTemplate(
      [
        { zone: 'heel', liftMm: 12.4 },
        { zone: 'belly', liftMm: 9.25 },
        { zone: 'tip', liftMm: null },
      ],
      perSide(18),
    );
    const heights = [0, 1].map((index) => {
      const [foot, , top] = shape(gauge, index);
      return foot![1] - top![1];
    });
    expect(heights[0]).toBeCloseTo(12.4, 9);
    expect(heights[1]).toBeCloseTo(9.25, 9);
    expect(gauge.lines.filter(({ closed }) => closed)).toHaveLength(2);
    expect(spoken(gauge)).toContain('heel 12.4 mm');
    expect(spoken(gauge)).not.toContain('tip');
  });
});

describe('the outline', () => {
  test('is the edge from heel to tip and the spine back, in millimetres', () => {
    const points = shape(outlineTemplate(drawing));
    const xs = points.map(([x]) => x);
    const blade = drawing.blade.map(([z]) => z);
    expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(
      Math.max(...blade) - Math.min(...blade),
      9,
    );
    const ys = points.map(([, y]) => y);
    const heights = drawing.blade.map(([, y]) => y);
    // Paper counts downwards: the spine is above the edge.
    expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(
      Math.max(...heights) - Math.min(...heights),
      9,
    );
    expect(points[0]![1]).toBeGreaterThan(points.at(-1)![1]);
  });

  test('carries the lift of every fifth station, along the normal to the spine', () => {
    const told = stations.filter(({ liftMm }, index) => index % 5 === 0 && liftMm !== null);
    expect(drawing.marks.map(({ sMm }) => sMm)).toEqual(told.map(({ sMm }) => sMm));
    for (const [index, { at, to, liftMm }] of drawing.marks.entries()) {
      expect(Math.hypot(to[0] - at[0], to[1] - at[1])).toBeCloseTo(told[index]!.heightMm, 9);
      expect(liftMm).toBe(told[index]!.liftMm);
    }
    const written = spoken(outlineTemplate(drawing));
    for (const { liftMm } of drawing.marks) expect(written).toContain(liftMm.toFixed(1));
  });

  test('a name with marks of the drawing language in it does no harm', () => {
    const svg = templateToSvg(outlineTemplate({ ...drawing, title: 'Fish & <fowl>' }));
    expect(svg).toContain('<title>Fish &amp; &lt;fowl&gt;</title>');
    expect(svg).not.toContain('<fowl>');
  });
});

test('an outline named with signs that no document may hold is drawn without them', () => {
  const named = outlineDrawing(
    'Long\u0000 \u001bknife \ud800& \uffff<co>',
    plan.outline.curvesAfter,
    stations,
  );
  const svg = templateToSvg(outlineTemplate(named));
  expect(svg).toContain('<title>Long knife &amp; &lt;co&gt;</title>');
  expect(svg).not.toMatch(/[\u0000-\u0008\u000b-\u001f\uffff]/);
});
