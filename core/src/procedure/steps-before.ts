import type { StepContext } from './contract';
import { atEnd, confirm, count, measure, onBike, photo, type StepDefinition } from './define';

const refit = ({ job }: StepContext) => (job.oldLoom ? 'because an old electric system comes out' : null);

const small = (topology: string) => topology === 'all-in-wheel';

/** Receiving the parcel and the bench lay: everything that is found out before the bike is touched. */
export const stepsBefore: readonly StepDefinition[] = [
  atEnd('receive', 'parcel-look', 'Look the parcel over', 'Damage in transit must be claimed at once.', {
    typical: 1.5,
    checks: [photo('parcel', 'The parcel as it arrived')],
  }),
  atEnd(
    'receive',
    'parcel-count',
    ({ end }) => `Count ${end.code} against its packing list`,
    'A missing part stops the work on the day that it is needed.',
    {
      after: ['parcel-look'],
      typical: 2,
      checks: ({ end }) => end.packing.map(({ part, count: many }) => count(`packed-${part}`, part, many)),
    },
  ),
  atEnd('receive', 'hub-measure', 'Measure the hub against the order', 'Kits are not always what their sheet says.', {
    after: ['parcel-count'],
    typical: 1.5,
    tools: ['Calipers'],
    checks: [
      confirm('hub-same', 'Thread, flats and width are as ordered; else record what differs and see the fit again'),
    ],
  }),
  atEnd(
    'receive',
    'as-delivered',
    'Write down the washers as delivered',
    'Once they are off, nobody remembers their order.',
    {
      after: ['parcel-count'],
      typical: 1,
      checks: [photo('delivered', 'Both axle ends as delivered')],
    },
  ),
  onBike('receive', 'pack-volts', 'Measure the pack', 'A pack far from its voltage is hurt: it goes back unused.', {
    when: ({ job }) => (job.battery === 'wheel' ? null : ''),
    after: ['parcel-count'],
    typical: 0.5,
    tools: ['Multimeter'],
    checks: ({ job }) => [
      measure(
        'pack',
        'Pack voltage',
        job.packV === null ? 20 : 0.76 * job.packV,
        job.packV === null ? 90 : job.packV + 0.3,
        'V',
      ),
    ],
    cautions: ['A pack is never opened here: that is for qualified people.', 'Keep the plug’s contacts apart.'],
  }),
  onBike(
    'bench',
    'bench-lay',
    'Lay everything out and look at each plug',
    'A missing plug is found on the table, not on the bike.',
    {
      when: ({ end }) => (small(end.topology) ? null : ''),
      after: ['parcel-count'],
      typical: 2.5,
      drawing: 'none',
      checks: [photo('bench', 'The whole kit laid out')],
    },
  ),
  onBike(
    'bench',
    'bench-connect',
    'Connect everything on the table, pack last',
    'The first fault search is cheapest on the bench.',
    {
      when: ({ end }) => (small(end.topology) ? null : ''),
      after: ['bench-lay', 'pack-volts'],
      typical: 2.5,
      powered: true,
      safety: true,
      checks: [
        confirm('held', 'The hub is held by its axle and cannot jump'),
        confirm('on', 'The display comes on without a fault'),
        confirm('off', 'Pack out again, all plugs apart'),
      ],
      cautions: [
        'A hub whose axle is not held is never spun under power: leave the motor plug out, or hold the axle in a vice with soft jaws.',
      ],
    },
  ),
  onBike(
    'bench',
    'cable-lengths',
    'Hold the cables against the bike',
    'A loom that is a hand too short is known now.',
    {
      when: ({ end }) => (small(end.topology) ? null : ''),
      after: ['bench-connect'],
      typical: 1.5,
      checks: [confirm('long', 'Motor cable, loom and brake cables reach with slack for full lock')],
    },
  ),
  onBike('strip', 'on-the-stand', 'Bike on the stand, battery and loads off', 'Both hands are needed from here on.', {
    typical: 1,
    drawing: 'bike',
    checks: [photo('before', 'The bike as it came, both sides')],
  }),
  onBike('strip', 'old-loom-off', 'Take the old system’s power away', 'The old pack may still feed its loom.', {
    when: refit,
    after: ['on-the-stand'],
    typical: 5,
    safety: true,
    checks: [confirm('old-out', 'The old pack is out and its contacts are covered')],
    cautions: ['The old pack is never opened or mixed with the new one.'],
  }),
  atEnd('strip', 'brake-open', 'Open the brake for the wheel', 'The wheel must come out without force.', {
    when: ({ end }) => (end.brake === 'rim' || end.brake === 'disc' ? '' : null),
    after: ['on-the-stand'],
    typical: 0.5,
    cautions: ({ end }) => (end.brake === 'disc' ? ['Never squeeze the lever while the rotor is out.'] : []),
  }),
  atEnd('strip', 'extras-off', 'Take stays and plates off the axle', 'They come back outside the dropout later.', {
    when: ({ end }) => (end.extras.length ? 'because something else lives on the axle' : null),
    after: ['on-the-stand'],
    typical: 1.5,
    checks: [photo('extras', 'How stays and plates sat')],
  }),
  atEnd(
    'strip',
    'old-wheel-out',
    'Take the old wheel out',
    'Everything that was measured on it must be measured by now.',
    {
      after: ['brake-open', 'extras-off', 'old-loom-off'],
      typical: 1.5,
      drawing: 'bike',
    },
  ),
  atEnd('strip', 'came-off', 'Record what came off, hub outwards', 'So that the bike can go back to stock.', {
    after: ['old-wheel-out'],
    typical: 1,
    checks: [photo('came-off', 'The parts in their order')],
  }),
  atEnd(
    'strip',
    'pads-spaced',
    'Put a spacer between the pads',
    'A lever squeezed by mistake pushes the pistons out.',
    {
      when: ({ end }) => (end.brake === 'disc' ? 'because the brake may be hydraulic' : null),
      after: ['old-wheel-out'],
      typical: 0.5,
      checks: [confirm('spaced', 'Spacer between the pads, caliper hung up or loose')],
    },
  ),
  atEnd(
    'strip',
    'keep-parts',
    'Put aside what moves over, label what stays',
    'The old wheel stays complete where it can.',
    {
      after: ['came-off'],
      typical: 1.5,
      checks: [confirm('labelled', 'Rotor, sprockets, tyre, tube and tape that move over lie together')],
    },
  ),
  onBike(
    'strip',
    'draw-wire',
    'Tie a draw-wire to the old loom’s end',
    'The wire leaves the way open for the new one: tied before anything is pulled.',
    {
      when: refit,
      after: ['old-loom-off', 'old-wheel-out'],
      typical: 4,
      tools: ['Draw-wire'],
      checks: [
        confirm('tied', 'A draw-wire is tied to the loom at every passage'),
        photo('old-loom', 'Where the old loom runs'),
      ],
    },
  ),
  onBike('strip', 'old-loom-out', 'Draw the old loom out, the draw-wire behind it', 'It pulls the wire through.', {
    when: refit,
    after: ['draw-wire'],
    typical: 18,
    checks: [confirm('wire-in', 'A draw-wire lies in every passage')],
  }),
  onBike(
    'strip',
    'old-motor-out',
    'Take the old sensor and display off',
    'Nothing of the old system stays in the way.',
    {
      when: refit,
      after: ['old-loom-out'],
      typical: 12,
    },
  ),
  onBike('strip', 'chain-off', 'Keep the chain off the floor', 'A chain full of grit wears everything it meets.', {
    when: ({ job }) => (job.ends.some(({ end }) => end === 'rear') ? 'because the rear wheel is out' : null),
    after: ['old-wheel-out'],
    typical: 0.5,
  }),
];
