import type { Problem } from './problem';

/** Cost of one shim. */
export const shimCost = 0.5;

/** Shims under rotor and caliper with what they cost for one left stack. */
export interface ShimChoice {
  /** 2·R² + 0.5·shims. */
  cost: number;
  rotorShims: readonly number[];
  caliperShims: readonly number[];
  rotorShim: number;
  caliperShim: number;
  /** R in hundredths of a millimetre. */
  rotorError: number;
}

interface Packing {
  total: number;
  pieces: readonly number[];
}

const noShims: ShimChoice = {
  cost: 0,
  rotorShims: [],
  caliperShims: [],
  rotorShim: 0,
  caliperShim: 0,
  rotorError: 0,
};

/**
 * The best shims for each left stack thickness: rotor error depends on nothing else, so this is settled before any
 * washers are paired.
 *
 * @returns for a left thickness: the cheapest choice (then the thinnest rotor shim, then the thinnest caliper shim), or
 * null when the caliper cannot reach the rotor
 */
export function shimChooser(problem: Problem): (leftThickness: number) => ShimChoice | null {
  const { rotorBase, rotorAdjust, allows } = problem;
  if (rotorBase === null) return () => noShims;
  const rotor = packings(problem.rotorShims);
  const caliper = packings(problem.caliperShims);
  const known = new Map<number, ShimChoice | null>();
  return (leftThickness) => {
    const before = known.get(leftThickness);
    if (before !== undefined) return before;
    const allowed = allows && ((q: number, p: number) => allows(leftThickness, q, p));
    const best = bestShims(rotorBase + leftThickness, rotorAdjust, rotor, caliper, allowed);
    known.set(leftThickness, best);
    return best;
  };
}

function bestShims(
  bare: number,
  adjust: number,
  rotor: readonly Packing[],
  caliper: readonly Packing[],
  allowed?: (rotorShim: number, caliperShim: number) => boolean,
): ShimChoice | null {
  let best: ShimChoice | null = null;
  for (const q of rotor) {
    for (const p of caliper) {
      const rotorError = bare - q.total - p.total;
      if (Math.abs(rotorError) > adjust) continue;
      if (allowed && !allowed(q.total, p.total)) continue;
      const cost = (2 * rotorError ** 2) / 1e4 + shimCost * (q.pieces.length + p.pieces.length);
      // Packings come thinnest first, so that of equal costs the thinner shims stay.
      if (best && cost > best.cost - 1e-9) continue;
      best = {
        cost,
        rotorShims: q.pieces,
        caliperShims: p.pieces,
        rotorShim: q.total,
        caliperShim: p.total,
        rotorError,
      };
    }
  }
  return best;
}

/** No shim, one, or two different ones; for each total the fewest pieces, thinnest total first. */
function packings(shims: readonly number[]): Packing[] {
  const byTotal = new Map<number, Packing>([[0, { total: 0, pieces: [] }]]);
  const offer = (pieces: number[]) => {
    const total = pieces.reduce((sum, piece) => sum + piece, 0);
    const before = byTotal.get(total);
    if (!before || before.pieces.length > pieces.length) byTotal.set(total, { total, pieces });
  };
  shims.forEach((one, i) => {
    offer([one]);
    shims.slice(i + 1).forEach((two) => offer([Math.max(one, two), Math.min(one, two)]));
  });
  return [...byTotal.values()].sort((a, b) => a.total - b.total);
}
