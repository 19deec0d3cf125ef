/**
 * A microscope whose pictures are drawn: the same spot of a bevel after each stone, with a micrometer along its foot, and
 * a knife under a lamp with two glints on its edge. What is drawn is known to whoever tests what is read off it.
 */

export interface Shot {
  readonly name: string;
  /** In words, as a label on a slide. */
  readonly shows: string;
  readonly svg: string;
}
export interface Microscope {
  readonly shots: () => readonly Shot[];
}

const WIDTH_PX = 960;
const HEIGHT_PX = 640;
/** Micrometres a pixel, as the micrometer in each picture says. */
export const DRAWN_UM_PER_PX = 0.5;
const MICROMETER_UM = 200;
/** The edge lies so far from the top; the burr hangs over it. */
const EDGE_PX = 90;

interface DrawnBevel {
  readonly name: string;
  readonly shows: string;
  readonly spacingUm: number;
  readonly directionDeg: number;
  readonly burrUm: number;
}
export const DRAWN_BEVELS: readonly DrawnBevel[] = [
  { name: 'before', shows: 'The bevel as it came', spacingUm: 9, directionDeg: 80, burrUm: 0 },
  { name: 'coarse', shows: 'After the coarse stone', spacingUm: 8, directionDeg: 62, burrUm: 24 },
  { name: 'medium', shows: 'After the medium stone', spacingUm: 5, directionDeg: 60, burrUm: 10 },
  { name: 'fine', shows: 'After the fine stone', spacingUm: 3, directionDeg: 61, burrUm: 4 },
];
/** Along the edge of the knife under the lamp, in shares of its length from the heel. */
export const DRAWN_GLINTS: readonly (readonly [from: number, to: number])[] = [
  [0.3, 0.36],
  [0.82, 0.86],
];
/** Its edge, heel to tip, in shares of the picture. */
export const DRAWN_EDGE = { fromX: 0.06, toX: 0.94, y: 0.55 } as const;

const svgOf = (inner: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="${WIDTH_PX}" height="${HEIGHT_PX}">${inner}</svg>`;

const bevel = ({ spacingUm, directionDeg, burrUm }: DrawnBevel): string => {
  const spacing = spacingUm / DRAWN_UM_PER_PX;
  const lines = Array.from({ length: Math.ceil(2400 / spacing) }, (_, index) => {
    const at = -700 + index * spacing;
    return `<line x1="-900" y1="${at}" x2="1900" y2="${at}" stroke="#59666a" stroke-width="${spacing / 2}"/>`;
  }).join('');
  const burr =
    burrUm === 0
      ? ''
      : `<rect x="0" y="${EDGE_PX - burrUm / DRAWN_UM_PER_PX}" width="${WIDTH_PX}" height="${burrUm / DRAWN_UM_PER_PX}" fill="#e8efef"/>`;
  const micrometer = `<rect x="30" y="${HEIGHT_PX - 40}" width="${MICROMETER_UM / DRAWN_UM_PER_PX}" height="6" fill="#fff"/>
    <text x="34" y="${HEIGHT_PX - 50}" font-size="22" fill="#fff" font-family="sans-serif">${MICROMETER_UM} µm</text>`;
  return svgOf(`<rect width="${WIDTH_PX}" height="${HEIGHT_PX}" fill="#12191b"/>
    <clipPath id="b"><rect x="0" y="${EDGE_PX}" width="${WIDTH_PX}" height="${HEIGHT_PX - EDGE_PX - 80}"/></clipPath>
    <g clip-path="url(#b)"><rect width="${WIDTH_PX}" height="${HEIGHT_PX}" fill="#aab6b9"/>
      <g transform="rotate(${-directionDeg} ${WIDTH_PX / 2} ${HEIGHT_PX / 2})">${lines}</g></g>${burr}${micrometer}`);
};

const underTheLamp = (): string => {
  const [from, to] = [DRAWN_EDGE.fromX * WIDTH_PX, DRAWN_EDGE.toX * WIDTH_PX];
  const y = DRAWN_EDGE.y * HEIGHT_PX;
  const glints = DRAWN_GLINTS.map(
    ([a, b]) =>
      `<rect x="${from + a * (to - from)}" y="${y - 1.5}" width="${(b - a) * (to - from)}" height="3" fill="#f4f7f2"/>`,
  ).join('');
  return svgOf(`<rect width="${WIDTH_PX}" height="${HEIGHT_PX}" fill="#2a3134"/>
    <path d="M${from} ${y - 90} L${to - 60} ${y - 60} L${to} ${y} L${from} ${y}Z" fill="#59656a"/>
    <rect x="${from}" y="${y - 3}" width="${to - from}" height="6" fill="#1d2426"/>${glints}`);
};

export const drawnMicroscope = (): Microscope => ({
  shots: () => [
    ...DRAWN_BEVELS.map((drawn) => ({ name: drawn.name, shows: drawn.shows, svg: bevel(drawn) })),
    { name: 'lamp', shows: 'The edge with the lamp along it', svg: underTheLamp() },
  ],
});
