import type { StoreKind } from '../parts';
import { withLimits } from '../limits';
import type { FitInput, FitReport, LeftOver, ShoppingLine } from './contract';
import { deliveredIds } from '../parts';
import { clusterAfter } from './cluster';
import type { TyreChoice } from './tyre';
import { counted } from '../units';

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
  const need = (kind: StoreKind | 'cluster' | 'other', what: string, count: number, reason: string) => {
    const name = limitNames[kind];
    const [costEach, leadDays] = [limits[`cost${name}`], limits[`days${name}`]];
    lines.push({ group: 'small-parts', what, count, reason, costEach, leadDays });
  };
  if (kit) {
    lines.push({
      group: 'kit',
      what: `Kit ${wheel.code}`,
      count: 1,
      reason: 'The conversion.',
      costEach: kit.cost,
      leadDays: kit.leadDays,
    });
    // A pack that the rider has is not bought.
    if (kit.battery && input.bike.job?.pack !== 'reused') {
      lines.push({
        group: 'battery',
        what: packName(input, kit.battery.Wh),
        count: 1,
        reason: 'The kit draws from it.',
        costEach: kit.battery.cost ?? 0,
        leadDays: input.bike.job?.packInstead?.leadDays ?? kit.leadDays,
      });
    }
  }
  for (const { kind, thicknessMm, count } of report.stack?.impossible?.purchase ?? []) {
    const name = {
      plain: 'Washer',
      tabbed: 'Tabbed washer',
      'rotor-shim': 'Rotor shim',
      'caliper-shim': 'Caliper shim',
    }[kind];
    need(kind, `${name} ${thicknessMm} mm`, count, report.stack!.impossible!.because);
  }
  cWashers(report, need);
  const { rotor } = report;
  if (rotor?.buyBoltMm !== undefined)
    need('rotor-bolt', `Rotor bolt M5 × ${rotor.buyBoltMm}`, 6, because(report, 'rotor-bolt'));
  if (rotor?.buyCaliperBoltMm !== undefined)
    need('caliper-bolt', `Caliper bolt M6 × ${rotor.buyCaliperBoltMm}`, 2, because(report, 'caliper-bolt'));
  for (const id of ['rotor-wear', 'rotor-pattern']) {
    const rule = report.findings.find((item) => item.id === id && item.verdict !== 'goes');
    if (rule) need('rotor', rule.remedies[0] ?? 'Rotor', 1, rule.because);
  }
  const missingArms = armsMissing(report);
  if (missingArms > 0)
    need(
      'arm',
      `Torque arm for M${wheel.axle.threadMm}, adjustable`,
      missingArms,
      because(report, 'arms') || 'An arm is asked for.',
    );
  const bare = report.findings.find(({ id, verdict }) => id === 'tabs' && verdict !== 'goes');
  if (bare) need('tabbed', 'Tabbed washer, 2 mm or thicker', -(bare.margin ?? -1), bare.because);
  const sprockets = report.findings.find(({ id, verdict }) => id === 'cluster-new' && verdict === 'work');
  if (sprockets) {
    const { kind, sprockets: many } = clusterAfter(input.facts, wheel)!;
    need(
      'cluster',
      `${kind === 'freewheel' ? 'Freewheel' : 'Cassette'} with ${counted(many, 'sprocket')}`,
      1,
      sprockets.because,
    );
  }
  for (const { part, use, by } of input.bike.job?.parts ?? []) {
    if (use === 'replaced' && by) need('other', by, 1, `In place of ${part}.`);
  }
  cassetteSpacer(input, report, need);
  // A motor wheel comes bare; the bike's own tube moves over with its tyre only.
  if (kit) need('other', 'Rim tape', 1, 'The new rim’s spoke holes are bare.');
  if (kit && input.bike.job?.liner !== 'left-out')
    need('other', 'Puncture liner', 1, 'To take this wheel out means nuts, arm and plugs.');
  if (kit && tyre && tyre.from !== 'bike')
    need('other', `Inner tube ${wheel.beadSeatMm} mm`, 1, 'The tyre is not the bike’s own.');
  if (tyre?.from === 'shop')
    need(
      'tyre',
      `Tyre ${wheel.beadSeatMm} mm`,
      1,
      tyre.findings.find(({ id }) => id === 'tyre')?.because ?? 'The wheel needs one.',
    );
  return lines;
}

/** A substitute is named by its cells: of equal Wh there are many. */
function packName({ bike }: FitInput, Wh: number): string {
  const pack = bike.job?.pack === 'substitute' ? bike.job.packInstead : undefined;
  return pack ? `Battery ${Wh} Wh, ${pack.cells} cells ${pack.chemistry.toUpperCase()}` : `Battery ${Wh} Wh`;
}

type Need = (kind: StoreKind | 'cluster' | 'other', what: string, count: number, reason: string) => void;

function cWashers({ slots, findings }: Bought, need: Need): void {
  for (const side of ['left', 'right'] as const) {
    if (slots[side].cWasher) continue;
    const rule = findings.find(({ id, verdict }) => id === `lip.${side}` && verdict !== 'goes');
    const remedy = rule?.remedies.find((words) => words.startsWith('Get a C-washer'));
    if (rule && remedy) need('c-washer', remedy.replace(/^Get a /, '').replace(/\.$/, ''), 1, rule.because);
  }
}

function because({ findings }: Bought, id: string): string {
  return findings.find((item) => item.id === id)?.because ?? '';
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
  if (!onHand) need('cassette-spacer', `Cassette spacer ${mm} mm`, 1, 'Without it the sprockets stay loose.');
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
        count > 0
          ? [{ what: `${id.replace('-', ' washer ')} mm`, count, because: 'This stack does not need it.' }]
          : [],
      )
    : [];
  return [
    ...washers,
    ...(wheel.kit?.throttle !== 'none' && bike.job?.throttle === 'left-out'
      ? [{ what: 'Throttle', count: 1, because: 'Left out by wish or by the class of vehicle.' }]
      : []),
    ...(bike.job?.parts ?? []).map(({ part, use, by }) => ({
      what: part,
      count: 1,
      because: use === 'replaced' ? `Replaced by ${by}.` : 'Left out of this bike.',
    })),
    { what: 'Old wheel', count: 1, because: 'Keep it whole: the bike can be put back.' },
    ...(tyre?.from !== 'bike' ? [{ what: 'Old tyre and tube', count: 1, because: 'They stay on the old wheel.' }] : []),
  ];
}

/** Money and days for the list, with the tools to buy. */
export function totals(lines: readonly ShoppingLine[], toolCost: number): { cost: number; leadDays: number } {
  return {
    cost: Math.round(100 * (lines.reduce((sum, { count, costEach }) => sum + count * costEach, 0) + toolCost)) / 100,
    leadDays: Math.max(0, ...lines.map(({ leadDays }) => leadDays)),
  };
}
