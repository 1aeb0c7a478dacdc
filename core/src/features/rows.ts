import type { StandardFeature } from '../identify-standard';
import { materials } from '../materials';
import type { Side } from '../model';
import type { Instrument } from '../reading-statistics';
import { needsApproval, type Seen } from './seen';

/** Drawings of where the jaws go or what to look at. */
export type FeaturePicture =
  | 'slot'
  | 'slot-width'
  | 'slot-depth'
  | 'slot-line'
  | 'hole'
  | 'plate'
  | 'lip'
  | 'lip-diameter'
  | 'lip-depth'
  | 'blade-material'
  | 'blade-width'
  | 'blade-step'
  | 'clamp-from'
  | 'clamp-to'
  | 'legs-apart'
  | 'leg-inboard'
  | 'tyre-room'
  | 'spacing-front'
  | 'spacing-back'
  | 'hanger'
  | 'rotor-inboard'
  | 'rotor-outer'
  | 'rotor-thickness'
  | 'rotor-diameter'
  | 'rotor-max'
  | 'rotor-pattern'
  | 'caliper-inboard'
  | 'caliper-depth'
  | 'caliper-mount'
  | 'mount-plate'
  | 'mount-thread'
  | 'old-axle'
  | 'rim-to-dropout'
  | 'sprocket-gap'
  | 'cassette-stack'
  | 'cluster'
  | 'extra'
  | 'axle-extras'
  | 'bead-seat'
  | 'tyre-width'
  | 'washers';

/** What is answered: a length in a range, one word out of a list, or parts from the hub outwards. */
type Asked =
  | {
      kind: 'length';
      minMm: number;
      maxMm: number;
      /** What an invented bike measures there: what the simulated caliper reads where nobody has read yet. */
      usualMm: number;
      instrument: Instrument;
      /** Table of standard sizes that it may be near, one for each end. */
      standard: { front: StandardFeature; rear: StandardFeature } | null;
    }
  | { kind: 'word'; words: readonly string[] }
  | { kind: 'parts' };

/**
 * Everything that makes a feature of an end what it is. Its texts go by its name: title, what to do, how, why, and what each
 * of its answers is called. A new feature is a row here, a picture, and its texts.
 */
export interface FeatureRow {
  id: string;
  /** There is one on each side: the left one is `id.left`. */
  sides?: true;
  /** And one at each of these places along it: `id.left.seat`. */
  places?: readonly string[];
  is: Asked;
  picture: FeaturePicture;
  /** How likely it turns the verdict as long as it is missing [J]: what most often surprises. */
  turns?: number;
  /** Of use, but no verdict hangs on it. */
  optional?: true;
  /** The limit that says how long it takes, where it is not that of its kind. */
  seconds?: 'secondsCondition';
  /** The feature whose answers are called the same. */
  answersOf?: string;
  /** When it is asked; left out: always. */
  when?: (seen: Seen, id: string, side: Side | null) => boolean;
}

/** The places along a slot that are read one by one: the narrowest and the widest are kept. */
export const slotPlaces = ['mouth', 'middle', 'seat'] as const;

/** "Aluminium, not sure which" is an answer: it counts as cast until somebody knows. */
const seenMaterials = [...materials, 'aluminium-unsure'] as const;

const words = (list: readonly string[]): Asked => ({ kind: 'word', words: list });
const parts: Asked = { kind: 'parts' };
const spacing = { front: 'front-spacing', rear: 'rear-spacing' } as const;

function lengthMm(
  minMm: number,
  maxMm: number,
  usualMm: number,
  { standard, instrument = 'calipers' }: { standard?: StandardFeature | typeof spacing; instrument?: Instrument } = {},
): Asked {
  const both = typeof standard === 'string' ? { front: standard, rear: standard } : (standard ?? null);
  return { kind: 'length', minMm, maxMm, usualMm, instrument, standard: both };
}

const atRear = ({ end }: Seen) => end === 'rear';
const notClosed = ({ kind }: Seen) => kind !== 'closed';
const hasDisc = ({ brake }: Seen) => brake === 'disc';
const hasSpeeds = ({ end, speeds }: Seen) => end === 'rear' && (speeds ?? 0) > 0;
const hasLip = ({ kind, words: seen }: Seen, _: string, side: Side | null) =>
  kind !== 'closed' && seen.get(`lip.${side}`) === 'lip';

/** In the order that spares handling the bike. What stands together is gone through one side after the other. */
export const featureRows: readonly (FeatureRow | readonly FeatureRow[])[] = [
  { id: 'material', is: words(seenMaterials), picture: 'slot', turns: 0.25 },
  { id: 'blade-material', is: words(seenMaterials), picture: 'blade-material', turns: 0.15, answersOf: 'material' },
  { id: 'suspension', is: words(['none', 'suspension']), picture: 'slot', turns: 0.2 },
  { id: 'maker-approval', is: words(['none', 'in-writing']), picture: 'slot', turns: 0.5, when: needsApproval },
  {
    id: 'condition',
    is: words(['sound', 'surface-rust', 'bent', 'cracked', 'play', 'unsure']),
    picture: 'slot',
    turns: 0.15,
    seconds: 'secondsCondition',
  },
  { id: 'seat', is: words(['open-round', 'open-flat', 'open-relieved', 'closed']), picture: 'slot', turns: 0.2 },
  { id: 'axle-extras', is: words(['none', 'stays', 'kickstand', 'hitch']), picture: 'axle-extras', turns: 0.1 },
  // Only one sprocket wants its chain's tension from where the axle sits.
  {
    id: 'slot-way',
    is: words(['down', 'level']),
    picture: 'slot',
    when: ({ end, kind, chain, speeds }) => end === 'rear' && kind === 'open' && chain === true && speeds === 0,
  },
  { id: 'axle-eyes', is: words(['none', 'left', 'right', 'both']), picture: 'slot', optional: true, when: notClosed },
  {
    id: 'hanger',
    is: words(['none', 'clear', 'in-seat']),
    picture: 'hanger',
    turns: 0.08,
    when: (seen) => atRear(seen) && notClosed(seen),
  },
  { id: 'brake', is: words(['rim', 'disc', 'other', 'none']), picture: 'slot', turns: 0.15 },
  {
    id: 'rim-bosses',
    is: words(['bosses', 'none']),
    picture: 'slot',
    when: ({ brake }) => brake === 'disc' || brake === 'other',
  },
  {
    id: 'rotor-pattern',
    is: words(['six-bolt', 'four-bolt', 'spline']),
    picture: 'rotor-pattern',
    turns: 0.2,
    when: hasDisc,
  },
  { id: 'caliper-mount', is: words(['side', 'face']), picture: 'caliper-mount', turns: 0.05, when: hasDisc },
  { id: 'old-hub', is: words(['plain', 'coaster', 'drum', 'gear-hub']), picture: 'slot', turns: 0.2, when: atRear },
  {
    id: 'gears',
    is: words(['none', '5', '6', '7', '8', '9', '10', '11', '12', 'no-chain']),
    picture: 'slot',
    turns: 0.2,
    when: atRear,
  },
  { id: 'cluster', is: words(['freewheel', 'cassette']), picture: 'cluster', turns: 0.25, when: hasSpeeds },
  {
    id: 'clicks',
    is: words(['friction', '5', '6', '7', '8', '9', '10', '11', '12']),
    picture: 'slot',
    turns: 0.15,
    when: hasSpeeds,
  },
  {
    id: 'rotor-inboard',
    is: lengthMm(0, 60, 15.3, { standard: 'rotor-offset' }),
    picture: 'rotor-inboard',
    turns: 0.35,
    when: (seen) => hasDisc(seen) && !seen.lengths.has('rotor-outer'),
  },
  {
    id: 'rotor-outer',
    is: lengthMm(0, 60, 17.1),
    picture: 'rotor-outer',
    turns: 0.35,
    when: (seen) => hasDisc(seen) && seen.lengths.has('rotor-outer'),
  },
  { id: 'rotor-thickness', is: lengthMm(1, 4, 1.8), picture: 'rotor-thickness', turns: 0.12, when: hasDisc },
  {
    id: 'rotor-diameter',
    is: lengthMm(80, 320, 160, { standard: 'rotor', instrument: 'ruler' }),
    picture: 'rotor-diameter',
    turns: 0.1,
    when: hasDisc,
  },
  {
    id: 'rotor-max',
    is: lengthMm(80, 320, 180, { instrument: 'ruler' }),
    picture: 'rotor-max',
    turns: 0.08,
    when: hasDisc,
  },
  { id: 'caliper-inboard', is: lengthMm(0, 60, 12), picture: 'caliper-inboard', turns: 0.4, when: hasDisc },
  { id: 'caliper-depth', is: lengthMm(5, 100, 30), picture: 'caliper-depth', turns: 0.3, when: hasDisc },
  { id: 'mount-plate', is: lengthMm(0.5, 30, 8), picture: 'mount-plate', turns: 0.15, when: hasDisc },
  { id: 'mount-thread', is: lengthMm(3, 60, 12), picture: 'mount-thread', turns: 0.15, when: hasDisc },
  { id: 'leg-inboard', is: lengthMm(-40, 40, -2), picture: 'leg-inboard', turns: 0.2, when: hasDisc },
  { id: 'sprocket-gap', is: lengthMm(-10, 60, 4.4), picture: 'sprocket-gap', turns: 0.2, when: hasSpeeds },
  {
    id: 'cassette-stack',
    is: lengthMm(5, 60, 33),
    picture: 'cassette-stack',
    turns: 0.3,
    when: (seen) => hasSpeeds(seen) && seen.words.get('cluster') === 'cassette',
  },
  {
    id: 'rim-to-dropout',
    sides: true,
    is: lengthMm(5, 120, 37.5, { instrument: 'ruler' }),
    picture: 'rim-to-dropout',
    turns: 0.12,
  },
  { id: 'spacing.front', is: lengthMm(60, 220, 100.1, { standard: spacing }), picture: 'spacing-front', turns: 0.3 },
  { id: 'spacing.back', is: lengthMm(60, 220, 100.1, { standard: spacing }), picture: 'spacing-back', turns: 0.3 },
  {
    id: 'hole',
    sides: true,
    is: lengthMm(6, 30, 12, { standard: 'through-hole' }),
    picture: 'hole',
    turns: 0.5,
    when: ({ kind }) => kind === 'closed',
  },
  {
    id: 'slot-width',
    sides: true,
    places: slotPlaces,
    is: lengthMm(6, 20, 10.1, { standard: 'open-slot' }),
    picture: 'slot-width',
    turns: 0.35,
    when: notClosed,
  },
  { id: 'slot-depth', sides: true, is: lengthMm(4, 45, 15), picture: 'slot-depth', turns: 0.25, when: notClosed },
  { id: 'plate', sides: true, is: lengthMm(1.5, 20, 5), picture: 'plate', turns: 0.12 },
  { id: 'lip', sides: true, is: words(['none', 'lip']), picture: 'lip', turns: 0.3, when: notClosed },
  [
    { id: 'lip-diameter', sides: true, is: lengthMm(12, 45, 25), picture: 'lip-diameter', turns: 0.5, when: hasLip },
    { id: 'lip-depth', sides: true, is: lengthMm(0.2, 6, 1.2), picture: 'lip-depth', turns: 0.3, when: hasLip },
  ],
  { id: 'old-axle', is: lengthMm(6, 20, 9.5), picture: 'old-axle', turns: 0.15, when: notClosed },
  {
    id: 'hanger-in-seat',
    is: lengthMm(0, 10, 5),
    picture: 'hanger',
    when: ({ words }) => words.get('hanger') === 'in-seat',
  },
  {
    id: 'extra',
    sides: true,
    is: lengthMm(0, 20, 3),
    picture: 'extra',
    turns: 0.15,
    when: ({ words }) => (words.get('axle-extras') ?? 'none') !== 'none',
  },
  {
    id: 'slot-line',
    is: lengthMm(-100, 100, 0, { instrument: 'ruler' }),
    picture: 'slot-line',
    turns: 0.3,
    when: notClosed,
  },
  { id: 'clamp-from', is: lengthMm(10, 500, 60, { instrument: 'ruler' }), picture: 'clamp-from', turns: 0.1 },
  { id: 'clamp-to', is: lengthMm(10, 600, 190, { instrument: 'ruler' }), picture: 'clamp-to', turns: 0.1 },
  { id: 'blade-width', is: lengthMm(5, 80, 20), picture: 'blade-width', turns: 0.1 },
  { id: 'blade-step', sides: true, is: lengthMm(-40, 40, 0.5), picture: 'blade-step', turns: 0.15 },
  { id: 'legs-apart', is: lengthMm(20, 260, 140), picture: 'legs-apart' },
  {
    id: 'bead-seat',
    is: lengthMm(200, 700, 622, { standard: 'bead-seat', instrument: 'ruler' }),
    picture: 'bead-seat',
  },
  { id: 'tyre-room', is: lengthMm(15, 200, 107.5), picture: 'tyre-room' },
  { id: 'tyre-width', is: lengthMm(15, 130, 42), picture: 'tyre-width', optional: true },
  // Written down by the step that files; nobody is asked for it.
  { id: 'filed', sides: true, is: lengthMm(0, 3, 1.5), picture: 'slot', when: ({ lengths }, id) => lengths.has(id) },
  { id: 'washers-found', sides: true, is: parts, picture: 'washers', optional: true },
  { id: 'washers-delivered', sides: true, is: parts, picture: 'washers', optional: true, when: () => false },
];
