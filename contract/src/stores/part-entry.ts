import {
  Amount,
  Anything,
  InputError,
  inputErrors,
  Maybe,
  Named,
  OneOf,
  Optional,
  Text,
  Whole,
} from '@cricket/core/input';
import { partSpecs } from '@cricket/core/part-specs';
import { partKinds, type PartKind, type PartSpec } from '@cricket/core/part-kinds';

/** A part of the shop's catalogue by what it is. */
class PartFields {
  @OneOf(partKinds) kind!: PartKind;
  /** What it is told by: its shape goes by the kind. */
  @Named(Anything()) spec!: PartSpec;
  @Optional() @Maybe() @Text(80) label?: string | null;
  @Optional() @Maybe() @Amount(0, 10_000, '') costEach?: number | null;
}

/** A part with its drawer: new (version 0), or changed (the version that was read). */
export class PartEntry extends PartFields {
  /** How many were counted; left out: as many as before. */
  @Optional() @Whole(0, 9999) count?: number;
  @Whole(0, 1_000_000) version!: number;
}

/** A part as a line of a list. */
export class PartRow extends PartFields {
  @Text(60) id!: string;
  @Whole(0, 9999) count!: number;
}

/** What of a part does not suit its kind. */
export function unsuitedPart({ kind, spec }: Pick<PartFields, 'kind' | 'spec'>): InputError[] {
  return inputErrors(partSpecs[kind], spec).map(
    ({ path, value, allowed }) => new InputError(path ? `spec.${path}` : 'spec', value, allowed),
  );
}
