import { said, saidAgain } from '../said';
import { atEnd, confirm, final, measure, photo, set, trial, type StepDefinition } from './define';
import type { StepContext } from './contract';
import { afterDryFit, becauseBuiltUp } from './steps-dry-fit';

const disc = ({ end }: StepContext) => (end.brake === 'disc' ? said('procedure.because-this-end-has-disc') : false);

const lacing = said('procedure.because-hub-comes-without-rim');

/** Preparing the motor wheel: lacing, tyre, rotor, sprockets. */
export const stepsWheel: readonly StepDefinition[] = [
  atEnd(
    'prepare',
    'spokes-ready',
    said('procedure.lay-out-spokes-by-length'),
    said('procedure.left-and-right-are-seldom-alike'),
    {
      when: ({ end }) => (end.laced ? lacing : false),
      after: ['parcel-count'],
      typical: 5,
      drawing: 'lacing',
      checks: [confirm('lengths', said('procedure.both-lengths-measured-on-spoke-ruler'))],
    },
  ),
  atEnd('prepare', 'lace', said('procedure.lace-wheel'), said('procedure.arrow-of-hub-forward-valve-hole'), {
    when: ({ end }) => (end.laced ? lacing : false),
    after: ['spokes-ready'],
    typical: 55,
    drawing: 'lacing',
    checks: [
      confirm('valve', said('procedure.valve-hole-between-spokes-that-part')),
      confirm('hub-arrow', said('procedure.hub-turned-right-way')),
    ],
  }),
  atEnd('prepare', 'true', said('procedure.tension-and-true'), said('procedure.untrue-motor-wheel-loosens-itself'), {
    when: ({ end }) => (end.laced ? lacing : false),
    after: ['lace'],
    typical: 60,
    tools: [said('procedure.spoke-key'), said('procedure.tension-gauge'), said('procedure.truing-stand')],
    drawing: 'lacing',
    checks: [
      measure('lateral', said('procedure.side-to-side'), 0, 0.5),
      measure('radial', said('procedure.height'), 0, 0.7),
      measure('dish', said('procedure.off-middle'), -1, 1),
    ],
  }),
  atEnd(
    'prepare',
    'spokes-stressed',
    said('procedure.squeeze-spokes-in-pairs-true-again'),
    said('procedure.spokes-settle-once-better-here-than'),
    {
      when: ({ end }) => (end.laced ? lacing : false),
      after: ['true'],
      typical: 12,
    },
  ),
  atEnd(
    'prepare',
    'rim-deburr',
    said('procedure.feel-rim-for-burrs-and-proud'),
    said('procedure.burr-is-puncture-that-comes-later'),
    {
      after: (context) => ['parcel-count', 'spokes-stressed', ...afterDryFit(context)],
      typical: 0.5,
    },
  ),
  atEnd(
    'prepare',
    'rim-tape',
    said('procedure.tape-over-every-spoke-hole-valve'),
    said('procedure.tube-finds-every-uncovered-hole'),
    {
      after: ['rim-deburr', 'keep-parts'],
      typical: 1.5,
      parts: [said('procedure.rim-tape')],
      checks: [confirm('covered', said('procedure.every-hole-is-covered-valve-hole'))],
    },
  ),
  atEnd(
    'prepare',
    'first-bead',
    said('procedure.first-bead-on-arrow-forward'),
    said('procedure.tyre-against-its-arrow-grips-badly'),
    {
      after: ['rim-tape'],
      typical: 1.5,
      drawing: 'rotation',
      parts: [said('procedure.tyre')],
      checks: [confirm('tyre-arrow', said('procedure.tyre-arrow-points-forward-at-top'))],
    },
  ),
  atEnd(
    'prepare',
    'tube-in',
    said('procedure.give-tube-shape-and-lay-it'),
    said('procedure.tube-without-shape-gets-pinched'),
    {
      after: ['first-bead'],
      typical: 1.5,
      parts: ({ job }) =>
        job.liner ? [said('procedure.puncture-liner'), said('procedure.tube')] : [said('procedure.tube')],
      checks: ({ job }) => [
        ...(job.liner ? [confirm('liner', said('procedure.liner-lies-in-middle-its-ends'))] : []),
        confirm('valve-straight', said('procedure.valve-stands-straight')),
      ],
    },
  ),
  atEnd(
    'prepare',
    'second-bead',
    said('procedure.second-bead-on-by-hand-valve'),
    said('procedure.levers-pinch-tubes'),
    {
      after: ['tube-in'],
      typical: 1.5,
    },
  ),
  atEnd(
    'prepare',
    'tyre-low',
    said('procedure.low-pressure-look-at-moulded-line'),
    said('procedure.bead-that-sits-wrong-shows-now'),
    {
      after: ['second-bead'],
      typical: 1,
      checks: [confirm('line-low', said('procedure.moulded-line-runs-even-on-both'))],
    },
  ),
  atEnd(
    'prepare',
    'tyre-full',
    said('procedure.full-pressure-line-again'),
    said('procedure.never-over-what-tyre-and-rim'),
    {
      after: ['tyre-low'],
      typical: 1,
      tools: [said('procedure.pump-with-gauge')],
      checks: ({ end: { pressure } }) => [
        ...(pressure
          ? [
              set('full-bar', said('procedure.full-pressure'), 'bar', {
                min: pressure.minBar,
                max: pressure.maxBar,
                aim: pressure.maxBar,
              }),
            ]
          : []),
        confirm('line-full', said('procedure.line-runs-even-at-full-pressure')),
        ...(pressure
          ? [
              set('ride-bar', said('procedure.let-down-to-for-first-ride'), 'bar', {
                min: pressure.minBar,
                max: pressure.maxBar,
                aim: pressure.startBar,
              }),
            ]
          : []),
      ],
      cautions: [said('procedure.stay-within-lower-figure-of-tyre')],
    },
  ),
  atEnd(
    'prepare',
    'rotor-clean',
    said('procedure.clean-rotor-and-seat-hands-clean'),
    said('procedure.oil-on-track-is-brake-that'),
    {
      when: disc,
      after: ['keep-parts', 'tyre-full', 'rotor-try'],
      typical: 2,
      checks: [confirm('clean', said('procedure.track-and-pads-were-not-touched'))],
    },
  ),
  atEnd(
    'prepare',
    'rotor-shim',
    ({ end }) => said('procedure.lay-rotor-shim', { rotorShimMm: end.rotorShimMm }),
    said('procedure.it-moves-rotor-into-caliper'),
    {
      when: ({ end }) =>
        end.brake === 'disc' && end.rotorShimMm > 0 ? said('procedure.because-rotor-would-not-meet-caliper') : false,
      after: ['rotor-clean'],
      typical: 1,
      parts: ({ end }) => [said('procedure.rotor-shim', { rotorShimMm: end.rotorShimMm })],
      drawing: 'axle',
    },
  ),
  atEnd(
    'prepare',
    'rotor-on',
    ({ end }) =>
      said('procedure.rotor-on-every-bolt-finger-tight', {
        rotorBoltMmPart: end.rotorBoltMm === null ? '' : said('procedure.text', { rotorBoltMm: end.rotorBoltMm }),
      }),
    said('procedure.arrow-forward-marked-side-out-bolt'),
    {
      when: disc,
      after: ['rotor-clean', 'rotor-shim', 'rotor-try'],
      typical: 2,
      drawing: 'rotation',
      checks: [
        confirm('rotor-arrow', said('procedure.arrow-forward-marked-side-out')),
        confirm('bolt-length', said('procedure.bolts-are-of-length-that-was')),
      ],
    },
  ),
  atEnd(
    'prepare',
    'rotor-star',
    said('procedure.draw-rotor-down-in-star-snug'),
    said('procedure.even-seat-even-braking'),
    {
      when: disc,
      after: ['rotor-on'],
      typical: 2,
      drawing: 'bolt-star',
      checks: ({ torque }) => [
        trial('rotor', said('procedure.rotor-bolts-snug-and-dry'), Math.min(2, torque.rotor.nm)),
      ],
    },
  ),
  atEnd(
    'prepare',
    'rotor-free',
    said('procedure.turn-motor-by-hand-with-all'),
    said('procedure.bolt-that-touches-is-heard-and'),
    {
      when: disc,
      after: ['rotor-star'],
      typical: 1,
      safety: true,
      checks: [confirm('turns', said('procedure.motor-turns-as-freely-as-before'))],
    },
  ),
  atEnd(
    'prepare',
    'rotor-tight',
    said('procedure.thread-lock-bolt-by-bolt-to'),
    said('procedure.thread-lock-comes-last-what-has'),
    {
      when: disc,
      after: ['rotor-free'],
      typical: 5,
      safety: true,
      tools: [said('tools.torque-wrench-2-15-n-m')],
      drawing: 'bolt-star',
      waitMinutes: 20,
      checks: ({ torque }) => [final('rotor', said('procedure.rotor-bolts'), torque.rotor, true)],
      cautions: [said('procedure.thread-lock-handled-after-20-minutes')],
    },
  ),
  atEnd(
    'prepare',
    'freewheel-on',
    said('procedure.freewheel-on-by-hand-then-by'),
    said('procedure.crossed-thread-ruins-hub'),
    {
      when: ({ end }) => (end.sprockets === 'freewheel' ? said('procedure.because-hub-takes-freewheel') : false),
      after: ['keep-parts', 'tyre-full'],
      typical: 6,
      tools: [said('tools.freewheel-remover'), said('procedure.grease')],
      checks: [confirm('by-hand', said('procedure.it-went-on-three-turns-by'))],
    },
  ),
  atEnd(
    'prepare',
    'cassette-spacer',
    said('procedure.spacer-behind-cassette'),
    said('procedure.without-it-ring-bottoms-before-sprockets'),
    {
      when: ({ end }) =>
        end.sprockets === 'cassette' && end.cassetteSpacer
          ? said('procedure.because-body-is-longer-than-sprockets')
          : false,
      after: ['keep-parts', 'tyre-full'],
      typical: 2,
      parts: [said('procedure.cassette-spacer')],
    },
  ),
  atEnd(
    'prepare',
    'cassette-on',
    said('procedure.cassette-on-ring-to-its-torque'),
    said('procedure.loose-sprockets-chew-body'),
    {
      when: ({ end }) => (end.sprockets === 'cassette' ? said('procedure.because-hub-takes-cassette') : false),
      after: ['keep-parts', 'cassette-spacer', 'tyre-full'],
      typical: 6,
      tools: [said('procedure.lock-ring-tool')],
      checks: ({ torque }) => [
        final('lock-ring', said('procedure.lock-ring'), torque['lock-ring']),
        confirm('no-play', said('procedure.no-sprocket-moves-by-hand')),
      ],
    },
  ),
  atEnd(
    'prepare',
    'end-caps',
    ({ end }) => (end.closed ? said('procedure.end-caps-back-on') : said('procedure.extenders-back-on')),
    said('procedure.in-order-that-was-tried'),
    {
      when: ({ end }) => becauseBuiltUp(end),
      after: (context) => ['rotor-tight', 'cassette-on', 'adapters', ...afterDryFit(context)],
      typical: 3,
      parts: ({ end }) => end.adapterOrder.map(saidAgain),
      drawing: 'axle',
      checks: [confirm('built', said('procedure.everything-of-list-sits-as-listed-2'))],
    },
  ),
  atEnd(
    'prepare',
    'wheel-photo',
    said('procedure.photograph-finished-wheel'),
    said('procedure.arrows-and-bolts-should-anybody-ask'),
    {
      after: ['rotor-tight', 'freewheel-on', 'cassette-on', 'tyre-full', 'end-caps'],
      typical: 0.5,
      checks: [photo('wheel', said('procedure.both-sides-of-wheel'))],
    },
  ),
];
