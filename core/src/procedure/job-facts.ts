import type { BikeFacts } from '../bike-facts';
import type { EndFacts } from '../end-facts';
import type { End, Side } from '../features';
import type { FitReport } from '../fit';
import type { EndState } from '../next-action';
import { nutTorqueNm } from '../torque-reaction';
import type { EndJob, JobFacts } from './contract';
import type { SecondLooks } from './kinds';

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
export function endJob(facts: EndFacts, fit: FitReport, taken: TakenStack | null): EndJob {
  const { wheel, rotor, gears, slots, outside } = fit;
  const kit = wheel.kit;
  const best = fit.stack?.stacks[0] ?? null;
  const inside = taken
    ? { left: taken.left, right: taken.right }
    : { left: best?.left.inside ?? [], right: best?.right.inside ?? [] };
  const onSide = (holds: (side: Side) => boolean) => sides.filter(holds);
  const found = (id: string) => fit.findings.some((item) => item.id.startsWith(id) && item.verdict === 'work');
  return {
    end: facts.end,
    code: wheel.code,
    threadMm: wheel.axle.threadMm,
    nutTorqueNm: fit.torqueInput?.sides.left.nutTorqueNm ?? nutTorqueNm(wheel.axle.threadMm, facts.material ?? 'steel'),
    brake: facts.brake ?? 'none',
    closed: facts.kind === 'closed',
    adapterOrder: fit.adapter?.order ?? [],
    laced: kit?.rim === null,
    fileMm: { left: slots.left.fileMm ?? 0, right: slots.right.fileMm ?? 0 },
    lips: onSide((side) => facts.sides[side].hasLip === true),
    cWashers: onSide((side) => outside[side].some(({ kind }) => kind === 'c-washer')),
    tabs: onSide((side) => inside[side].some((id) => id.startsWith('tabbed'))),
    inside,
    extras: onSide((side) => outside[side].some(({ kind }) => kind === 'extra')),
    arms: onSide((side) => outside[side].some(({ kind }) => kind === 'arm')),
    rotorShimMm: (taken ?? best)?.rotorShimMm ?? 0,
    caliperShimMm: (taken ?? best)?.caliperShimMm ?? 0,
    rotorBoltMm: rotor?.boltMm ?? null,
    caliperBoltMm: rotor?.caliperBoltMm ?? null,
    sprockets: facts.end === 'rear' && (facts.speeds ?? 0) > 0 ? (kit?.hub.takes ?? 'freewheel') : 'none',
    cassetteSpacer: gears?.spacerMm !== undefined && gears.spacerMm > 0,
    gearsOff: found('index') || found('clicks'),
    dressHanger: found('hanger'),
    cableExit: wheel.cableExit,
    downMark: wheel.downMark,
    repin: found('plug'),
    regen: wheel.regen,
    suspension: facts.suspension === true,
    makerSteps: kit?.ownSteps ?? [],
    packing: kit?.packing ?? [],
    topology: kit?.controller.topology ?? 'separate',
  };
}

/** What the steps need to know of the whole job. */
export function jobFacts(
  bike: BikeFacts,
  fits: readonly FitReport[],
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
  } = bike.job ?? {};
  const kits = fits.flatMap(({ wheel }) => (wheel.kit ? [wheel.kit] : []));
  const throttle = kits.find((kit) => kit.throttle !== 'none')?.throttle ?? 'none';
  const inWheel = kits.length > 0 && kits.every(({ controller }) => controller.topology === 'all-in-wheel');
  return {
    ends,
    school,
    sensor,
    battery: inWheel ? 'wheel' : (battery ?? 'triangle'),
    throttle,
    display: kits.some(({ display }) => display),
    // With a throttle one cut-off is asked for unless somebody signs against it.
    cutOff: cutOff ?? throttle !== 'none',
    oldLoom,
    folds,
    secondPerson,
    packV: kits[0]?.controller.fullV ?? null,
  };
}

/**
 * The job as it stands: the ends that have a stack taken; before that, the end in hand if it has a kit. Null while there is
 * nothing to fit.
 *
 * @param active - the end in hand
 */
export function jobOf(
  bike: BikeFacts,
  states: Partial<Record<End, EndState>>,
  active: End,
  choices: JobChoices,
): JobFacts | null {
  const withFit = (['front', 'rear'] as const).flatMap((end) => {
    const state = states[end];
    return state?.fit ? [{ ...state, fit: state.fit }] : [];
  });
  const taken = withFit.filter(({ accepted }) => accepted);
  const chosen = taken.length ? taken : withFit.filter(({ end }) => end === active);
  if (chosen.length === 0) return null;
  return jobFacts(
    bike,
    chosen.map(({ fit }) => fit),
    chosen.map(({ facts, fit, accepted }) => endJob(facts, fit, accepted)),
    choices,
  );
}
