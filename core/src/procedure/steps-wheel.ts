import { atEnd, confirm, final, measure, photo, set, trial, type StepDefinition } from './define';
import type { StepContext } from './contract';
import { afterDryFit, becauseBuiltUp } from './steps-dry-fit';

const disc = ({ end }: StepContext) => (end.brake === 'disc' ? 'because this end has a disc' : null);

const lacing = 'because the hub comes without a rim';

/** Preparing the motor wheel: lacing, tyre, rotor, sprockets. */
export const stepsWheel: readonly StepDefinition[] = [
  atEnd('prepare', 'spokes-ready', 'Lay out the spokes by length', 'Left and right are seldom alike.', {
    when: ({ end }) => (end.laced ? lacing : null),
    after: ['parcel-count'],
    typical: 5,
    drawing: 'lacing',
    checks: [confirm('lengths', 'Both lengths measured on a spoke ruler')],
  }),
  atEnd('prepare', 'lace', 'Lace the wheel', 'Arrow of the hub forward, valve hole between parallel spokes.', {
    when: ({ end }) => (end.laced ? lacing : null),
    after: ['spokes-ready'],
    typical: 55,
    drawing: 'lacing',
    checks: [
      confirm('valve', 'Valve hole between spokes that part there'),
      confirm('hub-arrow', 'Hub turned the right way'),
    ],
  }),
  atEnd('prepare', 'true', 'Tension and true', 'An untrue motor wheel loosens itself.', {
    when: ({ end }) => (end.laced ? lacing : null),
    after: ['lace'],
    typical: 60,
    tools: ['Spoke key', 'Tension gauge', 'Truing stand'],
    drawing: 'lacing',
    checks: [
      measure('lateral', 'Side to side', 0, 0.5),
      measure('radial', 'Height', 0, 0.7),
      measure('dish', 'Off the middle', -1, 1),
    ],
  }),
  atEnd(
    'prepare',
    'spokes-stressed',
    'Squeeze the spokes in pairs, true again',
    'Spokes settle once; better here than on the road.',
    {
      when: ({ end }) => (end.laced ? lacing : null),
      after: ['true'],
      typical: 12,
    },
  ),
  atEnd(
    'prepare',
    'rim-deburr',
    'Feel the rim for burrs and proud spoke ends',
    'A burr is a puncture that comes later.',
    {
      after: (context) => ['parcel-count', 'spokes-stressed', ...afterDryFit(context)],
      typical: 0.5,
    },
  ),
  atEnd(
    'prepare',
    'rim-tape',
    'Tape over every spoke hole, valve hole on the rim’s',
    'The tube finds every uncovered hole.',
    {
      after: ['rim-deburr', 'keep-parts'],
      typical: 1.5,
      parts: ['Rim tape'],
      checks: [confirm('covered', 'Every hole is covered, the valve hole is free')],
    },
  ),
  atEnd('prepare', 'first-bead', 'First bead on, arrow forward', 'A tyre against its arrow grips badly in the wet.', {
    after: ['rim-tape'],
    typical: 1.5,
    drawing: 'rotation',
    parts: ['Tyre'],
    checks: [confirm('tyre-arrow', 'The tyre’s arrow points forward at the top')],
  }),
  atEnd('prepare', 'tube-in', 'Give the tube shape and lay it in', 'A tube without shape gets pinched.', {
    after: ['first-bead'],
    typical: 1.5,
    parts: ({ job }) => (job.liner ? ['Puncture liner', 'Tube'] : ['Tube']),
    checks: ({ job }) => [
      ...(job.liner ? [confirm('liner', 'The liner lies in the middle, its ends overlap flat')] : []),
      confirm('valve-straight', 'The valve stands straight'),
    ],
  }),
  atEnd('prepare', 'second-bead', 'Second bead on by hand, valve last', 'Levers pinch tubes.', {
    after: ['tube-in'],
    typical: 1.5,
  }),
  atEnd(
    'prepare',
    'tyre-low',
    'Low pressure: look at the moulded line all round',
    'A bead that sits wrong shows now, without danger.',
    {
      after: ['second-bead'],
      typical: 1,
      checks: [confirm('line-low', 'The moulded line runs even on both sides')],
    },
  ),
  atEnd('prepare', 'tyre-full', 'Full pressure, line again', 'Never over what tyre and rim both allow.', {
    after: ['tyre-low'],
    typical: 1,
    tools: ['Pump with gauge'],
    checks: ({ end: { pressure } }) => [
      ...(pressure
        ? [
            set('full-bar', 'Full pressure', 'bar', {
              min: pressure.minBar,
              max: pressure.maxBar,
              aim: pressure.maxBar,
            }),
          ]
        : []),
      confirm('line-full', 'The line runs even at full pressure'),
      ...(pressure
        ? [
            set('ride-bar', 'Let down to, for the first ride', 'bar', {
              min: pressure.minBar,
              max: pressure.maxBar,
              aim: pressure.startBar,
            }),
          ]
        : []),
    ],
    cautions: ['Stay within the lower figure of tyre and rim.'],
  }),
  atEnd(
    'prepare',
    'rotor-clean',
    'Clean rotor and seat, hands clean',
    'Oil on the track is a brake that does not hold.',
    {
      when: disc,
      after: ['keep-parts', 'tyre-full', 'rotor-try'],
      typical: 2,
      checks: [confirm('clean', 'Track and pads were not touched with oily hands')],
    },
  ),
  atEnd(
    'prepare',
    'rotor-shim',
    ({ end }) => `Lay the rotor shim, ${end.rotorShimMm} mm`,
    'It moves the rotor into the caliper.',
    {
      when: ({ end }) =>
        end.brake === 'disc' && end.rotorShimMm > 0 ? 'because the rotor would not meet the caliper' : null,
      after: ['rotor-clean'],
      typical: 1,
      parts: ({ end }) => [`Rotor shim ${end.rotorShimMm} mm`],
      drawing: 'axle',
    },
  ),
  atEnd(
    'prepare',
    'rotor-on',
    ({ end }) => `Rotor on, every bolt finger-tight${end.rotorBoltMm === null ? '' : `, ${end.rotorBoltMm} mm`}`,
    'Arrow forward, marked side out; the bolt that was tried was one of these.',
    {
      when: disc,
      after: ['rotor-clean', 'rotor-shim', 'rotor-try'],
      typical: 2,
      drawing: 'rotation',
      checks: [
        confirm('rotor-arrow', 'Arrow forward, marked side out'),
        confirm('bolt-length', 'Bolts are of the length that was tried'),
      ],
    },
  ),
  atEnd('prepare', 'rotor-star', 'Draw the rotor down in a star, snug', 'Even seat, even braking.', {
    when: disc,
    after: ['rotor-on'],
    typical: 2,
    drawing: 'bolt-star',
    checks: ({ torque }) => [trial('rotor', 'Rotor bolts, snug and dry', Math.min(2, torque.rotor.nm))],
  }),
  atEnd(
    'prepare',
    'rotor-free',
    'Turn the motor by hand with all bolts in',
    'A bolt that touches is heard and felt here.',
    {
      when: disc,
      after: ['rotor-star'],
      typical: 1,
      safety: true,
      checks: [confirm('turns', 'The motor turns as freely as before')],
    },
  ),
  atEnd(
    'prepare',
    'rotor-tight',
    'Thread-lock bolt by bolt, to torque in a star',
    'Thread-lock comes last: what has to come out again is not locked in.',
    {
      when: disc,
      after: ['rotor-free'],
      typical: 5,
      safety: true,
      tools: ['Torque wrench 2–15 N·m'],
      drawing: 'bolt-star',
      waitMinutes: 20,
      checks: ({ torque }) => [final('rotor', 'Rotor bolts', torque.rotor, true)],
      cautions: ['Thread-lock: handled after 20 minutes, full after 24 hours.'],
    },
  ),
  atEnd('prepare', 'freewheel-on', 'Freewheel on by hand, then by pedalling', 'A crossed thread ruins the hub.', {
    when: ({ end }) => (end.sprockets === 'freewheel' ? 'because the hub takes a freewheel' : null),
    after: ['keep-parts', 'tyre-full'],
    typical: 6,
    tools: ['Freewheel remover', 'Grease'],
    checks: [confirm('by-hand', 'It went on three turns by hand')],
  }),
  atEnd(
    'prepare',
    'cassette-spacer',
    'Spacer behind the cassette',
    'Without it the ring bottoms before the sprockets are tight.',
    {
      when: ({ end }) =>
        end.sprockets === 'cassette' && end.cassetteSpacer ? 'because the body is longer than the sprockets' : null,
      after: ['keep-parts', 'tyre-full'],
      typical: 2,
      parts: ['Cassette spacer'],
    },
  ),
  atEnd('prepare', 'cassette-on', 'Cassette on, ring to its torque', 'Loose sprockets chew the body.', {
    when: ({ end }) => (end.sprockets === 'cassette' ? 'because the hub takes a cassette' : null),
    after: ['keep-parts', 'cassette-spacer', 'tyre-full'],
    typical: 6,
    tools: ['Lock-ring tool'],
    checks: ({ torque }) => [
      final('lock-ring', 'Lock ring', torque['lock-ring']),
      confirm('no-play', 'No sprocket moves by hand'),
    ],
  }),
  atEnd(
    'prepare',
    'end-caps',
    ({ end }) => (end.closed ? 'End caps back on' : 'Extenders back on'),
    'In the order that was tried.',
    {
      when: ({ end }) => becauseBuiltUp(end),
      after: (context) => ['rotor-tight', 'cassette-on', 'adapters', ...afterDryFit(context)],
      typical: 3,
      parts: ({ end }) => end.adapterOrder,
      drawing: 'axle',
      checks: [confirm('built', 'Everything of the list sits as listed')],
    },
  ),
  atEnd('prepare', 'wheel-photo', 'Photograph the finished wheel', 'Arrows and bolts, should anybody ask.', {
    after: ['rotor-tight', 'freewheel-on', 'cassette-on', 'tyre-full', 'end-caps'],
    typical: 0.5,
    checks: [photo('wheel', 'Both sides of the wheel')],
  }),
];
