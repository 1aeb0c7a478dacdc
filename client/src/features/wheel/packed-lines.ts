import type { KitPart } from '@cricket/core/kit';

import { phrase } from '../../ui/say';
import { writtenLines } from '../../ui/written-lines';

/** Lines of a packing list as people write them: a count and what the maker calls it. */
export function readPacked(line: string): Pick<KitPart, 'part' | 'count'> | Error {
  const match = /^(\d{1,3})\s*[×x*]?\s+(.+)$/i.exec(line);
  return match
    ? { count: Number(match[1]), part: match[2]!.trim() }
    : new Error(phrase('wheel.kit-form.readPacked-not-understood-write', { line }));
}

/** What the lines name, each name once; what cannot be read is left to the check of the form. */
export function partsIn(text: string): string[] {
  const read = writtenLines(text).map(readPacked);
  return [...new Set(read.flatMap((line) => (line instanceof Error ? [] : [line.part])))];
}
