import { listed, said } from '../../said';
import { nutAimNm } from '../../torque-reaction';
import { openAtTakeIn } from '../../take-in-open';
import { bikeChecks, hottestDescentKmh, type BikeChecksInput, type BikeChecksResult } from '../../bike-checks';
import type { EndFacts } from '../../end-facts';
import type { EndFit } from '../../end-fit';
import { lawFindings } from '../../law';
import type { MotorTorqueResult } from '../../motor-torque';
import { told, worstFirst, worstOf, type Finding } from '../../verdict';
import { brakeAfter } from './brake-after';
import type { FitInput } from '../contract';
import { lengthOf } from './readings';
import { nutPlan } from './torque';
import { massAfterKg } from './tyre';
import { wheelRadiusM } from '../../wheel-radius';
import { judging, type Judge, type ToolAsked } from './judge';
import type { Solved } from './solved';

function takeInFindings(input: FitInput): Finding[] {
  const open = openAtTakeIn(input.bike, input.facts.end);
  if (open.length === 0) return [];
  return [
    told('take-in-open', 'unknown', said('fit.take-in-is-open', { open: listed(open, 'comma') }), [
      said('fit.ask-rider-and-look-bike-over'),
    ]),
  ];
}

/** The smallest rotor that there is: what is counted with until the other end's is measured, in mm. */
const smallestRotorMm = 140;

/** The bike at its new speed and mass; null until the masses are known. */
export function checksWith(input: FitInput, fit: EndFit, motor: MotorTorqueResult | null): BikeChecksResult | null {
  const { bike, facts, wheel, limits } = input;
  const { kit } = wheel;
  const after = massAfterKg(input);
  const kind = brakeAfter(facts, wheel);
  if (after === null || !kit || kind === null || bike.speedKmh === undefined || bike.surface === undefined) {
    return null;
  }
  const before = bike.bikeKg! + bike.riderKg! + bike.loadKg!;
  const here = facts.end;
  const other = here === 'front' ? 'rear' : 'front';
  const otherBrake = bike.brakes?.[other];
  if (otherBrake?.kind === undefined) return null;
  const rotorMm = lengthOf(facts, 'rotor-diameter');
  const own: BikeChecksInput['brakes']['front'] = {
    ...bike.brakes?.[here],
    kind,
    rotorMm: rotorMm ?? smallestRotorMm,
  };
  const rest = { ...otherBrake, kind: otherBrake.kind, rotorMm: otherBrake.rotorMm ?? smallestRotorMm };
  const hanger = hangerMm(facts);
  const asked: BikeChecksInput = {
    massKg: { before, after },
    speedKmh: { before: bike.speedKmh, after: kit.assistedKmh },
    wheelRadiusM: wheelRadiusM(wheel.beadSeatMm),
    surface: bike.surface,
    brakes: { front: here === 'front' ? own : rest, rear: here === 'rear' ? own : rest },
    ...(bike.descentPercent !== undefined && { descent: { gradePercent: bike.descentPercent } }),
    ...frontDisc(input, fit, rotorMm),
    ...(motor && { drive: { end: here, peakTorqueNm: motor.peakTorqueNm } }),
    ...(bike.climb && { climb: bike.climb }),
    ...thermalMotor(input, motor),
    ...(bike.ratings && { ratings: bike.ratings }),
    ...(hanger !== null && { hangerInSeatMm: hanger }),
    ...(limits && { limits }),
  };
  // Nobody holds the assisted speed exactly: the speed that heats most counts.
  if (asked.descent) asked.descent.speedKmh = hottestDescentKmh(asked);
  const checks = bikeChecks(asked);
  const known = (findings: readonly Finding[]) => climbKnown(input, findings);
  const open = heatOpen(input, motor);
  const findings = worstFirst([...known(checks.findings), ...open]);
  if (bike.wheelbaseM === undefined) return { ...checks, findings, verdict: worstOf(findings.map((f) => f.verdict)) };
  // A wheelbase that was measured may make a check stricter; that it is not known must never make one easier.
  const exact = bikeChecks({
    ...asked,
    geometry: { wheelbaseM: bike.wheelbaseM, centreHeightM: 1.05, frontShare: 0.42 },
  });
  const stricter = worstFirst([
    ...known(checks.findings).map((item) => {
      const same = exact.findings.find(({ id }) => id === item.id);
      return same && onWheelbase.has(item.id) ? stricterOf(same, item) : item;
    }),
    ...open,
  ]);
  return { ...exact, findings: stricter, verdict: worstOf(stricter.map((f) => f.verdict)) };
}

/** What the slope's shift of load decides. */
const onWheelbase = new Set(['traction']);

/** The worse of two; of equally bad ones the one with less room. */
function stricterOf(one: Finding, other: Finding): Finding {
  if (one.verdict !== other.verdict) return worstOf([one.verdict, other.verdict]) === one.verdict ? one : other;
  return (one.margin ?? 0) < (other.margin ?? 0) ? one : other;
}

/**
 * Where a figure of the motor is missing its torque is what it could be at most: right for the axle that must hold it, too much
 * to promise for the climb.
 */
function climbKnown({ wheel }: FitInput, findings: readonly Finding[]): Finding[] {
  const { motor, controller } = wheel.kit!;
  const figures = [motor.kv, motor.windingOhm, motor.noLoadA, controller.phaseA, controller.batteryA];
  if (figures.every((figure) => figure !== undefined)) return [...findings];
  return findings.map((item) =>
    item.id === 'climb-torque' && item.verdict !== 'stop'
      ? {
          ...item,
          verdict: 'unknown' as const,
          remedies: [said('fit.find-out-motor-constants-and-controller')],
        }
      : item,
  );
}

/** The hub's heat on the climb cannot be told without the motor's constants. */
function heatOpen({ bike, wheel }: FitInput, motor: MotorTorqueResult | null): Finding[] {
  const { motor: constants } = wheel.kit!;
  if (!bike.climb || bike.climb.gradePercent === 0) return [];
  const open = [
    ...(motor?.ktNmPerA === undefined ? [said('fit.rpm-per-volt')] : []),
    ...(constants.windingOhm === undefined ? [said('fit.winding-resistance')] : []),
    ...(constants.noLoadA === undefined ? [said('fit.no-load-current')] : []),
  ];
  if (open.length === 0) return [];
  return [
    told('hub-heat', 'unknown', said('fit.how-hot-hub-gets-on-climb', { open: listed(open, 'comma') }), [
      said('fit.measure-on-motor-or-ask-its'),
    ]),
  ];
}

function hangerMm(facts: EndFacts): number | null {
  const seen = facts.words.get('hanger');
  if (seen === undefined) return null;
  return seen === 'in-seat' ? lengthOf(facts, 'hanger-in-seat') : 0;
}

/** A disc in an open front slot: nuts as planned, tabs as chosen, lip as found. */
function frontDisc(input: FitInput, fit: EndFit, rotorMm: number | null): Pick<BikeChecksInput, 'frontDisc'> {
  const { facts, wheel } = input;
  const disc = brakeAfter(facts, wheel) === 'rotor';
  if (facts.end !== 'front' || !disc || facts.kind !== 'open' || rotorMm === null || !facts.material) return {};
  const plan = nutPlan(input, facts.material);
  const known = fit.stack !== null && fit.stack.stacks.length > 0;
  const maxRotorMm = lengthOf(facts, 'rotor-max');
  return {
    frontDisc: {
      rotorMm,
      threadMm: wheel.axle.threadMm,
      nutTorqueNm: plan.nutTorqueNm,
      nutSpecNm: nutAimNm(wheel.axle.threadMm, { ...plan, material: facts.material }),
      tabs: { left: known && fit.tabs.left !== 'none', right: known && fit.tabs.right !== 'none' },
      lipKept: (['left', 'right'] as const).every((side) => facts.sides[side].hasLip === true),
      ...(maxRotorMm !== null && { maxRotorMm }),
      ...(facts.words.get('rim-bosses') === 'bosses' && wheel.kit?.rim?.brakeTrack && { rimBrake: true }),
    },
  };
}

function thermalMotor({ wheel }: FitInput, motor: MotorTorqueResult | null): Pick<BikeChecksInput, 'motor'> {
  const constants = wheel.kit?.motor;
  if (!motor?.ktNmPerA || constants?.windingOhm === undefined || constants.noLoadA === undefined) return {};
  return {
    motor: {
      kind: wheel.drive,
      ktNmPerA: motor.ktNmPerA,
      windingOhm: constants.windingOhm,
      noLoadA: constants.noLoadA,
    },
  };
}

/** What the kit exceeds in the bike's class of vehicle. */
function lawOf({ bike, wheel }: FitInput): Finding[] {
  const { kit } = wheel;
  if (!kit || !bike.law) return [];
  return lawFindings(bike.law, {
    ratedW: kit.motor.ratedW,
    assistedKmh: kit.assistedKmh,
    // Left out of this bike it is no throttle.
    throttle: kit.throttle !== 'none' && bike.job?.throttle !== 'left-out',
  });
}

/** The bike as a whole, take-in and law. */
export const bikeJudges: readonly Judge[] = [
  judging('bike', ['checks'], ({ checks }) => checks.findings),
  judging('bike', [], ({ input }) => takeInFindings(input), { tools: sensorTools }),
  judging('law', [], ({ input }) => lawOf(input)),
];

/** What the rider's pedal sensor makes somebody take apart. */
function sensorTools({ input: { bike } }: Solved): ToolAsked[] {
  const cupsComeOut = bike.job?.sensor === 'under-cup' || bike.job?.sensor === 'torque-shell';
  const crankComesOff = cupsComeOut || bike.job?.sensor === 'ring-under-crank';
  return [
    ...(crankComesOff ? [{ tool: 'Crank puller' as const, reason: said('fit.crank-comes-off-for-this-pedal') }] : []),
    ...(cupsComeOut ? [{ tool: 'Cup tool' as const, reason: said('fit.cups-come-out-for-this-pedal') }] : []),
  ];
}
