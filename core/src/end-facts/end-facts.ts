import { featureById, spacingPlacesApartMm, slotPlaces, type Seen } from '../features';
import { materials, type Material } from '../materials';
import { axleAt, type End, type Place, type Side } from '../model';
import type { LoosePart } from '../parts';
import { readingStatistics, type Instrument, type ReadingStatistics } from '../reading-statistics';
import { lastTold } from '../told';

/** One reading as it was taken. Exactly one of value, word, parts and what was told is set. */
export interface Reading {
  id: string;
  place: Place;
  feature: string;
  valueMm: number | null;
  word: string | null;
  parts: LoosePart[] | null;
  /** What the rider said or the walk round found: its shape is the feature's own. */
  told?: Told | null | undefined;
  instrument: Instrument;
  takenAt: string;
  withdrawnAt: string | null;
}

/** An answer at take-in; `is` null: back to not known. */
export interface Told {
  is: unknown;
}

/** What was seen on the walk round an end. */
export type Condition = 'sound' | 'surface-rust' | 'bent' | 'cracked' | 'play' | 'unsure';

/** What the readings of one end say together. A figure that nobody has read yet is null. */
export interface EndFacts extends Seen {
  /** Somebody has read something here; what take-in was told of this end is no reading of it. */
  begun: boolean;
  makerApproval: boolean | null;
  condition: Condition | null;
  seat: 'round' | 'flat' | 'relieved' | null;
  /** Somebody saw aluminium and could not say which kind. */
  aluminiumUnsure: boolean;
  /** Mean of front and back of the dropout. */
  spacingMm: number | null;
  /** Angle between the two dropout faces. */
  faceAngleDeg: number | null;
  /** Middle of the dropouts off the bike's middle plane, from the old rim. */
  frameOffsetMm: number | null;
  /** Left dropout's inner face to the rotor's inboard face on the old wheel. */
  rotorFaceMm: number | null;
  oldAxleMm: number | null;
  sides: Record<Side, SideFacts>;
  /** Statistics of every length that was read, by feature. */
  lengths: ReadonlyMap<string, ReadingStatistics>;
  /** Latest word or parts by feature. */
  words: ReadonlyMap<string, string>;
  parts: ReadonlyMap<string, LoosePart[]>;
}

export interface SideFacts {
  slotMinMm: number | null;
  slotMaxMm: number | null;
  slotUncertaintyMm: number;
  depthMm: number | null;
  plateMm: number | null;
  holeMm: number | null;
  /** Filed off this slot earlier on. */
  filedMm: number;
  /** Null: nobody has looked yet. */
  hasLip: boolean | null;
  lip: { diameterMm: number; depthMm: number } | null;
}

/**
 * Puts the readings of one end together. Withdrawn ones do not count; repeats at one place give their median; the latest
 * word holds.
 */
export function endFacts(end: End, readings: readonly Reading[]): EndFacts {
  const valid = sinceFiled(
    readings
      .filter((reading) => reading.place === axleAt(end) && reading.withdrawnAt === null)
      .sort((a, b) => (a.takenAt < b.takenAt ? -1 : a.takenAt > b.takenAt ? 1 : 0)),
  );
  const lengths = new Map<string, ReadingStatistics>();
  const words = new Map<string, string>();
  const parts = new Map<string, LoosePart[]>();
  for (const [feature, group] of grouped(valid)) {
    const known = featureById(feature);
    const last = group[group.length - 1]!;
    if (known?.kind === 'length') {
      const valuesMm = group.flatMap(({ valueMm }) => (valueMm === null ? [] : [valueMm]));
      if (valuesMm.length) lengths.set(feature, statistics(last.instrument, valuesMm));
    } else if (last.word !== null) words.set(feature, last.word);
    else if (last.parts !== null) parts.set(feature, last.parts);
  }
  const brake = words.get('brake') ?? toldBrake(end, readings);
  if (brake) words.set('brake', brake);
  const filed = { left: filedMm(valid, 'left'), right: filedMm(valid, 'right') };
  return together(end, { lengths, words, parts }, filed, valid.length > 0);
}

/** Brakes that take-in names as the stand does. One in the old hub goes with it: what is there then is looked at at the end. */
const brakeNames: Readonly<Record<string, string>> = { rim: 'rim', rotor: 'disc', none: 'none' };

/** The brake of this end as take-in was told, so that it is asked once. */
function toldBrake(end: End, readings: readonly Reading[]): string | null {
  const is = lastTold(readings).get(`brakes.${end}`) as { kind?: string } | null | undefined;
  return (is?.kind && brakeNames[is.kind]) ?? null;
}

/** The same end as if nothing had been read of some features. */
export function withoutFeatures(facts: EndFacts, features: ReadonlySet<string>): EndFacts {
  const kept = <T>(read: ReadonlyMap<string, T>) => new Map([...read].filter(([feature]) => !features.has(feature)));
  const filed = (side: Side) => (features.has(`filed.${side}`) ? 0 : facts.sides[side].filedMm);
  const { end, lengths, words, parts } = facts;
  const read = { lengths: kept(lengths), words: kept(words), parts: kept(parts) };
  return together(end, read, { left: filed('left'), right: filed('right') }, facts.begun);
}

/** More readings of one feature than anybody takes are only the latest ones. */
const mostReadings = 100;

function statistics(instrument: Instrument, valuesMm: readonly number[]): ReadingStatistics {
  return readingStatistics({ instrument, valuesMm: valuesMm.slice(-mostReadings) });
}

function together(
  end: End,
  { lengths, words, parts }: Pick<EndFacts, 'lengths' | 'words' | 'parts'>,
  filed: Record<Side, number>,
  begun: boolean,
): EndFacts {
  const value = (feature: string) => lengths.get(feature)?.valueMm ?? null;
  const front = value('spacing.front');
  const back = value('spacing.back');
  return {
    end,
    begun,
    material: asMaterial(words.get('material')),
    bladeMaterial: asMaterial(words.get('blade-material')),
    suspension: yesNo(words.get('suspension'), 'suspension'),
    makerApproval: yesNo(words.get('maker-approval'), 'in-writing'),
    condition: (words.get('condition') as Condition | undefined) ?? null,
    ...slotKind(words.get('seat')),
    brake: (words.get('brake') as EndFacts['brake']) ?? null,
    speeds: speeds(words.get('gears')),
    chain: end === 'front' ? false : words.has('gears') ? words.get('gears') !== 'no-chain' : null,
    aluminiumUnsure: [words.get('material'), words.get('blade-material')].includes('aluminium-unsure'),
    spacingMm: front === null || back === null ? null : (front + back) / 2,
    faceAngleDeg:
      front === null || back === null
        ? null
        : (Math.atan(Math.abs(front - back) / spacingPlacesApartMm) * 180) / Math.PI,
    frameOffsetMm: frameOffset(value('rim-to-dropout.left'), value('rim-to-dropout.right')),
    rotorFaceMm: rotorFace(value),
    oldAxleMm: value('old-axle'),
    sides: {
      left: { ...sideFacts('left', lengths, words), filedMm: filed.left },
      right: { ...sideFacts('right', lengths, words), filedMm: filed.right },
    },
    lengths,
    words,
    parts,
  };
}

/** Everything that was filed off one slot. */
function filedMm(readings: readonly Reading[], side: Side): number {
  const all = readings.filter(({ feature }) => feature === `filed.${side}`);
  return Number(all.reduce((sum, { valueMm }) => sum + (valueMm ?? 0), 0).toFixed(6));
}

/**
 * Slot widths as they are since somebody filed: what was read before is wider by what came off; where a place was read again
 * afterwards only that counts.
 */
function sinceFiled(readings: readonly Reading[]): Reading[] {
  const filed = readings.filter(({ feature, valueMm }) => feature.startsWith('filed.') && valueMm !== null);
  if (filed.length === 0) return [...readings];
  return readings.flatMap((reading) => {
    const [head, side] = reading.feature.split('.');
    if (head !== 'slot-width' || reading.valueMm === null) return [reading];
    const later = filed.filter((item) => item.feature === `filed.${side}` && item.takenAt > reading.takenAt);
    if (later.length === 0) return [reading];
    const again = readings.some(
      (other) => other.feature === reading.feature && later.every((item) => item.takenAt < other.takenAt),
    );
    if (again) return [];
    const offMm = later.reduce((sum, { valueMm }) => sum + valueMm!, 0);
    return [{ ...reading, valueMm: Number((reading.valueMm + offMm).toFixed(6)) }];
  });
}

function grouped(readings: readonly Reading[]): Map<string, Reading[]> {
  const groups = new Map<string, Reading[]>();
  for (const reading of readings) {
    const group = groups.get(reading.feature);
    if (group) group.push(reading);
    else groups.set(reading.feature, [reading]);
  }
  return groups;
}

function sideFacts(
  side: Side,
  lengths: ReadonlyMap<string, ReadingStatistics>,
  words: ReadonlyMap<string, string>,
): Omit<SideFacts, 'filedMm'> {
  const places = slotPlaces.map((place) => lengths.get(`slot-width.${side}.${place}`));
  const read = places.filter((place) => place !== undefined);
  const widths = read.flatMap(({ valueMm }) => (valueMm === null ? [] : [valueMm]));
  const lipWord = words.get(`lip.${side}`);
  const diameterMm = lengths.get(`lip-diameter.${side}`)?.valueMm ?? null;
  const depthMm = lengths.get(`lip-depth.${side}`)?.valueMm ?? null;
  // The narrowest and the widest place are known only when every place was read.
  const complete = widths.length === slotPlaces.length;
  return {
    slotMinMm: complete ? Math.min(...widths) : null,
    slotMaxMm: complete ? Math.max(...widths) : null,
    slotUncertaintyMm: Math.max(0, ...read.map(({ uncertaintyMm }) => uncertaintyMm ?? 0)),
    depthMm: lengths.get(`slot-depth.${side}`)?.valueMm ?? null,
    plateMm: lengths.get(`plate.${side}`)?.valueMm ?? null,
    holeMm: lengths.get(`hole.${side}`)?.valueMm ?? null,
    hasLip: lipWord === undefined ? null : lipWord === 'lip',
    lip: lipWord === 'lip' && diameterMm !== null && depthMm !== null ? { diameterMm, depthMm } : null,
  };
}

/**
 * Middle of the dropouts against the old rim, which is taken to run in the bike's middle plane. The rim stands nearer to
 * the right dropout when the left distance is larger; the dropouts' middle is then off to the left by half the difference.
 */
function frameOffset(leftMm: number | null, rightMm: number | null): number | null {
  if (leftMm === null || rightMm === null) return null;
  return (rightMm - leftMm) / 2 + 0;
}

function rotorFace(value: (feature: string) => number | null): number | null {
  const inboard = value('rotor-inboard');
  if (inboard !== null) return inboard;
  const outer = value('rotor-outer');
  const thickness = value('rotor-thickness');
  return outer === null || thickness === null ? null : outer + thickness;
}

function slotKind(word: string | undefined): Pick<EndFacts, 'seat' | 'kind'> {
  if (word === undefined) return { seat: null, kind: null };
  if (word === 'closed') return { seat: null, kind: 'closed' };
  return { seat: word.replace('open-', '') as EndFacts['seat'], kind: 'open' };
}

function speeds(word: string | undefined): number | null {
  if (word === undefined) return null;
  return word === 'none' || word === 'no-chain' ? 0 : Number(word);
}

function yesNo(word: string | undefined, yes: string): boolean | null {
  return word === undefined ? null : word === yes;
}

function asMaterial(word: string | undefined): Material | null {
  if (word === 'aluminium-unsure') return 'cast-aluminium';
  return materials.find((material) => material === word) ?? null;
}
