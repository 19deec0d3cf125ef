/** Paper templates at true size: a wedge to hold the angle against, and a gauge for the lift. In mm, y down. */
import { toRadians, type DegreesPerSide } from '../units';
import type { Side } from '../section';
import { ofSide } from '../machine';
import type { ZoneLift } from '../plan/cuts';
import { STRINGS } from './strings';

export interface TemplateLine {
  readonly points: readonly (readonly [xMm: number, yMm: number])[];
  readonly closed: boolean;
  readonly widthMm: number;
}
export interface TemplateText {
  readonly xMm: number;
  readonly yMm: number;
  readonly sizeMm: number;
  readonly text: string;
}
export interface Template {
  readonly title: string;
  readonly widthMm: number;
  readonly heightMm: number;
  readonly lines: readonly TemplateLine[];
  readonly texts: readonly TemplateText[];
}

const MARGIN_MM = 10;
export const CHECK_LINE_MM = 50;
const LONGEST_WEDGE_MM = 120;
const HIGHEST_WEDGE_MM = 90;

const heldAt = (angle: DegreesPerSide, side: Side | null): string =>
  `${angle.toFixed(1)}° ${ofSide(side)}${side === null ? STRINGS.degreesInclusive((2 * angle).toFixed(1)) : ''}`;

/** The line to be measured with a ruler before the paper is trusted. */
export const checkLine = (
  xMm: number,
  yMm: number,
): { lines: TemplateLine[]; texts: TemplateText[] } => ({
  lines: [
    {
      points: [
        [xMm, yMm],
        [xMm + CHECK_LINE_MM, yMm],
      ],
      closed: false,
      widthMm: 0.2,
    },
    {
      points: [
        [xMm, yMm - 2],
        [xMm, yMm + 2],
      ],
      closed: false,
      widthMm: 0.2,
    },
    {
      points: [
        [xMm + CHECK_LINE_MM, yMm - 2],
        [xMm + CHECK_LINE_MM, yMm + 2],
      ],
      closed: false,
      widthMm: 0.2,
    },
  ],
  texts: [
    {
      xMm,
      yMm: yMm + 6,
      sizeMm: 3,
      text: STRINGS.mustMeasureMmPrintAt100(CHECK_LINE_MM),
    },
  ],
});

/**
 * A wedge of the angle itself, 1:1: cut it out and rest the blade on it.
 *
 * @example
 * wedgeTemplate(perSide(15)).title.includes('15'); // true
 */
export const wedgeTemplate = (angle: DegreesPerSide, side: Side | null = null): Template => {
  const slope = Math.tan(toRadians(angle));
  const baseMm = Math.min(LONGEST_WEDGE_MM, HIGHEST_WEDGE_MM / slope);
  const riseMm = baseMm * slope;
  const bottom = MARGIN_MM + 8 + riseMm;
  const check = checkLine(MARGIN_MM, bottom + 12);
  return {
    title: STRINGS.wedgeDegrees(angle.toFixed(1), ofSide(side)),
    widthMm: 2 * MARGIN_MM + LONGEST_WEDGE_MM,
    heightMm: bottom + 26,
    lines: [
      {
        points: [
          [MARGIN_MM, bottom],
          [MARGIN_MM + baseMm, bottom],
          [MARGIN_MM + baseMm, bottom - riseMm],
        ],
        closed: true,
        widthMm: 0.3,
      },
      ...check.lines,
    ],
    texts: [
      {
        xMm: MARGIN_MM,
        yMm: MARGIN_MM,
        sizeMm: 4,
        text: STRINGS.wedge(heldAt(angle, side)),
      },
      ...check.texts,
    ],
  };
};

/** A step for each lift, as high as it is: stand it on the stone and lift the spine to it. */
export const liftGaugeTemplate = (
  lifts: readonly Pick<ZoneLift, 'zone' | 'liftMm'>[],
  angle: DegreesPerSide,
  side: Side | null = null,
): Template => {
  const steps = lifts.flatMap(({ zone, liftMm }) => (liftMm === null ? [] : [{ zone, liftMm }]));
  const highest = Math.max(1, ...steps.map(({ liftMm }) => liftMm));
  const bottom = MARGIN_MM + 14 + highest;
  const stepMm = 24;
  const check = checkLine(MARGIN_MM, bottom + 18);
  return {
    title: STRINGS.liftGaugeDegrees(angle.toFixed(1), ofSide(side)),
    widthMm: Math.max(2 * MARGIN_MM + LONGEST_WEDGE_MM, 2 * MARGIN_MM + stepMm * steps.length),
    heightMm: bottom + 32,
    lines: [
      ...steps.map(({ liftMm }, index): TemplateLine => {
        const left = MARGIN_MM + index * stepMm;
        return {
          points: [
            [left, bottom],
            [left + stepMm, bottom],
            [left + stepMm, bottom - liftMm],
            [left, bottom - liftMm],
          ],
          closed: true,
          widthMm: 0.3,
        };
      }),
      ...check.lines,
    ],
    texts: [
      {
        xMm: MARGIN_MM,
        yMm: MARGIN_MM,
        sizeMm: 4,
        text: STRINGS.liftOfTheSpineFor(heldAt(angle, side)),
      },
      ...steps.map(({ zone, liftMm }, index): TemplateText => ({
        xMm: MARGIN_MM + index * stepMm + 1,
        yMm: bottom + 5,
        sizeMm: 3,
        text: `${zone} ${liftMm.toFixed(1)} mm`,
      })),
      ...check.texts,
    ],
  };
};

/** What no XML document may hold, whatever a name was typed with. */
const NOT_IN_XML = /[\p{Cc}\p{Surrogate}\p{Noncharacter_Code_Point}]/gu;

const escaped = (text: string): string =>
  text
    .replaceAll(NOT_IN_XML, '')
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;');

/**
 * The template as SVG at true size: width and height in mm.
 *
 * @example
 * templateToSvg(wedgeTemplate(perSide(15))).startsWith('<svg'); // true
 */
export const templateToSvg = ({ title, widthMm, heightMm, lines, texts }: Template): string => {
  const path = ({ points, closed }: TemplateLine): string =>
    `${points.map(([x, y], index) => `${index === 0 ? 'M' : 'L'}${x.toFixed(3)} ${y.toFixed(3)}`).join('')}${closed ? 'Z' : ''}`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${widthMm}mm" height="${heightMm}mm" viewBox="0 0 ${widthMm} ${heightMm}">`,
    `<title>${escaped(title)}</title>`,
    ...lines.map(
      (line) =>
        `<path d="${path(line)}" fill="none" stroke="#000" stroke-width="${line.widthMm}"/>`,
    ),
    ...texts.map(
      ({ xMm, yMm, sizeMm, text }) =>
        `<text x="${xMm}" y="${yMm}" font-size="${sizeMm}" font-family="sans-serif">${escaped(text)}</text>`,
    ),
    '</svg>',
  ].join('\n');
};
