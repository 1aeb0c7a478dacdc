import type { Reading } from '../end-facts';
import { axleAt, endAt, type End, type Place } from '../model';

/** What has been chosen for a bike. The latest of each kind holds. */
export interface Choice {
  place: Place;
  /** `place`: work goes on here; `wheel`: this motor wheel. */
  kind: 'place' | 'wheel';
  /** Wheel id; null for `place`. */
  wheelId: string | null;
  chosenAt: string;
  /** Taken back: it holds no more. */
  withdrawnAt?: string | null | undefined;
}

/** The end that work goes on at: the one chosen last, else the one touched last, else the front. */
export function activeEnd({ choices, readings }: { choices: readonly Choice[]; readings: readonly Reading[] }): End {
  const chosen = latest(atAxles(holding(choices)), ({ chosenAt }) => chosenAt);
  const touched = chosen ?? latest(atAxles(readings), ({ takenAt }) => takenAt);
  return (touched && endAt(touched.place)) ?? 'front';
}

/** The wheel chosen last for this end; null when none was. */
export function chosenWheelId(choices: readonly Choice[], end: End): string | null {
  return chosenWheel(choices, end)?.wheelId ?? null;
}

/** The choice of a wheel that holds for this end; null when none does. */
export function chosenWheel<C extends Choice>(choices: readonly C[], end: End): C | null {
  const ofEnd = holding(choices).filter((item) => item.place === axleAt(end) && item.kind === 'wheel');
  return latest(ofEnd, ({ chosenAt }) => chosenAt);
}

function atAxles<T extends { place: Place }>(items: readonly T[]): T[] {
  return items.filter(({ place }) => endAt(place) !== null);
}

function holding<C extends Choice>(choices: readonly C[]): C[] {
  return choices.filter(({ withdrawnAt }) => !withdrawnAt);
}

/** The item with the latest time; of equal ones the last. */
export function latest<T>(items: readonly T[], at: (item: T) => string): T | null {
  return items.reduce<T | null>((last, item) => (last === null || at(item) >= at(last) ? item : last), null);
}
