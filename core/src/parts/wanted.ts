import { storeKinds, type StoreKind } from './parts';

/** What is bought for a bike and is no line of the drawers: whole kits and their parts, and what is got by its name alone. */
export const boughtKinds = [
  'kit',
  'battery',
  'cluster',
  'lever',
  'shifter',
  'cable',
  'tube',
  'rim-tape',
  'liner',
  'other',
] as const;

export const partKinds = [...storeKinds, ...boughtKinds] as const;
export type PartKind = StoreKind | (typeof boughtKinds)[number];

/** Something to be got: its kind, and the figures that make one as good as another. */
export interface WantedPart {
  kind: PartKind;
  spec: Readonly<Record<string, number | string>>;
}

/**
 * One name for whatever is the same to a buyer, whatever it is called in any language.
 *
 * @example partKey({ kind: 'plain', spec: { thicknessMm: 1.5 } }) // 'plain thicknessMm=1.5'
 */
export function partKey({ kind, spec }: WantedPart): string {
  const figures = Object.entries(spec).map(([name, value]) => `${name}=${value}`);
  return [kind, ...figures.sort()].join(' ');
}
