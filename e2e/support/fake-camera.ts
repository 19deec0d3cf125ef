/** A film of one picture for the browser's fake camera: a code on white, as a tag held before the lens. */
import { writeFile } from 'node:fs/promises';
import QRCode from 'qrcode';

const WIDTH = 640;
const HEIGHT = 480;
const MARGIN = 60;
const WHITE = 235;
const BLACK = 16;
const NO_COLOUR = 128;

/** Uncompressed YUV4MPEG2, two frames that are alike. */
export const writeFilmOfCode = async (file: string, text: string): Promise<void> => {
  const { modules } = QRCode.create(text, { errorCorrectionLevel: 'M' });
  const side = HEIGHT - 2 * MARGIN;
  const cell = Math.floor(side / modules.size);
  const left = Math.floor((WIDTH - cell * modules.size) / 2);
  const luma = Buffer.alloc(WIDTH * HEIGHT, WHITE);
  for (let row = 0; row < cell * modules.size; row += 1)
    for (let column = 0; column < cell * modules.size; column += 1)
      if (modules.get(Math.floor(row / cell), Math.floor(column / cell)) === 1)
        luma[(MARGIN + row) * WIDTH + left + column] = BLACK;
  const frame = Buffer.concat([
    Buffer.from('FRAME\n'),
    luma,
    Buffer.alloc((WIDTH * HEIGHT) / 2, NO_COLOUR),
  ]);
  await writeFile(
    file,
    Buffer.concat([
      Buffer.from(`YUV4MPEG2 W${WIDTH} H${HEIGHT} F10:1 Ip A1:1 C420jpeg\n`),
      frame,
      frame,
    ]),
  );
};
