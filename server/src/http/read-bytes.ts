import { said } from '@cricket/core/said';
import type { Context } from 'hono';

import { ShapeGuard } from '../plain/json-bytes';
import { ProblemError } from '../problem/problem';

/**
 * Reads a large body of JSON into one piece of memory, once, and stops at what shows while it comes: that it is too large, or
 * nested or full beyond reason.
 *
 * @throws ProblemError 413 and 422
 */
export async function readBytes(c: Context, mostBytes: number): Promise<Uint8Array<ArrayBuffer>> {
  const tooLarge = () => new ProblemError(413, 'body-too-large', said('problem.larger', { bytes: mostBytes }));
  const stated = Number(c.req.header('content-length') ?? 0);
  if (stated > mostBytes) throw tooLarge();
  const shape = new ShapeGuard();
  // Grows in its place, and is given back as soon as it is read: see parseJsonBytes.
  const memory = new ArrayBuffer(stated || 256 * 1024, { maxByteLength: mostBytes });
  const bytes = new Uint8Array(memory);
  let length = 0;
  for await (const piece of (c.req.raw.body ?? []) as unknown as AsyncIterable<Uint8Array>) {
    if (length + piece.length > mostBytes) throw tooLarge();
    shape.hold(piece);
    const needed = length + piece.length;
    if (needed > memory.byteLength) memory.resize(Math.min(mostBytes, Math.max(2 * memory.byteLength, needed)));
    bytes.set(piece, length);
    length += piece.length;
  }
  memory.resize(length);
  return bytes;
}
