import { said } from '@cricket/core/said';
import { reasonOfSubstance, saysSomething } from '@cricket/core/procedure';

import { ProblemError } from '../problem/problem';

/**
 * What somebody answers for is read a year later.
 *
 * @throws ProblemError 422 for a reason that says too little
 */
export function holdReason(because: string, path = 'data.because'): void {
  if (saysSomething(because)) return;
  const { characters, words } = reasonOfSubstance;
  const message = said('problem.says-too-little', { because, characters, words });
  throw new ProblemError(422, 'invalid-input', said('problem.reason'), [{ path, messages: [message] }]);
}
