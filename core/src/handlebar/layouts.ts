import type { BarLayout, BarPart, BarSide, HandlebarInput } from './contract';
import { clampPlayMm, figuresOf, isThrottle, isTooTight, type BarFigures } from './kinds';
import { ordersOfSide, sideCost, type SideOrder } from './one-side';
import { alikeKey, byFigure, byText } from './ordering';
import { keptLayouts } from './orders';

/** What can be arranged: the best layouts, and how much is missing where there is none. */
export interface Arranged {
  layouts: BarLayout[];
  /** Least sum of what is too long over all orders that keep every other rule; null when no order does. */
  missingMm: number | null;
}

interface Candidate {
  layout: BarLayout;
  throttleRight: boolean;
  /** The same without ids: layouts that differ only by parts that are alike are one. */
  alike: string;
}

/** Every way to share the parts between both sides, each in every order that keeps the rules: exact, over all of them. */
export function arrange(input: HandlebarInput): Arranged {
  const { bar, parts, prefer } = input;
  const figures = figuresOf(input);
  const centre = parts.filter(({ side }) => side === 'centre');
  if (parts.some((part) => isTooTight(clampPlayMm(part, bar)))) return { layouts: [], missingMm: null };
  const centreLongMm = Math.max(0, centre.reduce((sum, { widthMm }) => sum + widthMm, 0) - bar.centreMm);
  const atBar = parts.filter(({ side }) => side !== 'centre');
  const free = atBar.filter(({ side }) => side === 'either');
  const may = (side: BarSide) => atBar.filter((part) => part.side === side || part.side === 'either');
  const ordersOn = {
    left: ordersOfSide(may('left'), { straightMm: bar.straightMm.left, figures }),
    right: ordersOfSide(may('right'), { straightMm: bar.straightMm.right, figures }),
  };
  let missingMm: number | null = null;
  const candidates: Candidate[] = [];
  for (const mask of masksByLength(input, free)) {
    const goesRight = new Set(free.filter((_, index) => mask & (1 << index)));
    const on = (side: BarSide) =>
      atBar.filter((part) =>
        part.side === 'either' ? goesRight.has(part) === (side === 'right') : part.side === side,
      );
    // Shares are tried from the shortest on: where widths alone are longer than what is known to be missing, no order helps.
    const leastMm =
      atLeastLongMm(on('left'), bar.straightMm.left, figures) +
      atLeastLongMm(on('right'), bar.straightMm.right, figures);
    if (missingMm !== null && leastMm + centreLongMm > missingMm + 1e-6) continue;
    const [left, right] = [ordersOn.left(on('left')), ordersOn.right(on('right'))];
    if (left.length === 0 || right.length === 0) continue;
    const least = (orders: readonly SideOrder[]) => Math.min(...orders.map(({ tooLongMm }) => tooLongMm));
    const missing = least(left) + least(right) + centreLongMm;
    missingMm = missingMm === null ? missing : Math.min(missingMm, missing);
    if (missing > 1e-6) continue;
    const shared =
      sideCost(on('left'), 'left', prefer?.throttleSide) +
      sideCost(on('right'), 'right', prefer?.throttleSide) +
      centreCost(centre);
    for (const one of bestOf(left)) {
      for (const other of bestOf(right)) candidates.push(together(one, other, centre, shared));
    }
  }
  return { layouts: bestLayouts(candidates), missingMm };
}

/** How much too long parts are by their widths alone, after all that a grip could overhang or lose. */
function atLeastLongMm(parts: readonly BarPart[], straightMm: number, figures: BarFigures): number {
  const widths = parts.reduce((sum, { widthMm }) => sum + widthMm, 0);
  const cuts = parts.map(({ kind, widthMm, minWidthMm }) =>
    kind === 'grip' && minWidthMm !== undefined ? Math.max(0, widthMm - minWidthMm) : 0,
  );
  return Math.max(0, widths - straightMm - figures.overhangMm - Math.max(0, ...cuts));
}

/** Every way to share the parts that may be on either side, the evenest first. */
function masksByLength({ bar }: HandlebarInput, free: readonly BarPart[]): number[] {
  const widths = (mask: number) =>
    free.reduce((sum, { widthMm }, index) => sum + (mask & (1 << index) ? widthMm : -widthMm), 0);
  const uneven = bar.straightMm.right - bar.straightMm.left;
  return Array.from({ length: 2 ** free.length }, (_, mask) => mask).sort(
    (a, b) => Math.abs(widths(a) - uneven) - Math.abs(widths(b) - uneven),
  );
}

/** The best orders of a side that fit, without those that are like a better one. */
function bestOf(orders: readonly SideOrder[]): SideOrder[] {
  const sorted = orders
    .filter(({ tooLongMm }) => tooLongMm === 0)
    .sort((a, b) => byFigure(a.cost, b.cost) || byFigure(a.usedMm, b.usedMm) || byText(idsOf(a), idsOf(b)));
  const seen = new Set<string>();
  const distinct = sorted.filter(({ parts }) => {
    const alike = alikeKey(parts);
    if (seen.has(alike)) return false;
    seen.add(alike);
    return true;
  });
  return distinct.slice(0, keptLayouts);
}

/** Both sides and the middle as one layout. @param shared - what it costs besides the order of each side */
export function layoutOf(left: SideOrder, right: SideOrder, centre: readonly BarPart[], shared: number): BarLayout {
  return {
    cost: left.cost + right.cost + shared,
    left: left.placed,
    right: right.placed,
    centre: centre.map(({ id }) => id),
    cuts: [left.cut, right.cut].filter((cut) => cut !== null),
    overhangMm: { left: left.overhangMm, right: right.overhangMm },
    usedMm: { left: left.usedMm, right: right.usedMm },
  };
}

/** What parts cost that leave where they are for the middle. */
export function centreCost(centre: readonly BarPart[]): number {
  return centre.filter(({ nowSide }) => nowSide !== undefined && nowSide !== 'centre').length * 0.5;
}

function together(left: SideOrder, right: SideOrder, centre: readonly BarPart[], shared: number): Candidate {
  return {
    layout: layoutOf(left, right, centre, shared),
    throttleRight: right.parts.some(({ kind }) => isThrottle(kind)),
    alike: `${alikeKey(left.parts)} ${alikeKey(right.parts)}`,
  };
}

function bestLayouts(candidates: readonly Candidate[]): BarLayout[] {
  const used = ({ layout: { usedMm } }: Candidate) => usedMm.left + usedMm.right;
  const ids = ({ layout }: Candidate, side: BarSide) => layout[side].map(({ id }) => id).join(' ');
  const sorted = [...candidates].sort(
    (a, b) =>
      byFigure(a.layout.cost, b.layout.cost) ||
      byFigure(used(a), used(b)) ||
      Number(a.throttleRight) - Number(b.throttleRight) ||
      byText(ids(a, 'left'), ids(b, 'left')) ||
      byText(ids(a, 'right'), ids(b, 'right')),
  );
  const seen = new Set<string>();
  const distinct = sorted.filter(({ alike }) => {
    if (seen.has(alike)) return false;
    seen.add(alike);
    return true;
  });
  return distinct.slice(0, keptLayouts).map(({ layout }) => layout);
}

const idsOf = ({ parts }: SideOrder): string => parts.map(({ id }) => id).join(' ');
