import type { CableAnchor, CableSpan } from './contract';
import { dustMm } from './extensions';

/** A cable that leaves an axle is held once more so far before it. */
const beforeExitMm = 30;

export interface Ties {
  atMm: number[];
  /** Axle exits that one tie alone holds: no span beside them is still. */
  single: string[];
}

/** Where a cable is tied along its run: at every anchor, along what is still, nowhere along what moves. */
export function tiesAlong(
  path: readonly string[],
  spans: readonly CableSpan[],
  anchors: Readonly<Record<string, CableAnchor>>,
  mostApartMm: number,
): Ties {
  const starts = spans.reduce<number[]>((at, { neededMm }) => [...at, at.at(-1)! + neededMm], [0]);
  const even = spans.flatMap(({ moving, neededMm }, index) => {
    const pieces = moving ? 1 : Math.max(1, Math.ceil(neededMm / mostApartMm - dustMm));
    return Array.from({ length: pieces - 1 }, (_, piece) => starts[index]! + (neededMm * (piece + 1)) / pieces);
  });
  const exits = path.flatMap((id, index): { id: string; mm: number | null }[] => {
    if (!anchors[id]!.axleExit) return [];
    const [before, after] = [spans[index - 1], spans[index]];
    if (before && !before.moving) return [{ id, mm: starts[index]! - Math.min(beforeExitMm, before.neededMm / 2) }];
    if (after && !after.moving) return [{ id, mm: starts[index]! + Math.min(beforeExitMm, after.neededMm / 2) }];
    return [{ id, mm: null }];
  });
  const all = [...starts, ...even, ...exits.flatMap(({ mm }) => mm ?? [])].sort((a, b) => a - b);
  return {
    atMm: all.filter((mm, index) => index === 0 || mm - all[index - 1]! > dustMm),
    single: exits.filter(({ mm }) => mm === null).map(({ id }) => id),
  };
}
