import { ValidateIf } from 'class-validator';

/** A field that may be left out; null is not the same as left out. */
export const MayBeLeftOut = (): PropertyDecorator => ValidateIf((_, value: unknown) => value !== undefined);
