import { said } from '../said';
import { Amount, Whole, Optional, Either, Items, shapeOf, type RuleDecorator } from '../input';
import { materials, type Material } from '../materials';
import { limitTable, type ByMaterial, type LimitKey, type LimitRow } from './table';

type Preset<K extends LimitKey> = (typeof limitTable)[K]['kind'];
type Figure<K extends LimitKey> =
  Preset<K> extends 'material' ? ByMaterial : Preset<K> extends 'sizes' ? readonly number[] : number;

/** The workshop's limits. Every one is a default that the workshop can edit; `limitTable` says what it means. */
export type Limits = { [K in LimitKey]: Figure<K> };

/** The workshop's own figures: any of them may be left out; a material's too. */
export type LimitsInput = {
  [K in LimitKey]?:
    | (Preset<K> extends 'material'
        ? number | { [M in Material]?: number | undefined }
        : Preset<K> extends 'sizes'
          ? number[]
          : number)
    | undefined;
};

/** The defaults that Cricket ships with. */
export const defaultLimits = Object.fromEntries(
  Object.entries(limitTable).map(([key, row]) => [key, row.preset]),
) as unknown as Limits;

/** The contract of the workshop's own limits. */
export const OwnLimits = shapeOf<LimitsInput>(
  Object.fromEntries(Object.entries(limitTable).map(([key, row]) => [key, [Optional(), rowRule(row)]])),
);
export type OwnLimits = LimitsInput;

function rowRule(row: LimitRow): RuleDecorator {
  const figure = 'whole' in row && row.whole ? Whole(row.min, row.max) : Amount(row.min, row.max, row.unit);
  switch (row.kind) {
    case 'number':
      return figure;
    case 'sizes':
      return Items(figure, 30);
    case 'material': {
      const each = shapeOf(Object.fromEntries(materials.map((material) => [material, [Optional(), figure]])));
      return Either(
        figure,
        () => each,
        said('limits-input.each-material', { min: row.min, max: row.max, unit: row.unit }),
      );
    }
  }
}

/**
 * The defaults with the workshop's own figures laid over them.
 *
 * Carbon stays at 0 whatever is given: a carbon end is never filed, spread, pinched or loaded.
 *
 * @example withLimits({ fileMm: { steel: 0.8 } }).fileMm.steel // 0.8
 */
export function withLimits(own: LimitsInput | undefined): Limits {
  if (!own) return defaultLimits;
  const known = laidOver.get(own);
  if (known) return known;
  const laid: Record<string, unknown> = { ...defaultLimits };
  for (const [key, figure] of Object.entries(own)) {
    if (figure === undefined) continue;
    const row: LimitRow = limitTable[key as LimitKey];
    laid[key] = row.kind === 'material' ? overlay(row.preset, figure as number | Partial<ByMaterial>) : figure;
  }
  const limits = laid as Limits;
  laidOver.set(own, limits);
  return limits;
}

/** A whole fit asks for the same limits some hundred times. */
const laidOver = new WeakMap<LimitsInput, Limits>();

function overlay(base: ByMaterial, own: number | Partial<ByMaterial>): ByMaterial {
  const laid = { ...base };
  for (const material of materials) {
    const figure = typeof own === 'number' ? own : own[material];
    if (figure !== undefined && material !== 'carbon') laid[material] = figure;
  }
  return laid;
}
