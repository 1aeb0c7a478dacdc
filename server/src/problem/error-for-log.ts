import { QueryFailedError } from 'typeorm';

/**
 * An error as the log may have it. What a database says of a failed statement repeats the values in it (readings, notes, bytes of
 * a photo): of those only kind, code and place are kept.
 */
export function errorForLog(error: unknown): object {
  if (!(error instanceof Error)) return { type: typeof error };
  const { name, message, stack } = error;
  if (!(error instanceof QueryFailedError)) return { type: name, message, stack };
  const { code, table, column, constraint } = error.driverError as Record<string, unknown>;
  // The first lines of a stack are the message.
  const frames = stack?.split('\n').filter((line) => /^\s+at /.test(line));
  return { type: name, code, table, column, constraint, stack: frames?.join('\n') };
}
