/** A picture as the computation takes it: how bright each of its pixels is, row by row. */
export interface GreyPicture {
  readonly widthPx: number;
  readonly heightPx: number;
  /** 0 is black, 1 is white. */
  readonly values: ArrayLike<number>;
}

/** Brightness at a pixel; beyond the border that of the border. */
export const brightnessAt = (
  { widthPx, heightPx, values }: GreyPicture,
  x: number,
  y: number,
): number => {
  const column = Math.min(widthPx - 1, Math.max(0, Math.round(x)));
  const row = Math.min(heightPx - 1, Math.max(0, Math.round(y)));
  return values[row * widthPx + column] ?? 0;
};

/** The part of a picture between two corners, whichever they are; all of it where that would be nothing. */
export const cropped = (
  picture: GreyPicture,
  a: { readonly x: number; readonly y: number },
  b: { readonly x: number; readonly y: number },
): GreyPicture => {
  const within = (value: number, most: number): number =>
    Math.min(most, Math.max(0, Math.round(value)));
  const fromX = within(Math.min(a.x, b.x), picture.widthPx);
  const fromY = within(Math.min(a.y, b.y), picture.heightPx);
  const widthPx = within(Math.max(a.x, b.x), picture.widthPx) - fromX;
  const heightPx = within(Math.max(a.y, b.y), picture.heightPx) - fromY;
  if (widthPx < 1 || heightPx < 1) return picture;
  const values = new Float32Array(widthPx * heightPx);
  for (let y = 0; y < heightPx; y += 1)
    for (let x = 0; x < widthPx; x += 1)
      values[y * widthPx + x] = brightnessAt(picture, fromX + x, fromY + y);
  return { widthPx, heightPx, values };
};
