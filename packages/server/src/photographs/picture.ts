/**
 * A picture as it comes from a telephone made fit to keep: turned upright, no larger than the tracing wants,
 * and without anything it says beside the picture itself, above all where it was taken.
 */
import { PHOTOGRAPH_TYPES } from '@patient-edge/contract';
import { invalid } from '../http/errors';
import { inTurnOf } from '../http/in-turn';
import { STRINGS } from './strings';

export interface Picture {
  readonly full: Buffer;
  readonly small: Buffer;
  readonly widthPx: number;
  readonly heightPx: number;
}

const LONGEST_PX = 4096;
const SMALL_PX = 640;
/** A picture that unfolds beyond this comes from no telephone's usual setting, and takes 200 MB to open. */
const MOST_PIXELS = 50_000_000;
const LONGEST_S = 10;
const FORMATS: readonly string[] = PHOTOGRAPH_TYPES.map((type) => type.slice('image/'.length));

/** Opening a picture takes a core and much memory: two at a time, and few waiting. */
const inTurn = inTurnOf({
  atOnce: 2,
  mostWaiting: 20,
  whenBusy: STRINGS.tooManyPicturesAreBeingOpened,
  retryAfterS: 5,
});

const refuse = (message: string): never => {
  throw invalid([{ field: 'photograph', message: STRINGS.photograph(message) }]);
};

/** Loaded with the first picture: a server that restarts opens its doors the sooner. */
const pictures = async () => (await import('sharp')).default;

const fitted = async (picture: Buffer, px: number, quality: number) =>
  (await pictures())(picture, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    .timeout({ seconds: LONGEST_S })
    // Turned by its own note of how the camera was held; all notes are left behind.
    .rotate()
    .resize({ width: px, height: px, fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#fff' })
    .jpeg({ quality })
    .toBuffer({ resolveWithObject: true });

const opened = async (bytes: Buffer): Promise<Picture> => {
  const sharp = await pictures();
  const format = await sharp(bytes, { limitInputPixels: MOST_PIXELS })
    .metadata()
    .then((found) => found.format as string)
    .catch(() => refuse(STRINGS.thisFileHoldsNoPictureThat));
  if (!FORMATS.includes(format)) refuse(STRINGS.mustBeJpegPngOrWebp(format));
  try {
    const full = await fitted(bytes, LONGEST_PX, 84);
    // From the large one: the original is unfolded once.
    const small = await fitted(full.data, SMALL_PX, 84);
    return {
      full: full.data,
      small: small.data,
      widthPx: full.info.width,
      heightPx: full.info.height,
    };
  } catch (error) {
    return refuse(
      STRINGS.cannotBeOpened(
        error instanceof Error ? error.message.split('\n')[0] : STRINGS.unknown,
      ),
    );
  }
};

/** Throws 422 for what is no picture or too large a one, 503 while too many wait. */
export const toPicture = (bytes: Buffer): Promise<Picture> => {
  if (bytes.length === 0) refuse(STRINGS.theFileIsEmpty);
  return inTurn(() => opened(bytes));
};
