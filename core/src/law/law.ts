import { said } from '../said';
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

const check = said('law.look-up-local-code');

/**
 * What a kit with its settings exceeds in a class of vehicle.
 *
 * A figure that is not known is `unknown`; speed can be set lower, so it is `work`; power and throttle are `stop`.
 */
export function lawFindings(law: LawClass, { ratedW, assistedKmh, throttle }: LawFacts): Finding[] {
  return [
    ratedW === undefined
      ? told('law-power', 'unknown', said('law.rated-power-of-kit-is-not'), [said('law.look-at-motor-plate')])
      : finding(
          'law-power',
          ratedW <= law.ratedW + dust ? 'goes' : 'stop',
          said('law.motor-is-rated-allows', { ratedW, name: law.name, ratedW2: law.ratedW }),
          { measured: ratedW, limit: law.ratedW, margin: law.ratedW - ratedW, unit: 'W' },
          ratedW <= law.ratedW + dust ? [] : [said('law.take-motor-of-that-class-or'), check],
        ),
    assistedKmh === undefined
      ? told('law-speed', 'unknown', said('law.assisted-speed-is-not-known'), [said('law.read-it-from-settings')])
      : finding(
          'law-speed',
          assistedKmh <= law.assistedKmh + dust ? 'goes' : 'work',
          said('law.kit-assists-to-allows', { assistedKmh, name: law.name, assistedKmh2: law.assistedKmh }),
          { measured: assistedKmh, limit: law.assistedKmh, margin: law.assistedKmh - assistedKmh, unit: 'km/h' },
          assistedKmh <= law.assistedKmh + dust
            ? []
            : [said('law.set-limit-to-and-read-it', { assistedKmh: law.assistedKmh }), check],
        ),
    ...(throttle && !law.throttle
      ? [
          told('law-throttle', 'stop', said('law.allows-no-throttle', { name: law.name }), [
            said('law.leave-throttle-out'),
            check,
          ]),
        ]
      : []),
    ...(law.registration
      ? [
          told('law-registration', 'work', said('law.needs-registration', { name: law.name }), [
            said('law.register-and-insure-bike-before-it'),
            check,
          ]),
        ]
      : []),
  ];
}
