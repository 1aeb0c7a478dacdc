import type { Material } from '../materials';

/** A figure per material; a plain number in its place holds for every material but carbon. */
export type ByMaterial = Record<Material, number>;

/** Where a limit is used, in the order of the work. */
export type LimitArea =
  | 'slot'
  | 'stack'
  | 'torque'
  | 'arm'
  | 'brake'
  | 'gears'
  | 'wheel'
  | 'tyre'
  | 'bike'
  | 'cost'
  | 'time'
  | 'fasteners'
  | 'take-in';

interface Described {
  area: LimitArea;
  unit: string;
  /** Where the default comes from; `judgement` is engineering judgement, to be edited with reason. */
  source: 'judgement' | 'standard practice' | 'geometry';
}

export interface NumberLimit extends Described {
  kind: 'number';
  preset: number;
  min: number;
  max: number;
  whole?: true;
}

export interface MaterialLimit extends Described {
  kind: 'material';
  preset: ByMaterial;
  min: number;
  max: number;
}

export interface SizesLimit extends Described {
  kind: 'sizes';
  preset: readonly number[];
  min: number;
  max: number;
}

export type LimitRow = NumberLimit | MaterialLimit | SizesLimit;

type Tail = [min: number, max: number, unit: string, source?: Described['source']];

export const number = (area: LimitArea, preset: number, ...[min, max, unit, source]: Tail): NumberLimit => ({
  kind: 'number',
  area,
  preset,
  min,
  max,
  unit,
  source: source ?? 'judgement',
});

/** Steel, titanium, forged and cast aluminium, magnesium; carbon is always 0. */
type Five = [steel: number, titanium: number, forged: number, cast: number, magnesium: number];

export const material = (
  area: LimitArea,
  [steel, titanium, forged, cast, magnesium]: Five,
  ...[min, max, unit, source]: Tail
): MaterialLimit => ({
  kind: 'material',
  area,
  preset: {
    steel,
    titanium,
    'forged-aluminium': forged,
    'cast-aluminium': cast,
    magnesium,
    carbon: 0,
  },
  min,
  max,
  unit,
  source: source ?? 'judgement',
});

export const sizes = (area: LimitArea, preset: readonly number[], ...[min, max, unit, source]: Tail): SizesLimit => ({
  kind: 'sizes',
  area,
  preset,
  min,
  max,
  unit,
  source: source ?? 'standard practice',
});
