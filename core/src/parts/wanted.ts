import type { PartOf } from '../part-kinds';

/** Something to be got: its kind, and the figures that make one as good as another. */
export interface WantedPart extends PartOf {
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
