import type { BarLayout, BarPart, BarPartKind, BarRoom, BarSide, PlacedPart } from '../handlebar';

/** A part as it lies on the bar, from the left end to the right one. */
export interface BarBlock {
  id: string;
  number: number;
  kind: BarPartKind;
  fromMm: number;
  toMm: number;
  side: BarSide | 'centre';
  /** A grip: so much is cut off its inner end. */
  cutMm?: number;
}

export interface BarPlan {
  fromMm: number;
  toMm: number;
  /** Ends of the bar and of its straight lengths: left end, left bend, right bend, right end. */
  barMm: [number, number, number, number];
  blocks: BarBlock[];
  /** Where the palms lie. */
  palmsMm: [from: number, to: number][];
}

/** An order of what is on the bar, as it was worked out or as it was taken. */
export type OnBar = Pick<BarLayout, 'left' | 'right' | 'centre' | 'cuts'>;

const palmMm = 95;
const gapMm = 4;

/**
 * The bar from above as a plan in millimetres, the rider's left at the left.
 *
 * @param parts - numbered in this order
 * @param layout - null: the bar alone
 */
export function barPlan(room: BarRoom, parts: readonly BarPart[], layout: OnBar | null): BarPlan {
  const { left, right } = room.straightMm;
  const endMm = left + room.centreMm + right;
  const numbers = new Map(parts.map(({ id }, at) => [id, at + 1]));
  const kinds = new Map(parts.map(({ id, kind }) => [id, kind]));
  const cuts = new Map((layout?.cuts ?? []).map(({ id, mm }) => [id, mm]));
  const onSide = (placed: readonly PlacedPart[], side: BarSide): BarBlock[] =>
    placed.map(({ id, fromMm, toMm }) => ({
      id,
      number: numbers.get(id)!,
      kind: kinds.get(id)!,
      fromMm: side === 'left' ? fromMm : endMm - toMm,
      toMm: side === 'left' ? toMm : endMm - fromMm,
      side,
      ...(cuts.has(id) && { cutMm: cuts.get(id)! }),
    }));
  const blocks = layout
    ? [
        ...onSide(layout.left, 'left'),
        ...inCentre(parts, layout.centre, numbers, left, room.centreMm),
        ...onSide(layout.right, 'right'),
      ]
    : [];
  const overLeft = overhang(layout?.left ?? []);
  const overRight = overhang(layout?.right ?? []);
  return {
    fromMm: 0 - overLeft,
    toMm: endMm + overRight,
    barMm: [0, left, endMm - right, endMm],
    blocks,
    palmsMm: layout
      ? [
          [0 - overLeft, palmMm - overLeft],
          [endMm + overRight - palmMm, endMm + overRight],
        ]
      : [],
  };
}

/** A grip that is longer than its place stands over the end of the bar. */
const overhang = (placed: readonly PlacedPart[]): number => Math.max(0, ...placed.map(({ fromMm }) => -fromMm));

/** Side by side about the stem. */
function inCentre(
  parts: readonly BarPart[],
  ids: readonly string[],
  numbers: ReadonlyMap<string, number>,
  leftMm: number,
  centreMm: number,
): BarBlock[] {
  const placed = ids.map((id) => parts.find((part) => part.id === id)!);
  const usedMm = placed.reduce((sum, { widthMm }) => sum + widthMm, 0) + gapMm * Math.max(0, placed.length - 1);
  let fromMm = leftMm + (centreMm - usedMm) / 2;
  return placed.map(({ id, kind, widthMm }) => {
    const block: BarBlock = { id, number: numbers.get(id)!, kind, fromMm, toMm: fromMm + widthMm, side: 'centre' };
    fromMm += widthMm + gapMm;
    return block;
  });
}

/** Where a part that is pushed so far comes to stand: which side, and behind how many others. */
export function placeOnBar(
  { blocks, barMm }: Pick<BarPlan, 'blocks' | 'barMm'>,
  id: string,
  atMm: number,
): { side: BarSide | 'centre'; at: number } {
  const [, leftBend, rightBend] = barMm;
  const side = atMm < leftBend ? 'left' : atMm > rightBend ? 'right' : 'centre';
  const middle = ({ fromMm, toMm }: BarBlock) => (fromMm + toMm) / 2;
  const others = blocks.filter((block) => block.id !== id && block.side === side);
  const before = others.filter((block) => (side === 'right' ? middle(block) > atMm : middle(block) < atMm));
  return { side, at: before.length };
}
