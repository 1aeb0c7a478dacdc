import { asWritten, said } from '../said';
import type { StepContext } from './contract';
import { atEnd, confirm, count, measure, onBike, photo, type StepDefinition } from './define';

const refit = ({ job }: StepContext) => (job.oldLoom ? said('procedure.because-old-electric-system-comes-out') : false);

const small = (topology: string) => topology === 'all-in-wheel';

/** Receiving the parcel and the bench lay: everything that is found out before the bike is touched. */
export const stepsBefore: readonly StepDefinition[] = [
  atEnd(
    'receive',
    'parcel-look',
    said('procedure.look-parcel-over'),
    said('procedure.damage-in-transit-must-be-claimed'),
    {
      typical: 1.5,
      checks: [photo('parcel', said('procedure.parcel-as-it-arrived'))],
    },
  ),
  atEnd(
    'receive',
    'parcel-count',
    ({ end }) => said('procedure.count-against-its-packing-list', { code: end.code }),
    said('procedure.missing-part-stops-work-on-day'),
    {
      after: ['parcel-look'],
      typical: 2,
      checks: ({ end }) => end.packing.map(({ part, count: many }) => count(`packed-${part}`, asWritten(part), many)),
    },
  ),
  atEnd(
    'receive',
    'hub-measure',
    said('procedure.measure-hub-against-order'),
    said('procedure.kits-are-not-always-what-their'),
    {
      after: ['parcel-count'],
      typical: 1.5,
      tools: [said('tools.calipers')],
      checks: [confirm('hub-same', said('procedure.thread-flats-and-width-are-as'))],
    },
  ),
  atEnd(
    'receive',
    'as-delivered',
    said('procedure.write-down-washers-as-delivered'),
    said('procedure.once-they-are-off-nobody-remembers'),
    {
      after: ['parcel-count'],
      typical: 1,
      checks: [photo('delivered', said('procedure.both-axle-ends-as-delivered'))],
    },
  ),
  onBike('receive', 'pack-volts', said('procedure.measure-pack'), said('procedure.pack-far-from-its-voltage-is'), {
    when: ({ job }) => (job.battery === 'wheel' ? false : true),
    after: ['parcel-count'],
    typical: 0.5,
    tools: [said('tools.multimeter')],
    checks: ({ job }) => [
      measure(
        'pack',
        said('procedure.pack-voltage'),
        job.packV === null ? 20 : 0.76 * job.packV,
        job.packV === null ? 90 : job.packV + 0.3,
        'V',
      ),
    ],
    cautions: [said('procedure.pack-is-never-opened-here-that'), said('procedure.keep-plug-contacts-apart')],
  }),
  onBike(
    'bench',
    'bench-lay',
    said('procedure.lay-everything-out-and-look-at'),
    said('procedure.missing-plug-is-found-on-table'),
    {
      when: ({ end }) => (small(end.topology) ? false : true),
      after: ['parcel-count'],
      typical: 2.5,
      drawing: 'none',
      checks: [photo('bench', said('procedure.whole-kit-laid-out'))],
    },
  ),
  onBike(
    'bench',
    'bench-connect',
    said('procedure.connect-everything-on-table-pack-last'),
    said('procedure.first-fault-search-is-cheapest-on'),
    {
      when: ({ end }) => (small(end.topology) ? false : true),
      after: ['bench-lay', 'pack-volts'],
      typical: 2.5,
      powered: true,
      safety: true,
      checks: [
        confirm('held', said('procedure.hub-is-held-by-its-axle')),
        confirm('on', said('procedure.display-comes-on-without-fault')),
        confirm('off', said('procedure.pack-out-again-all-plugs-apart')),
      ],
      cautions: [said('procedure.hub-whose-axle-is-not-held')],
    },
  ),
  onBike(
    'bench',
    'cable-lengths',
    said('procedure.hold-cables-against-bike'),
    said('procedure.loom-that-is-hand-too-short'),
    {
      when: ({ end }) => (small(end.topology) ? false : true),
      after: ['bench-connect'],
      typical: 1.5,
      checks: [confirm('long', said('procedure.motor-cable-loom-and-brake-cables'))],
    },
  ),
  onBike(
    'strip',
    'on-the-stand',
    said('procedure.bike-on-stand-battery-and-loads'),
    said('procedure.both-hands-are-needed-from-here'),
    {
      typical: 1,
      drawing: 'bike',
      checks: [photo('before', said('procedure.bike-as-it-came-both-sides'))],
    },
  ),
  onBike(
    'strip',
    'old-loom-off',
    said('procedure.take-old-system-power-away'),
    said('procedure.old-pack-may-still-feed-its'),
    {
      when: refit,
      after: ['on-the-stand'],
      typical: 5,
      safety: true,
      checks: [confirm('old-out', said('procedure.old-pack-is-out-and-its'))],
      cautions: [said('procedure.old-pack-is-never-opened-or')],
    },
  ),
  atEnd(
    'strip',
    'brake-open',
    said('procedure.open-brake-for-wheel'),
    said('procedure.wheel-must-come-out-without-force'),
    {
      when: ({ end }) => (end.brake === 'rim' || end.brake === 'disc' ? true : false),
      after: ['on-the-stand'],
      typical: 0.5,
      cautions: ({ end }) => (end.brake === 'disc' ? [said('procedure.never-squeeze-lever-while-rotor-is')] : []),
    },
  ),
  atEnd(
    'strip',
    'extras-off',
    said('procedure.take-stays-and-plates-off-axle'),
    said('procedure.they-come-back-outside-dropout-later'),
    {
      when: ({ end }) => (end.extras.length ? said('procedure.because-something-else-lives-on-axle') : false),
      after: ['on-the-stand'],
      typical: 1.5,
      checks: [photo('extras', said('procedure.how-stays-and-plates-sat'))],
    },
  ),
  atEnd(
    'strip',
    'old-wheel-out',
    said('procedure.take-old-wheel-out'),
    said('procedure.everything-that-was-measured-on-it'),
    {
      after: ['brake-open', 'extras-off', 'old-loom-off'],
      typical: 1.5,
      drawing: 'bike',
    },
  ),
  atEnd(
    'strip',
    'came-off',
    said('procedure.record-what-came-off-hub-outwards'),
    said('procedure.so-that-bike-can-go-back'),
    {
      after: ['old-wheel-out'],
      typical: 1,
      checks: [photo('came-off', said('procedure.parts-in-their-order'))],
    },
  ),
  atEnd(
    'strip',
    'pads-spaced',
    said('procedure.put-spacer-between-pads'),
    said('procedure.lever-squeezed-by-mistake-pushes-pistons'),
    {
      when: ({ end }) => (end.brake === 'disc' ? said('procedure.because-brake-may-be-hydraulic') : false),
      after: ['old-wheel-out'],
      typical: 0.5,
      checks: [confirm('spaced', said('procedure.spacer-between-pads-caliper-hung-up'))],
    },
  ),
  atEnd(
    'strip',
    'keep-parts',
    said('procedure.put-aside-what-moves-over-label'),
    said('procedure.old-wheel-stays-complete-where-it'),
    {
      after: ['came-off'],
      typical: 1.5,
      checks: [confirm('labelled', said('procedure.rotor-sprockets-tyre-tube-and-tape'))],
    },
  ),
  onBike(
    'strip',
    'draw-wire',
    said('procedure.tie-draw-wire-to-old-loom'),
    said('procedure.wire-leaves-way-open-for-new'),
    {
      when: refit,
      after: ['old-loom-off', 'old-wheel-out'],
      typical: 4,
      tools: [said('procedure.draw-wire')],
      checks: [
        confirm('tied', said('procedure.draw-wire-is-tied-to-loom')),
        photo('old-loom', said('procedure.where-old-loom-runs')),
      ],
    },
  ),
  onBike(
    'strip',
    'old-loom-out',
    said('procedure.draw-old-loom-out-draw-wire'),
    said('procedure.it-pulls-wire-through'),
    {
      when: refit,
      after: ['draw-wire'],
      typical: 18,
      checks: [confirm('wire-in', said('procedure.draw-wire-lies-in-every-passage'))],
    },
  ),
  onBike(
    'strip',
    'old-motor-out',
    said('procedure.take-old-sensor-and-display-off'),
    said('procedure.nothing-of-old-system-stays-in'),
    {
      when: refit,
      after: ['old-loom-out'],
      typical: 12,
    },
  ),
  onBike(
    'strip',
    'chain-off',
    said('procedure.keep-chain-off-floor'),
    said('procedure.chain-full-of-grit-wears-everything'),
    {
      when: ({ job }) =>
        job.ends.some(({ end }) => end === 'rear') ? said('procedure.because-rear-wheel-is-out') : false,
      after: ['old-wheel-out'],
      typical: 0.5,
    },
  ),
];
