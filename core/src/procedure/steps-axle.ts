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
    ({ end }) => (end.end === 'rear' ? 'Wheel in for good, the chain round its axle' : 'Wheel in for good'),
    'The washers go back in the order of the dry fit.',
    {
      after: ({ end }) => ['wheel-photo', 'dry-fit', 'tabs-in', ...(end.closed ? ['arm-trial'] : [])],
      typical: 1,
      drawing: 'axle',
      checks: (context) => [
        ...(chain(context) ? [confirm('chain-round', 'The chain went round the axle before the wheel went in')] : []),
        confirm('stack-same', 'The same washers as at the dry fit'),
      ],
      cautions: ['Cable clear of axle and dropout.'],
    },
  ),
  atEnd(
    'fit',
    'tabs-outside',
    ({ end }) => `Tabbed washers ${onSides(end.tabsOutside)}, outside, tab into the slot`,
    'They lie under the nuts and keep them from turning the axle.',
    {
      when: ({ end }) => (end.tabsOutside.length ? 'because a tab goes outside' : null),
      after: ['wheel-in'],
      typical: 0.5,
      drawing: 'tab',
      checks: [confirm('tab-way', 'Each tab points inwards, into the slot')],
    },
  ),
  atEnd(
    'fit',
    'lock-plates',
    ({ end }) => `Lock plates ${onSides(end.plates)}, screwed to the eyes`,
    'They hold the axle’s flats where no tab fits.',
    {
      when: ({ end }) => (end.plates.length ? 'because lock plates take the place of tabs' : null),
      after: ['wheel-in'],
      typical: 3,
      checks: [confirm('plate', 'The plate sits on the flats, its screw is home in the eye')],
    },
  ),
  atEnd('fit', 'cable-exit', 'Cable exit down, drip loop', 'Rain runs along a cable into the motor.', {
    after: ['wheel-in'],
    typical: 0.5,
    drawing: 'cable',
    safety: true,
    checks: ({ end }) => [
      confirm('exit-down', end.downMark === 'none' ? 'The exit points down' : `The ${end.downMark} points down`),
      confirm('not-trapped', 'The cable is not trapped between axle and dropout'),
    ],
  }),
  atEnd(
    'fit',
    'lips-filled',
    ({ end }) => `C-washer ${onSides(end.cWashers)}`,
    'A nut that stands on the lip has no seat.',
    {
      when: ({ end }) => (end.cWashers.length ? 'because the nut would stand on the retaining lip' : null),
      after: ['wheel-in'],
      typical: 0.5,
      drawing: 'axle',
      safety: true,
      checks: [confirm('lips', 'The C-washer fills the lip, open end to the mouth')],
    },
  ),
  atEnd('fit', 'extras-on', 'Stays and plates back on, outside', 'Nothing inside the dropout but washers.', {
    when: ({ end }) => (end.extras.length ? 'because something else lives on the axle' : null),
    after: ['lips-filled', 'wheel-in', 'tabs-outside', 'lock-plates'],
    typical: 1.5,
  }),
  atEnd('lock', 'arm-trial', 'Offer the arm up', 'In one plane with its clamp, tight on the flats.', {
    when: ({ end }) => (end.arms.length ? 'because an arm takes the motor’s reaction' : null),
    after: (context) =>
      context.end.closed
        ? ['rotor-tight', 'adapters', ...afterDryFit(context)]
        : ['wheel-in', 'lips-filled', 'extras-on', 'tabs-outside'],
    typical: 4,
    drawing: 'arm',
    checks: [
      confirm('plane', 'Arm, blade and clamp lie in one plane without pull'),
      confirm('engages', 'The arm goes on the flats without play'),
    ],
  }),
  atEnd(
    'lock',
    'chain-tension',
    'Chain on its sprocket, tension set by where the axle sits',
    'With one sprocket, or gears in the hub, the axle is not pushed to the end of the slot.',
    {
      when: ({ end }) => (end.chainTension ? 'because chain tension sets where the axle sits' : null),
      after: ['wheel-in', 'arm-trial', 'extras-on'],
      typical: 5,
      safety: true,
      checks: [
        measure('slack', 'Chain up and down at its middle', 8, 16),
        measure('left-right', 'Axle to the end of the slot, left minus right', -1, 1),
      ],
    },
  ),
  atEnd(
    'lock',
    'seated',
    ({ end }) => (end.levelSlots ? 'Wheels down, axle square in both slots' : 'Wheels down, push the axle to its seat'),
    'The bike’s own weight seats the axle; the stand does not.',
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
            ? 'Shoulders seated on both sides'
            : end.levelSlots
              ? 'Shoulders seated on both sides, axle equally far in both slots'
              : 'Shoulders seated on both sides, axle at the end of the slot',
        ),
        confirm('cable-free', 'No cable trapped'),
        confirm(
          'lip-seat',
          end.cWashers.length ? 'C-washers seated inside the lips' : 'Nothing stands on a lip or edge',
        ),
      ],
    },
  ),
  atEnd('lock', 'clamp-snug', 'Arm clamp snug, not tight', 'It must follow the nut, not hold against it.', {
    when: ({ end }) => (end.arms.length ? 'because an arm takes the motor’s reaction' : null),
    after: ['seated'],
    typical: 1,
    drawing: 'arm',
    checks: ({ torque }) => [trial('clamp', 'Arm clamp, snug', Math.min(1, torque.band.nm))],
  }),
  atEnd(
    'lock',
    'axle-tight',
    ({ end }) => (end.closed ? 'Through axle to its torque' : 'Axle nuts to their torque'),
    'Friction under the nuts is the first thing that holds.',
    {
      after: ['seated', 'clamp-snug'],
      typical: 1.5,
      tools: ['Torque wrench 20–80 N·m'],
      drawing: 'axle',
      safety: true,
      checks: ({ end, job }) => [
        final('nut-left', end.closed ? 'Through axle' : 'Left axle nut', nutFigure(end), job.lockedNuts),
        ...(end.closed ? [] : [final('nut-right', 'Right axle nut', nutFigure(end), job.lockedNuts)]),
      ],
      second: { what: 'Nuts at their torque, wheel straight', from: 'telling' },
      cautions: ({ job }) => [
        'The maker’s figure for axle, fork and frame wins over ours.',
        job.lockedNuts
          ? 'Thread-locked nuts are renewed when they are re-torqued.'
          : 'No thread-lock on what is re-torqued.',
      ],
      school: ({ job }) =>
        job.lockedNuts
          ? { chosen: 'Nuts thread-locked, renewed at each re-torque.', other: 'Dry, and re-torqued.' }
          : { chosen: 'Nuts dry, and re-torqued.', other: 'Thread-locked, and renewed at each re-torque.' },
    },
  ),
  atEnd('lock', 'clamp-tight', 'Arm clamp to its torque', 'After the nuts, so that it holds without preload.', {
    when: ({ end }) => (end.arms.length ? 'because an arm takes the motor’s reaction' : null),
    after: ['axle-tight'],
    typical: 1.5,
    drawing: 'arm',
    safety: true,
    checks: ({ torque }) => [
      final('clamp', 'Arm clamp', torque.band),
      final('arm', 'Arm bolt', torque['arm-bolt'], true),
    ],
    cautions: ['Band ends leave nothing sharp; paint spared.'],
  }),
  atEnd('lock', 'seat-again', 'Measure the seat again', 'Tightening may have lifted the axle.', {
    after: ['axle-tight', 'clamp-tight'],
    typical: 0.5,
    safety: true,
    checks: ({ gap }) => [
      confirm('still-seated', 'The axle still sits where it sat before the nuts were tightened'),
      rimBetweenBlades('rim-after', gap.rimOffMm),
    ],
  }),
  atEnd('lock', 'witness', 'Witness marks on nuts and arm', 'A line that has moved tells before anything is loose.', {
    after: ['seat-again'],
    typical: 1,
    tools: ['Paint pen'],
    checks: ({ end }) => [
      photo(`witness.${end.end}.left`, 'Left nut with its mark'),
      photo(`witness.${end.end}.right`, 'Right nut with its mark'),
      ...(end.arms.length ? [photo(`witness.${end.end}.arm`, 'Arm with its mark')] : []),
    ],
  }),
  atEnd(
    'lock',
    'regen-note',
    'Braking by the motor stays off until after the ride',
    'It turns the load on the axle round.',
    {
      when: ({ end }) => (end.regen ? 'because the motor can brake' : null),
      after: ['axle-tight'],
      typical: 0.5,
      checks: [confirm('regen-off', 'Regeneration is off in the settings for now')],
    },
  ),
];
