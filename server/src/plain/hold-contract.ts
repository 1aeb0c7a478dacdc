import { said } from '@cricket/core/said';
import { inputErrors, type InputError, type Shape } from '@cricket/core/input';

import { ProblemError } from '../problem/problem';

/** @throws ProblemError 422 with every field that does not hold, its value and its range */
export function holdContract<T extends object>(plain: unknown, shape: Shape<T>): T {
  holdNone(inputErrors(shape, plain));
  return plain as T;
}

/** @throws ProblemError 422 when there is any */
export function holdNone(errors: readonly InputError[]): void {
  if (errors.length === 0) return;
  throw new ProblemError(
    422,
    'invalid-input',
    said('problem.fields'),
    errors.map(({ path, says }) => ({ path, messages: [says] })),
  );
}
