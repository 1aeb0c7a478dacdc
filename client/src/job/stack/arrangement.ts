import type { Arrangement, AxleStackInput, Stack } from '@cricket/core/axle-stack';
import type { Side } from '@cricket/core/features';

type Washer = AxleStackInput['washers'][number];

/** A stack as plain choices that a person can change. */
export function arrangementOf({ left, right, rotorShimsMm, caliperShimsMm }: Stack): Arrangement {
  return { left: left.inside, right: right.inside, rotorShimsMm, caliperShimsMm };
}

/** How many of a washer are there beyond those that this arrangement uses. */
export function spare({ left, right }: Arrangement, washer: Washer): number {
  return washer.count - [...left, ...right].filter((id) => id === washer.id).length;
}

/** The arrangement with one washer taken out. */
export function without(arrangement: Arrangement, side: Side, index: number): Arrangement {
  return { ...arrangement, [side]: arrangement[side].filter((_, at) => at !== index) };
}

/** The arrangement with a washer more; plain ones lie thick to thin from the hub, the tabbed one last. */
export function withWasher(arrangement: Arrangement, side: Side, id: string, washers: readonly Washer[]): Arrangement {
  return { ...arrangement, [side]: ordered([...arrangement[side], id], washers) };
}

/** The arrangement with one washer in place of another. */
export function swapped(
  arrangement: Arrangement,
  side: Side,
  index: number,
  id: string,
  washers: readonly Washer[],
): Arrangement {
  return withWasher(without(arrangement, side, index), side, id, washers);
}

/** The arrangement with one washer moved across the hub. */
export function moved(arrangement: Arrangement, side: Side, index: number, washers: readonly Washer[]): Arrangement {
  const id = arrangement[side][index];
  if (id === undefined) return arrangement;
  return withWasher(without(arrangement, side, index), side === 'left' ? 'right' : 'left', id, washers);
}

function ordered(ids: readonly string[], washers: readonly Washer[]): string[] {
  const known = new Map(washers.map((washer) => [washer.id, washer]));
  const rank = (id: string) => {
    const washer = known.get(id);
    return washer ? (washer.kind === 'tabbed' ? -1 : washer.thicknessMm) : 0;
  };
  return [...ids].sort((a, b) => rank(b) - rank(a));
}
