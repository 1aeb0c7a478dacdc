import { atSpot } from '../job-events';
import { said, type Said } from '../said';
import { confirm, final, measure, onBike, photo, trial, type StepDefinition } from './define';
import type { StepContext } from './contract';

const throttle = ({ job }: StepContext) =>
  job.throttle === 'none' ? false : said('procedure.because-rider-gets-throttle');
const sensor = ({ job }: StepContext) => (job.sensor === 'none' ? false : true);
const shell = ({ job }: StepContext) =>
  job.sensor === 'torque-shell' ? said('procedure.because-sensor-sits-in-bottom-bracket') : false;
const underCrank = ({ job }: StepContext) =>
  job.sensor === 'ring-under-crank' || job.sensor === 'under-cup' || job.sensor === 'torque-shell'
    ? said('procedure.because-crank-must-come-off-for')
    : false;

/** From the brake's bite until the throttle has let go, in s [J]. */
const letGoS = 0.8;

/** How far the motor pushes on without a cut-off. */
function runOnM(kmh: number | null): Said {
  return kmh === null
    ? said('procedure.how-far-is-not-known')
    : said('procedure.metres', { metres: (kmh / 3.6) * letGoS });
}

/** Handlebar and pedal sensor. */
export const stepsBar: readonly StepDefinition[] = [
  onBike(
    'bar',
    'bar-before',
    said('procedure.photograph-bar-as-it-is'),
    said('procedure.everything-competes-for-same-150-mm'),
    {
      after: ['on-the-stand'],
      typical: 0.5,
      checks: [photo('bar-before', said('procedure.bar-from-above'))],
    },
  ),
  onBike(
    'bar',
    'grips-off',
    said('procedure.grips-off-with-air-or-alcohol'),
    said('procedure.cut-grip-comes-off-once-aired'),
    {
      when: ({ job }) =>
        job.throttle !== 'none' || job.cutOff ? said('procedure.because-parts-go-on-under-grip') : false,
      after: ['bar-before'],
      typical: 2,
      checks: [confirm('bar-ends', said('procedure.bolts-and-plugs-in-bar-ends'))],
    },
  ),
  onBike(
    'bar',
    'levers-trial',
    said('procedure.order-of-parts-on-bar-clamped'),
    said('procedure.reach-first-then-beauty'),
    {
      after: ['bar-before', 'grips-off'],
      typical: 3.5,
      checks: ({ torque }) => [
        trial('levers', said('procedure.lever-clamps-snug'), Math.min(2, torque.lever.nm)),
        confirm('reach', said('procedure.every-lever-and-button-is-reached')),
      ],
    },
  ),
  onBike(
    'bar',
    'cut-off',
    said('procedure.brake-cut-off-on-at-least'),
    said('procedure.motor-that-pulls-while-one-brakes'),
    {
      when: ({ job }) => (job.cutOff ? said('procedure.because-brake-cut-off-is-fitted') : false),
      after: ['levers-trial'],
      typical: 2.5,
      safety: true,
      checks: [confirm('cut', said('procedure.switch-clicks-before-brake-bites'))],
      school: {
        chosen: said('procedure.at-least-one-brake-cuts-motor'),
        other: said('procedure.levers-that-are-better-brakes-stay'),
      },
    },
  ),
  onBike(
    'bar',
    'no-cut-off',
    said('procedure.no-brake-cuts-motor-owner-signs'),
    ({ job }) => said('procedure.until-throttle-has-let-go-motor', { runOn: runOnM(job.assistedKmh), letGoS }),
    {
      when: ({ job }) =>
        !job.cutOff && job.throttle !== 'none' ? said('procedure.because-there-is-throttle-and-no') : false,
      after: ['levers-trial'],
      typical: 0.5,
      safety: true,
      signed: true,
      cautions: [said('procedure.motor-that-pulls-while-one-brakes-throws')],
    },
  ),
  onBike(
    'bar',
    'throttle-on',
    ({ job }) => said('procedure.throttle-on', { throttleSide: job.throttleSide }),
    said('procedure.twist-shifter-and-twist-throttle-do'),
    {
      when: throttle,
      school: ({ job }) =>
        job.throttleSide === 'left'
          ? { chosen: said('procedure.left-clear-of-rear-shifter-hand'), other: said('procedure.right-out-of-habit') }
          : { chosen: said('procedure.right-out-of-habit'), other: said('procedure.left-clear-of-rear-shifter-hand') },
      after: ['grips-off', 'levers-trial'],
      typical: 2.5,
      safety: true,
      checks: [
        confirm('returns', said('procedure.it-springs-back-from-everywhere-by')),
        confirm('not-held', said('procedure.nothing-can-hold-it-no-cable')),
      ],
    },
  ),
  onBike(
    'bar',
    'display-on',
    said('procedure.display-and-its-buttons'),
    said('procedure.upside-down-it-is-read-upside'),
    {
      when: ({ job }) => (job.display ? said('procedure.because-kit-has-display') : false),
      after: ['levers-trial'],
      typical: 2,
      checks: [confirm('way-up', said('procedure.it-reads-right-way-up-from'))],
    },
  ),
  onBike('bar', 'bar-final', said('procedure.clamps-to-their-torque'), said('procedure.what-was-snug-for-trial-is'), {
    after: ['levers-trial', 'cut-off', 'no-cut-off', 'throttle-on', 'display-on'],
    typical: 1.5,
    safety: true,
    tools: [said('tools.torque-wrench-2-15-n-m')],
    checks: ({ job, torque }) => [
      final('levers', said('procedure.lever-clamps'), torque.lever),
      final('shifter', said('procedure.shifter-clamps'), torque.shifter),
      ...(job.throttle === 'none' ? [] : [final('throttle', said('procedure.throttle-clamp'), torque.throttle)]),
      photo('bar-after', said('procedure.bar-from-above-as-it-is')),
    ],
  }),
  onBike(
    'bar',
    'grips-on',
    said('procedure.grips-on-overhang-at-most-8'),
    said('procedure.beyond-that-they-are-cut-not'),
    {
      when: ({ job }) => (job.throttle !== 'none' || job.cutOff ? said('procedure.because-they-were-off') : false),
      after: ['bar-final'],
      typical: 1.5,
      waitMinutes: 15,
      checks: [measure('overhang', said('procedure.overhang-of-grip'), 0, 8)],
    },
  ),
  onBike(
    'bar',
    'bar-turn',
    said('procedure.turn-bar-lock-to-lock'),
    said('procedure.nothing-may-pull-catch-or-press'),
    {
      after: ['bar-final', 'grips-on'],
      typical: 0.5,
      safety: true,
      checks: [confirm('locks', said('procedure.both-locks-reached-nothing-pulls'))],
    },
  ),
  onBike(
    'sensor',
    'crank-off',
    said('procedure.crank-off-with-its-puller'),
    said('procedure.crank-hammered-off-never-sits-true'),
    {
      when: underCrank,
      after: ['on-the-stand'],
      typical: 8,
      tools: [said('tools.crank-puller')],
    },
  ),
  onBike(
    'sensor',
    'cups-out',
    said('procedure.cups-and-old-bottom-bracket-out'),
    said('procedure.mind-which-side-has-left-hand'),
    {
      when: ({ job }) =>
        job.sensor === 'under-cup' ? said('procedure.because-sensor-sits-under-cup') : shell({ job } as StepContext),
      after: ['crank-off'],
      typical: 12,
      tools: [said('tools.cup-tool')],
    },
  ),
  onBike(
    'sensor',
    'shell-drill',
    said('procedure.drill-shell-for-sensor-cable'),
    said('procedure.only-where-maker-says-and-only'),
    {
      when: shell,
      after: ['cups-out'],
      typical: 12,
      safety: true,
      checks: [
        confirm('maker-says', said('procedure.maker-of-sensor-asks-for-this')),
        confirm('swarf', said('procedure.swarf-caught-edges-broken')),
        photo('drilled', said('procedure.hole')),
      ],
      irreversible: [{ what: 'drilled', ...atSpot('bottom-bracket-shell') }],
      cautions: [
        said('procedure.this-cannot-be-taken-back'),
        said('procedure.never-drill-carbon'),
        said('procedure.eyes-glasses'),
      ],
    },
  ),
  onBike(
    'sensor',
    'shell-deburr',
    said('procedure.deburr-hole-chase-threads'),
    said('procedure.burr-cuts-cable-within-week'),
    {
      when: shell,
      after: ['shell-drill'],
      typical: 8,
      checks: [
        confirm('smooth', said('procedure.finger-finds-no-edge')),
        confirm('centred', said('procedure.hole-is-in-middle-of-shell')),
      ],
    },
  ),
  onBike(
    'sensor',
    'cups-tight',
    said('procedure.sensor-and-cups-in-to-their'),
    said('procedure.left-hand-thread-on-drive-side'),
    {
      when: ({ job }) =>
        job.sensor === 'under-cup' || job.sensor === 'torque-shell'
          ? said('procedure.because-sensor-sits-in-shell')
          : false,
      after: ['cups-out', 'shell-deburr'],
      typical: 14,
      tools: [said('tools.cup-tool'), said('tools.torque-wrench-20-80-n-m')],
      checks: ({ torque }) => [
        final('cups', said('procedure.cups'), torque.cup),
        confirm('cable-straight', said('procedure.cable-leaves-without-kink')),
      ],
    },
  ),
  onBike(
    'sensor',
    'ring-room',
    said('procedure.measure-room-for-ring-and-sensor'),
    said('procedure.between-chainring-and-frame-it-is'),
    {
      when: ({ job }) =>
        job.sensor === 'split-ring' || job.sensor === 'ring-under-crank' || job.sensor === 'sealed' ? true : false,
      after: ['on-the-stand', 'crank-off'],
      typical: 0.5,
      checks: ({ job }) => [measure('room', said('procedure.room-beside-shell'), job.sensorRoomMm ?? 7, null)],
    },
  ),
  onBike(
    'sensor',
    'ring-on',
    said('procedure.ring-on-face-to-sensor'),
    said('procedure.backwards-it-assists-backwards-or-not'),
    {
      when: ({ job }) =>
        job.sensor === 'split-ring' || job.sensor === 'ring-under-crank' || job.sensor === 'sealed' ? true : false,
      after: ['ring-room'],
      typical: 2.5,
      drawing: 'rotation',
      checks: [confirm('face', said('procedure.marked-face-towards-sensor-arrow-with'))],
    },
  ),
  onBike('sensor', 'sensor-gap', said('procedure.set-sensor-gap'), said('procedure.too-wide-it-sleeps-too-near'), {
    when: ({ job }) => (job.sensor === 'split-ring' || job.sensor === 'ring-under-crank' ? true : false),
    after: ['ring-on'],
    typical: 1.5,
    checks: ({ job }) => [
      measure('gap', said('procedure.gap-from-ring-to-sensor'), job.sensorGap?.minMm ?? 0.5, job.sensorGap?.maxMm ?? 3),
    ],
  }),
  onBike('sensor', 'crank-on', said('procedure.crank-on-to-its-torque'), said('procedure.loose-crank-eats-its-taper'), {
    when: underCrank,
    after: ['crank-off', 'ring-on', 'cups-tight', 'sensor-gap'],
    typical: 6,
    tools: [said('tools.torque-wrench-20-80-n-m')],
    checks: ({ torque }) => [final('crank', said('procedure.crank-bolts'), torque.crank)],
  }),
  onBike(
    'sensor',
    'sensor-turn',
    said('procedure.turn-cranks-both-ways'),
    said('procedure.nothing-scrapes-cable-stays-put'),
    {
      when: sensor,
      after: ['crank-on', 'sensor-gap', 'ring-on', 'cups-tight'],
      typical: 0.5,
      checks: [confirm('free', said('procedure.cranks-turn-free-ring-and-sensor'))],
    },
  ),
];
