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
  const message = `"${because}" says too little; write at least ${characters} characters and ${words} different words`;
  throw new ProblemError(422, 'invalid-input', 'This needs a reason.', [{ path, messages: [message] }]);
}
