import { said } from '../said';
import type { EndJob, JobFacts, StepCheck, StepContext } from './contract';
import { confirm, measure, onBike, photo, set, type StepDefinition } from './define';

const separate = ({ job }: StepContext) => (job.battery === 'wheel' ? false : true);
const ownBox = ({ job, end }: StepContext) =>
  job.battery !== 'wheel' && end.topology === 'separate' ? said('procedure.because-controller-is-box-of-its') : false;
const twoMotors = ({ job }: StepContext) =>
  job.ends.length > 1 ? said('procedure.because-two-motors-share-one-battery') : false;

/** How far a wheel's circumference may be off the one that follows from its size, as a share: tyres differ [J]. */
const circumferencePlay = 0.05;

/** What is entered, each with its figure and within what this pack, kit and class allow; by eye where a figure is not known. */
function settings({ lowCutV, batteryA, assistedKmh }: JobFacts, { circumferenceMm: round }: EndJob): StepCheck[] {
  const share = (part: number) => Math.round(part * round!);
  return [
    round === undefined
      ? confirm('s-wheel', said('procedure.wheel-circumference'))
      : set('s-wheel', said('procedure.wheel-circumference'), 'mm', {
          min: share(1 - circumferencePlay),
          max: share(1 + circumferencePlay),
          aim: round,
        }),
    confirm('s-volts', said('procedure.battery-voltage')),
    lowCutV
      ? set('s-low', said('procedure.low-cut-off'), 'V', { ...lowCutV, aim: lowCutV.min })
      : confirm('s-low', said('procedure.low-cut-off-as-maker-of')),
    batteryA
      ? set('s-amps', said('procedure.current-limit'), 'A', { min: null, max: batteryA, aim: batteryA })
      : confirm('s-amps', said('procedure.current-limit-no-more-than-controller')),
    assistedKmh === null
      ? confirm('s-speed', said('procedure.assisted-speed-of-class'))
      : set('s-speed', said('procedure.assisted-speed-ends-at'), 'km/h', {
          min: null,
          max: assistedKmh,
          aim: assistedKmh,
        }),
  ];
}

/** Battery, controller, wiring and settings. The pack is out in all of them. */
export const stepsPower: readonly StepDefinition[] = [
  onBike(
    'battery',
    'pack-place',
    said('procedure.hold-pack-where-it-goes'),
    said('procedure.room-to-slide-room-for-knees'),
    {
      when: separate,
      after: ['on-the-stand'],
      typical: 1.5,
      checks: [confirm('room', said('procedure.it-slides-in-and-out-key'))],
    },
  ),
  onBike('battery', 'mount-fix', said('procedure.fix-mount-at-two-places-at'), said('procedure.one-fixing-is-hinge'), {
    when: ({ job }) => (job.battery === 'triangle' ? said('procedure.because-pack-goes-into-frame-triangle') : false),
    after: ['pack-place'],
    typical: 5.5,
    safety: true,
    checks: [confirm('two', said('procedure.two-fixings-or-more-no-wobble')), photo('mount', said('procedure.mount'))],
    cautions: [said('procedure.frame-is-not-drilled-for-mount')],
  }),
  onBike(
    'battery',
    'rack-fix',
    said('procedure.rack-and-pack-fixed-rated-for'),
    said('procedure.rack-carries-pack-and-luggage-together'),
    {
      when: ({ job }) => (job.battery === 'rack' ? said('procedure.because-pack-goes-on-rack') : false),
      after: ['pack-place'],
      typical: 18,
      safety: true,
      checks: [
        confirm('rated', said('procedure.rack-is-rated-for-pack-and')),
        photo('mount', said('procedure.rack-and-pack')),
      ],
    },
  ),
  onBike(
    'battery',
    'bag-fix',
    said('procedure.bag-strapped-so-that-it-cannot'),
    said('procedure.swinging-pack-steers-bike'),
    {
      when: ({ job }) => (job.battery === 'bag' ? said('procedure.because-pack-goes-into-bag') : false),
      after: ['pack-place'],
      typical: 3.5,
      safety: true,
      checks: [
        confirm('tight', said('procedure.straps-tight-pack-cannot-move-in')),
        photo('mount', said('procedure.bag')),
      ],
    },
  ),
  onBike(
    'battery',
    'controller-place',
    said('procedure.controller-with-air-around-cables-down'),
    said('procedure.heat-and-water-end-controllers'),
    {
      when: ownBox,
      after: ['mount-fix', 'rack-fix', 'bag-fix'],
      typical: 3.5,
      checks: [
        confirm('air', said('procedure.air-on-two-sides-no-puddle')),
        confirm('exits', said('procedure.cables-leave-downwards')),
      ],
    },
  ),
  onBike(
    'battery',
    'pack-trial',
    said('procedure.slide-pack-in-and-out-once'),
    said('procedure.it-stays-out-until-everything-is'),
    {
      when: separate,
      after: ['mount-fix', 'rack-fix', 'bag-fix', 'controller-place'],
      typical: 0.5,
      safety: true,
      checks: [
        confirm('lock-tug', said('procedure.locked-and-tugged-it-stays-and')),
        confirm('key-number', said('procedure.number-of-its-key-is-written')),
        confirm('pack-out', said('procedure.pack-is-out')),
      ],
      cautions: [said('procedure.from-here-until-first-power-up')],
    },
  ),
  onBike(
    'wiring',
    'loom-draw',
    said('procedure.draw-new-loom-in-with-draw'),
    said('procedure.old-passage-is-dry-one'),
    {
      when: ({ job }) => (job.oldLoom ? said('procedure.because-old-passages-are-free') : false),
      after: ['old-loom-out', 'pack-trial'],
      typical: 18,
    },
  ),
  onBike(
    'wiring',
    'loom-lay',
    said('procedure.lay-loom-loosely-beside-brake-and'),
    said('procedure.tie-nothing-before-it-has-been'),
    {
      when: separate,
      after: ['bar-turn', 'pack-trial', 'loom-draw', 'cable-exit'],
      typical: 4,
      checks: [
        confirm('slack', said('procedure.slack-at-steering-for-both-locks')),
        confirm('clear', said('procedure.clear-of-spokes-rotor-crank-tyre')),
      ],
    },
  ),
  onBike(
    'wiring',
    'loom-suspension',
    said('procedure.slack-for-travel-of-suspension'),
    said('procedure.tight-cable-tears-at-first-kerb'),
    {
      when: ({ job }) =>
        job.ends.some(({ suspension }) => suspension) ? said('procedure.because-this-bike-has-suspension') : false,
      after: ['loom-lay'],
      typical: 1,
      checks: [confirm('travel', said('procedure.full-travel-without-pull'))],
    },
  ),
  onBike(
    'wiring',
    'loom-fold',
    said('procedure.fold-bike-with-loom-loose'),
    said('procedure.fold-bends-cables-as-nothing-else'),
    {
      when: ({ job }) => (job.folds ? said('procedure.because-bike-folds') : false),
      after: ['loom-lay'],
      typical: 1.5,
      checks: [confirm('folds', said('procedure.it-folds-and-unfolds-nothing-is'))],
    },
  ),
  onBike(
    'wiring',
    'plugs',
    said('procedure.push-each-plug-home-arrows-together'),
    said('procedure.most-faults-are-plugs-not-home'),
    {
      when: separate,
      after: ['loom-lay', 'loom-suspension', 'loom-fold', 'sensor-turn', 'repin', 'pack-trial'],
      typical: 2,
      safety: true,
      checks: [
        confirm('clicks', said('procedure.each-plug-was-felt-to-click')),
        photo('plugs', said('procedure.each-mated-plug')),
      ],
      cautions: [said('procedure.never-mix-copper-and-aluminium-in'), said('procedure.fuse-and-wire-are-rated-for')],
    },
  ),
  onBike(
    'wiring',
    'pins-back',
    said('procedure.pins-back-into-plug-at-their'),
    said('procedure.two-swapped-wires-run-motor-backwards'),
    {
      when: ({ job }) => (job.ends.some(({ repin }) => repin) ? said('procedure.because-plug-was-taken-apart') : false),
      after: ['repin', 'cable-exit', 'axle-tight'],
      typical: 10,
      checks: [
        confirm('colours', said('procedure.colours-are-as-on-photo')),
        confirm('locked', said('procedure.each-pin-is-locked-in')),
      ],
    },
  ),
  onBike(
    'wiring',
    'two-share',
    said('procedure.join-both-controllers-to-one-battery'),
    said('procedure.battery-current-is-shared-its-fuse'),
    {
      when: twoMotors,
      after: ['plugs'],
      typical: 10,
      safety: true,
      checks: [confirm('limits', said('procedure.sum-of-both-limits-is-within'))],
    },
  ),
  onBike(
    'wiring',
    'both-brakes',
    said('procedure.hold-each-brake-push-bike'),
    said('procedure.front-and-rear-each-by-itself'),
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
      checks: [
        confirm('front', said('procedure.front-brake-holds-bike')),
        confirm('rear', said('procedure.rear-brake-holds-bike')),
      ],
      second: { what: said('procedure.both-brakes-hold-their-bolts-are'), from: 'telling' },
    },
  ),
  onBike(
    'wiring',
    'loose-run',
    said('procedure.first-power-up-with-loom-loose'),
    said('procedure.fault-is-found-before-twenty-ties'),
    {
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
        confirm('connect', said('procedure.wheel-off-ground-hands-clear-pack')),
        confirm('verify', said('procedure.display-on-no-fault-motor-turns')),
        confirm('isolate', said('procedure.pack-out-again')),
      ],
      cautions: [said('procedure.spinning-wheel-sleeves-hair-and-fingers')],
    },
  ),
  onBike('wiring', 'ties', said('procedure.ties-near-every-plug-and-corner'), said('procedure.snug-not-cutting-in'), {
    when: separate,
    after: ['loose-run'],
    typical: 4,
    checks: [confirm('flush', said('procedure.tie-ends-cut-flush')), photo('loom', said('procedure.loom-along-frame'))],
  }),
  onBike(
    'wiring',
    'surplus',
    said('procedure.surplus-coiled-at-low-dry-anchor'),
    said('procedure.hanging-coil-swings-into-spokes'),
    {
      when: separate,
      after: ['ties'],
      typical: 1.5,
      drawing: 'cable',
    },
  ),
  onBike('wiring', 'drip', said('procedure.drip-loop-before-every-entry'), said('procedure.water-runs-down-not-in'), {
    when: separate,
    after: ['ties'],
    typical: 0.5,
    drawing: 'cable',
    checks: [confirm('low-point', said('procedure.each-cable-has-its-low-point'))],
  }),
  onBike(
    'wiring',
    'caps',
    said('procedure.cap-ends-that-are-not-used'),
    said('procedure.open-plugs-corrode-and-short'),
    {
      when: separate,
      after: ['plugs'],
      typical: 0.5,
      checks: [confirm('capped', said('procedure.no-open-end-is-left'))],
    },
  ),
  onBike(
    'wiring',
    'lock-to-lock',
    said('procedure.lock-to-lock-again-everything-tied'),
    said('procedure.after-last-tie-not-before'),
    {
      when: separate,
      after: ['ties', 'surplus', 'drip', 'caps'],
      typical: 0.5,
      safety: true,
      checks: [confirm('both-locks', said('procedure.both-locks-reached-without-pull-throttle'))],
    },
  ),
  onBike(
    'settings',
    'settings-enter',
    said('procedure.enter-settings'),
    said('procedure.wheel-voltage-limits-magnets-wrong-ones'),
    {
      when: ({ job }) => (job.display ? said('procedure.because-kit-has-display') : false),
      after: ['loose-run', 'lock-to-lock', 'bar-turn'],
      typical: 2.5,
      powered: true,
      checks: ({ job, end }) => [
        ...settings(job, end),
        confirm('s-levels', said('procedure.assist-levels-sensor-and-motor-magnets')),
        confirm('s-out', said('procedure.pack-out-again')),
      ],
      cautions: [said('procedure.speed-and-power-are-set-to')],
    },
  ),
  onBike(
    'settings',
    'settings-back',
    said('procedure.read-settings-back'),
    said('procedure.what-was-typed-is-not-always'),
    {
      when: ({ job }) => (job.display ? said('procedure.because-kit-has-display') : false),
      after: ['settings-enter'],
      typical: 1,
      powered: true,
      checks: ({ job }) => [
        confirm('same', said('procedure.read-back-same-pack-out')),
        measure('low', said('procedure.low-cut-off'), job.lowCutV?.min ?? 15, job.lowCutV?.max ?? 80, 'V'),
        photo('settings', said('procedure.settings-as-read-back')),
      ],
    },
  ),
];
