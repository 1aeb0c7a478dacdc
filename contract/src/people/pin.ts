import { said } from '@cricket/core/said';
import { Secret, type RuleDecorator } from '@cricket/core/input';

/** A short number by which somebody takes over a phone. */
export function Pin(): RuleDecorator {
  return Secret(4, 8, /^\d+$/, said('contract.4-to-8-digits'));
}
