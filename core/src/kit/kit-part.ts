import { Anything, Named, OneOf, Optional, ShapedBy, Text, Whole } from '../input';
import { partKinds, type PartKind, type PartSpec } from '../part-kinds';
import { partSpecs } from '../part-specs';

/** A part of a kit, and how many its maker packs. */
export class KitPart {
  /** What its maker calls it. */
  @Text(80) part!: string;
  @Whole(1, 200) count!: number;
  /** What it is in the shop's catalogue of parts; left out: nobody has said. */
  @Optional() @OneOf(partKinds) kind?: PartKind;
  /** What its kind is told by, as far as the kit's own figures do not say it. */
  @Optional() @Named(Anything()) spec?: PartSpec;
}

/** A part of a kit: one of the catalogue's kinds with the figures of that kind, or a name that nobody has put to a kind. */
export const KitPartOfKind = () => ShapedBy(() => KitPart, 'kind', 'spec', partSpecs);
