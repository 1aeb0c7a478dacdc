import { ValidateIf } from 'class-validator';

/** Whether a field is there at all. */
export const isGiven = (_: unknown, value: unknown): boolean => value !== undefined;

/** Whether a field says something else than "there is none". */
export const isSome = (_: unknown, value: unknown): boolean => value !== null;

/** A field that may be left out; null is not the same as left out. */
export const Optional = (): PropertyDecorator => ValidateIf(isGiven);

/** A value, or null for "there is none": said, not left out. */
export const Maybe = (): PropertyDecorator => ValidateIf(isSome);
