import type { EndJob, JobFacts, StepCheck, StepContext } from './contract';
import { confirm, measure, onBike, photo, set, type StepDefinition } from './define';

const separate = ({ job }: StepContext) => (job.battery === 'wheel' ? null : '');
const ownBox = ({ job, end }: StepContext) =>
  job.battery !== 'wheel' && end.topology === 'separate' ? 'because the controller is a box of its own' : null;
const twoMotors = ({ job }: StepContext) => (job.ends.length > 1 ? 'because two motors share one battery' : null);

/** How far a wheel's circumference may be off the one that follows from its size, as a share: tyres differ [J]. */
const circumferencePlay = 0.05;

/** What is entered, each with its figure and within what this pack, kit and class allow; by eye where a figure is not known. */
function settings({ lowCutV, batteryA, assistedKmh }: JobFacts, { circumferenceMm: round }: EndJob): StepCheck[] {
  const share = (part: number) => Math.round(part * round!);
  return [
    round === undefined
      ? confirm('s-wheel', 'Wheel circumference')
      : set('s-wheel', 'Wheel circumference', 'mm', {
          min: share(1 - circumferencePlay),
          max: share(1 + circumferencePlay),
          aim: round,
        }),
    confirm('s-volts', 'Battery voltage'),
    lowCutV
      ? set('s-low', 'Low cut-off', 'V', { ...lowCutV, aim: lowCutV.min })
      : confirm('s-low', 'Low cut-off as the maker of the pack states it'),
    batteryA
      ? set('s-amps', 'Current limit', 'A', { min: null, max: batteryA, aim: batteryA })
      : confirm('s-amps', 'Current limit: no more than controller and pack are made for'),
    assistedKmh === null
      ? confirm('s-speed', 'Assisted speed of the class')
      : set('s-speed', 'Assisted speed ends at', 'km/h', { min: null, max: assistedKmh, aim: assistedKmh }),
  ];
}

/** Battery, controller, wiring and settings. The pack is out in all of them. */
export const stepsPower: readonly StepDefinition[] = [
  onBike('battery', 'pack-place', 'Hold the pack where it goes', 'Room to slide, room for knees and shock.', {
    when: separate,
    after: ['on-the-stand'],
    typical: 1.5,
    checks: [confirm('room', 'It slides in and out; key reachable; knees and cranks clear')],
  }),
  onBike('battery', 'mount-fix', 'Fix the mount at two places at least', 'One fixing is a hinge.', {
    when: ({ job }) => (job.battery === 'triangle' ? 'because the pack goes into the frame triangle' : null),
    after: ['pack-place'],
    typical: 5.5,
    safety: true,
    checks: [confirm('two', 'Two fixings or more, no wobble'), photo('mount', 'The mount')],
    cautions: ['A frame is not drilled for a mount.'],
  }),
  onBike(
    'battery',
    'rack-fix',
    'Rack and pack fixed, rated for the load',
    'A rack carries pack and luggage together.',
    {
      when: ({ job }) => (job.battery === 'rack' ? 'because the pack goes on the rack' : null),
      after: ['pack-place'],
      typical: 18,
      safety: true,
      checks: [confirm('rated', 'The rack is rated for pack and load together'), photo('mount', 'Rack and pack')],
    },
  ),
  onBike('battery', 'bag-fix', 'Bag strapped so that it cannot swing', 'A swinging pack steers the bike.', {
    when: ({ job }) => (job.battery === 'bag' ? 'because the pack goes into a bag' : null),
    after: ['pack-place'],
    typical: 3.5,
    safety: true,
    checks: [confirm('tight', 'Straps tight, pack cannot move in the bag'), photo('mount', 'The bag')],
  }),
  onBike('battery', 'controller-place', 'Controller with air around, cables down', 'Heat and water end controllers.', {
    when: ownBox,
    after: ['mount-fix', 'rack-fix', 'bag-fix'],
    typical: 3.5,
    checks: [confirm('air', 'Air on two sides, no puddle can reach it'), confirm('exits', 'Cables leave downwards')],
  }),
  onBike(
    'battery',
    'pack-trial',
    'Slide the pack in and out once, then keep it out',
    'It stays out until everything is checked.',
    {
      when: separate,
      after: ['mount-fix', 'rack-fix', 'bag-fix', 'controller-place'],
      typical: 0.5,
      safety: true,
      checks: [
        confirm('lock-tug', 'Locked and tugged it stays, and nothing rattles'),
        confirm('key-number', 'The number of its key is written down'),
        confirm('pack-out', 'The pack is out'),
      ],
      cautions: ['From here until the first power-up the pack stays out.'],
    },
  ),
  onBike('wiring', 'loom-draw', 'Draw the new loom in with the draw-wire', 'The old passage is the dry one.', {
    when: ({ job }) => (job.oldLoom ? 'because the old passages are free' : null),
    after: ['old-loom-out', 'pack-trial'],
    typical: 18,
  }),
  onBike(
    'wiring',
    'loom-lay',
    'Lay the loom loosely beside the brake and gear cables',
    'Tie nothing before it has been tried.',
    {
      when: separate,
      after: ['bar-turn', 'pack-trial', 'loom-draw', 'cable-exit'],
      typical: 4,
      checks: [
        confirm('slack', 'Slack at the steering for both locks'),
        confirm('clear', 'Clear of spokes, rotor, crank, tyre'),
      ],
    },
  ),
  onBike(
    'wiring',
    'loom-suspension',
    'Slack for the travel of the suspension',
    'A tight cable tears at the first kerb.',
    {
      when: ({ job }) => (job.ends.some(({ suspension }) => suspension) ? 'because this bike has suspension' : null),
      after: ['loom-lay'],
      typical: 1,
      checks: [confirm('travel', 'Full travel without pull')],
    },
  ),
  onBike('wiring', 'loom-fold', 'Fold the bike with the loom loose', 'A fold bends cables as nothing else does.', {
    when: ({ job }) => (job.folds ? 'because the bike folds' : null),
    after: ['loom-lay'],
    typical: 1.5,
    checks: [confirm('folds', 'It folds and unfolds; nothing is pinched')],
  }),
  onBike(
    'wiring',
    'plugs',
    'Push each plug home, arrows together, until it clicks',
    'Most faults are plugs not home.',
    {
      when: separate,
      after: ['loom-lay', 'loom-suspension', 'loom-fold', 'sensor-turn', 'repin', 'pack-trial'],
      typical: 2,
      safety: true,
      checks: [confirm('clicks', 'Each plug was felt to click, no pin bent'), photo('plugs', 'Each mated plug')],
      cautions: [
        'Never mix copper and aluminium in one twist.',
        'Fuse and wire are rated for the controller’s current.',
      ],
    },
  ),
  onBike(
    'wiring',
    'pins-back',
    'Pins back into the plug at their places',
    'Two swapped wires run a motor backwards, or burn it.',
    {
      when: ({ job }) => (job.ends.some(({ repin }) => repin) ? 'because the plug was taken apart' : null),
      after: ['repin', 'cable-exit', 'axle-tight'],
      typical: 10,
      checks: [confirm('colours', 'Colours are as on the photo'), confirm('locked', 'Each pin is locked in')],
    },
  ),
  onBike(
    'wiring',
    'two-share',
    'Join both controllers to the one battery',
    'The battery’s current is shared, its fuse is for the sum.',
    {
      when: twoMotors,
      after: ['plugs'],
      typical: 10,
      safety: true,
      checks: [confirm('limits', 'The sum of both limits is within what pack and fuse give')],
    },
  ),
  onBike(
    'wiring',
    'both-brakes',
    'Hold each brake, push the bike',
    'Front and rear, each by itself, after everything on the bar was moved and before any power.',
    {
      after: [
        'rotor-spin',
        'rim-spin',
        'other-brake',
        'axle-tight',
        'bar-turn',
        'grips-on',
        'loom-lay',
        'plugs',
        'brake-photo',
      ],
      typical: 0.5,
      safety: true,
      checks: [confirm('front', 'The front brake holds the bike'), confirm('rear', 'The rear brake holds the bike')],
      second: { what: 'Both brakes hold, their bolts are tight', from: 'telling' },
    },
  ),
  onBike('wiring', 'loose-run', 'First power-up with the loom loose', 'A fault is found before twenty ties hide it.', {
    when: separate,
    after: [
      'plugs',
      'pins-back',
      'two-share',
      'axle-tight',
      'clamp-tight',
      'seat-again',
      'both-brakes',
      'no-cut-off',
      'limits-set',
    ],
    typical: 1.5,
    powered: true,
    safety: true,
    checks: [
      confirm('connect', 'Wheel off the ground, hands clear; pack in'),
      confirm('verify', 'Display on, no fault; motor turns forward'),
      confirm('isolate', 'Pack out again'),
    ],
    cautions: ['Spinning wheel: sleeves, hair and fingers away.'],
  }),
  onBike('wiring', 'ties', 'Ties near every plug and corner', 'Snug, not cutting in.', {
    when: separate,
    after: ['loose-run'],
    typical: 4,
    checks: [confirm('flush', 'Tie ends cut flush'), photo('loom', 'The loom along the frame')],
  }),
  onBike('wiring', 'surplus', 'Surplus coiled at a low, dry anchor', 'A hanging coil swings into the spokes.', {
    when: separate,
    after: ['ties'],
    typical: 1.5,
    drawing: 'cable',
  }),
  onBike('wiring', 'drip', 'A drip loop before every entry', 'Water runs down, not in.', {
    when: separate,
    after: ['ties'],
    typical: 0.5,
    drawing: 'cable',
    checks: [confirm('low-point', 'Each cable has its low point before the plug or box')],
  }),
  onBike('wiring', 'caps', 'Cap the ends that are not used', 'Open plugs corrode and short.', {
    when: separate,
    after: ['plugs'],
    typical: 0.5,
    checks: [confirm('capped', 'No open end is left')],
  }),
  onBike('wiring', 'lock-to-lock', 'Lock to lock again, everything tied', 'After the last tie, not before.', {
    when: separate,
    after: ['ties', 'surplus', 'drip', 'caps'],
    typical: 0.5,
    safety: true,
    checks: [confirm('both-locks', 'Both locks reached without pull, throttle free')],
  }),
  onBike(
    'settings',
    'settings-enter',
    'Enter the settings',
    'Wheel, voltage, limits, magnets: wrong ones lie or cut out.',
    {
      when: ({ job }) => (job.display ? 'because the kit has a display' : null),
      after: ['loose-run', 'lock-to-lock', 'bar-turn'],
      typical: 2.5,
      powered: true,
      checks: ({ job, end }) => [
        ...settings(job, end),
        confirm('s-levels', 'Assist levels, sensor and motor magnets, brake sense'),
        confirm('s-out', 'Pack out again'),
      ],
      cautions: ['Speed and power are set to the class of vehicle: look up the local code.'],
    },
  ),
  onBike('settings', 'settings-back', 'Read the settings back', 'What was typed is not always what is kept.', {
    when: ({ job }) => (job.display ? 'because the kit has a display' : null),
    after: ['settings-enter'],
    typical: 1,
    powered: true,
    checks: ({ job }) => [
      confirm('same', 'Read back the same; pack out'),
      measure('low', 'Low cut-off', job.lowCutV?.min ?? 15, job.lowCutV?.max ?? 80, 'V'),
      photo('settings', 'The settings as read back'),
    ],
  }),
];
