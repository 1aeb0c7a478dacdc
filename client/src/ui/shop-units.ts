import { defaultUnits, shownIn, withMark, type DecimalMark, type Units } from '@cricket/core/units';
import { useSyncExternalStore } from 'react';

/** What the shop reads and types in, kept in the browser so that the first page is right before the server answers. */
interface Shown {
  units: Units;
  /** Three letters, or null: figures without a name. */
  currency: string | null;
  /** 0 Sunday … 6 Saturday. */
  weekStartsOn: 0 | 1 | 6;
}

const defaults: Shown = { units: { ...defaultUnits, decimalMark: browsersMark() }, currency: null, weekStartsOn: 1 };
const storageKey = 'cricket-shop-units';
const listeners = new Set<() => void>();
let current = load();

/** The units of the shop as they are now; pages use {@link useShopUnits}, which follows them. */
export function shopUnits(): Units {
  return current.units;
}

/** What this browser writes before decimals. */
function browsersMark(): DecimalMark {
  const languages = typeof navigator === 'undefined' ? undefined : navigator.languages;
  const parts = new Intl.NumberFormat([...(languages ?? [])]).formatToParts(1.5);
  return parts.some(({ type, value }) => type === 'decimal' && value === ',') ? ',' : '.';
}

/** What the shop writes before decimals, for what is typed. */
export function shopMark(): DecimalMark {
  return current.units.decimalMark ?? '.';
}

/** The shop's currency by its three letters. */
export function shopCurrency(): string | null {
  return current.currency;
}

/** Units, currency and week of the shop. */
export function useShopUnits(): Shown {
  return useSyncExternalStore(
    subscribe,
    () => current,
    () => defaults,
  );
}

/** Takes what the shop has set. */
export function takeShopUnits(next: {
  units?: Units | undefined;
  currency?: string | undefined;
  weekStartsOn?: 0 | 1 | 6 | undefined;
}): void {
  const taken: Shown = {
    units: { ...defaultUnits, ...next.units, decimalMark: next.units?.decimalMark ?? browsersMark() },
    currency: next.currency ?? null,
    weekStartsOn: next.weekStartsOn ?? 1,
  };
  if (JSON.stringify(taken) === JSON.stringify(current)) return;
  current = taken;
  try {
    localStorage.setItem(storageKey, JSON.stringify(taken));
  } catch {
    // A browser that keeps nothing gets them again with the next page.
  }
  for (const listener of listeners) listener();
}

/** A stored figure as text of an entry field, in the shop's unit. */
export function fieldText(value: number | null | undefined, unit = ''): string {
  return value === undefined || value === null ? '' : withMark(String(shownIn(value, unit, current.units)), shopMark());
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function load(): Shown {
  try {
    return { ...defaults, ...(JSON.parse(localStorage.getItem(storageKey) ?? '{}') as Partial<Shown>) };
  } catch {
    return defaults;
  }
}
