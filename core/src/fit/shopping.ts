import { asWritten, said, type Said } from '../said';
import type { StoreKind } from '../parts';
import { withLimits } from '../limits';
import type { FitInput, FitReport, LeftOver, ShoppingLine } from './contract';
import { washerName } from '../part-names';
import { deliveredIds } from '../parts';
import { getCWasher } from '../slot-fit';
import { clusterAfter } from './cluster';
import type { TyreChoice } from './tyre';

/** How a kind of part is called in the workshop's limits. */
const limitNames = {
  plain: 'Washer',
  tabbed: 'TabbedWasher',
  'c-washer': 'CWasher',
  'lock-plate': 'LockPlate',
  'rotor-shim': 'RotorShim',
  'caliper-shim': 'CaliperShim',
  arm: 'Arm',
  'rotor-bolt': 'RotorBolt',
  'caliper-bolt': 'CaliperBolt',
  rotor: 'Rotor',
  caliper: 'Caliper',
  spoke: 'Spoke',
  tyre: 'Tyre',
  'cassette-spacer': 'CassetteSpacer',
  cluster: 'Cluster',
  other: 'Other',
} as const satisfies Record<StoreKind | 'cluster' | 'other', string>;

type Bought = Pick<FitReport, 'stack' | 'slots' | 'rotor' | 'arms' | 'gears' | 'findings' | 'twoArms'>;

/** Everything to get before the work can begin: the kit, its battery, and what the fit lacks, each with its reason. */
export function shoppingList(input: FitInput, report: Bought, tyre: TyreChoice | null): ShoppingLine[] {
  const { wheel } = input;
  const { kit } = wheel;
  const lines: ShoppingLine[] = [];
  const limits = withLimits(input.limits);
  const need = (kind: StoreKind | 'cluster' | 'other', what: Said, count: number, reason: Said) => {
    const name = limitNames[kind];
    const [costEach, leadDays] = [limits[`cost${name}`], limits[`days${name}`]];
    lines.push({ group: 'small-parts', what, count, reason, costEach, leadDays });
  };
  if (kit) {
    lines.push({
      group: 'kit',
      what: said('fit.kit', { code: wheel.code }),
      count: 1,
      reason: said('fit.conversion'),
      costEach: kit.cost,
      leadDays: kit.leadDays,
    });
    // A pack that the rider has is not bought.
    if (kit.battery && input.bike.job?.pack !== 'reused') {
      lines.push({
        group: 'battery',
        what: packName(input, kit.battery.Wh),
        count: 1,
        reason: said('fit.kit-draws-from-it'),
        costEach: kit.battery.cost ?? 0,
        leadDays: input.bike.job?.packInstead?.leadDays ?? kit.leadDays,
      });
    }
  }
  for (const { kind, thicknessMm, count } of report.stack?.impossible?.purchase ?? []) {
    need(kind, said(`fit.get-${kind}`, { thicknessMm }), count, report.stack!.impossible!.because);
  }
  cWashers(report, need);
  const { rotor } = report;
  if (rotor?.buyBoltMm !== undefined)
    need(
      'rotor-bolt',
      said('fit.rotor-bolt-m5', { buyBoltMm: rotor.buyBoltMm }),
      6,
      because(report, 'rotor-bolt') ?? said('fit.no-bolt-fits'),
    );
  if (rotor?.buyCaliperBoltMm !== undefined)
    need(
      'caliper-bolt',
      said('fit.caliper-bolt-m6', { buyCaliperBoltMm: rotor.buyCaliperBoltMm }),
      2,
      because(report, 'caliper-bolt') ?? said('fit.no-bolt-fits'),
    );
  for (const id of ['rotor-wear', 'rotor-pattern']) {
    const rule = report.findings.find((item) => item.id === id && item.verdict !== 'goes');
    if (rule) need('rotor', rule.remedies[0] ?? said('fit.rotor'), 1, rule.because);
  }
  const missingArms = armsMissing(report);
  if (missingArms > 0)
    need(
      'arm',
      said('fit.torque-arm-for-m-adjustable', { threadMm: wheel.axle.threadMm }),
      missingArms,
      because(report, 'arms') ?? said('fit.arm-is-asked-for'),
    );
  const bare = report.findings.find(({ id, verdict }) => id === 'tabs' && verdict !== 'goes');
  if (bare) need('tabbed', said('fit.tabbed-washer-2-mm-or-thicker'), -(bare.margin ?? -1), bare.because);
  const sprockets = report.findings.find(({ id, verdict }) => id === 'cluster-new' && verdict === 'work');
  if (sprockets) {
    const { kind, sprockets: many } = clusterAfter(input.facts, wheel)!;
    need('cluster', said('fit.with', { kind, sprockets: many }), 1, sprockets.because);
  }
  for (const { part, use, by } of input.bike.job?.parts ?? []) {
    if (use === 'replaced' && by) need('other', asWritten(by), 1, said('fit.in-place-of', { part }));
  }
  cassetteSpacer(input, report, need);
  // A motor wheel comes bare; the bike's own tube moves over with its tyre only.
  if (kit) need('other', said('fit.rim-tape'), 1, said('fit.new-rim-spoke-holes-are-bare'));
  if (kit && input.bike.job?.liner !== 'left-out')
    need('other', said('fit.puncture-liner'), 1, said('fit.to-take-this-wheel-out-means'));
  if (kit && tyre && tyre.from !== 'bike')
    need('other', said('fit.inner-tube', { beadSeatMm: wheel.beadSeatMm }), 1, said('fit.tyre-is-not-bike-own'));
  if (tyre?.from === 'shop')
    need(
      'tyre',
      said('fit.tyre', { beadSeatMm: wheel.beadSeatMm }),
      1,
      tyre.findings.find(({ id }) => id === 'tyre')?.because ?? said('fit.wheel-needs-one'),
    );
  return lines;
}

/** A substitute is named by its cells: of equal Wh there are many. */
function packName({ bike }: FitInput, Wh: number): Said {
  const pack = bike.job?.pack === 'substitute' ? bike.job.packInstead : undefined;
  return pack
    ? said('fit.battery-cells', { Wh, cells: pack.cells, chemistry: pack.chemistry.toUpperCase() })
    : said('fit.battery', { Wh });
}

type Need = (kind: StoreKind | 'cluster' | 'other', what: Said, count: number, reason: Said) => void;

function cWashers({ slots, findings }: Bought, need: Need): void {
  for (const side of ['left', 'right'] as const) {
    if (slots[side].cWasher) continue;
    const rule = findings.find(({ id, verdict }) => id === `lip.${side}` && verdict !== 'goes');
    const remedy = rule?.remedies.find(({ said: code }) => code === getCWasher);
    if (rule && remedy) need('c-washer', said('fit.c-washer', remedy.with), 1, rule.because);
  }
}

function because({ findings }: Bought, id: string): Said | null {
  return findings.find((item) => item.id === id)?.because ?? null;
}

/** How many arms are asked for and cannot be put on from the stores. */
export function armsMissing({ arms, twoArms }: Pick<FitReport, 'arms' | 'twoArms'>): number {
  if (!arms) return 0;
  return Math.max(0, (twoArms ? 2 : 1) - arms.chosen.length);
}

function cassetteSpacer({ stores }: FitInput, { gears }: Bought, need: Need): void {
  const mm = gears?.spacerMm;
  if (!mm) return;
  const onHand = stores.some(
    (item) => item.kind === 'cassette-spacer' && item.count > 0 && Math.abs(item.thicknessMm - mm) < 0.01,
  );
  if (!onHand)
    need('cassette-spacer', said('fit.cassette-spacer', { mm }), 1, said('fit.without-it-sprockets-stay-loose'));
}

/** Parts of kit and bike that are not used. */
export function leftOverParts(
  { wheel, delivered, bike }: FitInput,
  report: Bought,
  tyre: TyreChoice | null,
): LeftOver[] {
  const parts = delivered ?? wheel.delivered;
  const spare = new Map<string, number>();
  for (const id of deliveredIds([...parts.left, ...parts.right])) spare.set(id, (spare.get(id) ?? 0) + 1);
  const best = report.stack?.stacks[0];
  for (const id of [...(best?.left.inside ?? []), ...(best?.right.inside ?? [])]) {
    const count = spare.get(id) ?? 0;
    if (count > 0) spare.set(id, count - 1);
  }
  const washers = best
    ? [...spare].flatMap(([id, count]) =>
        count > 0 ? [{ what: washerName(id), count, because: said('fit.stack-does-not-need-it') }] : [],
      )
    : [];
  return [
    ...washers,
    ...(wheel.kit?.throttle !== 'none' && bike.job?.throttle === 'left-out'
      ? [{ what: said('fit.throttle'), count: 1, because: said('fit.left-out-by-wish-or-class') }]
      : []),
    ...(bike.job?.parts ?? []).map(({ part, use, by }) => ({
      what: asWritten(part),
      count: 1,
      because: use === 'replaced' && by ? said('fit.replaced-by', { by }) : said('fit.left-out-of-this-bike'),
    })),
    { what: said('fit.old-wheel'), count: 1, because: said('fit.keep-it-whole-bike-can-be') },
    ...(tyre?.from !== 'bike'
      ? [{ what: said('fit.old-tyre-and-tube'), count: 1, because: said('fit.they-stay-on-old-wheel') }]
      : []),
  ];
}

/** Money and days for the list, with the tools to buy. */
export function totals(lines: readonly ShoppingLine[], toolCost: number): { cost: number; leadDays: number } {
  return {
    cost: Math.round(100 * (lines.reduce((sum, { count, costEach }) => sum + count * costEach, 0) + toolCost)) / 100,
    leadDays: Math.max(0, ...lines.map(({ leadDays }) => leadDays)),
  };
}
