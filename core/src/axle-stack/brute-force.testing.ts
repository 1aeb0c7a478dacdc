import type { AxleStackInput } from './contract';

/** A stack as plain enumeration finds it. */
export interface BruteStack {
  cost: number;
  left: string[];
  right: string[];
  washers: number;
  a: number;
  q: number;
  p: number;
}

const spreads = {
  steel: [3, 1],
  titanium: [2, 0.7],
  'forged-aluminium': [1, 0.5],
  'cast-aluminium': [0.5, 0.3],
  magnesium: [0.5, 0.3],
  carbon: [0, 0],
};

/**
 * The stack problem by plain enumeration of every subset and every shim, straight from the formulas in millimetres. Shares
 * nothing with the search under test.
 */
export function bruteForce(input: AxleStackInput): BruteStack[] {
  const [spread, pinch] = input.suspension ? [0.5, 0.3] : spreads[input.material];
  const m = input.hub.rotorFaceMm;
  const r = input.want?.rotorFaceMm;
  const hasRotor = m !== undefined && r !== undefined;
  const adjust = input.want?.rotorAdjustMm ?? 1.5;
  const rotorShims = hasRotor ? zeroOneTwo(input.rotorShims) : [[]];
  const caliperShims = hasRotor ? zeroOneTwo(input.want?.caliperShimsMm ?? []) : [[]];
  const outside = (side: 'left' | 'right') => input.outside[side].reduce((s, part) => s + part.thicknessMm, 0);
  const sides = (tab: boolean) =>
    subsets(input.washers.map((w) => Math.min(w.count, 5))).filter((counts) => {
      const tabs = counts.reduce((s, c, i) => s + (input.washers[i]!.kind === 'tabbed' ? c : 0), 0);
      return tabs === (tab ? 1 : 0);
    });
  const thickness = (counts: number[]) => counts.reduce((s, c, i) => s + c * input.washers[i]!.thicknessMm, 0);
  const threadOk = (side: 'left' | 'right', stack: number) =>
    input.hub.axleMm[side] - stack - input.plateMm[side] - outside(side) - input.nutMm >= -1e-7 &&
    stack + input.plateMm[side] + outside(side) >= (input.hub.threadFromMm?.[side] ?? 0) - 1e-7;
  const found: BruteStack[] = [];
  const rights = sides(input.tabs.right);
  for (const left of sides(input.tabs.left)) {
    const a = thickness(left);
    if (!threadOk('left', a)) continue;
    for (const right of rights) {
      if (left.some((c, i) => c + right[i]! > input.washers[i]!.count)) continue;
      const b = thickness(right);
      if (!threadOk('right', b)) continue;
      const s = input.hub.shoulderWidthMm + a + b - input.spacingMm;
      if (s > spread! + 1e-7 || s < -pinch! - 1e-7) continue;
      const o = input.hub.rimOffsetMm + (a - b) / 2 + (input.frameOffsetMm ?? 0);
      if (Math.abs(o) > 2 + 1e-7) continue;
      const k = input.hub.smallSprocketMm;
      if (k !== undefined && k + b < (input.want?.sprocketGapMinMm ?? 4) - 1e-7) continue;
      let best: BruteStack | null = null;
      for (const qs of rotorShims) {
        for (const ps of caliperShims) {
          const q = sum(qs);
          const p = sum(ps);
          const error = hasRotor ? m - q + a - (r + p) : 0;
          if (Math.abs(error) > adjust + 1e-7) continue;
          const washers = sum(left) + sum(right);
          const cost =
            4 * o * o +
            2 * error * error +
            2 * (s / (s >= 0 ? spread! : pinch!)) ** 2 +
            0.15 * washers +
            0.5 * (qs.length + ps.length);
          const candidate = { cost, left: ids(input, left), right: ids(input, right), washers, a, q, p };
          if (!best || compare(candidate, best) < 0) best = candidate;
        }
      }
      if (best) found.push(best);
    }
  }
  return found.sort(compare);
}

function compare(x: BruteStack, y: BruteStack): number {
  const differ = (one: number, other: number) => (Math.abs(one - other) > 1e-9 ? one - other : 0);
  return (
    differ(x.cost, y.cost) ||
    x.washers - y.washers ||
    differ(x.a, y.a) ||
    differ(x.q, y.q) ||
    differ(x.p, y.p) ||
    order(x.left, y.left) ||
    order(x.right, y.right)
  );
}

function order(one: string[], other: string[]): number {
  for (let i = 0; i < Math.min(one.length, other.length); i++) {
    if (one[i] !== other[i]) return one[i]! < other[i]! ? -1 : 1;
  }
  return one.length - other.length;
}

function ids(input: AxleStackInput, counts: number[]): string[] {
  return counts
    .flatMap((count, i) => Array.from({ length: count }, () => input.washers[i]!))
    .sort(
      (x, y) =>
        Number(x.kind === 'tabbed') - Number(y.kind === 'tabbed') ||
        y.thicknessMm - x.thicknessMm ||
        (x.id < y.id ? -1 : 1),
    )
    .map((w) => w.id);
}

function subsets(most: number[]): number[][] {
  if (most.length === 0) return [[]];
  const [first, ...rest] = most;
  const tails = subsets(rest);
  const all: number[][] = [];
  for (let count = 0; count <= first!; count++) {
    for (const tail of tails) if (count + sum(tail) <= 5) all.push([count, ...tail]);
  }
  return all;
}

function zeroOneTwo(shims: readonly number[]): number[][] {
  const all: number[][] = [[]];
  shims.forEach((one, i) => {
    all.push([one]);
    shims.slice(i + 1).forEach((two) => all.push([one, two]));
  });
  return all;
}

function sum(values: readonly number[]): number {
  return values.reduce((total, value) => total + value, 0);
}
