import { promisify } from 'node:util';
import { gzip } from 'node:zlib';

import type { Context } from 'hono';

import { tagOf } from '../data/revisions';
import { Latest } from '../kept/latest';
import { marksIn } from './guard';

const packed = promisify(gzip);

/** Bytes of answers that one server keeps, packed. */
const mostBytes = 8 * 1024 * 1024;

/** Answers by their tag, packed: a tag never stands for anything else. */
const answers = new Latest<Buffer>(mostBytes, (bytes) => bytes.length);

/**
 * Answers with what follows from the marks that the route names: not at all to who has it already, as it was packed before to
 * who asks again.
 *
 * @param path - what is asked for: the tags of two of them may be alike
 *
 * @example
 * return keptAnswer(c, 'stores', () => allStores(dataSource));
 */
export function keptAnswer(c: Context, path: string, make: () => Promise<unknown>): Promise<Response> {
  const marks = marksIn(c);
  return taggedAnswer(c, path, marks && tagOf(marks), make);
}

/**
 * The same under a tag of the route's own.
 *
 * @param tag - null: the answer may not be kept
 */
export async function taggedAnswer(
  c: Context,
  path: string,
  tag: string | null,
  make: () => Promise<unknown>,
): Promise<Response> {
  if (!tag) return c.json(await make());
  c.header('etag', tag);
  if (isKept(c.req.header('if-none-match'), tag)) return c.body(null, 304);
  c.header('vary', 'accept-encoding');
  if (!/\bgzip\b/.test(c.req.header('accept-encoding') ?? '')) return c.json(await make());
  const name = `${path} ${tag}`;
  let bytes = answers.get(name);
  if (!bytes) answers.set(name, (bytes = await packed(JSON.stringify(await make()))));
  return c.body(new Uint8Array(bytes), 200, { 'content-type': 'application/json', 'content-encoding': 'gzip' });
}

function isKept(held: string | undefined, tag: string): boolean {
  return held?.split(',').some((one) => one.trim() === tag) ?? false;
}
