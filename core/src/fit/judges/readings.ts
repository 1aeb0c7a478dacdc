import type { EndFacts } from '../../end-facts';
import { InputError } from '../../input';

/** The median of a length, or null when nobody has read it. */
export function lengthOf(facts: EndFacts, feature: string): number | null {
  return facts.lengths.get(feature)?.valueMm ?? null;
}

/** Several lengths at once, or null when one is missing. */
export function lengthsOf<const Id extends string>(facts: EndFacts, ids: readonly Id[]): Record<Id, number> | null {
  const found: Partial<Record<Id, number>> = {};
  for (const id of ids) {
    const value = lengthOf(facts, id);
    if (value === null) return null;
    found[id] = value;
  }
  return found as Record<Id, number>;
}

/**
 * What a calculator answers, or null where readings contradict each other: the contradiction is then a finding, not a crash.
 */
export function answered<T>(ask: () => T): { result: T } | { contradiction: InputError } {
  try {
    return { result: ask() };
  } catch (error) {
    if (error instanceof InputError) return { contradiction: error };
    throw error;
  }
}
