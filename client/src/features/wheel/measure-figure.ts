import type { WheelEntry } from '@cricket/contract';
import type { Wheel } from '@cricket/contract/shapes';

import { checkWheel, fieldAt, wheelEntry, wheelFields, withFigure } from './wheel-form';

/**
 * One figure of a pattern, measured.
 *
 * @returns what goes to the server, with the figure's mark taken off; or what is wrong with the figure
 */
export function measureFigure(wheel: Wheel, path: string, text: string): { entry: WheelEntry } | { wrong: string } {
  const values = withFigure(wheelFields(wheel), path, text);
  const { kit, name } = fieldAt(path);
  const errors = checkWheel(values).errors as Record<string, unknown>;
  const told = (kit ? (errors['kit'] as Record<string, unknown> | undefined) : errors)?.[name];
  if (told) return { wrong: (told as { message: string }).message };
  // Flats and thread are checked against each other: the other one may be the one that is still the pattern's.
  const other = Object.values(errors)[0] as { message?: string } | undefined;
  if (other?.message) return { wrong: other.message };
  const entry = wheelEntry(values, wheel.version, wheel);
  const { unmeasured = [], ...rest } = entry.kit!;
  const left = unmeasured.filter((item) => item !== path);
  return { entry: { ...entry, kit: left.length ? { ...rest, unmeasured: left } : rest } };
}
