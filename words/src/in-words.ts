import { isSaid } from '@cricket/core/said';

import type { Speaker } from './speaker';

/** The same data with every sentence in words, however deep it lies. */
export function inWords(value: unknown, { say }: Pick<Speaker, 'say'>): unknown {
  if (isSaid(value)) return say(value);
  if (Array.isArray(value)) return value.map((each) => inWords(each, { say }));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([name, inner]) => [name, inWords(inner, { say })]));
}
