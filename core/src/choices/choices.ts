import type { Reading } from '../end-facts';
import type { End } from '../features';

/** What has been chosen for a bike. The latest of each kind holds. */
export interface Choice {
  end: End;
  /** `end`: work goes on here; `wheel`: this motor wheel. */
  kind: 'end' | 'wheel';
  /** Wheel id; null for `end`. */
  wheelId: string | null;
  chosenAt: string;
  /** Taken back: it holds no more. */
  withdrawnAt?: string | null | undefined;
}

/** The end that work goes on at: the one chosen last, else the one touched last, else the front. */
export function activeEnd({ choices, readings }: { choices: readonly Choice[]; readings: readonly Reading[] }): End {
  const chosen = latest(holding(choices), ({ chosenAt }) => chosenAt);
  if (chosen) return chosen.end;
  return latest(readings, ({ takenAt }) => takenAt)?.end ?? 'front';
}

/** The wheel chosen last for this end; null when none was. */
export function chosenWheelId(choices: readonly Choice[], end: End): string | null {
  return chosenWheel(choices, end)?.wheelId ?? null;
}

/** The choice of a wheel that holds for this end; null when none does. */
export function chosenWheel<C extends Choice>(choices: readonly C[], end: End): C | null {
  const ofEnd = holding(choices).filter((item) => item.end === end && item.kind === 'wheel');
  return latest(ofEnd, ({ chosenAt }) => chosenAt);
}

function holding<C extends Choice>(choices: readonly C[]): C[] {
  return choices.filter(({ withdrawnAt }) => !withdrawnAt);
}

/** The item with the latest time; of equal ones the last. */
export function latest<T>(items: readonly T[], at: (item: T) => string): T | null {
  return items.reduce<T | null>((last, item) => (last === null || at(item) >= at(last) ? item : last), null);
}
