import { said } from '../said';
import { atEnd, confirm, final, measure, onSides, photo, trial, type StepDefinition } from './define';
import type { EndJob, StepContext, TorqueFigure } from './contract';
import { afterDryFit, rimBetweenBlades } from './steps-dry-fit';

/** What the axle nuts get, and whose figure that is. */
export const nutFigure = ({ nutTorqueNm, nutMostNm, nutSource }: EndJob): TorqueFigure => ({
  nm: nutTorqueNm,
  mostNm: nutMostNm,
  source: nutSource,
});

const chain = ({ end }: StepContext) => end.end === 'rear' && end.sprockets !== 'none';

/** The finished wheel goes in: seat, arms, nuts. The core of the job. */
export const stepsAxle: readonly StepDefinition[] = [
  atEnd(
    'fit',
    'wheel-in',
    ({ end }) =>
      end.end === 'rear' ? said('procedure.wheel-in-for-good-chain-round') : said('procedure.wheel-in-for-good'),
    said('procedure.washers-go-back-in-order-of'),
    {
      after: ({ end }) => ['wheel-photo', 'dry-fit', 'tabs-in', ...(end.closed ? ['arm-trial'] : [])],
      typical: 1,
      drawing: 'axle',
      checks: (context) => [
        ...(chain(context) ? [confirm('chain-round', said('procedure.chain-went-round-axle-before-wheel'))] : []),
        confirm('stack-same', said('procedure.same-washers-as-at-dry-fit')),
      ],
      cautions: [said('procedure.cable-clear-of-axle-and-dropout')],
    },
  ),
  atEnd(
    'fit',
    'tabs-outside',
    ({ end }) => said('procedure.tabbed-washers-outside-tab-into-slot', { sides: onSides(end.tabsOutside) }),
    said('procedure.they-lie-under-nuts-and-keep'),
    {
      when: ({ end }) => (end.tabsOutside.length ? said('procedure.because-tab-goes-outside') : false),
      after: ['wheel-in'],
      typical: 0.5,
      drawing: 'tab',
      checks: [confirm('tab-way', said('procedure.each-tab-points-inwards-into-slot'))],
    },
  ),
  atEnd(
    'fit',
    'lock-plates',
    ({ end }) => said('procedure.lock-plates-screwed-to-eyes', { sides: onSides(end.plates) }),
    said('procedure.they-hold-axle-flats-where-no'),
    {
      when: ({ end }) => (end.plates.length ? said('procedure.because-lock-plates-take-place-of') : false),
      after: ['wheel-in'],
      typical: 3,
      checks: [confirm('plate', said('procedure.plate-sits-on-flats-its-screw'))],
    },
  ),
  atEnd(
    'fit',
    'cable-exit',
    said('procedure.cable-exit-down-drip-loop'),
    said('procedure.rain-runs-along-cable-into-motor'),
    {
      after: ['wheel-in'],
      typical: 0.5,
      drawing: 'cable',
      safety: true,
      checks: ({ end }) => [
        confirm(
          'exit-down',
          end.downMark === 'none'
            ? said('procedure.exit-points-down')
            : said('procedure.points-down', { downMark: end.downMark }),
        ),
        confirm('not-trapped', said('procedure.cable-is-not-trapped-between-axle')),
      ],
    },
  ),
  atEnd(
    'fit',
    'lips-filled',
    ({ end }) => said('procedure.c-washer', { sides: onSides(end.cWashers) }),
    said('procedure.nut-that-stands-on-lip-has'),
    {
      when: ({ end }) => (end.cWashers.length ? said('procedure.because-nut-would-stand-on-retaining') : false),
      after: ['wheel-in'],
      typical: 0.5,
      drawing: 'axle',
      safety: true,
      checks: [confirm('lips', said('procedure.c-washer-fills-lip-open-end'))],
    },
  ),
  atEnd(
    'fit',
    'extras-on',
    said('procedure.stays-and-plates-back-on-outside'),
    said('procedure.nothing-inside-dropout-but-washers'),
    {
      when: ({ end }) => (end.extras.length ? said('procedure.because-something-else-lives-on-axle') : false),
      after: ['lips-filled', 'wheel-in', 'tabs-outside', 'lock-plates'],
      typical: 1.5,
    },
  ),
  atEnd('lock', 'arm-trial', said('procedure.offer-arm-up'), said('procedure.in-one-plane-with-its-clamp'), {
    when: ({ end }) => (end.arms.length ? said('procedure.because-arm-takes-motor-reaction') : false),
    after: (context) =>
      context.end.closed
        ? ['rotor-tight', 'adapters', ...afterDryFit(context)]
        : ['wheel-in', 'lips-filled', 'extras-on', 'tabs-outside'],
    typical: 4,
    drawing: 'arm',
    checks: [
      confirm('plane', said('procedure.arm-blade-and-clamp-lie-in')),
      confirm('engages', said('procedure.arm-goes-on-flats-without-play')),
    ],
  }),
  atEnd(
    'lock',
    'chain-tension',
    said('procedure.chain-on-its-sprocket-tension-set'),
    said('procedure.with-one-sprocket-or-gears-in'),
    {
      when: ({ end }) => (end.chainTension ? said('procedure.because-chain-tension-sets-where-axle') : false),
      after: ['wheel-in', 'arm-trial', 'extras-on'],
      typical: 5,
      safety: true,
      checks: [
        measure('slack', said('procedure.chain-up-and-down-at-its'), 8, 16),
        measure('left-right', said('procedure.axle-to-end-of-slot-left'), -1, 1),
      ],
    },
  ),
  atEnd(
    'lock',
    'seated',
    ({ end }) =>
      end.levelSlots
        ? said('procedure.wheels-down-axle-square-in-both')
        : said('procedure.wheels-down-push-axle-to-its'),
    said('procedure.bike-own-weight-seats-axle-stand'),
    {
      after: [
        'wheel-in',
        'arm-trial',
        'extras-on',
        'lips-filled',
        'tabs-outside',
        'lock-plates',
        'cable-exit',
        'chain-tension',
      ],
      typical: 0.5,
      drawing: 'bike',
      safety: true,
      checks: ({ end }) => [
        confirm(
          'shoulders',
          end.closed
            ? said('procedure.shoulders-seated-on-both-sides')
            : end.levelSlots
              ? said('procedure.shoulders-seated-on-both-sides-axle')
              : said('procedure.shoulders-seated-on-both-sides-axle-at'),
        ),
        confirm('cable-free', said('procedure.no-cable-trapped')),
        confirm(
          'lip-seat',
          end.cWashers.length
            ? said('procedure.c-washers-seated-inside-lips')
            : said('procedure.nothing-stands-on-lip-or-edge'),
        ),
      ],
    },
  ),
  atEnd(
    'lock',
    'clamp-snug',
    said('procedure.arm-clamp-snug-not-tight'),
    said('procedure.it-must-follow-nut-not-hold'),
    {
      when: ({ end }) => (end.arms.length ? said('procedure.because-arm-takes-motor-reaction') : false),
      after: ['seated'],
      typical: 1,
      drawing: 'arm',
      checks: ({ torque }) => [trial('clamp', said('procedure.arm-clamp-snug'), Math.min(1, torque.band.nm))],
    },
  ),
  atEnd(
    'lock',
    'axle-tight',
    ({ end }) =>
      end.closed ? said('procedure.through-axle-to-its-torque') : said('procedure.axle-nuts-to-their-torque'),
    said('procedure.friction-under-nuts-is-first-thing'),
    {
      after: ['seated', 'clamp-snug'],
      typical: 1.5,
      tools: [said('tools.torque-wrench-20-80-n-m')],
      drawing: 'axle',
      safety: true,
      checks: ({ end, job }) => [
        final(
          'nut-left',
          end.closed ? said('procedure.through-axle') : said('procedure.left-axle-nut'),
          nutFigure(end),
          job.lockedNuts,
        ),
        ...(end.closed ? [] : [final('nut-right', said('procedure.right-axle-nut'), nutFigure(end), job.lockedNuts)]),
      ],
      second: { what: said('procedure.nuts-at-their-torque-wheel-straight'), from: 'telling' },
      cautions: ({ job }) => [
        said('procedure.maker-figure-for-axle-fork-and'),
        job.lockedNuts
          ? said('procedure.thread-locked-nuts-are-renewed-when')
          : said('procedure.no-thread-lock-on-what-is'),
      ],
      school: ({ job }) =>
        job.lockedNuts
          ? {
              chosen: said('procedure.nuts-thread-locked-renewed-at-each'),
              other: said('procedure.dry-and-re-torqued'),
            }
          : {
              chosen: said('procedure.nuts-dry-and-re-torqued'),
              other: said('procedure.thread-locked-and-renewed-at-each'),
            },
    },
  ),
  atEnd(
    'lock',
    'clamp-tight',
    said('procedure.arm-clamp-to-its-torque'),
    said('procedure.after-nuts-so-that-it-holds'),
    {
      when: ({ end }) => (end.arms.length ? said('procedure.because-arm-takes-motor-reaction') : false),
      after: ['axle-tight'],
      typical: 1.5,
      drawing: 'arm',
      safety: true,
      checks: ({ torque }) => [
        final('clamp', said('procedure.arm-clamp'), torque.band),
        final('arm', said('procedure.arm-bolt'), torque['arm-bolt'], true),
      ],
      cautions: [said('procedure.band-ends-leave-nothing-sharp-paint')],
    },
  ),
  atEnd('lock', 'seat-again', said('procedure.measure-seat-again'), said('procedure.tightening-may-have-lifted-axle'), {
    after: ['axle-tight', 'clamp-tight'],
    typical: 0.5,
    safety: true,
    checks: ({ gap }) => [
      confirm('still-seated', said('procedure.axle-still-sits-where-it-sat')),
      rimBetweenBlades('rim-after', gap.rimOffMm),
    ],
  }),
  atEnd(
    'lock',
    'witness',
    said('procedure.witness-marks-on-nuts-and-arm'),
    said('procedure.line-that-has-moved-tells-before'),
    {
      after: ['seat-again'],
      typical: 1,
      tools: [said('procedure.paint-pen')],
      checks: ({ end }) => [
        photo(`witness.${end.end}.left`, said('procedure.left-nut-with-its-mark')),
        photo(`witness.${end.end}.right`, said('procedure.right-nut-with-its-mark')),
        ...(end.arms.length ? [photo(`witness.${end.end}.arm`, said('procedure.arm-with-its-mark'))] : []),
      ],
    },
  ),
  atEnd(
    'lock',
    'regen-note',
    said('procedure.braking-by-motor-stays-off-until'),
    said('procedure.it-turns-load-on-axle-round'),
    {
      when: ({ end }) => (end.regen ? said('procedure.because-motor-can-brake') : false),
      after: ['axle-tight'],
      typical: 0.5,
      checks: [confirm('regen-off', said('procedure.regeneration-is-off-in-settings-for'))],
    },
  ),
];
