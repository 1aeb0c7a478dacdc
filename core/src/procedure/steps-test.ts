import { asWritten, said } from '../said';
import type { StepContext } from './contract';
import { nutFigure } from './steps-axle';
import { atEnd, confirm, final, measure, onBike, photo, set, type StepDefinition } from './define';

const makers = ({ end }: StepContext) =>
  end.makerSteps.length ? said('procedure.because-kit-maker-asks-for-it') : false;

/** After what the nuts are tightened again: kilometres that settle them, and a month for who rides little [J]. */
export const nextRetorque = { km: 100, days: 28 };

/** Wheel-up test, ride, re-torque, hand-over. */
export const stepsTest: readonly StepDefinition[] = [
  atEnd(
    'test',
    'maker-steps',
    said('procedure.what-kit-maker-asks-for-besides'),
    said('procedure.maker-word-goes-before-ours'),
    {
      when: makers,
      after: ['seat-again', 'settings-back', 'loose-run'],
      typical: 2,
      checks: ({ end }) => end.makerSteps.map((what, index) => confirm(`maker-${index + 1}`, asWritten(what))),
    },
  ),
  onBike(
    'test',
    'fasteners',
    said('procedure.go-over-every-fastener-once'),
    said('procedure.no-sign-off-while-anything-is'),
    {
      after: ['lock-to-lock', 'bar-turn', 'witness', 'both-brakes', 'sprocket-clear', 'crank-on', 'brake-photo'],
      typical: 2,
      safety: true,
      checks: ({ torque }) => [
        final('stem', said('procedure.stem-bolts'), torque.stem),
        final('pedals', said('procedure.pedals'), torque.pedal),
        confirm('none-trial', said('procedure.nothing-is-only-snug-any-more')),
      ],
    },
  ),
  onBike(
    'test',
    'brakes-again',
    said('procedure.hold-each-brake-again'),
    said('procedure.ties-and-settings-moved-cables-since'),
    {
      after: ['fasteners', 'lock-to-lock'],
      typical: 0.5,
      safety: true,
      checks: [
        confirm('front', said('procedure.front-brake-holds-bike')),
        confirm('rear', said('procedure.rear-brake-holds-bike')),
      ],
    },
  ),
  onBike(
    'test',
    'wheel-up-on',
    said('procedure.wheel-off-ground-power-on'),
    said('procedure.every-powered-check-begins-with-connect'),
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
        confirm('hands', said('procedure.hands-and-cables-clear-pack-in')),
        confirm('no-fault', said('procedure.no-fault-shown')),
        confirm('out', said('procedure.pack-out')),
      ],
      cautions: [said('procedure.spinning-wheel')],
    },
  ),
  onBike(
    'test',
    'wheel-up-crank',
    said('procedure.crank-it-starts-and-stops'),
    said('procedure.motor-that-runs-on-is-found'),
    {
      when: ({ job }) => (job.sensor === 'none' ? false : true),
      after: ['wheel-up-on'],
      typical: 0.5,
      powered: true,
      safety: true,
      checks: [
        confirm('starts', said('procedure.starts-with-crank-forward')),
        confirm('stops', said('procedure.stops-with-crank-not-backwards')),
        confirm('out', said('procedure.pack-out')),
      ],
      cautions: [said('procedure.hold-cranks-not-wheel')],
    },
  ),
  onBike(
    'test',
    'wheel-up-throttle',
    said('procedure.throttle-smooth-and-back'),
    said('procedure.it-must-let-go-by-itself'),
    {
      when: ({ job }) => (job.throttle === 'none' ? false : said('procedure.because-there-is-throttle')),
      after: ['wheel-up-on'],
      typical: 0.5,
      powered: true,
      safety: true,
      checks: [
        confirm('smooth', said('procedure.starts-smooth')),
        confirm('lets-go', said('procedure.stops-when-let-go')),
        confirm('out', said('procedure.pack-out')),
      ],
      cautions: [said('procedure.spinning-wheel')],
    },
  ),
  onBike('test', 'wheel-up-cut', said('procedure.brake-motor-cuts'), said('procedure.each-lever-by-itself'), {
    when: ({ job }) => (job.cutOff ? said('procedure.because-brake-cut-off-is-fitted') : false),
    after: ['wheel-up-crank', 'wheel-up-throttle'],
    typical: 0.5,
    powered: true,
    safety: true,
    checks: [
      confirm('cuts', said('procedure.each-lever-cuts-motor-at-once')),
      confirm('out', said('procedure.pack-out')),
    ],
    cautions: [said('procedure.spinning-wheel')],
  }),
  onBike(
    'test',
    'wheel-up-listen',
    said('procedure.listen-no-rub-no-grind-speed'),
    said('procedure.ears-find-what-eyes-do-not'),
    {
      after: ['wheel-up-on', 'wheel-up-crank', 'wheel-up-throttle'],
      typical: 0.5,
      powered: true,
      checks: [
        confirm('quiet', said('procedure.no-rub-or-grind')),
        confirm('speed', said('procedure.speed-shown-is-plausible')),
        confirm('out', said('procedure.pack-out')),
      ],
      cautions: [said('procedure.spinning-wheel')],
    },
  ),
  onBike(
    'test',
    'wheels-down',
    said('procedure.wheels-down-look-once-more'),
    said('procedure.wheel-straight-nuts-marked-nothing-left'),
    {
      after: ['wheel-up-listen', 'wheel-up-cut', 'witness', 'grips-on'],
      typical: 1,
      safety: true,
      checks: [
        confirm('straight', said('procedure.wheels-straight-quick-releases-closed')),
        confirm('both-hold', said('procedure.front-and-rear-brake-hold-once')),
      ],
      second: { what: said('procedure.brakes-nuts-arm-and-bar-before'), from: 'telling' },
    },
  ),
  onBike(
    'ride',
    'ride-brakes',
    said('procedure.ride-without-power-brakes-first'),
    said('procedure.brakes-before-power'),
    {
      after: ['wheels-down'],
      typical: 1.5,
      safety: true,
      checks: [confirm('stops-bike', said('procedure.both-brakes-stop-bike-straight'))],
      cautions: [said('procedure.empty-flat-ground-helmet')],
    },
  ),
  onBike('ride', 'ride-slow', said('procedure.slow-with-power-lowest-level'), said('procedure.slow-before-fast'), {
    after: ['ride-brakes'],
    typical: 1.5,
    powered: true,
    safety: true,
    checks: [confirm('gentle', said('procedure.it-pulls-and-lets-go-gently'))],
  }),
  onBike(
    'ride',
    'ride-levels',
    said('procedure.each-level-speed-and-feel'),
    said('procedure.limit-of-class-must-hold'),
    {
      after: ['ride-slow'],
      typical: 2.5,
      powered: true,
      checks: [confirm('limit-holds', said('procedure.assistance-ends-at-class-speed'))],
    },
  ),
  onBike('ride', 'ride-hill', said('procedure.climb-then-feel-hub'), said('procedure.hot-to-touch-is-warning'), {
    after: ['ride-levels'],
    typical: 2.5,
    powered: true,
    checks: [confirm('not-hot', said('procedure.hub-can-be-touched-for-five'))],
    cautions: [said('procedure.it-may-be-hot-touch-briefly')],
  }),
  onBike(
    'ride',
    'ride-off',
    said('procedure.pack-out-bike-back-on-stand'),
    said('procedure.next-steps-have-hands-on-wheel'),
    {
      after: ['ride-hill'],
      typical: 0.5,
      safety: true,
      checks: [confirm('out', said('procedure.pack-out'))],
    },
  ),
  atEnd(
    'ride',
    'retorque',
    said('procedure.re-torque-nuts-and-clamp-at'),
    said('procedure.everything-settles-on-first-ride'),
    {
      after: ['ride-off'],
      typical: 1.5,
      safety: true,
      tools: [said('tools.torque-wrench-20-80-n-m')],
      drawing: 'axle',
      checks: ({ end, job, torque }) => [
        photo(`witness.${end.end}.left`, said('procedure.left-nut-as-it-was-marked')),
        photo(`witness.${end.end}.right`, said('procedure.right-nut-as-it-was-marked')),
        ...(end.arms.length ? [photo(`witness.${end.end}.arm`, said('procedure.arm-as-it-was-marked'))] : []),
        confirm('marks', said('procedure.witness-marks-compared-with-photos-moved')),
        final(
          'nut-left',
          end.closed ? said('procedure.through-axle') : said('procedure.left-axle-nut'),
          nutFigure(end),
        ),
        ...(end.closed ? [] : [final('nut-right', said('procedure.right-axle-nut'), nutFigure(end))]),
        ...(job.lockedNuts ? [confirm('renewed', said('procedure.thread-locked-nuts-are-renewed'))] : []),
        ...(end.arms.length ? [final('clamp', said('procedure.arm-clamp'), torque.band)] : []),
        photo(`witness-after.${end.end}`, said('procedure.nuts-and-arm-with-fresh-marks')),
      ],
    },
  ),
  atEnd('ride', 'spokes-after', said('procedure.spokes-and-truth-after-ride'), said('procedure.new-spokes-settle'), {
    after: ['ride-off'],
    typical: 1.5,
    checks: [measure('lateral-after', said('procedure.side-to-side'), 0, 1)],
  }),
  atEnd(
    'ride',
    'regen-on',
    said('procedure.braking-by-motor-on-gently'),
    said('procedure.after-re-torque-as-maker-says'),
    {
      when: ({ end }) => (end.regen ? said('procedure.because-motor-can-brake') : false),
      after: ['retorque'],
      typical: 1,
      powered: true,
      safety: true,
      checks: [
        confirm('gentle', said('procedure.lowest-strength-first-nuts-looked-at')),
        confirm('out', said('procedure.pack-out')),
      ],
    },
  ),
  onBike(
    'hand-over',
    'parts-fate',
    said('procedure.what-was-used-left-out-given'),
    said('procedure.rider-owns-what-is-left-over'),
    {
      after: ['wheels-down'],
      typical: 1.5,
      checks: [confirm('fates', said('procedure.every-part-of-kit-is-accounted'))],
    },
  ),
  onBike(
    'hand-over',
    'explain',
    said('procedure.explain-puncture-charging-checks-law'),
    said('procedure.rider-must-get-wheel-out-at'),
    {
      after: ['retorque', 'regen-on', 'spokes-after', 'parts-fate'],
      typical: 3.5,
      checks: ({ job }) => [
        confirm('puncture', said('procedure.nuts-arm-and-plugs-for-puncture')),
        confirm(
          'charging',
          job.charging === 'on-bike'
            ? said('procedure.charging-on-bike-outside-never-where')
            : said('procedure.charging-off-bike-not-where-people'),
        ),
        confirm('law', said('procedure.local-code-is-rider-to-look')),
      ],
    },
  ),
  onBike(
    'hand-over',
    'appointment',
    said('procedure.give-date-of-next-re-torque'),
    said('procedure.first-ride-done-everything-settles-once'),
    {
      after: ['explain'],
      typical: 0.5,
      checks: [
        set('next-km', said('procedure.next-re-torque-after'), 'km', { min: 20, max: 200, aim: nextRetorque.km }),
        set('next-days', said('procedure.at-latest-in'), 'days', { min: 1, max: 60, aim: nextRetorque.days }),
      ],
    },
  ),
];
