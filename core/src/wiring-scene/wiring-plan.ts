import type { JoinWay, PlugJoin, WiringPlug } from '../connections';
import type { Verdict } from '../verdict';

/** One line of the diagram: a join, or a plug that stays open. */
export interface WiringRow {
  left: WiringPlug;
  /** Null: it stays open. */
  right: WiringPlug | null;
  way: JoinWay | 'open';
  adapters: string[];
  verdict: Verdict;
  y: number;
}

export interface WiringBox {
  part: string;
  side: 'left' | 'right';
  top: number;
  height: number;
}

export interface WiringPlan {
  rows: WiringRow[];
  boxes: WiringBox[];
  height: number;
}

const rowHeight = 46;
const headHeight = 24;
const gap = 14;
/** Room for the line round the first box. */
const edge = 2;

/**
 * Lays out the joins of a loom: the part with most plugs at the left, what it leads to at the right, below that what other parts
 * have between themselves.
 *
 * @param middle - the part at the left; null where there is none
 */
export function wiringPlan(
  plugs: readonly WiringPlug[],
  joins: readonly PlugJoin[],
  unused: readonly { id: string }[],
  middle: string | null,
): WiringPlan {
  const byId = new Map(plugs.map((plug) => [plug.id, plug]));
  const lines = [
    ...joins.map((join) => lineOf(join, byId, middle)),
    ...unused.map(({ id }) => openLine(byId.get(id)!)),
  ].sort(
    (a, b) =>
      Number(b.left.on === middle) - Number(a.left.on === middle) ||
      order(a.left.on, b.left.on) ||
      Number(a.right === null) - Number(b.right === null) ||
      order(a.right?.on ?? '', b.right?.on ?? '') ||
      order(a.left.id, b.left.id),
  );
  const rows: WiringRow[] = [];
  const boxes: WiringBox[] = [];
  let y = edge;
  let last: { left: string; right: string | null } | null = null;
  for (const line of lines) {
    const right = line.right?.on ?? null;
    const isNewLeft = last === null || last.left !== line.left.on;
    const isNewRight = isNewLeft || last!.right !== right;
    if (isNewLeft && last !== null) y += gap;
    if (isNewRight) {
      y += last !== null && !isNewLeft ? gap : 0;
      if (right !== null) boxes.push({ part: right, side: 'right', top: y, height: headHeight });
    }
    if (isNewLeft) boxes.push({ part: line.left.on, side: 'left', top: y, height: headHeight });
    if (isNewRight) y += headHeight;
    rows.push({ ...line, y: y + rowHeight / 2 });
    y += rowHeight;
    for (const side of ['left', 'right'] as const) {
      const box = boxes.filter((each) => each.side === side).at(-1);
      if (box && (side === 'left' || right !== null)) box.height = y - box.top;
    }
    last = { left: line.left.on, right };
  }
  return { rows, boxes, height: y + gap };
}

type Line = Omit<WiringRow, 'y'>;

function lineOf(
  { a, b, way, adapters, verdict }: PlugJoin,
  byId: ReadonlyMap<string, WiringPlug>,
  middle: string | null,
): Line {
  const [one, other] = [byId.get(a)!, byId.get(b)!];
  const isTurned = other.on === middle;
  return { left: isTurned ? other : one, right: isTurned ? one : other, way, adapters, verdict };
}

const openLine = (plug: WiringPlug): Line => ({
  left: plug,
  right: null,
  way: 'open',
  adapters: [],
  verdict: plug.live ? 'work' : 'goes',
});

const order = (a: string, b: string) => (a < b ? -1 : a > b ? 1 : 0);
