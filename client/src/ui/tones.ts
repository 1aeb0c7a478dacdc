import { useSyncExternalStore } from 'react';

import { useSettings } from '../settings/settings';

/** The colours of a theme, for drawings that must also stand alone as a file. */
export interface Tones {
  paper: string;
  sheet: string;
  ink: string;
  soft: string;
  rule: string;
  metal: string;
  lime: string;
  onLime: string;
  goes: string;
  work: string;
  stop: string;
  unknown: string;
}

export const lightTones: Tones = {
  paper: '#F5F1E7',
  sheet: '#FFFDF7',
  ink: '#23271F',
  soft: '#5A6053',
  rule: '#CFC9B8',
  metal: '#DAD6CA',
  lime: '#C9E04A',
  onLime: '#23271F',
  goes: '#0E6B5B',
  work: '#8F5400',
  stop: '#A22E1C',
  unknown: '#555B63',
};

export const darkTones: Tones = {
  paper: '#171A15',
  sheet: '#20241D',
  ink: '#F1EEE2',
  soft: '#B2B5A6',
  rule: '#3E4438',
  metal: '#4A4F44',
  lime: '#C9E04A',
  onLime: '#23271F',
  goes: '#6FD3BF',
  work: '#F0B45A',
  stop: '#FF8A75',
  unknown: '#AAB0B8',
};

const darkQuery = '(prefers-color-scheme: dark)';

/** Whether the page is dark, by the person's setting or the phone's. */
export function useDark(): boolean {
  const { theme } = useSettings();
  const system = useSyncExternalStore(
    subscribeToSystem,
    () => window.matchMedia(darkQuery).matches,
    () => false,
  );
  return theme === 'auto' ? system : theme === 'dark';
}

/** The colours of the theme in use. */
export function useTones(): Tones {
  return useDark() ? darkTones : lightTones;
}

function subscribeToSystem(listener: () => void): () => void {
  const query = window.matchMedia(darkQuery);
  query.addEventListener('change', listener);
  return () => query.removeEventListener('change', listener);
}
