import { on, slots, both, lips, arms, builtUp, type Surprise } from './cases.testing';

/** Closed ends, materials, arms, nuts. */
export const torqueSurprises: readonly Surprise[] = [
  {
    number: 26,
    title: 'Through-axle end, adapters, which screw where, in which order',
    cases: [
      on(
        '12 mm hole, hub with flats',
        { words: { seat: 'closed' }, lengths: both('hole', 12) },
        'through-axle.left',
        'stop',
        /open slot/,
      ),
      {
        story: 'hub of 124 mm with caps and a rotor spacer for 142 mm; the screws of the set are too long',
        findings: () => builtUp(16).findings,
        rule: 'screw.rotor',
        verdict: 'work',
        says: /Get M5/,
        healed: () => builtUp(10).findings,
      },
    ],
  },
  {
    number: 27,
    title: 'Carbon dropout, carbon blade with metal dropout',
    cases: [
      on('carbon dropouts', { words: { material: 'carbon' } }, 'carbon', 'stop', /crush/),
      on(
        'aluminium dropouts in carbon blades',
        { words: { material: 'forged-aluminium', 'blade-material': 'carbon' } },
        'carbon',
        'stop',
        /blade is carbon/,
      ),
    ],
  },
  {
    number: 28,
    title: 'Suspension fork without approval',
    cases: [
      on(
        'sprung fork, nobody asked the maker',
        { words: { suspension: 'suspension', 'maker-approval': 'none' } },
        'maker-approval',
        'stop',
        /word in writing/,
      ),
    ],
  },
  {
    number: 29,
    title: 'Strong motor in an aluminium fork',
    cases: [
      on(
        '60 N·m in forged aluminium',
        {
          words: { material: 'forged-aluminium', 'blade-material': 'forged-aluminium' },
          kit: { motor: { ratedW: 500, statedNm: 60 } },
        },
        'torque-cap',
        'stop',
        /Fit the motor at the rear/,
      ),
    ],
  },
  {
    number: 30,
    title: 'One arm is not enough, two are',
    cases: [
      on(
        '50 N·m in steel, one arm in the stores',
        { kit: { motor: { ratedW: 250, statedNm: 50 } }, stores: arms({}, 1) },
        'two-arms',
        'work',
        /Add a .* arm/,
        { kit: { motor: { ratedW: 250, statedNm: 50 } } },
      ),
    ],
  },
  {
    number: 31,
    title: 'Arms that bear too late',
    cases: [
      on(
        'tight slots, arms with 0.6 mm play',
        { lengths: slots(10), stores: arms({ fitClearanceMm: 0.6 }) },
        'arm-late.left',
        'work',
        /bears .* after the first/,
      ),
    ],
  },
  {
    number: 32,
    title: 'Nuts over-tightened',
    cases: [
      on('the plan is 60 N·m on M12', { input: { nutTorqueNm: 60 } }, 'nut-torque.left', 'stop', /over-tightened/),
    ],
  },
  {
    number: 33,
    title: 'Regeneration at the front',
    cases: [
      on(
        'a braking motor in a forged aluminium fork',
        { wheel: { regen: true }, words: { material: 'forged-aluminium', 'blade-material': 'forged-aluminium' } },
        'regen-front',
        'stop',
        /to and fro/,
      ),
    ],
  },
  {
    number: 34,
    title: 'A rigid arm points past the blade, an adjustable one reaches',
    cases: [
      on(
        'the slot opens 20 mm in front of the blade per 100, rigid arms only',
        { lengths: { 'slot-line': 20 } },
        'arms',
        'work',
        /adjustable/,
        {
          lengths: { 'slot-line': 20 },
          stores: arms({ kind: 'adjustable', lengthMm: 50, linkMm: 60 }),
        },
      ),
    ],
  },
  {
    number: 35,
    title: 'Arm out of plane over a recess',
    cases: [on('recess 2 mm deep that the nut fits into', lips(27, 2), 'arm.left', 'work', /spacer under the arm/)],
  },
];
