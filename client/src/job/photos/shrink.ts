import { largestPhoto } from '@cricket/contract/shapes';

/** Longest edge that is kept, in px: enough to see a hairline crack, small enough for a slow line. */
const longestEdgePx = 1600;

/** The picture cannot be read, or not be made small enough; the message is for the person. */
export class PictureError extends Error {
  override readonly name = 'PictureError';

  constructor(readonly kind: 'unreadable' | 'too-large') {
    super(kind);
  }
}

/** Width and height within the longest edge, never larger than it is. */
export function shrunkSize(widthPx: number, heightPx: number): { widthPx: number; heightPx: number } {
  const scale = Math.min(1, longestEdgePx / Math.max(widthPx, heightPx));
  return { widthPx: Math.max(1, Math.round(widthPx * scale)), heightPx: Math.max(1, Math.round(heightPx * scale)) };
}

/**
 * A picture as it is sent: JPEG, upright, at most 1600 px long, in base64. What the camera wrote beside it (place, device)
 * does not come along.
 *
 * @throws PictureError
 */
export async function shrink(file: Blob): Promise<string> {
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  } catch {
    throw new PictureError('unreadable');
  }
  const { widthPx, heightPx } = shrunkSize(bitmap.width, bitmap.height);
  const canvas = new OffscreenCanvas(widthPx, heightPx);
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, widthPx, heightPx);
  bitmap.close();
  for (const quality of [0.82, 0.6, 0.4]) {
    const text = await base64Of(await canvas.convertToBlob({ type: 'image/jpeg', quality }));
    if (text.length <= largestPhoto) return text;
  }
  throw new PictureError('too-large');
}

async function base64Of(blob: Blob): Promise<string> {
  const bytes = new Uint8Array(await blob.arrayBuffer());
  let binary = '';
  // In pieces: a call takes only so many arguments.
  for (let at = 0; at < bytes.length; at += 0x8000) binary += String.fromCharCode(...bytes.subarray(at, at + 0x8000));
  return btoa(binary);
}
