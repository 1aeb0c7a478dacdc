import type { BikeFacts } from '../bike-facts';
import type { EndFacts } from '../end-facts';
import { features, slotPlaces, type Feature } from '../features';
import type { StoreItem, Wheel } from '../parts';

/** What a reading might still be: where it helps this kit most, and what it could be at worst. */
export interface Possible {
  best: string | number;
  worst: readonly (string | number)[];
}

const words = (best: string, feature: Feature): Possible => ({
  best,
  worst: feature.kind === 'word' ? feature.words.filter((word) => word !== best) : [],
});
const between = (best: number, ...worst: number[]): Possible => ({ best, worst });

/**
 * Every reading of an end as it would suit this kit best, and as it may turn out at worst [J]: what is read already stands, and
 * its twin on the other side or at the next place is taken to be alike.
 */
export function possibleReadings(facts: EndFacts, wheel: Wheel): Map<string, Possible> {
  const { axle, kit } = wheel;
  const read = (id: string) => facts.lengths.get(id)?.valueMm ?? null;
  const spacing = read('spacing.front') ?? read('spacing.back') ?? wheel.shoulderWidthMm + 6;
  const room = (spacing - wheel.shoulderWidthMm) / 2;
  const known = new Map<string, Possible>();
  for (const feature of features) {
    const [head, side, place] = feature.id.split('.') as [string, string | undefined, string | undefined];
    const other = side === 'left' ? 'right' : 'left';
    const twin = read(`${head}.${other}`);
    const slot = slotLike(facts, side) ?? slotLike(facts, other) ?? axle.flatsMm + 0.1;
    const guess = (): Possible | null => {
      switch (head) {
        case 'material':
        case 'blade-material':
          return words('steel', feature);
        case 'suspension':
        case 'axle-extras':
          return words('none', feature);
        case 'maker-approval':
          return words('in-writing', feature);
        case 'condition':
          return words('sound', feature);
        case 'seat':
          return words(kit?.hub.throughMm === undefined ? 'open-relieved' : 'closed', feature);
        case 'slot-way':
          return { best: 'down', worst: [] };
        case 'hanger':
          return words('clear', feature);
        case 'brake':
          return words(kit?.rim?.brakeTrack === false && wheel.rotorFaceMm !== null ? 'disc' : 'rim', feature);
        case 'rim-bosses':
          return words('bosses', feature);
        case 'rotor-pattern':
          return words(kit?.hub.rotor?.pattern ?? 'six-bolt', feature);
        case 'caliper-mount':
          return { best: 'face', worst: [] };
        case 'old-hub':
          return words('plain', feature);
        case 'gears':
          return words(kit?.hub.takes === 'none' || wheel.smallSprocketMm === null ? 'no-chain' : '7', feature);
        case 'cluster':
          return words(kit?.hub.takes === 'cassette' ? 'cassette' : 'freewheel', feature);
        case 'clicks':
          return { best: String(facts.speeds || 7), worst: ['friction'] };
        case 'lip':
          return words(facts.words.get(`lip.${other}`) ?? 'none', feature);
        case 'lip-diameter':
          return between(twin ?? 40, 18);
        case 'lip-depth':
          return between(twin ?? 1, 3);
        case 'spacing':
          return between(spacing, spacing - 3, spacing + 3);
        case 'rim-to-dropout':
          return between(twin ?? spacing / 2 - 15, (twin ?? spacing / 2 - 15) - 6, (twin ?? spacing / 2 - 15) + 6);
        case 'slot-width':
          return between(slot, slot - 0.6, slot + 0.6, place === 'mouth' ? slot + 1 : slot);
        case 'slot-depth':
          return between(twin ?? 24, 8);
        case 'plate':
          return between(twin ?? 5, 3, 9);
        case 'old-axle':
          return between(axle.threadMm, 8);
        case 'hole':
          return between(twin ?? kit?.hub.throughMm ?? 12, 9, 12, 15, 20);
        case 'rotor-inboard':
          return between(
            (wheel.rotorFaceMm ?? 8) + room,
            (wheel.rotorFaceMm ?? 8) + room - 5,
            (wheel.rotorFaceMm ?? 8) + room + 5,
          );
        case 'rotor-thickness':
          return between(1.8, 1.3);
        case 'rotor-diameter':
          return between(wheel.rotorDiameterMm ?? 160, 140, 203);
        case 'rotor-max':
          return between(220, 140);
        case 'caliper-inboard':
          return between(0, 24);
        case 'caliper-depth':
          return between(8, 40);
        case 'mount-plate':
          return between(8, 14);
        case 'mount-thread':
          return between(12, 6);
        case 'leg-inboard':
          return between(-20, 8);
        case 'sprocket-gap':
          return between((wheel.smallSprocketMm ?? 0) + room, (wheel.smallSprocketMm ?? 0) + room + 8);
        case 'cassette-stack':
          return between((kit?.hub.bodyMm ?? 35) + 0.5, 24, 44);
        case 'hanger-in-seat':
          return between(0, 2);
        case 'extra':
          return between(0, 6);
        case 'slot-line':
          return between(0, -60, 60);
        case 'clamp-from':
          return between(60, 150);
        case 'clamp-to':
          return between(260, 70);
        case 'blade-width':
          return between(20, 60);
        case 'blade-step':
          return between(twin ?? 0, 20);
        case 'legs-apart':
          return between(240, 50);
        case 'bead-seat':
          return between(wheel.beadSeatMm, wheel.beadSeatMm === 622 ? 559 : 622);
        case 'tyre-room':
          return between(120, 24);
        default:
          return null;
      }
    };
    const possible = guess();
    if (possible) known.set(feature.id, possible);
  }
  return known;
}

/** A width that was read anywhere on this side. */
function slotLike(facts: EndFacts, side: string | undefined): number | null {
  for (const place of slotPlaces) {
    const value = facts.lengths.get(`slot-width.${side}.${place}`)?.valueMm;
    if (value != null) return value;
  }
  return null;
}

/** A rider and a bike that ask for nothing: what take-in has not recorded yet stops no kit. */
export function easyBike(bike: BikeFacts, end: EndFacts['end']): BikeFacts {
  const other = end === 'front' ? 'rear' : 'front';
  return {
    bikeKg: 15,
    riderKg: 50,
    loadKg: 0,
    speedKmh: 25,
    climb: { gradePercent: 0, minutes: 1 },
    descentPercent: 0,
    surface: 'dry',
    ratings: [],
    ...bike,
    brakes: { ...bike.brakes, [other]: { kind: 'rotor', rotorMm: 203, ...bike.brakes?.[other] } },
    approvals: { [end]: { by: 'not asked yet', date: '–', document: '–' }, ...bike.approvals },
  };
}

const blank = { boreMm: null, outerMm: null, tabWidthMm: null, tabDepthMm: null };

/** What a shop can buy: no kit is turned down for a washer that is not in the drawer. */
export function boughtStores({ axle, beadSeatMm }: Wheel, sizesMm: readonly number[]): StoreItem[] {
  const washer = { boreMm: axle.threadMm + 0.3, outerMm: 22 };
  const tab = { ...washer, tabWidthMm: axle.flatsMm - 0.1, tabDepthMm: 2 };
  const arm = {
    linkMm: null,
    holeDeg: 0,
    stepDeg: null,
    widthMm: 15,
    offsetMm: 0,
    bandFromMm: 10,
    bandToMm: 60,
    grade: 'hard' as const,
    fitClearanceMm: 0.05,
  };
  return [
    ...sizesMm.map((thicknessMm): StoreItem => ({
      ...blank,
      ...washer,
      id: `p${thicknessMm}`,
      kind: 'plain',
      thicknessMm,
      count: 10,
    })),
    ...[2, 2.5, 3].map((thicknessMm): StoreItem => ({
      ...blank,
      ...tab,
      id: `t${thicknessMm}`,
      kind: 'tabbed',
      thicknessMm,
      count: 4,
    })),
    ...[0.5, 1, 1.5, 2].flatMap((thicknessMm): StoreItem[] => [
      { ...blank, id: `rs${thicknessMm}`, kind: 'rotor-shim', thicknessMm, count: 2 },
      { ...blank, id: `cs${thicknessMm}`, kind: 'caliper-shim', thicknessMm, count: 2 },
      {
        ...blank,
        id: `cw${thicknessMm}`,
        kind: 'c-washer',
        boreMm: axle.threadMm + 0.3,
        outerMm: axle.threadMm + 7,
        thicknessMm,
        count: 2,
      },
    ]),
    ...[4, 6].map((thicknessMm): StoreItem => ({
      ...blank,
      id: `a${thicknessMm}`,
      kind: 'arm',
      boreMm: axle.threadMm,
      thicknessMm,
      count: 4,
      details: { arm: { ...arm, kind: 'rigid', lengthMm: 90 } },
    })),
    {
      ...blank,
      id: 'joint',
      kind: 'arm',
      boreMm: axle.threadMm,
      thicknessMm: 5,
      count: 4,
      details: { arm: { ...arm, kind: 'adjustable', lengthMm: 50, linkMm: 70 } },
    },
    ...[8, 10, 12, 14, 16].map((lengthMm): StoreItem => ({
      ...blank,
      id: `rb${lengthMm}`,
      kind: 'rotor-bolt',
      boreMm: 5,
      thicknessMm: 5,
      count: 12,
      details: { lengthMm },
    })),
    ...[14, 16, 18, 20, 22, 25].map((lengthMm): StoreItem => ({
      ...blank,
      id: `cb${lengthMm}`,
      kind: 'caliper-bolt',
      boreMm: 6,
      thicknessMm: 6,
      count: 4,
      details: { lengthMm },
    })),
    ...[32, 37, 42, 47, 50, 55].map((widthMm): StoreItem => ({
      ...blank,
      id: `ty${widthMm}`,
      kind: 'tyre',
      thicknessMm: 1,
      count: 1,
      details: {
        tyre: { beadSeatMm, widthMm, minBar: null, maxBar: 8, loadKg: 200, speedKmh: 80, directional: false },
      },
    })),
  ];
}
