import type { PartKind } from './kinds';

/** A part by its kind and the figures that tell it from others of its kind. */
export interface PartOf {
  kind: PartKind;
  spec: PartSpec;
}

/** Figures and words of a part, by their names; which there are goes by the kind. */
export type PartSpec = Readonly<Record<string, number | string | boolean>>;
