/**
 * A photograph for the demo, drawn: a blade on paper beside a bank card, on the bench of the boat, seen a
 * little aslant as a telephone sees it.
 */
import { bladeOutline, type BladeMeasures, type BladePoint } from '@patient-edge/core';

/** ISO/IEC 7810 ID-1. */
const CARD_MM = [85.6, 53.98] as const;
/** How much a far edge shrinks: the tilt of the hand. */
const TILT = 0.22;
const TURN = 0.06;

export interface DrawnPhotograph {
  readonly jpeg: Buffer;
  /** Where things lie on the picture, in pixels: for whoever traces it. */
  readonly card: readonly (readonly [number, number])[];
  readonly toPicture: (point: BladePoint) => readonly [number, number];
}

export const drawPhotograph = async (
  measures: BladeMeasures,
  widthPx: number,
  heightPx: number,
): Promise<DrawnPhotograph> => {
  const { edge, spine } = bladeOutline(measures);
  const length = measures.edgeLengthMm;
  // The whole of it, handle and card too, within the frame.
  const scale = widthPx / (length + 260);
  const toPicture = ([z, y]: BladePoint): readonly [number, number] => {
    const u = (z - length / 2 + 35) * Math.cos(TURN) + y * Math.sin(TURN);
    const v = (z - length / 2 + 35) * Math.sin(TURN) - (y - 10) * Math.cos(TURN);
    const w = 1 + (TILT * v) / 400;
    return [widthPx / 2 + (u * scale) / w, heightPx * 0.42 + (v * scale) / w];
  };
  const path = (points: readonly BladePoint[]): string =>
    `${points
      .map((point, index) => {
        const [x, y] = toPicture(point);
        return `${index === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`;
      })
      .join('')}Z`;
  const rectangle = (z: number, y: number, wide: number, high: number): BladePoint[] => [
    [z, y],
    [z + wide, y],
    [z + wide, y + high],
    [z, y + high],
  ];
  const card = rectangle(20, -24 - CARD_MM[1], ...CARD_MM);
  const top = spine[0]![1];
  const planks = Array.from(
    { length: 9 },
    (_, index) =>
      `<rect x="0" y="${(index * heightPx) / 9}" width="${widthPx}" height="${heightPx / 9 - 3}" fill="hsl(30 ${24 + (index % 3) * 4}% ${33 + ((index * 5) % 4)}%)"/>`,
  ).join('');
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${widthPx}" height="${heightPx}">
    <defs><linearGradient id="s" x1="0" y1="0" x2="0.2" y2="1"><stop offset="0" stop-color="#8b979b"/>
      <stop offset="0.7" stop-color="#c3ccce"/><stop offset="1" stop-color="#e9eeee"/></linearGradient></defs>
    <rect width="${widthPx}" height="${heightPx}" fill="#3d332a"/>${planks}
    <path d="${path(rectangle(-40, -104, length + 70, top + 150))}" fill="#f1efe6"/>
    <path d="${path(card)}" fill="#2e5e57"/>
    <path d="${path(rectangle(28, -40, 16, 11))}" fill="#d9c27a"/>
    <path d="${path(rectangle(-118, top - 24, 110, 23))}" fill="#3a2f2a"/>
    <path d="${path(rectangle(-12, top - 20, 16, 18))}" fill="#9aa4a6"/>
    <path d="${path([...edge, ...[...spine].reverse()])}" fill="url(#s)" stroke="#6c777a" stroke-width="${scale * 0.25}"/>
  </svg>`;
  const { default: sharp } = await import('sharp');
  const jpeg = await sharp(Buffer.from(svg)).jpeg({ quality: 88 }).toBuffer();
  return { jpeg, card: card.map(toPicture), toPicture };
};
