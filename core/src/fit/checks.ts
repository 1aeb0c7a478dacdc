import { nutTorqueNm } from '../torque-reaction';
import { openAtTakeIn } from '../take-in-open';
import { bikeChecks, type BikeChecksInput, type BikeChecksResult, type BrakeKind } from '../bike-checks';
import type { EndFacts } from '../end-facts';
import type { EndFit } from '../end-fit';
import { lawFindings } from '../law';
import type { MotorTorqueResult } from '../motor-torque';
import { told, type Finding } from '../verdict';
import type { FitInput } from './contract';
import { lengthOf } from './readings';
import { massAfterKg } from './tyre';
import { wheelRadiusM } from '../wheel-radius';

const brakeOf: Record<NonNullable<EndFacts['brake']>, BrakeKind> = {
  rim: 'rim',
  disc: 'rotor',
  other: 'drum',
  none: 'none',
};

export function takeInFindings(input: FitInput): Finding[] {
  const open = openAtTakeIn(input.bike, input.facts.end);
  if (open.length === 0) return [];
  return [
    told('take-in-open', 'unknown', `Take-in is open: ${open.join(', ')}.`, ['Ask the rider and look the bike over.']),
  ];
}

/** The bike at its new speed and mass; null until the masses are known. */
export function checksWith(input: FitInput, fit: EndFit, motor: MotorTorqueResult | null): BikeChecksResult | null {
  const { bike, facts, wheel, limits } = input;
  const { kit } = wheel;
  const after = massAfterKg(input);
  if (after === null || !kit || facts.brake === null) return null;
  const before = bike.bikeKg! + bike.riderKg! + bike.loadKg!;
  const here = facts.end;
  const other = here === 'front' ? 'rear' : 'front';
  const otherBrake = bike.brakes?.[other];
  if (otherBrake?.kind === undefined) return null;
  const rotorMm = lengthOf(facts, 'rotor-diameter');
  const own: BikeChecksInput['brakes']['front'] = {
    ...bike.brakes?.[here],
    kind: brakeOf[facts.brake],
    ...(rotorMm !== null && { rotorMm }),
  };
  const hanger = hangerMm(facts);
  return bikeChecks({
    massKg: { before, after },
    speedKmh: { before: bike.speedKmh ?? 20, after: kit.assistedKmh },
    wheelRadiusM: wheelRadiusM(wheel.beadSeatMm),
    ...(bike.wheelbaseM !== undefined && {
      geometry: { wheelbaseM: bike.wheelbaseM, centreHeightM: 1.05, frontShare: 0.42 },
    }),
    ...(bike.surface && { surface: bike.surface }),
    brakes: {
      front: here === 'front' ? own : { ...otherBrake, kind: otherBrake.kind },
      rear: here === 'rear' ? own : { ...otherBrake, kind: otherBrake.kind },
    },
    ...(bike.descentPercent !== undefined && { descent: { gradePercent: bike.descentPercent } }),
    ...frontDisc(input, fit, rotorMm),
    ...(motor && { drive: { end: here, peakTorqueNm: motor.peakTorqueNm } }),
    ...(bike.climb && { climb: bike.climb }),
    ...thermalMotor(input, motor),
    ...(bike.ratings && { ratings: bike.ratings }),
    ...(hanger !== null && { hangerInSeatMm: hanger }),
    ...(limits && { limits }),
  });
}

function hangerMm(facts: EndFacts): number | null {
  const seen = facts.words.get('hanger');
  if (seen === undefined) return null;
  return seen === 'in-seat' ? lengthOf(facts, 'hanger-in-seat') : 0;
}

/** A disc in an open front slot: the nut's torque is what the sheet asks for; tabs and lip are what was found and chosen. */
function frontDisc(
  { facts, wheel }: FitInput,
  fit: EndFit,
  rotorMm: number | null,
): Pick<BikeChecksInput, 'frontDisc'> {
  if (facts.end !== 'front' || facts.brake !== 'disc' || facts.kind !== 'open' || rotorMm === null || !facts.material)
    return {};
  const nut = nutTorqueNm(wheel.axle.threadMm, facts.material);
  const tabbed = (side: 'left' | 'right') =>
    fit.stackInput?.tabs[side] === true && fit.stack !== null && fit.stack.stacks.length > 0;
  return {
    frontDisc: {
      rotorMm,
      threadMm: wheel.axle.threadMm,
      nutTorqueNm: nut,
      nutSpecNm: nut,
      tabs: { left: tabbed('left'), right: tabbed('right') },
      lipKept: (['left', 'right'] as const).every((side) => facts.sides[side].hasLip === true),
    },
  };
}

function thermalMotor({ wheel }: FitInput, motor: MotorTorqueResult | null): Pick<BikeChecksInput, 'motor'> {
  const constants = wheel.kit?.motor;
  if (!motor?.ktNmPerA || constants?.windingOhm === undefined) return {};
  return {
    motor: {
      kind: wheel.drive,
      ktNmPerA: motor.ktNmPerA,
      windingOhm: constants.windingOhm,
      noLoadA: constants.noLoadA ?? 0.8,
    },
  };
}

/** What the kit exceeds in the bike's class of vehicle. */
export function lawOf({ bike, wheel }: FitInput): Finding[] {
  const { kit } = wheel;
  if (!kit || !bike.law) return [];
  return lawFindings(bike.law, {
    ratedW: kit.motor.ratedW,
    assistedKmh: kit.assistedKmh,
    throttle: kit.throttle !== 'none',
  });
}

/** The kit as such: nobody has recorded it, or nobody has checked it; it comes without a rim. */
export function kitFindings({ wheel }: FitInput): Finding[] {
  const { kit } = wheel;
  if (!kit) {
    return [
      told('kit-unknown', 'unknown', `Of ${wheel.code} only the wheel is recorded.`, [
        'Record motor, controller and hub of the kit.',
      ]),
    ];
  }
  return [
    ...(kit.verified
      ? []
      : [
          told('kit-unverified', 'work', `${wheel.code} is entered from own measurements.`, [
            'Measure again on the part itself before anything is filed.',
          ]),
        ]),
    ...(kit.rim
      ? []
      : [
          told('lacing', 'work', 'The hub comes without a rim.', [
            'Lace it: see the lacing page for lengths and pattern.',
          ]),
        ]),
  ];
}
