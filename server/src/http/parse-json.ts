import { createHash } from 'node:crypto';

import type { Context } from 'hono';

import { ProblemError } from './problem';

/** Deeper than anything that is written here, and far from where a reader runs out of stack. */
const deepest = 64;

const digestKey = 'bodyDigest';

/**
 * Reads a body that must be JSON: not nested beyond reason, and without characters that no database keeps.
 *
 * @throws ProblemError 400 for what is not JSON, 422 for what is, and cannot be kept
 */
export async function parseJson(c: Context): Promise<unknown> {
  const text = await c.req.text();
  c.set(digestKey, createHash('sha256').update(text).digest('base64'));
  holdDepth(text);
  let plain: unknown;
  try {
    plain = JSON.parse(text);
  } catch {
    throw new ProblemError(400, 'malformed-json', 'The request is not valid JSON.');
  }
  holdCharacters(plain, '');
  return plain;
}

/** What stands for the body that was read: the same write comes with the same body. */
export function bodyDigest(c: Context): string | null {
  return (c.get(digestKey) as string | undefined) ?? null;
}

function holdDepth(text: string): void {
  let depth = 0;
  let quoted = false;
  for (let at = 0; at < text.length; at++) {
    const code = text.charCodeAt(at);
    if (quoted) {
      if (code === 92) at++;
      else if (code === 34) quoted = false;
    } else if (code === 34) quoted = true;
    else if (code === 91 || code === 123) {
      depth++;
      if (depth > deepest) throw invalid('', `must not be nested deeper than ${deepest}`);
    } else if (code === 93 || code === 125) depth--;
  }
}

function holdCharacters(value: unknown, path: string): void {
  if (typeof value === 'string') {
    if (!keepable(value)) throw invalid(path, 'must not hold the character NUL or half a character pair');
    return;
  }
  if (typeof value !== 'object' || value === null) return;
  for (const [key, inner] of Object.entries(value)) {
    const here = path === '' ? key : `${path}.${key}`;
    if (!keepable(key)) throw invalid(path, 'has a field whose name holds the character NUL or half a character pair');
    holdCharacters(inner, here);
  }
}

/** Whether a database keeps this text. */
export function keepable(text: string): boolean {
  return !/\0|\p{Surrogate}/u.test(text);
}

function invalid(path: string, message: string): ProblemError {
  return new ProblemError(422, 'invalid-input', 'Some fields do not hold.', [{ path, messages: [message] }]);
}
