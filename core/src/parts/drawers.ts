import { isStoreKind, type PartOf, type PartSpec, type StoreKind } from '../part-kinds';
import type { ArmFacts, StoreDetails, StoreItem, TyreFacts } from './parts';
import { boreSuits } from './usable-washers';
import type { WantedPart } from './wanted';

/** A part of the shop's catalogue, with what is on hand of it. */
export interface Drawer extends PartOf {
  id: string;
  /** What it is called on the shelf. */
  label: string | null;
  /** In the workshop's currency, a piece. */
  costEach: number | null;
  count: number;
}

/** The drawers as the calculators take them: those of kinds that they know. */
export function storeItems(drawers: readonly Drawer[]): StoreItem[] {
  return drawers.flatMap((drawer) => (isStoreKind(drawer.kind) ? [storeItem(drawer, drawer.kind)] : []));
}

function storeItem({ id, spec, label, costEach, count }: Drawer, kind: StoreKind): StoreItem {
  const mm = (name: string) => (typeof spec[name] === 'number' ? spec[name] : null);
  const details: StoreDetails = {
    lengthMm: kind === 'arm' ? null : mm('lengthMm'),
    arm: kind === 'arm' ? armFacts(spec) : null,
    tyre: kind === 'tyre' ? tyreFacts(spec) : null,
    inboardMm: mm('inboardMm'),
    costEach,
    label,
  };
  return {
    id,
    kind,
    boreMm: mm('boreMm') ?? mm('threadMm'),
    outerMm: mm('outerMm') ?? mm('diameterMm'),
    // A bolt is as thick as its thread; of what has no thickness nobody asks for it.
    thicknessMm: mm('thicknessMm') ?? mm('gaugeMm') ?? mm('threadMm') ?? 1,
    tabWidthMm: mm('tabWidthMm'),
    tabDepthMm: mm('tabDepthMm'),
    count,
    details,
  };
}

function armFacts({ form, boreMm: _, thicknessMm: __, ...figures }: PartSpec): ArmFacts {
  return { linkMm: null, holeDeg: 0, stepDeg: null, offsetMm: 0, ...figures, kind: form } as unknown as ArmFacts;
}

function tyreFacts(spec: PartSpec): TyreFacts {
  const unmarked = { minBar: null, maxBar: null, loadKg: null, speedKmh: null, directional: false };
  return { ...unmarked, ...spec } as unknown as TyreFacts;
}

/** What each kind was told by while every line of the stores had the same columns. */
const columnsOf: Readonly<Record<StoreKind, Readonly<Record<string, keyof StoreItem | 'lengthMm' | 'inboardMm'>>>> = {
  plain: { boreMm: 'boreMm', outerMm: 'outerMm', thicknessMm: 'thicknessMm' },
  tabbed: {
    boreMm: 'boreMm',
    outerMm: 'outerMm',
    thicknessMm: 'thicknessMm',
    tabWidthMm: 'tabWidthMm',
    tabDepthMm: 'tabDepthMm',
  },
  'c-washer': { boreMm: 'boreMm', outerMm: 'outerMm', thicknessMm: 'thicknessMm' },
  'lock-plate': { boreMm: 'boreMm', outerMm: 'outerMm', thicknessMm: 'thicknessMm' },
  'rotor-shim': { thicknessMm: 'thicknessMm', outerMm: 'outerMm' },
  'caliper-shim': { thicknessMm: 'thicknessMm', outerMm: 'outerMm' },
  'cassette-spacer': { thicknessMm: 'thicknessMm', outerMm: 'outerMm' },
  arm: { boreMm: 'boreMm', thicknessMm: 'thicknessMm' },
  'rotor-bolt': { threadMm: 'boreMm', lengthMm: 'lengthMm' },
  'caliper-bolt': { threadMm: 'boreMm', lengthMm: 'lengthMm' },
  rotor: { diameterMm: 'outerMm', thicknessMm: 'thicknessMm' },
  caliper: { inboardMm: 'inboardMm' },
  spoke: { gaugeMm: 'thicknessMm', lengthMm: 'lengthMm' },
  tyre: {},
};

/** A line of the stores of an earlier version as a part: its kind, and what that kind is told by. */
export function partOfItem(
  item: Omit<StoreItem, 'id' | 'count'>,
): Pick<Drawer, 'spec' | 'label' | 'costEach'> & { kind: StoreKind } {
  const { kind, details } = item;
  const { arm, tyre, label = null, costEach = null } = details ?? {};
  const flat: Record<string, unknown> = { ...item, ...details };
  const columns = Object.entries(columnsOf[kind]).map(([name, column]) => [name, flat[column]] as const);
  const { kind: form, ...figures } = arm ?? {};
  const all = [
    ...columns,
    ...Object.entries(kind === 'arm' ? { ...figures, form } : kind === 'tyre' ? { ...tyre } : {}),
  ];
  return {
    kind,
    spec: Object.fromEntries(all.filter(([, value]) => value !== null && value !== undefined)) as PartSpec,
    label,
    costEach,
  };
}

const near = (one: unknown, other: unknown) => Math.abs(Number(one) - Number(other)) < 0.005;

/** Whether a part of the catalogue is what was ordered. Where the order leaves open which one of several it is, it is none. */
function isOrdered({ kind, spec }: PartOf, wanted: WantedPart): boolean {
  const asked = wanted.spec;
  if (kind !== wanted.kind) return false;
  switch (kind) {
    case 'plain':
    case 'tabbed':
      return (
        near(spec.thicknessMm, asked.thicknessMm) &&
        asked.threadMm !== undefined &&
        boreSuits(Number(spec.boreMm), Number(asked.threadMm))
      );
    case 'rotor-shim':
    case 'caliper-shim':
    case 'cassette-spacer':
      return near(spec.thicknessMm, asked.thicknessMm);
    case 'rotor-bolt':
    case 'caliper-bolt':
      return near(spec.lengthMm, asked.lengthMm);
    case 'rotor':
      return near(spec.diameterMm, asked.diameterMm) && (spec.pattern ?? asked.pattern) === asked.pattern;
    default:
      return false;
  }
}

/** The drawer that an order goes into; null where none is just what was ordered. */
export function drawerFor<T extends PartOf>(wanted: WantedPart, drawers: readonly T[]): T | null {
  return drawers.find((drawer) => isOrdered(drawer, wanted)) ?? null;
}

/** What a washer's bore has over the thread that it goes onto, in mm. */
const boreOverThreadMm = 0.3;

/** What a new drawer for an order would be told by; null where the order does not say enough of it. */
export function drawerOf({ kind, spec }: WantedPart): PartSpec | null {
  const { thicknessMm, threadMm, lengthMm, diameterMm, pattern } = spec;
  switch (kind) {
    case 'plain':
      return threadMm === undefined ? null : { boreMm: Number(threadMm) + boreOverThreadMm, thicknessMm: thicknessMm! };
    case 'rotor-shim':
    case 'caliper-shim':
    case 'cassette-spacer':
      return { thicknessMm: thicknessMm! };
    case 'rotor-bolt':
      return { threadMm: 5, lengthMm: lengthMm! };
    case 'caliper-bolt':
      return { threadMm: 6, lengthMm: lengthMm! };
    case 'rotor':
      return { diameterMm: diameterMm!, pattern: pattern! };
    default:
      return null;
  }
}
