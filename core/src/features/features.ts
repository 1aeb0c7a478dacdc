import type { Side } from '../model';
import type { Feature } from './feature';
import { featureRows, type FeatureRow } from './rows';

/** A row as it stands for one feature: which side and which place of it. */
interface OneOfRow {
  row: FeatureRow;
  side: Side | null;
  place: string | null;
  feature: Feature;
}

const sides: readonly Side[] = ['left', 'right'];

/** Distance between the two places where the spacing is read, in mm: 12 in front of and 12 behind the axle's centre. */
export const spacingPlacesApartMm = 24;

const all: readonly OneOfRow[] = featureRows.flatMap((entry) => {
  const together = Array.isArray(entry) ? (entry as readonly FeatureRow[]) : [entry as FeatureRow];
  return together[0]!.sides
    ? sides.flatMap((side) => together.flatMap((row) => atSide(row, side)))
    : together.flatMap((row) => atSide(row, null));
});

function atSide(row: FeatureRow, side: Side | null): OneOfRow[] {
  return (row.places ?? [null]).map((place) => ({
    row,
    side,
    place,
    feature: asFeature(row, [row.id, side, place].filter(Boolean).join('.'), side),
  }));
}

function asFeature({ is }: FeatureRow, id: string, side: Side | null): Feature {
  switch (is.kind) {
    case 'length': {
      const { instrument, minMm, maxMm, standard } = is;
      return { kind: 'length', id, side, instrument, minMm, maxMm, standard };
    }
    case 'word':
      return { kind: 'word', id, side, words: is.words };
    case 'parts':
      return { kind: 'parts', id, side: side! };
  }
}

/** Everything that can be recorded of one end, in the order that spares handling the bike. */
export const features: readonly Feature[] = all.map(({ feature }) => feature);

const byId = new Map(all.map((one) => [one.feature.id, one]));

/**
 * The feature with this id.
 *
 * @returns undefined for an id that no feature has
 * @example featureById('slot-width.left.seat')?.kind // 'length'
 */
export function featureById(id: string): Feature | undefined {
  return byId.get(id)?.feature;
}

/**
 * The row that makes a feature what it is, and which side and place of it this one is.
 *
 * @throws RangeError for an id that no feature has
 * @example rowOfFeature('slot-width.left.seat').place // 'seat'
 */
export function rowOfFeature(id: string): Omit<OneOfRow, 'feature'> {
  const one = byId.get(id);
  if (!one) throw new RangeError(`no feature is called ${id}`);
  return one;
}

/** Readings that give a verdict so far in a minute, in the order of the hand: what most often turns a kit down. */
export const firstLookFeatures = [
  'material',
  'blade-material',
  'seat',
  'spacing.front',
  'slot-width.left.middle',
  'brake',
  'lip.left',
] as const;
