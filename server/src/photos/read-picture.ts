import sharp from 'sharp';

import { ProblemError } from '../http/problem';

/** Longest side that is kept, and that of the picture for lists, in pixels. */
const keptPx = 1600;
const smallPx = 320;
/** More pixels than any phone takes: a small file that unfolds into a huge picture stops here. */
const mostPixels = 60_000_000;

export interface ReadPicture {
  picture: Buffer;
  small: Buffer;
  widthPx: number;
  heightPx: number;
}

/**
 * Reads a picture by what it is, not by what it says it is, and writes it anew: turned upright, shrunk, and rid of whatever
 * the phone wrote into it besides the picture (place, owner).
 *
 * @throws ProblemError 422 for what is no JPEG, PNG or WebP, is damaged, or unfolds into too many pixels
 */
export async function readPicture(bytes: Buffer): Promise<ReadPicture> {
  const open = () => sharp(bytes, { limitInputPixels: mostPixels, failOn: 'error' });
  try {
    const { format } = await open().metadata();
    if (!format || !['jpeg', 'png', 'webp'].includes(format)) throw new Error(`it is ${format ?? 'no picture'}`);
    const kept = await open()
      .autoOrient()
      .resize({ width: keptPx, height: keptPx, fit: 'inside', withoutEnlargement: true })
      .flatten({ background: '#fff' })
      .jpeg({ quality: 82, mozjpeg: true })
      .toBuffer({ resolveWithObject: true });
    const small = await sharp(kept.data)
      .resize({ width: smallPx, height: smallPx, fit: 'inside', withoutEnlargement: true })
      .jpeg({ quality: 70 })
      .toBuffer();
    return { picture: kept.data, small, widthPx: kept.info.width, heightPx: kept.info.height };
  } catch (error) {
    throw new ProblemError(422, 'unreadable-picture', 'This is no picture that can be read.', [
      {
        path: 'picture',
        messages: [
          `must be a whole JPEG, PNG or WebP of at most ${mostPixels / 1_000_000} megapixels (${told(error)})`,
        ],
      },
    ]);
  }
}

/**
 * Takes a picture that went out with a job back in as it is, byte for byte.
 *
 * @throws ProblemError 422 for what is no JPEG as they are kept here
 */
export async function keepPicture(bytes: Buffer): Promise<ReadPicture> {
  const read = await readPicture(bytes);
  const { format } = await sharp(bytes, { limitInputPixels: mostPixels }).metadata();
  return format === 'jpeg' ? { ...read, picture: bytes } : read;
}

/** The first line of what went wrong: the rest is about our own inside. */
function told(error: unknown): string {
  return (error instanceof Error ? error.message : String(error)).split('\n')[0]!.slice(0, 120);
}
