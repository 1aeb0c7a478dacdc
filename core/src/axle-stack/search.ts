import { sideChoices, type SideChoices } from './multisets';
import type { Problem, WasherKind, Window } from './problem';
import { shimChooser, type ShimChoice } from './shims';

/** One pairing of washers left and right, in whole hundredths. */
export interface Candidate {
  cost: number;
  /** Washer kind indexes, from the hub outwards. */
  left: number[];
  right: number[];
  leftThickness: number;
  rightThickness: number;
  shims: ShimChoice;
}

/** Costs nearer than this count as equal, and the other preferences decide. */
export const equalCost = 1e-9;

/**
 * Finds the `top` cheapest stacks, exactly.
 *
 * Washer choices are indexed by thickness on each side. For every spread S, nearest to zero first, and every rim offset
 * O, nearest to the middle first, the pair of thicknesses is fixed; S and O alone bound the cost from below, so both walks
 * end as soon as they cannot beat what is kept. Only pairs that still can are opened into washers.
 *
 * @param problem - the stack in whole numbers
 * @param top - how many to keep
 * @param boughtMax - the most bought pieces on one side
 * @returns best first: by cost, then fewer washers, thinner left stack, thinner shims, ids
 */
export function cheapestStacks(problem: Problem, top: number, boughtMax = 0): Candidate[] {
  const { room, spread } = problem;
  const totalMax = room + spread.to;
  if (totalMax < 0) return [];
  const leftWindow = reachable(problem, problem.left, -problem.rimTwice);
  const rightWindow = reachable(problem, problem.right, problem.rimTwice);
  if (leftWindow.to < leftWindow.from || rightWindow.to < rightWindow.from) return [];
  const left = choicesOf(problem, problem.tabs.left, leftWindow, boughtMax);
  const right = choicesOf(problem, problem.tabs.right, rightWindow, boughtMax);
  const kept = new Best(problem, top);
  const shimsFor = shimChooser(problem);
  if (!anyPairFits(problem, left, right, shimsFor)) return [];
  const leastWashers = least(left) + least(right);

  const walkSpread = (s: number, scale: number): boolean => {
    const spreadCost = 2 * (s / scale) ** 2;
    if (spreadCost + leastWashers > kept.bar) return false;
    walkRim(problem, room + s, left, rightWindow, (a, b, rimCost) => {
      const fixed = spreadCost + rimCost;
      if (fixed + leastWashers > kept.bar) return false;
      const washersFrom = left.cheapest[a]! + right.cheapest[b]!;
      if (fixed + washersFrom > kept.bar) return true;
      const shims = shimsFor(a);
      if (shims) openPair(problem, left, right, a, b, fixed + shims.cost, shims, kept);
      return true;
    });
    return true;
  };
  for (let s = Math.max(0, spread.from); s <= spread.to; s++) {
    if (!walkSpread(s, problem.spreadScale)) break;
  }
  for (let s = Math.min(-1, spread.to); s >= spread.from; s--) {
    if (!walkSpread(s, problem.pinchScale)) break;
  }
  return kept.list;
}

/**
 * The thicknesses of one side that spread and rim allow together: A = ((A + B) + (A − B)) / 2, and both are limited.
 */
function reachable({ room, spread, rimTwiceMax }: Problem, side: Window, towardOther: number): Window {
  return {
    from: Math.max(side.from, Math.ceil((room + spread.from + towardOther - rimTwiceMax) / 2)),
    to: Math.min(side.to, room + spread.to, Math.floor((room + spread.to + towardOther + rimTwiceMax) / 2)),
  };
}

/** Choices by what they were listed from: the search for a purchase asks for the same ones with shim after shim. */
const listed = new WeakMap<readonly WasherKind[], Map<string, SideChoices>>();

function choicesOf(problem: Problem, tabbed: boolean, window: Window, boughtMax: number): SideChoices {
  let known = listed.get(problem.washers);
  if (!known) listed.set(problem.washers, (known = new Map()));
  const key = `${tabbed} ${window.from} ${window.to} ${boughtMax} ${problem.insideMax}`;
  let choices = known.get(key);
  if (!choices) known.set(key, (choices = sideChoices(problem, tabbed, window, boughtMax)));
  return choices;
}

/**
 * Whether any thickness left goes with any thickness right, leaving aside that both draw on the same stores. Settles most
 * impossible ends in one pass, where the walks would have to try every pair.
 */
function anyPairFits(
  { room, spread, rimTwice, rimTwiceMax }: Problem,
  left: SideChoices,
  right: SideChoices,
  shimsFor: (leftThickness: number) => ShimChoice | null,
): boolean {
  for (const a of left.reached) {
    if (!shimsFor(a)) continue;
    const lowest = Math.max(0, room + spread.from - a, rimTwice + a - rimTwiceMax);
    const highest = Math.min(right.largest, room + spread.to - a, rimTwice + a + rimTwiceMax);
    if (lowest <= highest && right.reachedFrom[highest + 1]! > right.reachedFrom[lowest]!) return true;
  }
  return false;
}

function least({ cheapest }: SideChoices): number {
  let smallest = Infinity;
  for (const cost of cheapest) if (cost < smallest) smallest = cost;
  return smallest;
}

/** Visits (A, B) with A + B = total, the rim nearest to the middle first, until `visit` says that no further one can win. */
function walkRim(
  { rimTwice, rimTwiceMax }: Problem,
  total: number,
  left: SideChoices,
  right: Window,
  visit: (a: number, b: number, rimCost: number) => boolean,
): void {
  if (total < 0) return;
  // 2·O = rimTwice + 2·A − total
  const lowest = Math.max(0, total - right.to, Math.ceil((total - rimTwice - rimTwiceMax) / 2));
  const highest = Math.min(left.largest, total - right.from, Math.floor((total - rimTwice + rimTwiceMax) / 2));
  if (lowest > highest) return;
  const { reached, reachedFrom } = left;
  const first = reachedFrom[lowest]!;
  const end = reachedFrom[highest + 1]!;
  const middle = Math.min(highest, Math.max(lowest, Math.round((total - rimTwice) / 2)));
  const above = reachedFrom[middle]!;
  const rimCost = (a: number) => (rimTwice + 2 * a - total) ** 2 / 1e4;
  for (let at = above; at < end; at++) {
    const a = reached[at]!;
    if (!visit(a, total - a, rimCost(a))) break;
  }
  for (let at = above - 1; at >= first; at--) {
    const a = reached[at]!;
    if (!visit(a, total - a, rimCost(a))) break;
  }
}

/** Pairs the washers of one thickness on the left with those of one on the right, as far as the stores reach. */
function openPair(
  problem: Problem,
  left: SideChoices,
  right: SideChoices,
  a: number,
  b: number,
  fixed: number,
  shims: ShimChoice,
  kept: Best,
): void {
  const cheapestRight = right.cheapest[b]!;
  for (let i = left.start[a]!; i < left.start[a + 1]!; i++) {
    const leftChoice = left.order[i]!;
    const withLeft = fixed + left.costs[leftChoice]!;
    if (withLeft + cheapestRight > kept.bar) return;
    for (let j = right.start[b]!; j < right.start[b + 1]!; j++) {
      const rightChoice = right.order[j]!;
      const cost = withLeft + right.costs[rightChoice]!;
      if (cost > kept.bar) break;
      if (storesReach(problem, left, leftChoice, right, rightChoice)) {
        kept.offer(cost, left, leftChoice, a, right, rightChoice, b, shims);
      }
    }
  }
}

function storesReach(
  { washers }: Problem,
  left: SideChoices,
  leftChoice: number,
  right: SideChoices,
  rightChoice: number,
): boolean {
  const leftFrom = leftChoice * left.width;
  const leftTo = leftFrom + left.sizes[leftChoice]!;
  const rightFrom = rightChoice * right.width;
  const rightTo = rightFrom + right.sizes[rightChoice]!;
  for (let i = leftFrom; i < leftTo; i++) {
    const kind = left.members[i]!;
    let used = 0;
    for (let j = leftFrom; j < leftTo; j++) if (left.members[j] === kind) used++;
    for (let j = rightFrom; j < rightTo; j++) if (right.members[j] === kind) used++;
    if (used > washers[kind]!.count) return false;
  }
  return true;
}

/** The cheapest candidates so far, sorted. */
class Best {
  readonly list: Candidate[] = [];
  /** A candidate above this cannot get in. */
  bar = Infinity;

  constructor(
    private readonly problem: Problem,
    private readonly top: number,
  ) {}

  offer(
    cost: number,
    left: SideChoices,
    leftChoice: number,
    leftThickness: number,
    right: SideChoices,
    rightChoice: number,
    rightThickness: number,
    shims: ShimChoice,
  ): void {
    const full = this.list.length === this.top;
    const last = this.list[this.top - 1];
    if (full && last) {
      // Most offers that tie in cost lose by washer count or thickness: do not build them.
      if (cost > last.cost + equalCost) return;
      const washers = left.sizes[leftChoice]! + right.sizes[rightChoice]!;
      const tied = cost > last.cost - equalCost;
      const lastWashers = last.left.length + last.right.length;
      if (tied && washers > lastWashers) return;
      if (tied && washers === lastWashers && leftThickness > last.leftThickness) return;
    }
    const candidate: Candidate = {
      cost,
      left: hubOutwards(this.problem, left, leftChoice),
      right: hubOutwards(this.problem, right, rightChoice),
      leftThickness,
      rightThickness,
      shims,
    };
    if (full && last && this.compare(candidate, last) >= 0) return;
    let at = this.list.length;
    while (at > 0 && this.compare(candidate, this.list[at - 1]!) < 0) at--;
    this.list.splice(at, 0, candidate);
    if (this.list.length > this.top) this.list.pop();
    if (this.list.length === this.top) this.bar = this.list[this.top - 1]!.cost + equalCost;
  }

  private compare(one: Candidate, other: Candidate): number {
    if (Math.abs(one.cost - other.cost) > equalCost) return one.cost - other.cost;
    return (
      one.left.length + one.right.length - other.left.length - other.right.length ||
      one.leftThickness - other.leftThickness ||
      one.shims.rotorShim - other.shims.rotorShim ||
      one.shims.caliperShim - other.shims.caliperShim ||
      compareIds(this.problem, one.left, other.left) ||
      compareIds(this.problem, one.right, other.right)
    );
  }
}

/** Plain washers thick to thin from the hub, the tabbed one last, next to the dropout. */
function hubOutwards({ washers }: Problem, side: SideChoices, choice: number): number[] {
  const from = choice * side.width;
  return [...side.members.subarray(from, from + side.sizes[choice]!)].sort((a, b) => {
    const [one, other] = [washers[a]!, washers[b]!];
    if (one.kind !== other.kind) return one.kind === 'tabbed' ? 1 : -1;
    return other.thickness - one.thickness || (one.id < other.id ? -1 : one.id > other.id ? 1 : 0);
  });
}

function compareIds({ washers }: Problem, one: readonly number[], other: readonly number[]): number {
  for (let i = 0; i < Math.min(one.length, other.length); i++) {
    const [a, b] = [washers[one[i]!]!.id, washers[other[i]!]!.id];
    if (a !== b) return a < b ? -1 : 1;
  }
  return one.length - other.length;
}
