import { said, type Said } from '@cricket/core/said';
import { createHash } from 'node:crypto';

import { ProblemError } from '../problem/problem';

/** Deeper than anything that is written here, and far from where a reader runs out of stack. */
const deepest = 64;
/** More than the largest job has; a small file of ever so many small things takes many times its size in memory. */
const mostValues = 1_000_000;

/**
 * Reads JSON from bytes that were held to a shape; beside it, what stands for them.
 *
 * @throws ProblemError 400 for what is not JSON, 422 for what is, and cannot be kept
 */
export function parseJsonBytes(bytes: Uint8Array): { plain: unknown; digest: string } {
  const digest = createHash('sha256').update(bytes).digest('base64');
  let plain: unknown;
  try {
    const text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
    // What was read into memory of its own is given back now, not when somebody collects it.
    if (bytes.buffer instanceof ArrayBuffer && bytes.buffer.resizable) bytes.buffer.resize(0);
    plain = JSON.parse(text);
  } catch {
    throw new ProblemError(400, 'malformed-json', said('problem.json'));
  }
  holdCharacters(plain, '');
  return { plain, digest };
}

/**
 * Holds JSON to a depth and a number of values while its bytes come. Quotes, commas and brackets are single bytes in UTF-8, and
 * no part of any other character.
 */
export class ShapeGuard {
  private depth = 0;
  private values = 0;
  private quoted = false;
  private escaped = false;

  /** @throws ProblemError 422 */
  hold(bytes: Uint8Array): void {
    for (const code of bytes) {
      if (this.quoted) {
        if (this.escaped) this.escaped = false;
        else if (code === 92) this.escaped = true;
        else if (code === 34) this.quoted = false;
      } else if (code === 34) this.quoted = true;
      else if (code === 91 || code === 123) {
        this.depth++;
        if (this.depth > deepest) throw invalid('', said('problem.too-deep', { deepest }));
      } else if (code === 93 || code === 125) this.depth--;
      else if (code === 44) this.values++;
    }
    if (this.values > mostValues) throw invalid('', said('problem.too-many-values', { mostValues }));
  }
}

function holdCharacters(value: unknown, path: string): void {
  if (typeof value === 'string') {
    if (!keepable(value)) throw invalid(path, said('problem.no-such-character'));
    return;
  }
  if (typeof value !== 'object' || value === null) return;
  for (const [key, inner] of Object.entries(value)) {
    const here = path === '' ? key : `${path}.${key}`;
    if (!keepable(key)) throw invalid(path, said('problem.field-no-such-character'));
    holdCharacters(inner, here);
  }
}

/** Whether a database keeps this text. */
export function keepable(text: string): boolean {
  return !/\0|\p{Surrogate}/u.test(text);
}

function invalid(path: string, message: Said): ProblemError {
  return new ProblemError(422, 'invalid-input', said('problem.fields'), [{ path, messages: [message] }]);
}
