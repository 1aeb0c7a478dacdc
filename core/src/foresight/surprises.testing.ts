import { endAdapter } from '../end-adapter';
import { fit, type FitReport } from '../fit';
import { invented, inventedArm, inventedStores, inventedBike, type Invented } from '../fit/invented.testing';
import { exampleLawClasses } from '../law';
import type { ArmFacts, StoreItem } from '../parts';
import type { Finding, Verdict } from '../verdict';
import { wheelLacing, type WheelLacingInput } from '../wheel-lacing';

/** One bike and kit, and the finding that foresees what would happen at the stand. */
export interface Foreseen {
  /** The bike and kit in a few words. */
  story: string;
  /** Every finding about them. */
  findings: () => readonly Finding[];
  /** The rule that foresees it, and what it says. */
  rule: string;
  verdict: Verdict;
  /** Words that the finding or its remedies contain. */
  says?: RegExp;
  /** The same bike without the trouble: the rule says nothing, or that it goes. */
  healed: () => readonly Finding[];
}

export interface Surprise {
  number: number;
  title: string;
  cases: Foreseen[];
}

const findingsOf = (change: Invented) => (): readonly Finding[] => fit(invented(change)).findings;
const goes = findingsOf({});

/** A case on the invented bike: what is changed, and the rule that sees it. */
function on(
  story: string,
  change: Invented,
  rule: string,
  verdict: Verdict,
  says?: RegExp,
  healed: Invented = {},
): Foreseen {
  return { story, findings: findingsOf(change), rule, verdict, ...(says && { says }), healed: findingsOf(healed) };
}

const slots = (mm: number) =>
  Object.fromEntries(
    ['left', 'right'].flatMap((side) =>
      ['mouth', 'middle', 'seat'].map((place) => [`slot-width.${side}.${place}`, mm]),
    ),
  );
const both = (name: string, mm: number) => ({ [`${name}.left`]: mm, [`${name}.right`]: mm });
const lips = (diameter: number, depth: number): Invented => ({
  words: { 'lip.left': 'lip', 'lip.right': 'lip' },
  lengths: { ...both('lip-diameter', diameter), ...both('lip-depth', depth) },
});
const cWasher: StoreItem = {
  id: 'c-19',
  kind: 'c-washer',
  boreMm: 12.3,
  outerMm: 19,
  thicknessMm: 2,
  tabWidthMm: null,
  tabDepthMm: null,
  count: 2,
};
const without = (...kinds: StoreItem['kind'][]) => inventedStores.filter(({ kind }) => !kinds.includes(kind));
const onlyBolts = (kind: 'rotor-bolt' | 'caliper-bolt', lengthMm: number) =>
  inventedStores.filter((item) => item.kind !== kind || item.details?.lengthMm === lengthMm);
const arms = (change: Partial<ArmFacts>, count = 4) => [
  ...without('arm'),
  {
    id: 'arm-x',
    kind: 'arm',
    boreMm: 12,
    outerMm: null,
    thicknessMm: 6,
    tabWidthMm: null,
    tabDepthMm: null,
    count,
    details: { arm: { ...inventedArm, ...change } },
  } as StoreItem,
];
const slimCaliper: StoreItem = {
  id: 'slim',
  kind: 'caliper',
  boreMm: null,
  outerMm: null,
  thicknessMm: 1,
  tabWidthMm: null,
  tabDepthMm: null,
  count: 1,
  details: { inboardMm: 13 },
};
const few = (washers: readonly (readonly [number, number])[]) => [
  ...without('plain'),
  ...washers.map(([thicknessMm, count]): StoreItem => ({
    id: `p${thicknessMm}`,
    kind: 'plain',
    boreMm: 12.3,
    outerMm: 22,
    thicknessMm,
    tabWidthMm: null,
    tabDepthMm: null,
    count,
  })),
];
const bare = { left: [], right: [] };
const tabsOnly = {
  left: [{ kind: 'tabbed' as const, thicknessMm: 2.5 }],
  right: [{ kind: 'tabbed' as const, thicknessMm: 2.5 }],
};
/** Nothing but one tabbed washer a side: no play to make up for anything. */
const filled = { shoulderWidthMm: 95, delivered: tabsOnly };

const lacing: WheelLacingInput = {
  erdMm: 540,
  spokes: 36,
  pattern: 'crossed',
  lead: 1,
  spokeMm: 2.3,
  left: { flangeDiameterMm: 180, flangeOffsetMm: 28, holeMm: 2.6 },
  right: { flangeDiameterMm: 180, flangeOffsetMm: 20, holeMm: 2.6 },
};
const laced = (story: string, change: Partial<WheelLacingInput>, rule: string, verdict: Verdict): Foreseen => ({
  story,
  findings: () => wheelLacing({ ...lacing, ...change }).findings,
  rule,
  verdict,
  healed: () =>
    wheelLacing({
      ...lacing,
      left: { ...lacing.left, flangeDiameterMm: 60 },
      right: { ...lacing.right, flangeDiameterMm: 60 },
    }).findings,
});

/** What a shim does is seen on the stack: a finding of our own that tells how much of each was chosen. */
function shimsOf(change: Invented): readonly Finding[] {
  const report: FitReport = fit(invented(change));
  const stack = report.stack?.stacks[0];
  const note: Finding = {
    id: 'shims',
    verdict: 'goes',
    measured: (stack?.rotorShimMm ?? 0) + (stack?.caliperShimMm ?? 0),
    limit: null,
    margin: null,
    unit: 'mm',
    because: `rotor ${stack?.rotorShimMm ?? 0}, caliper ${stack?.caliperShimMm ?? 0}`,
    remedies: [],
  };
  return [...report.findings, note];
}
const shims = (story: string, change: Invented, says: RegExp): Foreseen => ({
  story,
  findings: () => shimsOf({ disc: true, ...change }),
  rule: 'shims',
  verdict: 'goes',
  says,
  healed: () => shimsOf({ disc: true }),
});

/** A hub with caps and a rotor spacer for a closed end, and one screw of this length. */
const builtUp = (screwMm: number) =>
  endAdapter({
    spacingMm: 142,
    holesMm: { left: 12, right: 12 },
    rotorFaceMm: 15.3,
    hub: { baseWidthMm: 124, rotorFaceMm: 8 },
    extenders: [],
    endCaps: [
      { id: 'L9', side: 'left', lengthMm: 9, boreMm: 12 },
      { id: 'R9', side: 'right', lengthMm: 9, boreMm: 12 },
    ],
    rotorSpacers: [{ id: 'S2', thicknessMm: 2 }],
    screws: [{ id: 'M5x20', threadMm: 5, lengthMm: screwMm }],
    screwHoles: [{ id: 'rotor', threadMm: 5, throughMm: 0, throughRotor: true, depthMm: 10, leastMm: 6 }],
    rotorThicknessMm: 1.8,
  });

/** The 45 surprises that are met at the stand with the wheel in hand. */
export const surprises: readonly Surprise[] = [
  {
    number: 1,
    title: 'Slot narrower than the flats',
    cases: [
      on('steel slots of 9.6 mm, flats 10', { lengths: slots(9.6) }, 'slot-width.left', 'work', /File 0.45 mm/),
      on('steel slots of 8.7 mm, flats 10', { lengths: slots(8.7) }, 'slot-width.left', 'stop', /narrower flats/),
    ],
  },
  {
    number: 2,
    title: 'A 9 mm slot in steel at the limit of filing',
    cases: [
      on('steel slots of 9.0 mm: 1.05 of 1.1 mm', { lengths: slots(9) }, 'slot-width.left', 'work', /File 1.05 mm/),
      on(
        'steel slots read as 8.96 mm: too near the limit to tell',
        { lengths: slots(8.96) },
        'slot-width.left',
        'unknown',
        /Measure again/,
      ),
    ],
  },
  {
    number: 3,
    title: 'Round seat: the axle sits high, the slot is too shallow',
    cases: [
      on(
        'round seat, 11 mm deep',
        { words: { seat: 'open-round' }, lengths: both('slot-depth', 11) },
        'slot-depth.left',
        'work',
        /sits 1\.\d+ mm high/,
      ),
      on(
        'round seat, 9 mm deep',
        { words: { seat: 'open-round' }, lengths: both('slot-depth', 9) },
        'slot-depth.left',
        'stop',
      ),
    ],
  },
  {
    number: 4,
    title: 'Axle shift: rim pads and caliper radially off',
    cases: [on('the old axle was 9 mm', { lengths: { 'old-axle': 9 } }, 'axle-shift.left', 'work', /Reset rim pads/)],
  },
  {
    number: 5,
    title: 'Nut or washer would stand on the retaining lip',
    cases: [
      on('lip 20 mm, no C-washer in the stores', lips(20, 1.6), 'lip.left', 'stop', /Get a C-washer/),
      on(
        'lip 20 mm, a C-washer of 19 mm in the stores',
        { ...lips(20, 1.6), stores: [...inventedStores, cWasher] },
        'lip.left',
        'work',
        /Fill the recess/,
      ),
    ],
  },
  {
    number: 6,
    title: 'Hub too narrow, too wide, or impossible with these washers',
    cases: [
      on(
        'spacing 110 mm, only thin washers',
        { lengths: { 'spacing.front': 110, 'spacing.back': 110 }, stores: few([[0.5, 2]]), wheel: { delivered: bare } },
        'pinch',
        'stop',
        /Get \d/,
      ),
      on(
        'spacing 86 mm',
        { lengths: { 'spacing.front': 86, 'spacing.back': 86 } },
        'spread',
        'stop',
        /Take another wheel/,
      ),
    ],
  },
  {
    number: 7,
    title: 'Frame not symmetrical',
    cases: [
      on(
        'the old rim runs 1.5 mm off the dropouts’ middle, two equal washers',
        { lengths: { 'rim-to-dropout.left': 36, 'rim-to-dropout.right': 39 }, stores: few([]), wheel: filled },
        'rim-offset',
        'work',
      ),
    ],
  },
  {
    number: 8,
    title: 'Faces not parallel',
    cases: [
      on(
        'spacing 100.1 in front and 100.6 behind the axle',
        { lengths: { 'spacing.front': 100.1, 'spacing.back': 100.6 } },
        'faces-parallel',
        'work',
        /aligned/,
      ),
    ],
  },
  {
    number: 9,
    title: 'Rim off the middle because of dish',
    cases: [
      on(
        'rim laced 1.5 mm to the right of the hub’s middle, two equal washers',
        { wheel: { ...filled, rimOffsetMm: 1.5 }, stores: few([]) },
        'rim-offset',
        'work',
        /Pull the rim/,
      ),
    ],
  },
  {
    number: 10,
    title: 'Rotor off the caliper',
    cases: [
      shims(
        'rotor 2.5 mm inboard, shims for the rotor only',
        { wheel: { rotorFaceMm: 9 }, stores: without('caliper-shim') },
        /rotor [12]/,
      ),
      shims(
        'rotor 2.5 mm inboard, shims for the caliper only',
        { wheel: { rotorFaceMm: 9 }, stores: without('rotor-shim') },
        /rotor 0, caliper [12]/,
      ),
      shims(
        'rotor 4 mm inboard: one of each is not enough alone',
        {
          wheel: { rotorFaceMm: 10.5 },
          kit: {},
          hub: { rotor: { pattern: 'six-bolt', holeDepthMm: 10, coverFaceMm: 15 } },
        },
        /rotor [1-9.]+, caliper [1-9.]+/,
      ),
    ],
  },
  {
    number: 11,
    title: 'Rotor bolt too long, or too short after shims',
    cases: [
      on(
        'bolts of 12 mm only',
        { disc: true, stores: onlyBolts('rotor-bolt', 12).filter(({ kind }) => kind !== 'rotor-shim') },
        'rotor-bolt',
        'work',
        /touch under the cover.*× 10/,
        { disc: true },
      ),
      on(
        'bolts of 8 mm only, rotor shimmed',
        {
          disc: true,
          wheel: { rotorFaceMm: 11 },
          stores: onlyBolts('rotor-bolt', 8).filter(({ kind }) => kind !== 'caliper-shim' && kind !== 'plain'),
        },
        'rotor-bolt',
        'work',
        /too short/,
        { disc: true },
      ),
    ],
  },
  {
    number: 12,
    title: 'Caliper bolt too short after shims',
    cases: [
      on(
        'bolts of 16 mm only, mount plate 8 mm',
        { disc: true, stores: onlyBolts('caliper-bolt', 16) },
        'caliper-bolt',
        'work',
        /too short.*× 20/,
        { disc: true },
      ),
    ],
  },
  {
    number: 13,
    title: 'Caliper body touches the motor cover',
    cases: [
      on(
        'caliper reaches 17 mm inboard, cover at 15',
        { disc: true, lengths: { 'caliper-inboard': 17 } },
        'cover-gap',
        'stop',
        /would touch/,
        { disc: true },
      ),
      on(
        'a slimmer caliper is in the stores',
        { disc: true, lengths: { 'caliper-inboard': 17 }, stores: [...inventedStores, slimCaliper] },
        'cover-gap',
        'work',
        /lever pull must match/,
        { disc: true },
      ),
    ],
  },
  {
    number: 14,
    title: 'Rotor or its bolts touch the leg',
    cases: [
      on(
        'the leg stands 9 mm inboard of the dropout',
        { disc: true, lengths: { 'leg-inboard': 9 } },
        'leg-gap',
        'stop',
        /fork leg/,
        { disc: true },
      ),
    ],
  },
  {
    number: 15,
    title: 'Cable against the rotor bolts',
    cases: [
      on(
        'a 7 mm cable leaves on the left past the bolts',
        { disc: true, wheel: { cableExit: 'left' }, hub: { cable: { diameterMm: 7, plugMm: 11, atRotorBolts: true } } },
        'cable-gap',
        'stop',
        /Turn the axle/,
        { disc: true },
      ),
    ],
  },
  {
    number: 16,
    title: 'Hub without rotor mount on a disc bike; rim without track',
    cases: [
      on(
        'disc bike, hub without rotor mount',
        { disc: true, wheel: { rotorFaceMm: null } },
        'brake',
        'stop',
        /no place for one/,
        { disc: true },
      ),
      on(
        'rim-brake bike, rim without track',
        { kit: { rim: { innerWidthMm: 21, brakeTrack: false, valveHole: 'thick', depthMm: 18, maxBar: 5 } } },
        'brake-track',
        'stop',
        /no track/,
      ),
    ],
  },
  {
    number: 17,
    title: 'Six bolts against spline',
    cases: [
      on(
        'splined rotor, six-bolt hub',
        { disc: true, words: { 'rotor-pattern': 'spline' } },
        'rotor-pattern',
        'stop',
        /six-bolt rotor/,
        { disc: true },
      ),
    ],
  },
  {
    number: 18,
    title: 'Rotor larger than the fork allows',
    cases: [
      on(
        '203 mm rotor, fork marked 180',
        { disc: true, lengths: { 'rotor-diameter': 203 } },
        'rotor-size',
        'stop',
        /at most 180/,
        { disc: true },
      ),
    ],
  },
  {
    number: 19,
    title: 'Freewheel against cassette',
    cases: [
      on(
        'splined cassette, threaded hub',
        { end: 'rear', words: { cluster: 'cassette' }, lengths: { 'cassette-stack': 34 } },
        'cluster-new',
        'work',
        /Get a freewheel with 7 sprockets/,
        { end: 'rear' },
      ),
    ],
  },
  {
    number: 20,
    title: 'Cassette loose without its spacer',
    cases: [
      on(
        'sprockets 34 mm on a 35 mm body',
        {
          end: 'rear',
          words: { cluster: 'cassette' },
          lengths: { 'cassette-stack': 34 },
          hub: { takes: 'cassette', bodyMm: 35 },
        },
        'cassette-spacer',
        'work',
        /1.85 mm spacer/,
        {
          end: 'rear',
          words: { cluster: 'cassette' },
          lengths: { 'cassette-stack': 36 },
          hub: { takes: 'cassette', bodyMm: 35 },
        },
      ),
    ],
  },
  {
    number: 21,
    title: 'Fewer sprockets than clicks',
    cases: [
      on('8 clicks, 7 sprockets', { end: 'rear', words: { clicks: '8' } }, 'index', 'work', /off by up to 0.6 mm/, {
        end: 'rear',
      }),
      on(
        '8 clicks, 7 sprockets: one click over',
        { end: 'rear', words: { clicks: '8' } },
        'clicks',
        'work',
        /1 of 8 clicks/,
        { end: 'rear' },
      ),
    ],
  },
  {
    number: 22,
    title: 'Smallest sprocket against the stay; derailleur limits',
    cases: [
      on(
        'sprocket 6 mm outboard of the shoulder, few washers',
        { end: 'rear', wheel: { smallSprocketMm: -6, delivered: bare }, stores: few([[1, 4]]) },
        'sprocket-gap',
        'stop',
        undefined,
        { end: 'rear' },
      ),
      on(
        'sprocket 3.4 mm farther inboard',
        { end: 'rear', wheel: { smallSprocketMm: 3.8 } },
        'sprocket-moved',
        'work',
        /limits and cable anew/,
        { end: 'rear' },
      ),
    ],
  },
  {
    number: 23,
    title: 'Hanger intrudes into the seat',
    cases: [
      on(
        'the hanger stands 1.2 mm into the seat',
        { end: 'rear', words: { hanger: 'in-seat' }, lengths: { 'hanger-in-seat': 1.2 } },
        'hanger',
        'stop',
        /hanger of another shape/,
        { end: 'rear' },
      ),
    ],
  },
  {
    number: 24,
    title: 'Too little thread; nut would bottom',
    cases: [
      on(
        'axle ends 17 mm out of the shoulders',
        {
          wheel: {
            axle: { threadMm: 12, flatsMm: 10, leftMm: 17, rightMm: 17, threadFromLeftMm: 5, threadFromRightMm: 5 },
          },
        },
        'thread-left',
        'stop',
        /too short/,
      ),
      on(
        'thread begins 30 mm out',
        {
          wheel: {
            axle: { threadMm: 12, flatsMm: 10, leftMm: 60, rightMm: 60, threadFromLeftMm: 30, threadFromRightMm: 30 },
          },
        },
        'nut-bottoms-left',
        'stop',
        /would bottom/,
      ),
    ],
  },
  {
    number: 25,
    title: 'Rack stay, kickstand plate, hitch on the axle',
    cases: [
      on(
        'rack stays of 3 mm on a 9 mm axle',
        { words: { 'axle-extras': 'stays' }, lengths: { ...both('extra', 3), 'old-axle': 9 } },
        'axle-extra',
        'work',
        /Open its hole/,
      ),
    ],
  },
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
  {
    number: 36,
    title: 'Plug larger than what must pass over it',
    cases: [
      on(
        'plug of 18 mm, an arm on each side',
        {
          kit: { motor: { ratedW: 250, statedNm: 50 } },
          hub: { cable: { diameterMm: 6, plugMm: 18, atRotorBolts: false } },
        },
        'plug',
        'work',
        /before the plug is made up|pins out/,
      ),
    ],
  },
  {
    number: 37,
    title: 'Tyre not for this rim; arrow, valve, pump access, pressure',
    cases: [
      on(
        'the bike’s tyre is for 559 mm, the wheel has 622',
        { lengths: { 'bead-seat': 559, 'tyre-width': 47 } },
        'old-tyre',
        'work',
        /stays with the old wheel/,
      ),
      on(
        'rim brake, a motor wheel of another size',
        { lengths: { 'bead-seat': 559 } },
        'wheel-size',
        'stop',
        /rim pads do not reach/,
      ),
      on('a tyre with an arrow', {}, 'tyre-arrow', 'goes', /arrow forward/, { stores: without('tyre') }),
      on('no tyre for this wheel in the stores', { stores: without('tyre') }, 'tyre', 'work', /Get one/),
      on('a small wheel on a large cover', smallWheel(), 'pump-room', 'work', /angled valve/),
      on(
        'a rim that allows 1.5 bar',
        { kit: { rim: { innerWidthMm: 21, brakeTrack: true, valveHole: 'thick', depthMm: 18, maxBar: 2.1 } } },
        'pressure',
        'work',
        /tyre of at least \d+ mm/,
      ),
    ],
  },
  {
    number: 38,
    title: 'Lacing past the tangent, angle at the rim, one-way lean',
    cases: [
      laced('lead 3 into a small rim', { erdMm: 300, lead: 3 }, 'past-tangent.left', 'stop'),
      laced('lead 1 with a 180 mm flange', {}, 'rim-angle.left', 'work'),
      laced(
        'one-way, both flanges leaning alike',
        { pattern: 'oneway', left: { ...lacing.left, lean: 1 }, right: { ...lacing.right, lean: 1 } },
        'lean',
        'stop',
      ),
    ],
  },
  {
    number: 39,
    title: 'Coaster, drum or gear hub lost',
    cases: [
      on(
        'coaster hub at the rear',
        { end: 'rear', words: { 'old-hub': 'coaster' } },
        'hub-lost',
        'work',
        /another rear brake/,
        { end: 'rear' },
      ),
      on('gear hub at the rear', { end: 'rear', words: { 'old-hub': 'gear-hub' } }, 'hub-lost', 'work', /derailleur/, {
        end: 'rear',
      }),
    ],
  },
  {
    number: 40,
    title: 'Brakes too weak for the new speed and mass',
    cases: [
      on('rim brakes down 14 %', { bike: { descentPercent: 14 } }, 'descent-heat', 'stop', /Ride that grade at \d+ km/),
      on('45 km/h with rim brakes', { kit: { assistedKmh: 45 } }, 'discs-both', 'work', /both ends/),
    ],
  },
  {
    number: 41,
    title: 'The front wheel will spin on this climb',
    cases: [
      on(
        '14 % on loose ground',
        { bike: { surface: 'loose', climb: { gradePercent: 14, minutes: 5, speedKmh: 9 } } },
        'traction',
        'work',
        /it will spin/,
      ),
    ],
  },
  {
    number: 42,
    title: 'The hub overheats on this climb',
    cases: [
      on(
        '12 % for twenty minutes at 9 km/h',
        { bike: { climb: { gradePercent: 12, minutes: 20, speedKmh: 9 } } },
        'hub-heat',
        'stop',
        /the winding is at/,
      ),
    ],
  },
  {
    number: 43,
    title: 'Rack, kickstand and tyre ratings',
    cases: [
      on(
        '27 kg on a rack for 20',
        { bike: { ratings: [{ part: 'rack', ratedKg: 20, loadKg: 27 }] } },
        'rating.rack',
        'stop',
        /made for it/,
      ),
      on(
        'a kickstand of unknown rating',
        { bike: { ratings: [{ part: 'kickstand', loadKg: 30 }] } },
        'rating.kickstand',
        'unknown',
      ),
      on('the only tyre carries 30 kg', { stores: [...without('tyre'), weakTyre()] }, 'tyre', 'work', /carries \d+ kg/),
    ],
  },
  {
    number: 44,
    title: 'Law class exceeded',
    cases: [
      on(
        'a 500 W motor in a 250 W class',
        { kit: { motor: { ratedW: 500, statedNm: 35 } } },
        'law-power',
        'stop',
        /the authority decides/,
      ),
      on(
        'a throttle where none is allowed',
        { kit: { throttle: 'thumb' } },
        'law-throttle',
        'stop',
        /Leave the throttle out/,
      ),
      on('32 km/h in a 25 km/h class', { kit: { assistedKmh: 32 } }, 'law-speed', 'work', /Set the limit to 25/, {
        bike: { law: exampleLawClasses[1]! },
      }),
    ],
  },
  {
    number: 45,
    title: 'Budget exceeded once pack and tools are counted',
    cases: [
      on(
        'the kit alone is within 700, with pack and tools it is not',
        { bike: { budget: 700 } },
        'budget',
        'work',
        /battery, parts and tools/,
        { bike: { ...inventedBike, budget: 1500 } },
      ),
    ],
  },
];

function smallWheel(): Invented {
  const tyre = { beadSeatMm: 406, widthMm: 42, minBar: 2, maxBar: 5, loadKg: 120, speedKmh: 50, directional: false };
  return {
    lengths: { 'bead-seat': 406 },
    wheel: { beadSeatMm: 406, coverDiameterMm: 280 },
    stores: [...without('tyre'), { ...weakTyre(), details: { tyre } }],
  };
}

function weakTyre(): StoreItem {
  const tyre = { beadSeatMm: 622, widthMm: 42, minBar: 2, maxBar: 5, loadKg: 30, speedKmh: 50, directional: false };
  return {
    id: 'weak',
    kind: 'tyre',
    boreMm: null,
    outerMm: null,
    thicknessMm: 1,
    tabWidthMm: null,
    tabDepthMm: null,
    count: 1,
    details: { tyre },
  };
}

/** The bike on which everything goes, for comparison. */
export const nothingToForesee = goes;
