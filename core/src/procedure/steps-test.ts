import type { StepContext } from './contract';
import { nutFigure } from './steps-axle';
import { atEnd, confirm, final, measure, onBike, photo, set, type StepDefinition } from './define';

const makers = ({ end }: StepContext) => (end.makerSteps.length ? 'because the kit’s maker asks for it' : null);

/** After what the nuts are tightened again: kilometres that settle them, and a month for who rides little [J]. */
export const nextRetorque = { km: 100, days: 28 };

/** Wheel-up test, ride, re-torque, hand-over. */
export const stepsTest: readonly StepDefinition[] = [
  atEnd('test', 'maker-steps', 'What the kit’s maker asks for besides', 'The maker’s word goes before ours.', {
    when: makers,
    after: ['seat-again', 'settings-back', 'loose-run'],
    typical: 2,
    checks: ({ end }) => end.makerSteps.map((what, index) => confirm(`maker-${index + 1}`, what)),
  }),
  onBike('test', 'fasteners', 'Go over every fastener once', 'No sign-off while anything is only on trial.', {
    after: ['lock-to-lock', 'bar-turn', 'witness', 'both-brakes', 'sprocket-clear', 'crank-on', 'brake-photo'],
    typical: 2,
    safety: true,
    checks: ({ torque }) => [
      final('stem', 'Stem bolts', torque.stem),
      final('pedals', 'Pedals', torque.pedal),
      confirm('none-trial', 'Nothing is only snug any more'),
    ],
  }),
  onBike(
    'test',
    'brakes-again',
    'Hold each brake again',
    'Ties and settings moved cables since: front and rear, each against a push.',
    {
      after: ['fasteners', 'lock-to-lock'],
      typical: 0.5,
      safety: true,
      checks: [confirm('front', 'The front brake holds the bike'), confirm('rear', 'The rear brake holds the bike')],
    },
  ),
  onBike(
    'test',
    'wheel-up-on',
    'Wheel off the ground: power on',
    'Every powered check begins with connect, verify, isolate.',
    {
      after: [
        'fasteners',
        'brakes-again',
        'maker-steps',
        'settings-back',
        'lock-to-lock',
        'seat-again',
        'regen-note',
        'no-cut-off',
      ],
      typical: 1,
      powered: true,
      safety: true,
      checks: [
        confirm('hands', 'Hands and cables clear, pack in'),
        confirm('no-fault', 'No fault shown'),
        confirm('out', 'Pack out'),
      ],
      cautions: ['Spinning wheel.'],
    },
  ),
  onBike(
    'test',
    'wheel-up-crank',
    'Crank: it starts and stops',
    'A motor that runs on is found here, not in traffic.',
    {
      when: ({ job }) => (job.sensor === 'none' ? null : ''),
      after: ['wheel-up-on'],
      typical: 0.5,
      powered: true,
      safety: true,
      checks: [
        confirm('starts', 'Starts with the crank, forward'),
        confirm('stops', 'Stops with the crank; not backwards'),
        confirm('out', 'Pack out'),
      ],
      cautions: ['Hold the cranks, not the wheel.'],
    },
  ),
  onBike('test', 'wheel-up-throttle', 'Throttle: smooth, and back', 'It must let go by itself.', {
    when: ({ job }) => (job.throttle === 'none' ? null : 'because there is a throttle'),
    after: ['wheel-up-on'],
    typical: 0.5,
    powered: true,
    safety: true,
    checks: [confirm('smooth', 'Starts smooth'), confirm('lets-go', 'Stops when let go'), confirm('out', 'Pack out')],
    cautions: ['Spinning wheel.'],
  }),
  onBike('test', 'wheel-up-cut', 'Brake: the motor cuts', 'Each lever by itself.', {
    when: ({ job }) => (job.cutOff ? 'because a brake cut-off is fitted' : null),
    after: ['wheel-up-crank', 'wheel-up-throttle'],
    typical: 0.5,
    powered: true,
    safety: true,
    checks: [confirm('cuts', 'Each lever cuts the motor at once'), confirm('out', 'Pack out')],
    cautions: ['Spinning wheel.'],
  }),
  onBike('test', 'wheel-up-listen', 'Listen: no rub, no grind; speed plausible', 'Ears find what eyes do not.', {
    after: ['wheel-up-on', 'wheel-up-crank', 'wheel-up-throttle'],
    typical: 0.5,
    powered: true,
    checks: [
      confirm('quiet', 'No rub or grind'),
      confirm('speed', 'The speed shown is plausible'),
      confirm('out', 'Pack out'),
    ],
    cautions: ['Spinning wheel.'],
  }),
  onBike(
    'test',
    'wheels-down',
    'Wheels down, look once more',
    'Wheel straight, nuts marked, nothing left on the bike.',
    {
      after: ['wheel-up-listen', 'wheel-up-cut', 'witness', 'grips-on'],
      typical: 1,
      safety: true,
      checks: [
        confirm('straight', 'Wheels straight, quick releases closed'),
        confirm('both-hold', 'Front and rear brake hold once more'),
      ],
      second: { what: 'Brakes, nuts, arm and bar before the first ride', from: 'telling' },
    },
  ),
  onBike('ride', 'ride-brakes', 'Ride without power: brakes first', 'Brakes before power.', {
    after: ['wheels-down'],
    typical: 1.5,
    safety: true,
    checks: [confirm('stops-bike', 'Both brakes stop the bike straight')],
    cautions: ['Empty, flat ground. Helmet.'],
  }),
  onBike('ride', 'ride-slow', 'Slow with power, lowest level', 'Slow before fast.', {
    after: ['ride-brakes'],
    typical: 1.5,
    powered: true,
    safety: true,
    checks: [confirm('gentle', 'It pulls and lets go gently')],
  }),
  onBike('ride', 'ride-levels', 'Each level: speed and feel', 'The limit of the class must hold.', {
    after: ['ride-slow'],
    typical: 2.5,
    powered: true,
    checks: [confirm('limit-holds', 'Assistance ends at the class’s speed')],
  }),
  onBike('ride', 'ride-hill', 'A climb, then feel the hub', 'Hot to the touch is a warning.', {
    after: ['ride-levels'],
    typical: 2.5,
    powered: true,
    checks: [confirm('not-hot', 'The hub can be touched for five seconds')],
    cautions: ['It may be hot: touch briefly first.'],
  }),
  onBike('ride', 'ride-off', 'Pack out, bike back on the stand', 'The next steps have hands on the wheel.', {
    after: ['ride-hill'],
    typical: 0.5,
    safety: true,
    checks: [confirm('out', 'Pack out')],
  }),
  atEnd('ride', 'retorque', 'Re-torque nuts and clamp at once', 'Everything settles on the first ride.', {
    after: ['ride-off'],
    typical: 1.5,
    safety: true,
    tools: ['Torque wrench 20–80 N·m'],
    drawing: 'axle',
    checks: ({ end, job, torque }) => [
      photo(`witness.${end.end}.left`, 'Left nut as it was marked'),
      photo(`witness.${end.end}.right`, 'Right nut as it was marked'),
      ...(end.arms.length ? [photo(`witness.${end.end}.arm`, 'Arm as it was marked')] : []),
      confirm('marks', 'Witness marks compared with the photos: moved or not'),
      final('nut-left', end.closed ? 'Through axle' : 'Left axle nut', nutFigure(end)),
      ...(end.closed ? [] : [final('nut-right', 'Right axle nut', nutFigure(end))]),
      ...(job.lockedNuts ? [confirm('renewed', 'Thread-locked nuts are renewed')] : []),
      ...(end.arms.length ? [final('clamp', 'Arm clamp', torque.band)] : []),
      photo(`witness-after.${end.end}`, 'Nuts and arm with fresh marks'),
    ],
  }),
  atEnd('ride', 'spokes-after', 'Spokes and truth after the ride', 'New spokes settle.', {
    after: ['ride-off'],
    typical: 1.5,
    checks: [measure('lateral-after', 'Side to side', 0, 1)],
  }),
  atEnd('ride', 'regen-on', 'Braking by the motor on, gently', 'After the re-torque, as the maker says.', {
    when: ({ end }) => (end.regen ? 'because the motor can brake' : null),
    after: ['retorque'],
    typical: 1,
    powered: true,
    safety: true,
    checks: [confirm('gentle', 'Lowest strength first; nuts looked at again'), confirm('out', 'Pack out')],
  }),
  onBike('hand-over', 'parts-fate', 'What was used, left out, given back', 'The rider owns what is left over.', {
    after: ['wheels-down'],
    typical: 1.5,
    checks: [confirm('fates', 'Every part of the kit is accounted for')],
  }),
  onBike(
    'hand-over',
    'explain',
    'Explain: puncture, charging, checks, the law',
    'The rider must get the wheel out at the roadside.',
    {
      after: ['retorque', 'regen-on', 'spokes-after', 'parts-fate'],
      typical: 3.5,
      checks: ({ job }) => [
        confirm('puncture', 'Nuts, arm and plugs for a puncture shown'),
        confirm(
          'charging',
          job.charging === 'on-bike'
            ? 'Charging on the bike, outside, never where people sleep'
            : 'Charging off the bike, not where people sleep',
        ),
        confirm('law', 'The local code is the rider’s to look up'),
      ],
    },
  ),
  onBike(
    'hand-over',
    'appointment',
    'Give the date of the next re-torque',
    'First ride done: everything settles once more.',
    {
      after: ['explain'],
      typical: 0.5,
      checks: [
        set('next-km', 'Next re-torque after', 'km', { min: 20, max: 200, aim: nextRetorque.km }),
        set('next-days', 'At the latest in', 'days', { min: 1, max: 60, aim: nextRetorque.days }),
      ],
    },
  ),
];
