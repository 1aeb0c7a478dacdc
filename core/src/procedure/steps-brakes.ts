import { said } from '../said';
import type { EndJob } from './contract';
import { atEnd, confirm, final, measure, photo, type StepDefinition } from './define';

/** A derailleur works here: one sprocket needs none. */
const geared = ({ sprockets, chainTension }: EndJob) => sprockets !== 'none' && !chainTension;

/** Brakes and gears once the axle is tight. */
export const stepsBrakes: readonly StepDefinition[] = [
  atEnd(
    'brakes',
    'caliper-shim',
    ({ end }) => said('procedure.caliper-shims', { caliperShimMm: end.caliperShimMm }),
    said('procedure.they-move-caliper-to-rotor'),
    {
      when: ({ end }) =>
        end.brake === 'disc' && end.caliperShimMm > 0 ? said('procedure.because-rotor-would-not-meet-caliper') : false,
      after: ['axle-tight'],
      typical: 4,
      parts: ({ end }) => [said('procedure.caliper-shims-2', { caliperShimMm: end.caliperShimMm })],
    },
  ),
  atEnd(
    'brakes',
    'caliper-centre',
    said('procedure.centre-caliper-with-lever-held'),
    said('procedure.pads-that-drag-heat-and-wear'),
    {
      when: ({ end }) => (end.brake === 'disc' ? said('procedure.because-this-end-has-disc') : false),
      after: ['axle-tight', 'clamp-tight', 'caliper-shim'],
      typical: 6,
      safety: true,
      tools: [said('tools.torque-wrench-2-15-n-m')],
      checks: ({ end, torque }) => [
        confirm('spacer-out', said('procedure.pad-spacer-is-out')),
        final(
          'caliper',
          end.caliperBoltMm === null
            ? said('procedure.caliper-bolts')
            : said('procedure.caliper-bolts-2', { caliperBoltMm: end.caliperBoltMm }),
          torque.caliper,
        ),
      ],
    },
  ),
  atEnd('brakes', 'rotor-spin', said('procedure.spin-no-rub-at-pads'), said('procedure.listen-close-to-caliper'), {
    when: ({ end }) => (end.brake === 'disc' ? said('procedure.because-this-end-has-disc') : false),
    after: ['caliper-centre'],
    typical: 2,
    checks: ({ gap }) => [
      confirm('no-rub', said('procedure.no-rub-over-whole-turn')),
      measure('pad-gap', said('procedure.gap-between-cover-and-caliper-body'), gap.coverMm, null),
    ],
  }),
  atEnd(
    'brakes',
    'rim-instead',
    said('procedure.fit-rim-brakes-to-bosses'),
    said('procedure.old-brake-has-no-place-on'),
    {
      when: ({ end }) => (end.rimInstead ? said('procedure.because-hub-takes-no-rotor-and') : false),
      after: ['old-wheel-out'],
      typical: 25,
      safety: true,
      tools: [said('procedure.cable-cutter')],
      checks: [
        confirm('pivots', said('procedure.arms-turn-free-on-their-bosses')),
        confirm('lever', said('procedure.lever-pulls-as-much-as-this')),
      ],
    },
  ),
  atEnd('brakes', 'rim-pads', said('procedure.pads-back-on-track'), said('procedure.over-edge-they-cut-tyre-below'), {
    when: ({ end }) => (end.brake === 'rim' ? said('procedure.because-this-end-brakes-on-rim') : false),
    after: ['axle-tight', 'rim-instead'],
    typical: 1.5,
    safety: true,
    checks: [
      confirm('on-track', said('procedure.both-pads-meet-track-over-their')),
      confirm('quick', said('procedure.quick-release-closed')),
    ],
  }),
  atEnd('brakes', 'rim-spin', said('procedure.spin-between-pads'), said('procedure.motor-wheel-is-seldom-as-true'), {
    when: ({ end }) => (end.brake === 'rim' ? said('procedure.because-this-end-brakes-on-rim') : false),
    after: ['rim-pads'],
    typical: 0.5,
    checks: [measure('pad-room', said('procedure.smallest-room-at-pad'), 1, 6)],
  }),
  atEnd(
    'brakes',
    'other-brake',
    said('procedure.set-hub-own-brake-or-fit'),
    said('procedure.two-working-brakes-always'),
    {
      when: ({ end }) =>
        end.brake === 'other' || end.brake === 'none' ? said('procedure.because-this-end-brakes-otherwise') : false,
      after: ['axle-tight'],
      typical: 10,
      safety: true,
      checks: [confirm('two-brakes', said('procedure.bike-has-two-working-brakes'))],
    },
  ),
  atEnd(
    'gears',
    'chain-on',
    said('procedure.chain-onto-sprockets-hanger-straight'),
    said('procedure.bent-hanger-cannot-be-indexed-away'),
    {
      when: ({ end }) => (geared(end) ? said('procedure.because-wheel-has-sprockets') : false),
      after: ['axle-tight', 'chain-off'],
      typical: 3,
    },
  ),
  atEnd('gears', 'limits-set', said('procedure.set-derailleur-limits'), said('procedure.one-click-too-far-is-chain'), {
    when: ({ end }) => (geared(end) ? said('procedure.because-wheel-has-sprockets') : false),
    after: ['chain-on'],
    typical: 5,
    safety: true,
    checks: [
      confirm('high', said('procedure.smallest-sprocket-no-further')),
      confirm('low', said('procedure.largest-sprocket-no-further')),
    ],
  }),
  atEnd('gears', 'index', said('procedure.index-gears'), said('procedure.fewer-sprockets-than-clicks-leave-some'), {
    when: ({ end }) => (geared(end) ? said('procedure.because-wheel-has-sprockets') : false),
    after: ['limits-set'],
    typical: 8,
    checks: ({ end }) => [
      confirm(
        'shifts',
        end.gearsOff ? said('procedure.it-shifts-as-well-as-chart') : said('procedure.every-gear-comes-at-once'),
      ),
    ],
  }),
  atEnd(
    'gears',
    'sprocket-clear',
    said('procedure.smallest-sprocket-clear-of-stay'),
    said('procedure.chain-and-stay-meet-under-load'),
    {
      when: ({ end }) => (geared(end) ? said('procedure.because-wheel-has-sprockets') : false),
      after: ['index'],
      typical: 2,
      checks: [measure('stay-gap', said('procedure.chain-on-smallest-sprocket-to-stay'), 2, null)],
    },
  ),
  atEnd('brakes', 'brake-photo', said('procedure.photograph-brake'), said('procedure.pads-bolts-and-shims-as-left'), {
    when: ({ end }) => (end.brake === 'disc' || end.brake === 'rim' ? true : false),
    after: ['rotor-spin', 'rim-spin', 'other-brake'],
    typical: 0.5,
    checks: [photo('brake', said('procedure.brake-from-side'))],
  }),
];
