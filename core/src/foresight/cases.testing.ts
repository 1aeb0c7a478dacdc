import { asWritten } from '../said';
import { endAdapter } from '../end-adapter';
import { fit, type FitReport } from '../fit';
import { invented, inventedArm, inventedStores, type Invented } from '../fit/invented.testing';
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
export function on(
  story: string,
  change: Invented,
  rule: string,
  verdict: Verdict,
  says?: RegExp,
  healed: Invented = {},
): Foreseen {
  return { story, findings: findingsOf(change), rule, verdict, ...(says && { says }), healed: findingsOf(healed) };
}

export const slots = (mm: number) =>
  Object.fromEntries(
    ['left', 'right'].flatMap((side) =>
      ['mouth', 'middle', 'seat'].map((place) => [`slot-width.${side}.${place}`, mm]),
    ),
  );
export const both = (name: string, mm: number) => ({ [`${name}.left`]: mm, [`${name}.right`]: mm });
export const lips = (diameter: number, depth: number): Invented => ({
  words: { 'lip.left': 'lip', 'lip.right': 'lip' },
  lengths: { ...both('lip-diameter', diameter), ...both('lip-depth', depth) },
});
export const cWasher: StoreItem = {
  id: 'c-19',
  kind: 'c-washer',
  boreMm: 12.3,
  outerMm: 19,
  thicknessMm: 2,
  tabWidthMm: null,
  tabDepthMm: null,
  count: 2,
};
export const without = (...kinds: StoreItem['kind'][]) => inventedStores.filter(({ kind }) => !kinds.includes(kind));
export const onlyBolts = (kind: 'rotor-bolt' | 'caliper-bolt', lengthMm: number) =>
  inventedStores.filter((item) => item.kind !== kind || item.details?.lengthMm === lengthMm);
export const arms = (change: Partial<ArmFacts>, count = 4) => [
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
export const slimCaliper: StoreItem = {
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
export const few = (washers: readonly (readonly [number, number])[]) => [
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
export const bare = { left: [], right: [] };
const tabsOnly = {
  left: [{ kind: 'tabbed' as const, thicknessMm: 2.5 }],
  right: [{ kind: 'tabbed' as const, thicknessMm: 2.5 }],
};
/** Nothing but one tabbed washer a side: no play to make up for anything. */
export const filled = { shoulderWidthMm: 95, delivered: tabsOnly };

export const lacing: WheelLacingInput = {
  erdMm: 540,
  spokes: 36,
  pattern: 'crossed',
  lead: 1,
  spokeMm: 2.3,
  left: { flangeDiameterMm: 180, flangeOffsetMm: 28, holeMm: 2.6 },
  right: { flangeDiameterMm: 180, flangeOffsetMm: 20, holeMm: 2.6 },
};
export const laced = (story: string, change: Partial<WheelLacingInput>, rule: string, verdict: Verdict): Foreseen => ({
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
    because: asWritten(`rotor ${stack?.rotorShimMm ?? 0}, caliper ${stack?.caliperShimMm ?? 0}`),
    remedies: [],
  };
  return [...report.findings, note];
}
export const shims = (story: string, change: Invented, says: RegExp): Foreseen => ({
  story,
  findings: () => shimsOf({ disc: true, ...change }),
  rule: 'shims',
  verdict: 'goes',
  says,
  healed: () => shimsOf({ disc: true }),
});

/** A hub with caps and a rotor spacer for a closed end, and one screw of this length. */
export const builtUp = (screwMm: number) =>
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

export function smallWheel(): Invented {
  const tyre = { beadSeatMm: 406, widthMm: 42, minBar: 2, maxBar: 5, loadKg: 120, speedKmh: 50, directional: false };
  return {
    lengths: { 'bead-seat': 406 },
    wheel: { beadSeatMm: 406, coverDiameterMm: 280 },
    stores: [...without('tyre'), { ...weakTyre(), details: { tyre } }],
  };
}

export function weakTyre(): StoreItem {
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
