import type { EndFacts } from '../end-facts';
import { slotPlaces, type Side } from '../features';
import type { Finding } from '../verdict';

/** Where something that is not known is found out, or written down. */
export type Settling =
  /** A reading at this end; null: whichever is open. */
  | { at: 'measure'; feature: string | null }
  /** What bike, rider and use are. */
  | { at: 'take-in' }
  /** What is known of this kit, whatever bike it goes on. */
  | { at: 'kit' }
  /** What comes with this job instead of the kit's own: the rider's tyre, another pack. */
  | { at: 'job' };

/** What is known of the end, and whether another pack than the kit's is used. */
export interface Known {
  facts: EndFacts;
  packInstead: boolean;
}

type Ways = (known: Known, side: Side | null) => readonly Settling[];

const measure =
  (...features: (string | ((side: Side) => readonly string[]))[]): Ways =>
  (_, side) =>
    features
      .flatMap((feature) => (typeof feature === 'string' ? [feature] : side ? feature(side) : both.flatMap(feature)))
      .map((feature) => ({ at: 'measure', feature }));
const at =
  (place: 'take-in' | 'kit' | 'job'): Ways =>
  () => [{ at: place }];
const either =
  (...ways: Ways[]): Ways =>
  (known, side) =>
    ways.flatMap((way) => way(known, side));

const both: readonly Side[] = ['left', 'right'];
const of =
  (name: string) =>
  (side: Side): readonly string[] => [`${name}.${side}`];
const slotWidths = (side: Side) => slotPlaces.map((place) => `slot-width.${side}.${place}`);
/** The pack's own figures are the kit's, or those of the one that is used instead. */
const pack: Ways = ({ packInstead }) => [{ at: packInstead ? 'job' : 'kit' }];
const lip = measure(of('lip'), of('lip-diameter'), of('lip-depth'), 'old-axle', slotWidths, 'seat');
const rotor = measure('rotor-inboard', 'rotor-outer', 'rotor-thickness');

/** By the name of a finding, without its side or part. */
const settled: Readonly<Record<string, Ways>> = {
  'not-measured': () => [{ at: 'measure', feature: null }],
  material: measure('material'),
  condition: measure('condition'),
  'maker-approval': measure('maker-approval'),
  'slot-width': measure(slotWidths, 'material'),
  'slot-play': measure(slotWidths, 'seat'),
  'slot-depth': measure(of('slot-depth'), slotWidths, 'seat'),
  'filing-plate': measure(of('plate'), slotWidths, 'material'),
  'axle-shift': measure('seat', of('slot-depth'), 'old-axle', slotWidths),
  lip,
  'through-axle': measure(of('hole')),
  'rotor-readings': rotor,
  screw: measure('rotor-thickness'),
  brake: either(measure('rim-bosses'), at('kit')),
  'axle-extra': measure('old-axle', of('extra')),
  'cover-room': measure('legs-apart'),
  'tyre-room': measure('tyre-room'),
  'sprocket-moved': measure('sprocket-gap'),
  'cable-gap': measure('leg-inboard', 'rotor-inboard'),
  'rim-centred': measure(of('rim-to-dropout')),
  'take-in-open': at('take-in'),
  rating: at('take-in'),
  law: at('take-in'),
  'law-power': at('kit'),
  'law-speed': at('kit'),
  'kit-unknown': at('kit'),
  'kit-pattern': at('kit'),
  'kit-battery': at('kit'),
  'kit-rim': at('kit'),
  'motor-torque': at('kit'),
  'torque-cap': at('kit'),
  safety: at('kit'),
  'safety-slack': at('kit'),
  'two-arms': at('kit'),
  'climb-torque': at('kit'),
  'hub-heat': at('kit'),
  'spoke-gap': at('kit'),
  'cassette-spacer': at('kit'),
  'valve-kind': at('kit'),
  'brake-track': at('kit'),
  'pack-speed': at('kit'),
  pressure: either(at('kit'), at('job')),
  tyre: at('kit'),
  'tyre-load': at('job'),
  'tyre-speed': at('job'),
  'battery-cost': pack,
  'battery-current': either(pack, at('kit')),
  'controller-voltage': pack,
  charger: at('job'),
  pack: at('job'),
  'pack-condition': at('job'),
  'pack-size': at('job'),
};

/**
 * Where what a finding does not know is found out or written down: those places first that nothing was written to yet.
 *
 * @returns nothing for a finding that knows what it says, or that is settled where it was recorded
 * @example settledBy(finding('plate.left' …)) // [{ at: 'measure', feature: 'plate.left' }]
 */
export function settledBy({ id, verdict }: Pick<Finding, 'id' | 'verdict'>, known: Known): Settling[] {
  if (verdict !== 'unknown') return [];
  const [name, tail] = id.split('.') as [string, string?];
  const side = both.find((each) => each === tail) ?? null;
  const ways = unique(settled[name]?.(known, side) ?? []);
  const open = ways.filter((way) => way.at !== 'measure' || !isRead(way.feature, known));
  // Where everything was read, one reading is too near a limit, or is to be looked at again.
  return open.length > 0 ? open : ways;
}

function isRead(feature: string | null, { facts }: Known): boolean {
  return feature !== null && (facts.words.has(feature) || (facts.lengths.get(feature)?.valueMm ?? null) !== null);
}

function unique(ways: readonly Settling[]): Settling[] {
  const seen = new Set<string>();
  return ways.filter((way) => {
    const key = JSON.stringify(way);
    return !seen.has(key) && seen.add(key);
  });
}
