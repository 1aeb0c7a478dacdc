import { washersOn, wheelIn } from '../end-adapter';
import { relieveSeat } from '../slot-fit';
import type { Said } from '../said';
import type { AxleStackResult } from '../axle-stack';
import type { BikeFacts } from '../bike-facts';
import type { EndAdapterResult } from '../end-adapter';
import type { EndFacts } from '../end-facts';
import type { OutsidePart } from '../end-fit';
import type { Side } from '../features';
import type { GearIndexResult } from '../gear-index';
import { defaultLimits, withLimits, type LimitsInput } from '../limits';
import type { Wheel } from '../parts';
import type { KitFacts } from '../kit';
import type { PackInstead } from '../pack-instead';
import type { RotorFitResult } from '../rotor-fit';
import type { SlotFitResult } from '../slot-fit';
import type { StatedTorque } from '../stated-torques';
import { isOtherPack, lowCutRangeV } from '../pack-instead';
import { statedFor } from '../stated-torques';
import { wheelRadiusM } from '../wheel-radius';
import type { TyreFitResult } from '../tyre-fit';
import { nutAimNm, nutMostNm, type TorqueReactionInput } from '../torque-reaction';
import type { Finding } from '../verdict';
import type { EndJob, JobFacts } from './contract';
import type { SecondLooks } from '../job-kinds';

/** What of a fit the steps follow from. */
export interface FittedEnd {
  wheel: Wheel;
  rotor: RotorFitResult | null;
  gears: GearIndexResult | null;
  slots: Record<Side, SlotFitResult>;
  outside: Record<Side, OutsidePart[]>;
  stack: AxleStackResult | null;
  adapter: EndAdapterResult | null;
  torqueInput: TorqueReactionInput | null;
  findings: readonly Finding[];
  tyre?: TyreFitResult | null;
}

/** Washers as taken for one end, from the hub outwards. */
export interface TakenStack {
  left: readonly string[];
  right: readonly string[];
  rotorShimMm: number;
  caliperShimMm: number;
}

/** What the shop asks for in every job. */
export interface JobChoices {
  secondPerson: SecondLooks;
}

const sides: readonly Side[] = ['left', 'right'];

/**
 * What the steps need to know of one end.
 *
 * @param facts - readings of the end
 * @param fit - the fit of the wheel that goes in
 * @param taken - the stack as taken; the best one when nobody has taken one yet
 */
export function endJob(
  facts: EndFacts,
  fit: FittedEnd,
  taken: TakenStack | null,
  bike: BikeFacts = {},
  limits?: LimitsInput,
): EndJob {
  const { wheel, rotor, gears, slots, outside } = fit;
  const kit = wheel.kit;
  const best = fit.stack?.stacks[0] ?? null;
  const inside = taken
    ? { left: taken.left, right: taken.right }
    : { left: best?.left.inside ?? [], right: best?.right.inside ?? [] };
  const onSide = (holds: (side: Side) => boolean) => sides.filter(holds);
  const found = (id: string) => fit.findings.some((item) => item.id.startsWith(id) && item.verdict === 'work');
  const lies = (kind: OutsidePart['kind']) => onSide((side) => outside[side].some((part) => part.kind === kind));
  const chain = facts.end === 'rear' && facts.chain === true;
  const rimInstead = fit.findings.some(({ id, verdict }) => id === 'brake' && verdict === 'work');
  return {
    end: facts.end,
    code: wheel.code,
    threadMm: wheel.axle.threadMm,
    ...nutFigures(facts, fit, bike, limits),
    brake: rimInstead ? 'rim' : (facts.brake ?? 'none'),
    rimInstead,
    closed: facts.kind === 'closed',
    // What comes on the bench ends where the wheel goes in: the axle's own torque is no bench step.
    adapterOrder: benchOrder(fit.adapter?.order ?? []),
    laced: kit?.rim === null,
    // What is filed already was filed in this plan: the step stays in it.
    fileMm: { left: filing(slots.left), right: filing(slots.right) },
    lips: onSide((side) => facts.sides[side].hasLip === true),
    cWashers: lies('c-washer'),
    tabs: onSide((side) => inside[side].some((id) => id.startsWith('tabbed'))),
    tabsOutside: lies('tab'),
    plates: lies('plate'),
    inside,
    extras: lies('extra'),
    arms: lies('arm'),
    rotorShimMm: (taken ?? best)?.rotorShimMm ?? 0,
    caliperShimMm: (taken ?? best)?.caliperShimMm ?? 0,
    rotorBoltMm: rotor?.boltMm ?? null,
    caliperBoltMm: rotor?.caliperBoltMm ?? null,
    sprockets: chain ? (kit?.hub.takes ?? 'freewheel') : 'none',
    chainTension: chain && facts.speeds === 0,
    levelSlots: facts.words.get('slot-way') === 'level',
    relieveSeat: fit.findings.some(
      ({ id, verdict, remedies }) => id.startsWith('lip.') && verdict === 'work' && remedies[0]?.said === relieveSeat,
    ),
    cassetteSpacer: gears?.spacerMm !== undefined && gears.spacerMm > 0,
    gearsOff: found('index') || found('clicks'),
    dressHanger: found('hanger'),
    cableExit: wheel.cableExit,
    downMark: wheel.downMark,
    repin: found('plug'),
    regen: wheel.regen,
    suspension: facts.suspension === true,
    makerSteps: kit?.ownSteps ?? [],
    packing: (kit?.packing ?? []).map(({ part, count }) => ({ part, count })),
    topology: kit?.controller.topology ?? 'separate',
    pressure: pressureOf(fit.tyre ?? null),
    circumferenceMm: Math.round(
      2000 * Math.PI * wheelRadiusM(wheel.beadSeatMm, facts.lengths.get('tyre-width')?.valueMm ?? undefined),
    ),
  };
}

/** Null while what tyre or rim bears at most is not known. */
function pressureOf(tyre: TyreFitResult | null): EndJob['pressure'] {
  // With one of them unknown nobody knows the weaker.
  const open = tyre?.findings.some(({ id, verdict }) => id === 'pressure' && verdict === 'unknown');
  if (!tyre || open || tyre.maxBar === null) return null;
  const { startBar, minBar, maxBar } = tyre;
  return { startBar: Number(Math.min(startBar, maxBar).toFixed(1)), minBar, maxBar };
}

/** What the axle nuts get, the most they may get, and whose word that is. */
function nutFigures(
  facts: EndFacts,
  { wheel, torqueInput }: FittedEnd,
  bike: BikeFacts,
  limits: LimitsInput | undefined,
): Pick<EndJob, 'nutTorqueNm' | 'nutMostNm' | 'nutSource'> {
  const through = wheel.kit?.hub.throughMm !== undefined;
  const stated = statedFor(through ? 'through-axle' : 'axle-nut', facts.end, wheel.kit?.torques, bike.torques);
  const side = {
    material: facts.material ?? ('steel' as const),
    ...(stated && { statedNm: stated.Nm, ...(stated.upTo && { statedUpTo: true }) }),
  };
  const own = limits ? withLimits(limits) : defaultLimits;
  const aim = nutAimNm(wheel.axle.threadMm, side);
  return {
    nutTorqueNm: through ? aim : (torqueInput?.sides.left.nutTorqueNm ?? aim),
    nutMostNm: nutMostNm(wheel.axle.threadMm, side, own),
    nutSource: stated?.source ?? null,
  };
}

function filing({ fileMm, filedMm }: SlotFitResult): number {
  return Number(((fileMm ?? 0) + filedMm).toFixed(2));
}

function benchOrder(order: readonly Said[]): Said[] {
  const until = order.findIndex(({ said: code }) => code === wheelIn || code === washersOn);
  return order.slice(0, until < 0 ? order.length : until);
}

/**
 * The most that one controller may draw of the pack: no more than leads, plugs and fuse were reckoned with. Null while its own
 * figure is not known, or two share the pack.
 */
function mostDrawnA(
  kits: readonly KitFacts[],
  pack: PackInstead | undefined,
  reckonedA: number | undefined,
): number | null {
  const [own, other] = kits.map(({ controller }) => controller.batteryA);
  return own === undefined || other !== undefined ? null : least([own, pack?.continuousA, reckonedA]);
}

function least(values: readonly (number | undefined)[]): number | null {
  const known = values.filter((value) => value !== undefined);
  return known.length > 0 ? Math.min(...known) : null;
}

/** What the steps need to know of the whole job. */
export function jobFacts(
  bike: BikeFacts,
  fits: readonly Pick<FittedEnd, 'wheel'>[],
  ends: readonly EndJob[],
  { secondPerson }: JobChoices,
): JobFacts {
  const {
    school = 'wheel-first',
    sensor = 'split-ring',
    battery,
    oldLoom = false,
    folds = false,
    cutOff,
    levers,
    wheelOrder,
    nuts,
    throttleSide = 'left',
    liner,
    charging = 'off-bike',
    sensorRoomMm,
    sensorGap,
  } = bike.job ?? {};
  const otherPack = isOtherPack(bike.job?.pack) ? bike.job?.packInstead : undefined;
  const kits = fits.flatMap(({ wheel }) => (wheel.kit ? [wheel.kit] : []));
  const leftOut = bike.job?.throttle === 'left-out';
  const throttle = leftOut ? 'none' : (kits.find((kit) => kit.throttle !== 'none')?.throttle ?? 'none');
  const inWheel = kits.length > 0 && kits.every(({ controller }) => controller.topology === 'all-in-wheel');
  return {
    ends,
    school,
    sensor,
    battery: inWheel ? 'wheel' : (battery ?? 'triangle'),
    throttle,
    display: kits.some(({ display }) => display),
    // With a throttle one cut-off is asked for unless somebody signs against it.
    cutOff: cutOff ?? (levers === undefined ? throttle !== 'none' : levers !== 'own'),
    oldLoom,
    folds,
    secondPerson,
    packV: kits[0]?.controller.fullV ?? null,
    lowCutV: otherPack ? lowCutRangeV(otherPack) : kits[0] ? lowCutRangeV(kits[0].controller.fullV) : null,
    batteryA: mostDrawnA(kits, otherPack, bike.power?.controller?.batteryA),
    assistedKmh: least([kits[0]?.assistedKmh, bike.law?.assistedKmh]),
    tyreFirst: wheelOrder === 'tyre-first',
    lockedNuts: nuts === 'locked',
    throttleSide,
    liner: liner !== 'left-out',
    charging,
    sensorRoomMm: sensorRoomMm ?? null,
    sensorGap: sensorGap ?? null,
    stated: [...kits.flatMap((kit) => kit.torques ?? []), ...(bike.torques ?? [])] satisfies StatedTorque[],
  };
}
