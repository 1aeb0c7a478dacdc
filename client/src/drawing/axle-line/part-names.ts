import type { AxlePart, AxlePartKind } from './axle-parts';

const chips: Record<AxlePartKind, string> = {
  plain: 'w',
  tabbed: 'tab',
  plate: 'dropout',
  'c-washer': 'C',
  tab: 'tab',
  'lock-plate': 'lock',
  extra: 'stay',
  spacer: 'sp',
  arm: 'arm',
  nut: 'nut',
};

const names: Record<AxlePartKind, string> = { ...chips, plain: 'washer', 'c-washer': 'C-washer', spacer: 'spacer' };

/** A part's short name on the drawing. */
export function partName({ kind }: Pick<AxlePart, 'kind'>): string {
  return names[kind];
}

const spoken: Record<AxlePartKind, string> = {
  plain: 'plain washer',
  tabbed: 'tabbed washer',
  plate: 'dropout',
  'c-washer': 'C-washer',
  tab: 'tabbed washer outside',
  'lock-plate': 'lock plate in the eye',
  extra: 'stay or plate on the axle',
  spacer: 'arm spacer',
  arm: 'torque arm',
  nut: 'axle nut',
};

/** A part's name on its chip, where there is little room. */
export function chipName({ kind }: Pick<AxlePart, 'kind'>): string {
  return chips[kind];
}

/** A part's full name in a sentence. */
export function spokenName({ kind }: Pick<AxlePart, 'kind'>): string {
  return spoken[kind];
}
