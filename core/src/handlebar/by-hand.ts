import { said } from '../said';
import { InputError, readInput } from '../input';
import { finding, told, worstFirst, worstOf, type Finding, type Verdict } from '../verdict';
import { HandlebarInput, type BarLayout, type BarOrder, type BarPart, type BarSide } from './contract';
import { refuseContradictions } from './handlebar';
import { figuresOf, isLever, isTwistThrottle, reachLimitMm, type BarFigures } from './kinds';
import { centreCost, layoutOf } from './layouts';
import { handPlace, lay, sideCost, type SideOrder } from './one-side';
import { dustMm, mayFollow } from './orders';
import { clampRules, cutOffRule, cutRule, reachRule, shimsOf } from './rules';

/** The bar as somebody has ordered it. */
export interface HandLaidBar {
  verdict: Verdict;
  findings: Finding[];
  /** Laid as it was asked for, whatever stands against it. */
  layout: BarLayout;
}

/**
 * An order of one's own: laid as far outboard as its parts allow, and held against every rule that the arranged ones keep.
 *
 * @param order - every part once, from each end inboard
 * @throws InputError as `handlebar` does, and for an order that leaves a part out, has one twice or one that is not there
 */
export function laidByHand(input: HandlebarInput, order: BarOrder): HandLaidBar {
  const read = readInput(HandlebarInput, input);
  refuseContradictions(read);
  const byId = partsOf(read, order);
  const figures = figuresOf(read);
  const on = (side: BarSide) => order[side].map((id) => byId.get(id)!);
  const sides = {
    left: laidSide(on('left'), 'left', read, figures),
    right: laidSide(on('right'), 'right', read, figures),
  };
  const centre = order.centre.map((id) => byId.get(id)!);
  const throttleSide = read.prefer?.throttleSide;
  const shared =
    sideCost(sides.left.parts, 'left', throttleSide) +
    sideCost(sides.right.parts, 'right', throttleSide) +
    centreCost(centre);
  const layout = layoutOf(sides.left, sides.right, centre, shared);
  const findings = [
    ...wrongSide(order, byId),
    ...(['left', 'right'] as const).flatMap((side) => sideRules(on(side), side, sides[side], figures)),
    ...centreRule(centre, read),
    ...cutRule(layout),
    ...reachRule(read, layout),
    ...clampRules(read, shimsOf(read)),
    ...cutOffRule(read),
  ];
  const all =
    findings.length > 0 ? findings : [told('layout', 'goes', said('handlebar.everything-finds-its-place-on-bar'))];
  return { verdict: worstOf(all.map(({ verdict }) => verdict)), findings: worstFirst(all), layout };
}

function partsOf({ parts }: HandlebarInput, order: BarOrder): Map<string, BarPart> {
  const byId = new Map(parts.map((part) => [part.id, part]));
  const seen = new Set<string>();
  for (const side of ['left', 'right', 'centre'] as const) {
    for (const [at, id] of order[side].entries()) {
      if (!byId.has(id) || seen.has(id))
        throw new InputError(`order.${side}.${at}`, id, said('handlebar.part-of-bar-each-once'));
      seen.add(id);
    }
  }
  const left = parts.find(({ id }) => !seen.has(id));
  if (left) throw new InputError('order', order, said('handlebar.with-every-part-is-left-out', { id: left.id }));
  return byId;
}

const empty: SideOrder = { parts: [], placed: [], overhangMm: 0, cut: null, usedMm: 0, tooLongMm: 0, cost: 0 };

function laidSide(parts: readonly BarPart[], side: BarSide, { bar }: HandlebarInput, figures: BarFigures): SideOrder {
  if (parts.length === 0) return empty;
  // What stands outermost is laid as the hand's, whatever it is: that it is none is told.
  const hand = handPlace(parts) ?? parts.slice(0, 1);
  return lay(parts, hand, { straightMm: bar.straightMm[side], figures });
}

/** Where it may go stands with each part. */
function wrongSide(order: BarOrder, byId: ReadonlyMap<string, BarPart>): Finding[] {
  return (['left', 'right', 'centre'] as const).flatMap((side) =>
    order[side]
      .map((id) => byId.get(id)!)
      .filter((part) => part.side !== side && !(part.side === 'either' && side !== 'centre'))
      .map(({ id }) =>
        told(`side.${id}`, 'stop', said('handlebar.does-not-go', { id, side }), [
          said('handlebar.put-it-where-it-may-go'),
        ]),
      ),
  );
}

function sideRules(parts: readonly BarPart[], side: BarSide, laid: SideOrder, figures: BarFigures): Finding[] {
  const hand = handPlace(parts);
  const isOutermost = hand?.every((part, at) => parts[at] === part) ?? false;
  if (!hand || !isOutermost) {
    return [
      told(`hand.${side}`, 'stop', said('handlebar.outermost-hand-needs-one-place-grip', { side }), [
        said('handlebar.put-grip-outermost-and-nothing-else'),
      ]),
    ];
  }
  const cutMm = laid.cut?.mm ?? 0;
  const palm = hand.reduce((sum, { widthMm }) => sum + widthMm, 0) - cutMm;
  return [
    ...(palm < figures.palmMm - dustMm
      ? [
          finding(
            `palm.${side}`,
            'stop',
            said('handlebar.palm-has-it-needs', { palm, side, palmMm: figures.palmMm }),
            { measured: palm, limit: figures.palmMm, margin: palm - figures.palmMm },
            [said('handlebar.take-longer-grip')],
          ),
        ]
      : []),
    ...parts
      .slice(hand.length)
      .flatMap((part, at) => orderRule(part, at === 0 ? undefined : parts[hand.length + at - 1], hand)),
    ...tooFar(parts, hand, laid, figures),
    ...(laid.tooLongMm > 0
      ? [
          finding(
            `length.${side}`,
            'stop',
            said('handlebar.parts-are-too-long', { side, tooLongMm: laid.tooLongMm }),
            { measured: laid.tooLongMm, limit: 0, margin: -laid.tooLongMm },
            [said('handlebar.put-one-of-them-on-other')],
          ),
        ]
      : []),
  ];
}

/** What may not stand there, whatever room it has. */
function orderRule(part: BarPart, outer: BarPart | undefined, hand: readonly BarPart[]): Finding[] {
  if (part.kind === 'shifter-twist' && hand.some(({ kind }) => isTwistThrottle(kind))) {
    return [
      told(`order.${part.id}`, 'stop', said('handlebar.and-twist-throttle-never-share-side', { id: part.id }), [
        said('handlebar.put-throttle-on-other-side'),
      ]),
    ];
  }
  if (mayFollow(part, outer)) return [];
  const because =
    part.kind === 'shifter-twist'
      ? said('handlebar.stands-next-to-hand', { id: part.id })
      : said('handlebar.stands-next-to-hand-or-lever', { id: part.id });
  return [told(`order.${part.id}`, 'stop', because, [said('handlebar.put-it-there')])];
}

/** Farther from the hand than anything that is arranged may be. */
function tooFar(
  parts: readonly BarPart[],
  hand: readonly BarPart[],
  { placed }: SideOrder,
  figures: BarFigures,
): Finding[] {
  return placed.slice(hand.length).flatMap(({ id, reachMm }, at) => {
    const part = parts[hand.length + at]!;
    const limit = reachLimitMm(part.kind, figures);
    if (limit === null || reachMm === undefined) return [];
    const most = limit + (part.kind === 'throttle-thumb' ? 0 : figures.overReachMm);
    if (reachMm <= most + dustMm) return [];
    return [
      finding(
        `far.${id}`,
        'stop',
        said('handlebar.is-from-hand-never-reach-farther', {
          id,
          reachMm,
          isKind: isLever(part.kind) ? 'yes' : 'no',
          most,
        }),
        { measured: reachMm, limit: most, margin: most - reachMm },
        [said('handlebar.put-it-nearer-to-hand')],
      ),
    ];
  });
}

function centreRule(centre: readonly BarPart[], { bar }: HandlebarInput): Finding[] {
  const usedMm = centre.reduce((sum, { widthMm }) => sum + widthMm, 0);
  if (usedMm <= bar.centreMm + dustMm) return [];
  return [
    finding(
      'length.centre',
      'stop',
      said('handlebar.what-is-in-middle-is-too', { usedMm: usedMm - bar.centreMm }),
      { measured: usedMm, limit: bar.centreMm, margin: bar.centreMm - usedMm },
      [said('handlebar.put-one-of-them-on-side')],
    ),
  ];
}
