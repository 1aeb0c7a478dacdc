import type { BarPart } from './contract';
import { isHeld, isLever, isTwistThrottle, reachLimitMm, turns, type BarFigures } from './kinds';
import { alikeKey, byFigure, byText } from './ordering';

/** As many layouts are told. */
export const keptLayouts = 3;

/** A limit that is just met is kept. */
export const dustMm = 1e-6;

/** The parts of a side from the hand inboard, as far as they have been put on. */
interface Row {
  parts: readonly BarPart[];
  ids: string;
  /** From the hand to the end of its last part. */
  endMm: number;
  /** Of reach. */
  cost: number;
}

/**
 * Every order behind a hand place that may be among the best for the parts that it holds: for each set of parts, each that may be
 * last, those rows that no three others surely beat. What comes later depends on nothing but the set, the last part and how far
 * the row reaches, so that what is left out here could never have been told.
 */
export class RowsBehind {
  private readonly rows: (Map<number, Row[]> | undefined)[];
  private readonly candidates: readonly BarPart[];

  constructor(
    private readonly hand: readonly BarPart[],
    parts: readonly BarPart[],
    private readonly figures: BarFigures,
  ) {
    const twist = hand.some(({ kind }) => isTwistThrottle(kind));
    this.candidates = parts
      // A twist shifter beside a twist throttle: two things that turn, and one hand.
      .filter(({ kind }) => !isHeld(kind) && !(twist && kind === 'shifter-twist'))
      .sort((a, b) => byText(a.id, b.id));
    this.rows = this.grow();
  }

  /** Orders of just these parts, without the hand place; none where a rule forbids every one. */
  of(parts: readonly BarPart[]): (readonly BarPart[])[] {
    let set = 0;
    for (const part of parts) {
      const index = this.candidates.indexOf(part);
      if (index < 0) return [];
      set |= 1 << index;
    }
    return [...(this.rows[set]?.values() ?? [])].flat().map((row) => row.parts);
  }

  private grow(): (Map<number, Row[]> | undefined)[] {
    const { candidates } = this;
    const rows: (Map<number, Row[]> | undefined)[] = [new Map([[-1, [{ parts: [], ids: '', endMm: 0, cost: 0 }]]])];
    const before = earlierAlike(candidates);
    for (let set = 0; set < 2 ** candidates.length; set++) {
      for (const row of [...(rows[set]?.values() ?? [])].flat()) {
        for (const [index, part] of candidates.entries()) {
          // Parts that are alike in all but their id go on in the order of their ids.
          if (set & (1 << index) || set & before[index]!) continue;
          const next = this.followedBy(row, part);
          if (!next) continue;
          const grown = set | (1 << index);
          const byLast = (rows[grown] ??= new Map<number, Row[]>());
          byLast.set(index, withBest(byLast.get(index) ?? [], next));
        }
      }
    }
    return rows;
  }

  private followedBy(row: Row, part: BarPart): Row | null {
    const outer = row.parts.at(-1);
    if (!mayFollow(part, outer)) return null;
    const reachMm = row.endMm + roomBetween(outer ?? this.hand.at(-1)!, part, this.figures);
    const limit = reachLimitMm(part.kind, this.figures);
    const overMm = limit === null ? 0 : Math.max(0, reachMm - limit);
    // A thumb throttle is never farther than the thumb reaches.
    if (overMm > (part.kind === 'throttle-thumb' ? 0 : this.figures.overReachMm) + dustMm) return null;
    return {
      parts: [...row.parts, part],
      ids: `${row.ids} ${part.id}`,
      endMm: reachMm + part.widthMm,
      cost: row.cost + overMm / 10,
    };
  }
}

/** For each part the set of those alike that must not be on the bar before it. */
function earlierAlike(candidates: readonly BarPart[]): number[] {
  const alike = candidates.map((part) => alikeKey([part]));
  return candidates.map((_, index) =>
    alike.reduce((set, key, other) => (other > index && key === alike[index] ? set | (1 << other) : set), 0),
  );
}

function withBest(rows: readonly Row[], next: Row): Row[] {
  const all = [...rows, next];
  return all.filter((row) => all.filter((other) => other !== row && beats(other, row)).length < keptLayouts);
}

/** Whatever follows, the one is told before the other. */
function beats(one: Row, other: Row): boolean {
  const cost = byFigure(one.cost, other.cost);
  const end = byFigure(one.endMm, other.endMm);
  if (cost > 0 || end > 0) return false;
  return cost < 0 || end < 0 || one.ids < other.ids;
}

/** Whether a part may stand behind another, or behind the hand place. */
export function mayFollow({ kind }: BarPart, outer: BarPart | undefined): boolean {
  if (kind === 'shifter-twist') return !outer;
  if (kind === 'throttle-thumb') return !outer || isLever(outer.kind);
  return true;
}

/** Room between two neighbours: what turns keeps off, and the outer one's lever swings. */
export function roomBetween(outer: BarPart, inner: BarPart, { gapMm }: BarFigures): number {
  return Math.max(turns(outer.kind) || turns(inner.kind) ? gapMm : 0, outer.sweepMm ?? 0);
}
