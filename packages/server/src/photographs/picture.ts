/**
 * A picture as it comes from a telephone made fit to keep: turned upright, no larger than the tracing wants,
 * and without anything it says beside the picture itself, above all where it was taken.
 */
import { PHOTOGRAPH_TYPES } from '@patient-edge/contract';
import sharp from 'sharp';
import { invalid } from '../http/errors';

export interface Picture {
  readonly full: Buffer;
  readonly small: Buffer;
  readonly widthPx: number;
  readonly heightPx: number;
}

const LONGEST_PX = 4096;
const SMALL_PX = 640;
/** A picture that unfolds beyond this is no photograph of a blade. */
const MOST_PIXELS = 80_000_000;
const FORMATS: readonly string[] = PHOTOGRAPH_TYPES.map((type) => type.slice('image/'.length));

const refuse = (message: string): never => {
  throw invalid([{ field: 'photograph', message: `Photograph: ${message}` }]);
};

export const toPicture = async (bytes: Buffer): Promise<Picture> => {
  const open = () => sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' });
  const format = await open()
    .metadata()
    .then((found) => found.format as string)
    .catch(() => refuse('this file holds no picture that can be read'));
  if (!FORMATS.includes(format)) refuse(`must be JPEG, PNG or WebP; ${format} was given`);
  // Turned by its own note of how the camera was held; all notes are left behind.
  const fitted = (px: number) =>
    open()
      .rotate()
      .resize({ width: px, height: px, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#fff' })
      .jpeg({ quality: 84 });
  try {
    const [full, small] = await Promise.all([
      fitted(LONGEST_PX).toBuffer({ resolveWithObject: true }),
      fitted(SMALL_PX).toBuffer(),
    ]);
    return {
      full: full.data,
      small,
      widthPx: full.info.width,
      heightPx: full.info.height,
    };
  } catch (error) {
    return refuse(
      `cannot be opened (${error instanceof Error ? error.message.split('\n')[0] : 'unknown'})`,
    );
  }
};
