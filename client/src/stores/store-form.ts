import type { StoreItem } from '@cricket/contract/shapes';
import { threadedKinds, type ArmFacts, type StoreDetails, type StoreKind } from '@cricket/core/parts';

import { numberRule, typedFigure } from '../ui/number-rule';
import { fieldText } from '../ui/shop-units';
import { words } from './words';

interface NumberField {
  min: number;
  max: number;
  unit: string;
  /** Kinds that have it; those in `needs` cannot do without. */
  kinds: readonly StoreKind[];
  needs: readonly StoreKind[];
}

const thick: readonly StoreKind[] = [
  'plain',
  'tabbed',
  'c-washer',
  'lock-plate',
  'rotor-shim',
  'caliper-shim',
  'arm',
  'rotor',
  'spoke',
  'cassette-spacer',
];
const bolts: readonly StoreKind[] = ['rotor-bolt', 'caliper-bolt', 'spoke'];

/** Every number field in the order of the form. */
export const numberFields = {
  thicknessMm: {
    min: 0.05,
    max: 30,
    unit: 'mm',
    kinds: thick,
    needs: thick,
  },
  boreMm: { min: 4, max: 60, unit: 'mm', kinds: threadedKinds, needs: threadedKinds },
  outerMm: {
    min: 6,
    max: 320,
    unit: 'mm',
    kinds: ['plain', 'tabbed', 'c-washer', 'rotor-shim', 'rotor'],
    needs: ['c-washer', 'rotor'],
  },
  tabWidthMm: { min: 4, max: 20, unit: 'mm', kinds: ['tabbed'], needs: ['tabbed'] },
  tabDepthMm: { min: 0.5, max: 20, unit: 'mm', kinds: ['tabbed'], needs: ['tabbed'] },
  lengthMm: { min: 1, max: 330, unit: 'mm', kinds: bolts, needs: bolts },
  inboardMm: { min: 0, max: 60, unit: 'mm', kinds: ['caliper'], needs: ['caliper'] },
  armLengthMm: { min: 20, max: 400, unit: 'mm', kinds: ['arm'], needs: ['arm'] },
  linkMm: { min: 10, max: 300, unit: 'mm', kinds: ['arm'], needs: [] },
  armWidthMm: { min: 5, max: 60, unit: 'mm', kinds: ['arm'], needs: ['arm'] },
  bandFromMm: { min: 5, max: 120, unit: 'mm', kinds: ['arm'], needs: ['arm'] },
  bandToMm: { min: 5, max: 120, unit: 'mm', kinds: ['arm'], needs: ['arm'] },
  fitClearanceMm: { min: 0, max: 2, unit: 'mm', kinds: ['arm'], needs: ['arm'] },
  beadSeatMm: { min: 150, max: 700, unit: 'mm', kinds: ['tyre'], needs: ['tyre'] },
  tyreWidthMm: { min: 15, max: 130, unit: 'mm', kinds: ['tyre'], needs: ['tyre'] },
  maxBar: { min: 0.5, max: 15, unit: 'bar', kinds: ['tyre'], needs: [] },
  loadKg: { min: 20, max: 400, unit: 'kg', kinds: ['tyre'], needs: [] },
  speedKmh: { min: 10, max: 150, unit: 'km/h', kinds: ['tyre'], needs: [] },
  costEach: { min: 0, max: 10_000, unit: '', kinds: [], needs: [] },
} as const satisfies Record<string, NumberField>;

export type StoreNumber = keyof typeof numberFields;

export type StoreFields = Record<StoreNumber, string> & {
  kind: StoreKind;
  count: string;
  label: string;
  grade: ArmFacts['grade'];
};

/** The number fields that this kind has; the cost belongs to every kind. */
export function fieldsOfKind(kind: StoreKind): { name: StoreNumber; required: boolean }[] {
  return (Object.entries(numberFields) as [StoreNumber, NumberField][])
    .filter(([name, { kinds }]) => name === 'costEach' || kinds.includes(kind))
    .map(([name, { needs }]) => ({ name, required: needs.includes(kind) }));
}

/** The form's fields of a line, or empty ones. */
export function storeFields(item?: StoreItem): StoreFields {
  const text = (value: number | null | undefined) => (value == null ? '' : String(value));
  const { arm, tyre, lengthMm, inboardMm, costEach, label } = item?.details ?? {};
  return {
    kind: item?.kind ?? 'plain',
    thicknessMm: text(item?.thicknessMm),
    boreMm: text(item?.boreMm),
    outerMm: text(item?.outerMm),
    tabWidthMm: text(item?.tabWidthMm),
    tabDepthMm: text(item?.tabDepthMm),
    lengthMm: text(lengthMm),
    inboardMm: text(inboardMm),
    armLengthMm: text(arm?.lengthMm),
    linkMm: text(arm?.linkMm),
    armWidthMm: text(arm?.widthMm),
    bandFromMm: text(arm?.bandFromMm),
    bandToMm: text(arm?.bandToMm),
    fitClearanceMm: text(arm?.fitClearanceMm),
    beadSeatMm: text(tyre?.beadSeatMm),
    tyreWidthMm: text(tyre?.widthMm),
    maxBar: fieldText(tyre?.maxBar, 'bar'),
    loadKg: fieldText(tyre?.loadKg, 'kg'),
    speedKmh: fieldText(tyre?.speedKmh, 'km/h'),
    costEach: text(costEach),
    label: label ?? '',
    grade: arm?.grade ?? 'mild',
    count: text(item?.count ?? 1),
  };
}

/** Checks the form; every message names value and range. */
export function checkStore(values: StoreFields) {
  const errors: Partial<Record<keyof StoreFields, { type: string; message: string }>> = {};
  for (const { name, required } of fieldsOfKind(values.kind)) {
    const { min, max, unit } = numberFields[name];
    const held = numberRule(min, max, unit, required)(values[name]);
    if (held !== true) errors[name] = { type: 'value', message: held };
  }
  if (values.label.length > 80) errors.label = { type: 'value', message: words.labelRule(values.label.length) };
  const count = typedFigure(values.count);
  if (count === null || !Number.isInteger(count) || count < 0 || count > 9999) {
    errors.count = { type: 'value', message: words.countRule(values.count) };
  }
  return Object.keys(errors).length ? { values: {}, errors } : { values, errors: {} };
}

/** What goes to the server. What the form does not show of an arm or tyre stays as it was. */
export function storeEntry(values: StoreFields, before: StoreItem | undefined, version: number) {
  const has = new Set(fieldsOfKind(values.kind).map(({ name }) => name));
  const figure = (name: StoreNumber) => (has.has(name) ? typedFigure(values[name], numberFields[name].unit) : null);
  return {
    kind: values.kind,
    // A bolt is as thick as its thread; what has no thickness gets one millimetre.
    thicknessMm: figure('thicknessMm') ?? figure('boreMm') ?? 1,
    boreMm: figure('boreMm'),
    outerMm: figure('outerMm'),
    tabWidthMm: figure('tabWidthMm'),
    tabDepthMm: figure('tabDepthMm'),
    // Only what was counted here: what others took meanwhile stands.
    ...countedHere(values, version > 0 ? before : undefined),
    details: detailsOf(values, before?.details ?? {}, figure),
    version,
  };
}

function countedHere({ count: typed }: StoreFields, known: StoreItem | undefined): { count?: number } {
  const count = typedFigure(typed)!;
  return count === known?.count ? {} : { count };
}

function detailsOf(
  values: StoreFields,
  before: StoreDetails,
  figure: (name: StoreNumber) => number | null,
): StoreDetails {
  const { arm, tyre } = before;
  return {
    lengthMm: figure('lengthMm'),
    inboardMm: figure('inboardMm'),
    costEach: figure('costEach'),
    label: values.label.trim() || null,
    arm:
      values.kind === 'arm'
        ? {
            holeDeg: 0,
            stepDeg: null,
            offsetMm: 0,
            ...arm,
            kind: figure('linkMm') === null ? (arm?.kind === 'splined' ? 'splined' : 'rigid') : 'adjustable',
            lengthMm: figure('armLengthMm')!,
            linkMm: figure('linkMm'),
            widthMm: figure('armWidthMm')!,
            bandFromMm: figure('bandFromMm')!,
            bandToMm: figure('bandToMm')!,
            fitClearanceMm: figure('fitClearanceMm')!,
            grade: values.grade,
          }
        : null,
    tyre:
      values.kind === 'tyre'
        ? {
            minBar: null,
            directional: true,
            ...tyre,
            beadSeatMm: figure('beadSeatMm')!,
            widthMm: figure('tyreWidthMm')!,
            maxBar: figure('maxBar'),
            loadKg: figure('loadKg'),
            speedKmh: figure('speedKmh'),
          }
        : null,
  };
}
