import { said, type Said } from '../said';
import type { EndFacts } from '../end-facts';
import type { Side } from '../features';
import { boreSuits, washerId } from '../parts';
import { withLimits } from '../limits';
import type { TabSchool } from '../job-kinds';
import { finding, told, type Finding } from '../verdict';
import type { AxleStackInput } from '../axle-stack';
import type { EndFitInput, OutsidePart, TabPlace } from './contract';

/** What keeps the axle's nuts from turning, side by side. */
export interface TabWay {
  places: Record<Side, TabPlace>;
  /** Tabs and plates outside the dropout: they take thread. */
  outside: Record<Side, OutsidePart[]>;
}

const noParts: TabWay['outside'] = { left: [], right: [] };

/** Nothing in the slot: a closed end has none. */
export const withoutTabs: TabWay = { places: { left: 'none', right: 'none' }, outside: noParts };

/** A tab inside on both sides: what is asked for where it can be had. */
export const tabsInside: TabWay = { places: { left: 'inside', right: 'inside' }, outside: noParts };

/**
 * Ways to keep both nuts from turning with what is on hand, the preferred one first: a tab inside or outside the dropout, or
 * a lock plate in a threaded eye; a side without any comes last.
 *
 * @param washers - washers that suit this axle and slot, tabbed ones among them
 */
export function tabWays(
  input: EndFitInput,
  washers: AxleStackInput['washers'],
  school: TabSchool | undefined,
): TabWay[] {
  if (input.facts.kind === 'closed') return [withoutTabs];
  const tabs = washers.filter(({ kind, count }) => kind === 'tabbed' && count > 0);
  const onHand = tabs.reduce((sum, { count }) => sum + count, 0);
  // Outside the thinnest leaves most thread; inside the search chooses.
  const thinnest = tabs.reduce<number | null>(
    (least, { thicknessMm }) => Math.min(least ?? Infinity, thicknessMm),
    null,
  );
  const plate = plateOnHand(input);
  const at = (side: Side): TabPlace[] => [
    ...(onHand > 0 ? (['inside', 'outside'] as const) : []),
    ...(plate && hasEye(input.facts, side) ? (['plate'] as const) : []),
    'none',
  ];
  const part = (place: TabPlace): OutsidePart[] => {
    if (place === 'outside') return [{ id: washerId('tabbed', thinnest!), kind: 'tab', thicknessMm: thinnest! }];
    return place === 'plate' ? [{ id: plate!.id, kind: 'plate', thicknessMm: plate!.thicknessMm }] : [];
  };
  return at('left')
    .flatMap((left) => at('right').map((right) => ({ left, right })))
    .filter(({ left, right }) => {
      const used = [left, right];
      const tabsUsed = used.filter((place) => place === 'inside' || place === 'outside').length;
      const platesUsed = used.filter((place) => place === 'plate').length;
      return tabsUsed <= onHand && platesUsed <= (plate?.count ?? 0);
    })
    .sort((a, b) => dislike(a, school) - dislike(b, school))
    .map((places) => ({ places, outside: { left: part(places.left), right: part(places.right) } }));
}

/** How little a way suits the school; a bare side weighs more than any school. */
function dislike({ left, right }: Record<Side, TabPlace>, school: TabSchool = 'inside'): number {
  const bare = [left, right].filter((place) => place === 'none').length;
  const wanted: Record<TabSchool, (place: TabPlace) => boolean> = {
    inside: (place) => place === 'inside',
    mixed: (place) => place === 'inside',
    outside: (place) => place === 'outside',
    plates: (place) => place === 'plate',
  };
  const others = [left, right].filter((place) => place !== 'none' && !wanted[school](place)).length;
  const mixed = new Set([left, right]).size === 2 && left !== 'plate' && right !== 'plate' && bare === 0;
  return (
    100 * bare +
    (school === 'mixed' && mixed ? 0 : school === 'mixed' ? 1 + others : others) +
    (left === 'outside' ? 0.1 : 0)
  );
}

function plateOnHand({ stores, wheel, limits }: EndFitInput) {
  return stores.find(
    (item) =>
      item.kind === 'lock-plate' && item.count > 0 && boreSuits(item.boreMm, wheel.axle.threadMm, withLimits(limits)),
  );
}

/** A threaded eye beside the dropout that a lock plate can be screwed to; nobody has seen one when it is not recorded. */
function hasEye(facts: EndFacts, side: Side): boolean {
  const seen = facts.words.get('axle-eyes');
  return seen === 'both' || seen === side;
}

const placeWords: Record<Exclude<TabPlace, 'none'>, Said> = {
  inside: said('end-fit.tab-inside'),
  outside: said('end-fit.tab-outside'),
  plate: said('end-fit.plate-in-eye'),
};

/**
 * Whether something keeps each nut from turning. One bare side is `work`; both bare is a `stop` but for a weak motor.
 *
 * @param peakTorqueNm - null when it is not known: counted as strong
 */
export function tabFindings(
  places: Record<Side, TabPlace>,
  peakTorqueNm: number | null,
  { tabsFromNm }: { tabsFromNm: number },
): Finding[] {
  const bare = (['left', 'right'] as const).filter((side) => places[side] === 'none');
  if (bare.length === 0) {
    const { left, right } = places as Record<Side, Exclude<TabPlace, 'none'>>;
    return [
      told(
        'tabs',
        'goes',
        left === right
          ? said('end-fit.on-each-side-keeps-axle-and', { placeWords: placeWords[left] })
          : said('end-fit.on-left-on-right-keep-axle', {
              placeWords: placeWords[left],
              placeWords2: placeWords[right],
            }),
      ),
    ];
  }
  const strong = peakTorqueNm === null || peakTorqueNm > tabsFromNm + 1e-9;
  const both = bare.length === 2;
  return [
    finding(
      'tabs',
      both && strong ? 'stop' : 'work',
      both
        ? said('end-fit.nothing-in-either-slot-keeps-axle')
        : said('end-fit.on-nothing-in-slot-keeps-nut', { side: bare[0]! }),
      { measured: 2 - bare.length, limit: 2, margin: -bare.length, unit: '' },
      [said('end-fit.get-of-2-mm-or-thicker', { isBoth: both ? 'yes' : 'no' })],
    ),
  ];
}
