import type { Problem, WasherKind, Window } from './problem';

/** Cost of one washer inside. */
export const washerCost = 0.15;

/**
 * Weight of one unit of purchase against the ordinary cost: far above any cost difference, so that what is bought
 * is decided first (pieces, then thickness) and the fit second.
 */
const purchaseWeight = 1000;
const pieceUnits = 100_000;

/** Every choice of washers for one side, grouped by its thickness. */
export interface SideChoices {
  /** Kind indexes of choice i: `members[i·width … i·width + sizes[i]]`, ascending, the tabbed one last. */
  members: Uint8Array | Uint16Array;
  width: number;
  sizes: Uint8Array;
  /** Washer and purchase cost of each choice. */
  costs: Float64Array;
  /** Choices with thickness t: `order[start[t] … start[t + 1]]`, cheapest first. */
  order: Int32Array;
  start: Int32Array;
  /** Cheapest cost at each thickness; infinite where none reaches it. */
  cheapest: Float64Array;
  /** The thicknesses that some choice reaches, ascending. */
  reached: Int32Array;
  /** Position in `reached` of the first thickness that is at least t. */
  reachedFrom: Int32Array;
  /** Largest thickness that is indexed. */
  largest: number;
}

/**
 * Lists the multisets of washers that one side may take.
 *
 * @param problem - kinds, tabs and the most washers a side
 * @param tabbed - whether exactly one tabbed washer is required (else none)
 * @param window - thicknesses that can be of use
 * @param boughtMax - the most bought pieces in one choice
 */
export function sideChoices(
  { washers, insideMax }: Problem,
  tabbed: boolean,
  window: Window,
  boughtMax: number,
): SideChoices {
  const largest = Math.max(0, window.to);
  const found: Listed[] = [];
  const plain = indexesThinFirst(washers, 'plain');
  const tabs = tabbed ? indexesThinFirst(washers, 'tabbed') : [null];
  const picked: number[] = [];

  const keep = (tab: number | null, sum: number, bought: number, boughtThickness: number) => {
    if (sum >= window.from && sum <= window.to) {
      found.push({ kinds: tab === null ? [...picked] : [...picked, tab], sum, bought, boughtThickness });
    }
  };
  const extend = (
    tab: number | null,
    from: number,
    sum: number,
    bought: number,
    boughtThickness: number,
    left: number,
  ) => {
    keep(tab, sum, bought, boughtThickness);
    if (left === 0) return;
    for (let at = from; at < plain.length; at++) {
      const kind = washers[plain[at]!]!;
      if (sum + kind.thickness > window.to) break;
      if (kind.bought && bought === boughtMax) continue;
      if (timesPicked(picked, plain[at]!) >= kind.count) continue;
      picked.push(plain[at]!);
      extend(
        tab,
        at,
        sum + kind.thickness,
        bought + (kind.bought ? 1 : 0),
        boughtThickness + (kind.bought ? kind.thickness : 0),
        left - 1,
      );
      picked.pop();
    }
  };

  for (const tab of tabs) {
    const kind = tab === null ? null : washers[tab]!;
    if (kind && (kind.count < 1 || kind.thickness > window.to || (kind.bought && boughtMax < 1))) continue;
    const bought = kind?.bought ? 1 : 0;
    extend(tab, 0, kind?.thickness ?? 0, bought, bought ? kind!.thickness : 0, insideMax - (kind ? 1 : 0));
  }
  return indexed(found, insideMax, largest, washers.length);
}

function indexesThinFirst(washers: readonly WasherKind[], kind: WasherKind['kind']): number[] {
  return washers
    .map((_, index) => index)
    .filter((index) => washers[index]!.kind === kind && washers[index]!.count > 0)
    .sort((a, b) => washers[a]!.thickness - washers[b]!.thickness || a - b);
}

function timesPicked(picked: readonly number[], kind: number): number {
  let times = 0;
  for (const index of picked) if (index === kind) times++;
  return times;
}

interface Listed {
  kinds: number[];
  sum: number;
  bought: number;
  boughtThickness: number;
}

function indexed(found: readonly Listed[], width: number, largest: number, kinds: number): SideChoices {
  const members = kinds < 256 ? new Uint8Array(found.length * width) : new Uint16Array(found.length * width);
  const sizes = new Uint8Array(found.length);
  const costs = new Float64Array(found.length);
  const start = new Int32Array(largest + 2);
  const cheapest = new Float64Array(largest + 1).fill(Infinity);
  const sorted = cheapestFirst(found);
  sorted.forEach((choice, index) => {
    members.set(choice.kinds, index * width);
    sizes[index] = choice.kinds.length;
    costs[index] = costOf(choice);
    start[choice.sum + 1]!++;
    cheapest[choice.sum] = Math.min(cheapest[choice.sum]!, costs[index]!);
  });
  const sums: number[] = [];
  for (let sum = 0; sum <= largest; sum++) {
    start[sum + 1]! += start[sum]!;
    if (cheapest[sum]! < Infinity) sums.push(sum);
  }
  // Choices are numbered cheapest first, so that filling the places of each thickness in turn keeps them so.
  const next = start.slice();
  const order = new Int32Array(found.length);
  sorted.forEach(({ sum }, index) => {
    order[next[sum]!++] = index;
  });
  const reachedFrom = new Int32Array(largest + 2);
  for (let sum = 0; sum <= largest; sum++) {
    reachedFrom[sum + 1] = reachedFrom[sum]! + (cheapest[sum]! < Infinity ? 1 : 0);
  }
  return { members, width, sizes, costs, order, start, cheapest, reached: Int32Array.from(sums), reachedFrom, largest };
}

function costOf({ kinds, bought, boughtThickness }: Listed): number {
  return washerCost * kinds.length + purchaseWeight * (pieceUnits * bought + boughtThickness);
}

/** Without purchases a choice costs by its number of washers alone, so that they need no comparing. */
function cheapestFirst(found: readonly Listed[]): readonly Listed[] {
  if (found.some(({ bought }) => bought > 0)) return [...found].sort((a, b) => costOf(a) - costOf(b));
  const bySize: Listed[][] = [];
  for (const choice of found) (bySize[choice.kinds.length] ??= []).push(choice);
  return bySize.flat();
}
