import { said, type Said } from '../said';
import { withLimits } from '../limits';
import { materialWords } from '../materials';
import type { AxleStackInput, Impossible, LimitName, Purchase } from './contract';
import { allowedSpread, hundredths, type Problem, type WasherKind } from './problem';
import { cheapestStacks, type Candidate } from './search';

/** How far a limit is opened to see whether it alone forbids the stack: farther than any real end. */
const wideOpen = 4_000;

type Relaxation = (problem: Problem) => Problem;

/** In the order in which an installer meets them. */
const relaxations: readonly (readonly [LimitName, Relaxation])[] = [
  ['spread', (p) => ({ ...p, spread: { ...p.spread, to: wideOpen } })],
  ['pinch', (p) => ({ ...p, spread: { ...p.spread, from: -wideOpen } })],
  ['tabbed-washers', (p) => ({ ...p, washers: [...p.washers, ...endlessTabs(p)] })],
  ['rim-offset', (p) => ({ ...p, rimTwiceMax: wideOpen })],
  ['rotor-error', (p) => ({ ...p, rotorAdjust: wideOpen })],
  ['sprocket-gap', (p) => ({ ...p, right: { ...p.right, from: 0 } })],
  ['thread-left', (p) => ({ ...p, left: { ...p.left, to: wideOpen } })],
  ['thread-right', (p) => ({ ...p, right: { ...p.right, to: wideOpen } })],
  ['nut-bottoms-left', (p) => ({ ...p, left: { ...p.left, from: 0 } })],
  ['nut-bottoms-right', (p) => ({ ...p, right: { ...p.right, from: 0 } })],
];

/**
 * Why no stack is possible, and the cheapest purchase that changes it.
 *
 * The limit named is the first that, lifted alone, lets a stack through; when several forbid it together, the one that
 * closes the door when they are put back one after the other.
 */
export function whyImpossible(input: AxleStackInput, problem: Problem): Impossible {
  const limit = limitingReason(input, problem);
  const purchase = cheapestPurchase(problem, withLimits(input.limits).purchaseMm);
  return { limit, because: reasonInWords(input, problem, limit), ...(purchase && { purchase }) };
}

/** A carbon end is refused without a search. */
export function carbonEnd(): Impossible {
  return { limit: 'material', because: said('axle-stack.end-takes-no-motor', { carbon: materialWords.carbon }) };
}

function limitingReason(input: AxleStackInput, problem: Problem): LimitName {
  const applies = ordered(problem).filter(([name]) => concerns(input, problem, name));
  for (const [name, relax] of applies) {
    if (cheapestStacks(relax(problem), 1).length > 0) return name;
  }
  let open = applies.reduce((all, [, relax]) => relax(all), problem);
  for (const [name] of applies) {
    const rest = applies.slice(applies.findIndex(([other]) => other === name) + 1);
    open = rest.reduce((all, [, relax]) => relax(all), problem);
    if (cheapestStacks(open, 1).length === 0) return name;
  }
  return problem.room + problem.spread.to < 0 ? 'spread' : 'pinch';
}

/** Where what must go in fits between shoulders and dropouts, it is the room that is not filled, not the hub that is wide. */
function ordered(problem: Problem): readonly (readonly [LimitName, Relaxation])[] {
  const tabs = problem.washers.filter(({ kind }) => kind === 'tabbed').map(({ thickness }) => thickness);
  const sides = Number(problem.tabs.left) + Number(problem.tabs.right);
  const least = sides * (tabs.length > 0 ? Math.min(...tabs) : 0);
  if (problem.room + problem.spread.to < least) return relaxations;
  const [spread, pinch, ...rest] = relaxations;
  return [pinch!, spread!, ...rest];
}

function concerns(input: AxleStackInput, problem: Problem, name: LimitName): boolean {
  if (name === 'rotor-error') return problem.rotorBase !== null;
  if (name === 'tabbed-washers') return problem.tabs.left || problem.tabs.right;
  if (name === 'sprocket-gap') return input.hub.smallSprocketMm !== undefined;
  return true;
}

function endlessTabs({ washers }: Problem): WasherKind[] {
  const sizes = new Set(washers.filter((w) => w.kind === 'tabbed').map((w) => w.thickness));
  if (sizes.size === 0) sizes.add(200).add(250);
  return [...sizes].map((thickness) => ({
    id: `more-${thickness}`,
    kind: 'tabbed',
    thickness,
    count: 10,
    bought: false,
  }));
}

function reasonInWords(input: AxleStackInput, problem: Problem, limit: LimitName): Said {
  const limits = withLimits(input.limits);
  const { spreadMm, pinchMm } = allowedSpread(input, limits);
  const room = problem.room / 100;
  const end = input.suspension ? said('shared.suspension-fork') : materialWords[input.material];
  const side = limit.endsWith('left') ? 'left' : 'right';
  switch (limit) {
    case 'spread':
      return room < 0
        ? said('axle-stack.hub-is-wider-than-spacing-before', { room: -room, end, spreadMm })
        : said('axle-stack.between-shoulders-and-dropouts-there-is', { room, spreadMm, end });
    case 'pinch':
      return said('axle-stack.between-shoulders-and-dropouts-there-is-to', { room, pinchMm, end });
    case 'tabbed-washers':
      return said('axle-stack.tabbed-washer-is-needed-inside-stores', {
        sides: input.tabs.left && input.tabs.right ? 'both' : input.tabs.left ? 'left' : 'right',
      });
    case 'rim-offset':
      return said('axle-stack.with-these-washers-rim-stays-more', { rimOffsetMm: limits.rimOffsetMm });
    case 'rotor-error':
      return said('axle-stack.with-these-washers-and-shims-rotor', { rotorAdjustMm: input.want?.rotorAdjustMm ?? 1.5 });
    case 'sprocket-gap':
      return said('axle-stack.smallest-sprocket-cannot-be-kept-off', {
        sprocketGapMinMm: input.want?.sprocketGapMinMm ?? 4,
      });
    case 'thread-left':
    case 'thread-right':
      return said('axle-stack.on-axle-is-too-short-for', { side });
    case 'nut-bottoms-left':
    case 'nut-bottoms-right':
      return said('axle-stack.on-nut-would-bottom-on-end-of', { side });
    case 'material':
      return carbonEnd().because;
  }
}

/** Fewest pieces, then least thickness, then the best fit. Washers first; shims only where no washer helps. */
function cheapestPurchase(problem: Problem, sizesMm: readonly number[]): Purchase[] | undefined {
  const shop = withShop(problem, sizesMm);
  const washers = boughtWashers(shop);
  if (washers) return washers;
  const anyRotor = { ...shop, rotorAdjust: wideOpen };
  if (problem.rotorBase === null || !boughtWashers(anyRotor, true)) return undefined;
  let best: { purchase: Purchase[]; pieces: number; thickness: number } | undefined;
  const { washers: onSale } = shop;
  for (const kind of ['rotor-shim', 'caliper-shim'] as const) {
    for (const sizeMm of sizesMm) {
      const size = hundredths(sizeMm);
      const list = kind === 'rotor-shim' ? 'rotorShims' : 'caliperShims';
      const more = boughtWashers({ ...problem, washers: onSale, [list]: [...problem[list], size] }, true);
      if (!more) continue;
      const purchase = [...more, { kind, thicknessMm: sizeMm, count: 1 }];
      const pieces = purchase.reduce((sum, item) => sum + item.count, 0);
      const thickness = purchase.reduce((sum, item) => sum + item.count * item.thicknessMm, 0);
      const better = !best || pieces < best.pieces || (pieces === best.pieces && thickness < best.thickness - 1e-9);
      if (better) best = { purchase, pieces, thickness };
    }
  }
  return best?.purchase;
}

/** Thinnest tabbed washer that is worth buying, in mm [J]. */
const thinnestTabMm = 2;

function withShop(problem: Problem, sizesMm: readonly number[]): Problem {
  const kinds: WasherKind['kind'][] = problem.tabs.left || problem.tabs.right ? ['plain', 'tabbed'] : ['plain'];
  const shop = kinds.flatMap((kind) =>
    // A foil does not keep an axle from turning.
    sizesMm
      .filter((sizeMm) => kind === 'plain' || sizeMm >= thinnestTabMm)
      .map((sizeMm) => ({
        id: `buy-${kind}-${sizeMm}`,
        kind,
        thickness: hundredths(sizeMm),
        count: 2 * problem.insideMax,
        bought: true,
      })),
  );
  return { ...problem, washers: [...problem.washers, ...shop] };
}

/** The bought washers of the best stack with the fewest of them; an empty list when none is needed. */
function boughtWashers(problem: Problem, noneIsFine = false): Purchase[] | undefined {
  for (let most = noneIsFine ? 0 : 1; most <= problem.insideMax; most++) {
    const [found] = cheapestStacks(problem, 1, most);
    if (!found) continue;
    const pieces = bought(problem, found).length;
    // As many pieces all on one side may be thinner than the same number spread over both.
    const [best = found] = pieces > most ? cheapestStacks(problem, 1, Math.min(pieces, problem.insideMax)) : [found];
    return counted(bought(problem, best));
  }
  return undefined;
}

function bought(problem: Problem, { left, right }: Candidate): WasherKind[] {
  return [...left, ...right].map((index) => problem.washers[index]!).filter((kind) => kind.bought);
}

function counted(kinds: readonly WasherKind[]): Purchase[] {
  const counts = new Map<WasherKind, number>();
  for (const kind of kinds) counts.set(kind, (counts.get(kind) ?? 0) + 1);
  return [...counts].map(([{ kind, thickness }, count]) => ({ kind, thicknessMm: thickness / 100, count }));
}
