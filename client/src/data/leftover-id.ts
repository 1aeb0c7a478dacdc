import type { End } from '@cricket/core/model';
import { sha256 } from '@noble/hashes/sha2';
import { bytesToHex } from '@noble/hashes/utils';

/**
 * The id that a left-over part of a bike's kit has on the shelf. It follows from the part, so that two phones that put it there
 * put it there once (a UUID of version 8: 16 bytes of a digest).
 */
export function leftoverId(bikeId: string, end: End, part: string): string {
  const bytes = sha256(`${bikeId}/${end}/${part}`).slice(0, 16);
  bytes[6] = (bytes[6]! & 0x0f) | 0x80;
  bytes[8] = (bytes[8]! & 0x3f) | 0x80;
  return bytesToHex(bytes).replace(/^(.{8})(.{4})(.{4})(.{4})(.{12})$/, '$1-$2-$3-$4-$5');
}
