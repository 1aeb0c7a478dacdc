import { Amount, Flag, Text, Optional } from '../input';
import { dust, finding, told, type Finding } from '../verdict';

/** A class of vehicle as the workshop has looked it up. */
export class LawClass {
  @Text(60) id!: string;
  @Text(80) name!: string;
  /** A throttle that drives without pedalling is allowed. */
  @Flag() throttle!: boolean;
  @Amount(1, 20_000, 'W') ratedW!: number;
  @Amount(1, 120, 'km/h') assistedKmh!: number;
  @Flag() registration!: boolean;
  /** Where it holds, when it was looked up and where. */
  @Text(80) place!: string;
  @Text(40) date!: string;
  @Text(200) source!: string;
}

export class LawFacts {
  @Optional() @Amount(1, 20_000, 'W') ratedW?: number;
  @Optional() @Amount(1, 120, 'km/h') assistedKmh?: number;
  @Optional() @Flag() throttle?: boolean;
}

const example = { place: 'example only', date: '—', source: 'look up the local code and ask the authority' };

/** Shipped as examples to check and edit, true of no place. */
export const exampleLawClasses: readonly LawClass[] = [
  {
    id: 'assist-25',
    name: 'Assisted bike, 25 km/h',
    throttle: false,
    ratedW: 250,
    assistedKmh: 25,
    registration: false,
    ...example,
  },
  {
    id: 'assist-32',
    name: 'Assisted bike, 32 km/h',
    throttle: true,
    ratedW: 500,
    assistedKmh: 32,
    registration: false,
    ...example,
  },
  {
    id: 'fast-45',
    name: 'Fast bike with plate, 45 km/h',
    throttle: true,
    ratedW: 4000,
    assistedKmh: 45,
    registration: true,
    ...example,
  },
];

const check = 'Look up the local code; the authority decides.';

/**
 * What a kit with its settings exceeds in a class of vehicle.
 *
 * A figure that is not known is `unknown`; speed can be set lower, so it is `work`; power and throttle are `stop`.
 */
export function lawFindings(law: LawClass, { ratedW, assistedKmh, throttle }: LawFacts): Finding[] {
  return [
    ratedW === undefined
      ? told('law-power', 'unknown', 'The rated power of the kit is not known.', ['Look at the motor’s plate.'])
      : finding(
          'law-power',
          ratedW <= law.ratedW + dust ? 'goes' : 'stop',
          `The motor is rated ${ratedW} W; ${law.name} allows ${law.ratedW} W.`,
          { measured: ratedW, limit: law.ratedW, margin: law.ratedW - ratedW, unit: 'W' },
          ratedW <= law.ratedW + dust ? [] : ['Take a motor of that class, or register the bike in another.', check],
        ),
    assistedKmh === undefined
      ? told('law-speed', 'unknown', 'The assisted speed is not known.', ['Read it from the settings.'])
      : finding(
          'law-speed',
          assistedKmh <= law.assistedKmh + dust ? 'goes' : 'work',
          `The kit assists to ${assistedKmh} km/h; ${law.name} allows ${law.assistedKmh} km/h.`,
          { measured: assistedKmh, limit: law.assistedKmh, margin: law.assistedKmh - assistedKmh, unit: 'km/h' },
          assistedKmh <= law.assistedKmh + dust
            ? []
            : [`Set the limit to ${law.assistedKmh} km/h and read it back.`, check],
        ),
    ...(throttle && !law.throttle
      ? [told('law-throttle', 'stop', `${law.name} allows no throttle.`, ['Leave the throttle out.', check])]
      : []),
    ...(law.registration
      ? [
          told('law-registration', 'work', `${law.name} needs registration.`, [
            'Register and insure the bike before it is ridden.',
            check,
          ]),
        ]
      : []),
  ];
}
