import type { Said } from '../said';

/** What Cricket says of a fit. `unknown` means that something needed is not measured yet. */
export type Verdict = 'goes' | 'work' | 'stop' | 'unknown';

/** One judged figure: what was found, what is allowed, and what to do. */
export interface Finding {
  /** Stable name of the rule, such as `slot-width`. */
  id: string;
  verdict: Verdict;
  /** The figure that decides; null when it is not known or the rule has no figure. */
  measured: number | null;
  /** The limit it is held against. */
  limit: number | null;
  /** Distance to the limit, positive on the safe side. */
  margin: number | null;
  unit: string;
  /** One sentence that says why. */
  because: Said;
  /** What can be done, best first. */
  remedies: Said[];
  /** It was a `stop`; the owner lets the work go on, and answers for it. */
  overridden?: { person: string; because: string };
}

/** How bad a verdict is: what goes is 0, and what is not known is worse than work. */
export const severity: Readonly<Record<Verdict, number>> = { goes: 0, work: 1, unknown: 2, stop: 3 };

/**
 * Sorts findings worst first (`stop`, `unknown`, `work`, `goes`); equal ones keep their order, but of one rule at both sides the
 * side that is further off comes first: headlines take the first.
 */
export function worstFirst(findings: readonly Finding[]): Finding[] {
  const sorted = [...findings].sort((a, b) => severity[b.verdict] - severity[a.verdict]);
  for (const [at, one] of sorted.entries()) {
    if (!one.id.endsWith('.left') || one.verdict === 'goes') continue;
    const other = sorted.findIndex(
      ({ id, verdict }) => id === one.id.replace(/left$/, 'right') && verdict === one.verdict,
    );
    const worse = other > at && (sorted[other]!.margin ?? Infinity) < (one.margin ?? Infinity);
    if (worse) [sorted[at], sorted[other]] = [sorted[other]!, one];
  }
  return sorted;
}

/**
 * The verdict over several: the worst of them.
 *
 * @param verdicts - none at all means that nothing was judged: `unknown`
 * @example worstOf(['goes', 'work']) // 'work'
 */
export function worstOf(verdicts: readonly Verdict[]): Verdict {
  if (verdicts.length === 0) return 'unknown';
  return verdicts.reduce((worst, next) => (severity[next] > severity[worst] ? next : worst));
}
