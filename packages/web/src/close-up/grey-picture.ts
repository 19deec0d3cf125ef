/** The pixels of a kept photograph, as the computation takes them. */
import type { GreyPicture } from '@patient-edge/core';

/** Fine enough for scratches three pixels apart, and read in a moment. */
const LONGEST_PX = 1600;
/** How bright the eye takes each colour (ITU-R BT.601). */
const [RED, GREEN, BLUE] = [0.299, 0.587, 0.114];

export interface ReadPicture {
  readonly picture: GreyPicture;
  /** Of the picture as it is kept. */
  readonly scale: number;
}

export const readPicture = async (src: string): Promise<ReadPicture> => {
  const answer = await fetch(src, { credentials: 'same-origin' });
  if (!answer.ok) throw new Error('The photograph cannot be read just now; try again');
  const bitmap = await createImageBitmap(await answer.blob());
  const scale = Math.min(1, LONGEST_PX / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * scale);
  canvas.height = Math.round(bitmap.height * scale);
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('This browser cannot read pictures');
  context.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  const { data, width, height } = context.getImageData(0, 0, canvas.width, canvas.height);
  const values = new Float32Array(width * height);
  for (let pixel = 0; pixel < values.length; pixel += 1)
    values[pixel] =
      (RED * data[4 * pixel]! + GREEN * data[4 * pixel + 1]! + BLUE * data[4 * pixel + 2]!) / 255;
  return { picture: { widthPx: width, heightPx: height, values }, scale };
};
