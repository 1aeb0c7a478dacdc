import { Anything, Checked, Named, OneOf } from '../input';
import { partKinds, type PartKind } from '../part-kinds';
import type { WantedPart } from '../parts';
import { said } from '../said';

/** Longest text that tells one part from another. */
const most = 200;

const FigureOrText = () =>
  Checked(
    Anything(),
    (value: unknown) => typeof value === 'number' || (typeof value === 'string' && value.length <= most),
    said('input.figure-or-text', { most }),
  );

/** Something to be got, as an order names it. */
export class PlainWantedPart implements WantedPart {
  @OneOf(partKinds) kind!: PartKind;
  @Named(FigureOrText()) spec!: Record<string, number | string>;
}
