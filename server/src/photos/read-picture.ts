import { asWritten, said, type Said } from '@cricket/core/said';
import pLimit from 'p-limit';
import sharp from 'sharp';

import { ProblemError } from '../problem/problem';

/** Longest side that is kept, and that of the picture for lists, in pixels. */
const keptPx = 1600;
const smallPx = 320;
/** More pixels than any phone takes: a small file that unfolds into a huge picture stops here. */
const mostPixels = 60_000_000;

// A picture takes some hundred times the memory of its file: one at a time, on one core, and nothing kept of it.
sharp.cache(false);
sharp.concurrency(1);
const oneAtATime = pLimit(1);

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
export function readPicture(bytes: Buffer): Promise<ReadPicture> {
  return oneAtATime(() => readNow(bytes));
}

async function readNow(bytes: Buffer): Promise<ReadPicture> {
  const open = () => sharp(bytes, { limitInputPixels: mostPixels, failOn: 'error' });
  try {
    const { format } = await open().metadata();
    if (!format || !['jpeg', 'png', 'webp'].includes(format))
      throw unreadable(said('problem.other-picture', { format: format ?? '?' }));
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
    throw error instanceof ProblemError ? error : unreadable(asWritten(told(error)));
  }
}

function unreadable(because: Said): ProblemError {
  const megapixels = mostPixels / 1_000_000;
  return new ProblemError(422, 'unreadable-picture', said('problem.picture'), [
    { path: 'picture', messages: [said('problem.whole-picture', { megapixels, because })] },
  ]);
}

/**
 * Takes a picture that went out with a job back in: byte for byte if nothing but a picture is in it, as they are kept here;
 * else it is written anew like any other.
 *
 * @throws ProblemError 422 for what is no picture that can be read
 */
export async function keepPicture(bytes: Buffer): Promise<ReadPicture> {
  const read = await readPicture(bytes);
  return (await isClean(bytes)) ? { ...read, picture: bytes } : read;
}

/** A JPEG of the size that is kept, with no words of a phone or program in it and nothing behind its end. */
async function isClean(bytes: Buffer): Promise<boolean> {
  const { format, width, height, exif, xmp, iptc, icc, comments, orientation } = await sharp(bytes).metadata();
  const said = exif ?? xmp ?? iptc ?? icc ?? comments?.length ?? orientation;
  return format === 'jpeg' && Math.max(width, height) <= keptPx && !said && ends(bytes);
}

/** The first end of image is the last two bytes: 0xFFD9 stands for nothing else inside one that has no preview in it. */
function ends(bytes: Buffer): boolean {
  return bytes.indexOf(Buffer.from([0xff, 0xd9])) === bytes.length - 2;
}

/** The first line of what went wrong: the rest is about our own inside. */
function told(error: unknown): string {
  return (error instanceof Error ? error.message : String(error)).split('\n')[0]!.slice(0, 120);
}
