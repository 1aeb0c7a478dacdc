import { washerWords } from '../parts';
import type { StepContext } from './contract';
import { atEnd, confirm, measure, measured, onSides, photo, type StepDefinition } from './define';

const sides = ['left', 'right'] as const;

const swarf = 'Glasses on; catch the swarf with a magnet or a rag, none of it in bearings or on pads.';
const filing = ({ end }: StepContext) =>
  end.fileMm.left > 0 || end.fileMm.right > 0 ? 'because the slots are narrower than the flats' : null;

/** Twice as far as the rim runs off the middle; positive to the rider's right. */
export const rimBetweenBlades = (id: string, offMm: number) =>
  measure(id, 'Rim nearer to the right blade or stay by (left: minus)', -2 * offMm, 2 * offMm);

/** Why a hub gets extenders and caps. */
export const becauseBuiltUp = ({ adapterOrder, closed }: StepContext['end']): string | null =>
  adapterOrder.length === 0
    ? null
    : closed
      ? 'because the end takes a through axle'
      : 'because the hub is narrower than this end';

/** What tyre, rotor and sprockets wait for where the bare wheel is tried first. */
export const afterDryFit = ({ job }: StepContext): string[] => (job.tyreFirst ? [] : ['dry-out']);

/**
 * The ends are made ready and the bare motor wheel is tried in them, before tyre, rotor bolts and thread-lock: what is found
 * here changes the stack here.
 */
export const stepsDryFit: readonly StepDefinition[] = [
  atEnd('dry-fit', 'file-mark', 'Mark and mask the slots', 'Filing dust in a bearing or on a pad ends both.', {
    when: filing,
    after: ['old-wheel-out'],
    typical: 1,
  }),
  atEnd(
    'dry-fit',
    'file-slots',
    ({ end }) => `File the slots: left ${end.fileMm.left} mm, right ${end.fileMm.right} mm in all`,
    'Half on each wall, a little at a time, gauge in between. Never the seat.',
    {
      when: filing,
      after: ['file-mark'],
      typical: 15,
      tools: ['Flat file', 'Calipers', 'Slot gauge'],
      safety: true,
      checks: [
        confirm('even', 'Both walls filed evenly'),
        confirm('edges', 'Edges broken, swarf caught'),
        photo('filed', 'The filed slots'),
      ],
      irreversible: ({ end }) =>
        sides
          .filter((side) => end.fileMm[side] > 0)
          .map((side) => ({
            what: 'filed',
            where: `${side} slot`,
            amountMm: end.fileMm[side],
            feature: `filed.${side}`,
          })),
      second: { what: 'Metal taken off evenly, and no more than planned', from: 'telling' },
      cautions: ['Structural work: the frame or fork maker’s word goes before ours.', swarf],
    },
  ),
  atEnd(
    'dry-fit',
    'seat-relieve',
    'Relieve the seats: file them to the axle’s round',
    'Then the axle sits as deep as the slot allows.',
    {
      when: ({ end }) => (end.relieveSeat ? 'because the axle would sit too high in a round seat' : null),
      after: ['old-wheel-out', 'file-slots'],
      typical: 14,
      tools: ['Round file', 'Calipers'],
      safety: true,
      checks: [
        confirm('even', 'Both seats alike, edges broken, swarf caught'),
        measure('seat-depth', 'Slot depth afterwards', 4, 45),
        photo('relieved', 'Both seats'),
      ],
      irreversible: [
        { what: 'filed', where: 'left seat' },
        { what: 'filed', where: 'right seat' },
      ],
      second: { what: 'Seats filed to the round and no deeper', from: 'telling' },
      cautions: ['Structural work: the frame or fork maker’s word goes before ours.', swarf],
    },
  ),
  atEnd(
    'dry-fit',
    'hanger-dress',
    'Grind the hanger back until the axle sits on the dropout',
    'The axle must rest on the frame.',
    {
      when: ({ end }) => (end.dressHanger ? 'because the hanger stands into the seat' : null),
      after: ['old-wheel-out'],
      typical: 8,
      safety: true,
      checks: [
        confirm('edges', 'Edges broken, swarf caught'),
        measure('hanger-left', 'What of the hanger still stands into the seat', 0, 0),
      ],
      irreversible: [{ what: 'filed', where: 'hanger' }],
      cautions: [swarf],
    },
  ),
  atEnd(
    'dry-fit',
    'faces-clean',
    'Clean the dropout faces, paint off where washers sit',
    'Nuts that sit on paint work loose.',
    {
      after: ['old-wheel-out', 'file-slots', 'hanger-dress', 'seat-relieve'],
      typical: 0.5,
    },
  ),
  atEnd(
    'dry-fit',
    'repin',
    'Take the plug’s pins out, mark their places',
    'The plug is larger than what must pass over the cable.',
    {
      when: ({ end }) => (end.repin ? 'because the plug does not pass the washers and nut' : null),
      after: ['as-delivered'],
      typical: 12,
      checks: [photo('pins', 'Colours and places of the pins')],
    },
  ),
  atEnd(
    'dry-fit',
    'adapters',
    'Build the hub up for this end, by hand',
    'The order decides which screw is still reached.',
    {
      when: ({ end }) => becauseBuiltUp(end),
      after: ['as-delivered'],
      typical: 8,
      parts: ({ end }) => end.adapterOrder,
      drawing: 'axle',
      checks: [confirm('built', 'Everything of the list sits as listed, hand-tight')],
    },
  ),
  atEnd(
    'dry-fit',
    'rotor-try',
    ({ end }) =>
      `One rotor bolt${end.rotorBoltMm === null ? '' : ` of ${end.rotorBoltMm} mm`} in, turn the motor by hand`,
    'A bolt that is too long touches the motor under its cover: better one than six.',
    {
      when: ({ end }) => (end.brake === 'disc' ? 'because this end has a disc' : null),
      after: ['keep-parts', 'spokes-stressed', 'adapters'],
      typical: 2,
      safety: true,
      drawing: 'bolt-star',
      parts: ({ end }) => (end.rotorShimMm > 0 ? [`Rotor shim ${end.rotorShimMm} mm`] : []),
      checks: [confirm('turns', 'With the bolt home through rotor and shim the motor turns as freely as before')],
    },
  ),
  atEnd(
    'dry-fit',
    'inside-washers',
    'Thread the inside washers, hub outwards',
    'This is the stack that was worked out for this bike.',
    {
      after: ['as-delivered', 'repin', 'faces-clean', 'rotor-try', 'adapters', 'spokes-stressed'],
      typical: 0.5,
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
    'dry-fit',
    'tabs-in',
    ({ end }) => `Tabbed washers ${onSides(end.tabs)}, tab into the slot`,
    'The tab keeps the washer from turning with the nut.',
    {
      when: ({ end }) => (end.tabs.length && !end.closed ? 'because the stack has tabbed washers' : null),
      after: ['inside-washers'],
      typical: 0.5,
      drawing: 'tab',
      checks: [confirm('tab-way', 'Each tab points into the slot')],
      school: ({ end }) => ({
        chosen: end.tabsOutside.length ? 'One tab inside, one outside.' : 'Tabs inside on both sides.',
        other: 'Outside, one of each, or lock plates in the eyes: chosen on the page of kit and rider.',
      }),
    },
  ),
  atEnd(
    'dry-fit',
    'dry-fit',
    ({ job }) => (job.tyreFirst ? 'Dry fit: wheel in, nuts by hand' : 'Dry fit: the bare motor wheel in, nuts by hand'),
    'Nothing may be forced: frame not spread, nothing rubs. It is quick to change now.',
    {
      after: ({ job }) => ['inside-washers', 'tabs-in', ...(job.tyreFirst ? ['wheel-photo'] : [])],
      typical: 1.5,
      drawing: 'axle',
      checks: ({ end }) => [
        ...(end.end === 'rear' && end.sprockets !== 'none'
          ? [confirm('chain-round', 'The chain lies round the axle while the wheel goes in')]
          : []),
        confirm('drops-in', 'The axle drops in by hand'),
        confirm('not-forced', 'The frame is not spread or pinched by hand force'),
      ],
      cautions: ['Cable clear of axle and dropout.'],
      school: ({ job }) =>
        job.tyreFirst
          ? { chosen: 'Tyre, rotor and sprockets first.', other: 'The bare wheel first: less to undo.' }
          : { chosen: 'The bare wheel first: less to undo.', other: 'Tyre, rotor and sprockets first.' },
    },
  ),
  atEnd('dry-fit', 'middle', 'Look whether the rim runs in the middle', 'Off it the bike steers to one side.', {
    after: ['dry-fit'],
    typical: 0.5,
    tools: ['Ruler'],
    checks: ({ gap }) => [rimBetweenBlades('rim-left-right', gap.rimOffMm)],
  }),
  atEnd(
    'dry-fit',
    'running-clearance',
    'Turn the wheel: feel all round',
    'Leg, caliper, stay and chainstay each want their gap.',
    {
      after: ['dry-fit'],
      typical: 0.5,
      safety: true,
      checks: ({ end, gap }) => [
        measure(
          'gap',
          'Smallest gap of motor, rotor bolt and spokes to anything that stands still',
          gap.runningMm,
          null,
        ),
        ...(end.brake === 'disc' ? [confirm('caliper', 'The caliper clears the motor’s cover all round')] : []),
      ],
    },
  ),
  atEnd(
    'dry-fit',
    'dry-out',
    'Wheel out again, washers kept in their order',
    'What the dry fit found is settled now: the stack is as it will stay.',
    {
      when: ({ job }) => (job.tyreFirst ? null : ''),
      after: ['middle', 'running-clearance'],
      typical: 0.5,
      checks: [confirm('settled', 'What rubbed or forced is changed, and the stack is taken as it is now')],
    },
  ),
];
