import { washerWords } from '../parts';
import { atEnd, confirm, final, measure, measured, onSides, photo, trial, type StepDefinition } from './define';

const sides = ['left', 'right'] as const;

const open = ({ closed }: { closed: boolean }) => !closed;

/** Dry fit, axle stack, arms, nuts: the core of the job. */
/** Twice as far as the rim runs off the middle; positive to the rider's right. */
const rimBetweenBlades = (id: string, offMm: number) =>
  measure(id, 'Rim nearer to the right blade or stay by (left: minus)', -2 * offMm, 2 * offMm);

export const stepsAxle: readonly StepDefinition[] = [
  atEnd('fit', 'file-mark', 'Mark and mask the slots', 'Filing dust in a bearing or on a pad ends both.', {
    when: ({ end }) =>
      end.fileMm.left > 0 || end.fileMm.right > 0 ? 'because the slots are narrower than the flats' : null,
    after: ['old-wheel-out'],
    typical: 5,
  }),
  atEnd(
    'fit',
    'file-slots',
    ({ end }) => `File the slots: left ${end.fileMm.left} mm, right ${end.fileMm.right} mm in all`,
    'Half on each wall, a little at a time, gauge in between. Never the seat.',
    {
      when: ({ end }) =>
        end.fileMm.left > 0 || end.fileMm.right > 0 ? 'because the slots are narrower than the flats' : null,
      after: ['file-mark'],
      typical: 18,
      tools: ['Flat file', 'Calipers', 'Slot gauge'],
      safety: true,
      checks: [confirm('even', 'Both walls filed evenly, edges broken'), photo('filed', 'The filed slots')],
      second: { what: 'Metal taken off evenly, and no more than planned', from: 'telling' },
      cautions: ['Structural work: the frame or fork maker’s word goes before ours.', 'Eyes and lungs: glasses, mask.'],
    },
  ),
  atEnd(
    'fit',
    'hanger-dress',
    'Dress the hanger until the axle sits on the dropout',
    'The axle must rest on the frame.',
    {
      when: ({ end }) => (end.dressHanger ? 'because the hanger stands into the seat' : null),
      after: ['old-wheel-out'],
      typical: 8,
    },
  ),
  atEnd(
    'fit',
    'faces-clean',
    'Clean the dropout faces, paint off where washers sit',
    'Nuts that sit on paint work loose.',
    {
      after: ['old-wheel-out', 'file-slots', 'hanger-dress'],
      typical: 4,
    },
  ),
  atEnd(
    'fit',
    'repin',
    'Take the plug’s pins out, mark their places',
    'The plug is larger than what must pass over the cable.',
    {
      when: ({ end }) => (end.repin ? 'because the plug does not pass the washers and nut' : null),
      after: ['as-delivered'],
      typical: 14,
      checks: [photo('pins', 'Colours and places of the pins')],
    },
  ),
  atEnd(
    'fit',
    'inside-washers',
    'Thread the inside washers, hub outwards',
    'This is the stack that was worked out for this bike.',
    {
      after: ['wheel-photo', 'repin', 'faces-clean'],
      typical: 4,
      drawing: 'axle',
      parts: ({ end }) => sides.flatMap((side) => end.inside[side].map((id) => `${side}: ${washerWords(id)}`)),
      checks: [
        confirm('as-planned', 'Washers on the axle as shown'),
        measured('stack-left', 'Washers on the left together'),
        measured('stack-right', 'Washers on the right together'),
      ],
    },
  ),
  atEnd(
    'fit',
    'tabs-in',
    ({ end }) => `Tabbed washers ${onSides(end.tabs)}, tab into the slot`,
    'The tab keeps the washer from turning with the nut.',
    {
      when: ({ end }) => (end.tabs.length && open(end) ? 'because the stack has tabbed washers' : null),
      after: ['inside-washers'],
      typical: 2,
      drawing: 'tab',
      checks: [confirm('tab-way', 'Each tab points into the slot')],
    },
  ),
  atEnd('fit', 'dry-fit', 'Dry fit: wheel in, nuts by hand', 'Nothing may be forced: frame not spread, nothing rubs.', {
    after: ['inside-washers', 'tabs-in'],
    typical: 6,
    drawing: 'axle',
    checks: [
      confirm('drops-in', 'The axle drops in by hand'),
      confirm('not-forced', 'The frame is not spread or pinched by hand force'),
    ],
    cautions: ['Cable clear of axle and dropout.'],
  }),
  atEnd('fit', 'middle', 'Look whether the rim runs in the middle', 'Off it the bike steers to one side.', {
    after: ['dry-fit'],
    typical: 3,
    tools: ['Ruler'],
    checks: ({ gap }) => [rimBetweenBlades('rim-left-right', gap.rimOffMm)],
  }),
  atEnd(
    'fit',
    'running-clearance',
    'Turn the wheel: feel all round',
    'Leg, caliper, stay and sprocket each want their gap.',
    {
      after: ['dry-fit'],
      typical: 3,
      safety: true,
      checks: ({ gap }) => [measure('gap', 'Smallest gap of rotor, bolts and spokes', gap.runningMm, null)],
    },
  ),
  atEnd('fit', 'cable-exit', 'Cable exit down, drip loop', 'Rain runs along a cable into the motor.', {
    after: ['dry-fit'],
    typical: 3,
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
      after: ['dry-fit'],
      typical: 3,
      drawing: 'axle',
      safety: true,
      checks: [confirm('lips', 'The C-washer fills the lip, open end to the mouth')],
    },
  ),
  atEnd('fit', 'extras-on', 'Stays and plates back on, outside', 'Nothing inside the dropout but washers.', {
    when: ({ end }) => (end.extras.length ? 'because something else lives on the axle' : null),
    after: ['lips-filled', 'dry-fit'],
    typical: 4,
  }),
  atEnd('lock', 'arm-trial', 'Offer the arm up', 'In one plane with its clamp, tight on the flats.', {
    when: ({ end }) => (end.arms.length ? 'because an arm takes the motor’s reaction' : null),
    after: ['dry-fit', 'lips-filled', 'extras-on'],
    typical: 6,
    drawing: 'arm',
    checks: [
      confirm('plane', 'Arm, blade and clamp lie in one plane without pull'),
      confirm('engages', 'The arm goes on the flats without play'),
    ],
  }),
  atEnd(
    'lock',
    'seated',
    'Wheels down, push the axle to its seat',
    'The bike’s own weight seats the axle; the stand does not.',
    {
      after: ['dry-fit', 'arm-trial', 'extras-on', 'lips-filled', 'middle', 'running-clearance', 'cable-exit'],
      typical: 2,
      drawing: 'bike',
      safety: true,
      checks: [
        confirm('shoulders', 'Shoulders seated on both sides, axle at the end of the slot'),
        confirm('cable-free', 'No cable trapped'),
        confirm('lip-seat', 'Washers seated inside the lips'),
      ],
    },
  ),
  atEnd('lock', 'clamp-snug', 'Arm clamp snug, not tight', 'It must follow the nut, not hold against it.', {
    when: ({ end }) => (end.arms.length ? 'because an arm takes the motor’s reaction' : null),
    after: ['seated'],
    typical: 3,
    drawing: 'arm',
    checks: ({ torque }) => [trial('clamp', 'Arm clamp, snug', Math.min(1, torque.bandNm))],
  }),
  atEnd(
    'lock',
    'axle-tight',
    ({ end }) => (end.closed ? 'Through axle to its torque' : 'Axle nuts to their torque'),
    'Friction under the nuts is the first thing that holds.',
    {
      after: ['seated', 'clamp-snug'],
      typical: 4,
      tools: ['Torque wrench 20–80 N·m'],
      drawing: 'axle',
      safety: true,
      checks: ({ end }) => [
        final('nut-left', end.closed ? 'Through axle' : 'Left axle nut', end.nutTorqueNm),
        ...(end.closed ? [] : [final('nut-right', 'Right axle nut', end.nutTorqueNm)]),
      ],
      second: { what: 'Nuts at their torque, wheel straight', from: 'telling' },
      cautions: [
        'The maker’s figure for axle, fork and frame wins over ours.',
        'No thread-lock on what is re-torqued.',
      ],
    },
  ),
  atEnd('lock', 'clamp-tight', 'Arm clamp to its torque', 'After the nuts, so that it holds without preload.', {
    when: ({ end }) => (end.arms.length ? 'because an arm takes the motor’s reaction' : null),
    after: ['axle-tight'],
    typical: 4,
    drawing: 'arm',
    safety: true,
    checks: ({ torque }) => [final('clamp', 'Arm clamp', torque.bandNm), final('arm', 'Arm bolt', torque.armNm, true)],
    cautions: ['Band ends leave nothing sharp; paint spared.'],
  }),
  atEnd('lock', 'seat-again', 'Measure the seat again', 'Tightening may have lifted the axle.', {
    after: ['axle-tight', 'clamp-tight'],
    typical: 2,
    safety: true,
    checks: ({ gap }) => [
      confirm('still-seated', 'The axle still sits at the end of both slots'),
      rimBetweenBlades('rim-after', gap.rimOffMm),
    ],
  }),
  atEnd('lock', 'witness', 'Witness marks on nuts and arm', 'A line that has moved tells before anything is loose.', {
    after: ['seat-again'],
    typical: 3,
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
      typical: 1,
      checks: [confirm('regen-off', 'Regeneration is off in the settings for now')],
    },
  ),
];
