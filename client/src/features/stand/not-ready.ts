import type { StepCheck } from '@cricket/core/procedure';

import type { Readiness } from './check-values';
import { words } from './words';
import { say } from '../../ui/say';

/** What keeps a step from being done, for its button; null while nothing does. */
export function notReady({ open, against }: Readiness): string | null {
  const [first] = against;
  if (first) return words.against(say(first.what));
  return open.length > 0 ? words.checksOpen(open.length) : null;
}

/** Where a check stands on the page. */
export function checkAnchor(stepId: string, check: StepCheck): string {
  return `check-${stepId}-${check.id}`;
}

/** Goes to what is missing, or does not hold: the cursor is then at its first control. */
export function toCheck(stepId: string, { open, against }: Readiness): void {
  const check = against[0] ?? open[0];
  const row = check && document.getElementById(checkAnchor(stepId, check));
  row?.querySelector<HTMLElement>('button, [role="checkbox"], [role="button"]')?.focus();
}
