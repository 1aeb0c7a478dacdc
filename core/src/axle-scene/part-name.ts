import { said, type Said } from '../said';
import type { AxlePart } from './axle-parts';

/** A part's short name under the drawing. */
export function axlePartName({ kind }: Pick<AxlePart, 'kind'>): Said {
  return said(`axle-part.${kind}`);
}
