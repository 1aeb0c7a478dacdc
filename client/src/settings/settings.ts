import { useSyncExternalStore } from 'react';

/** What a person sets on this phone. */
export interface Settings {
  theme: 'light' | 'dark' | 'auto';
  /** Chirp when a reading is kept. */
  sound: boolean;
  /** What the caliper in hand shows; null as the shop has it. */
  unit: 'mm' | 'inch' | null;
  /** How the bike stands: drawings and words turn with it. */
  stands: 'wheels-down' | 'upside-down';
  /** The plan at the stand: every step by itself, or cards for practised hands. */
  plan: 'led' | 'brief';
}

const defaults: Settings = { theme: 'auto', sound: true, unit: null, stands: 'wheels-down', plan: 'led' };
const storageKey = 'cricket-settings';
const listeners = new Set<() => void>();
let current = load();

/** The settings of this phone. */
export function useSettings(): Settings {
  return useSyncExternalStore(
    subscribe,
    () => current,
    () => defaults,
  );
}

/** Changes some settings and keeps them in the browser. */
export function changeSettings(change: Partial<Settings>): void {
  current = { ...current, ...change };
  try {
    localStorage.setItem(storageKey, JSON.stringify(current));
  } catch {
    // A browser that keeps nothing still shows the setting until the page is closed.
  }
  for (const listener of listeners) listener();
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

function load(): Settings {
  try {
    return { ...defaults, ...(JSON.parse(localStorage.getItem(storageKey) ?? '{}') as Partial<Settings>) };
  } catch {
    return defaults;
  }
}
