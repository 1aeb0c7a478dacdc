import type { ReactNode } from 'react';
import { Path } from 'react-native-svg';

import type { Tones } from '../../ui/tones';

/** One drawing on the 390 × 230 grid, of the left side. */
export type Scene = (tones: Tones, place: string | null) => ReactNode;

/** A part that is cut through. */
export const outline = (tones: Tones) => ({
  fill: 'url(#cut)',
  stroke: tones.ink,
  strokeWidth: 2.5,
  strokeLinejoin: 'round' as const,
});
/** What the hand holds. */
export const tool = (tones: Tones) => ({ fill: tones.lime, stroke: tones.ink, strokeWidth: 2 });
/** Dimension lines. */
export const thin = (tones: Tones) => ({ stroke: tones.ink, strokeWidth: 1.5, fill: 'none' });

/** The dropout seen from outside, slot open downwards. */
export const dropout = (tones: Tones) => (
  <Path
    d="M120 0h150c2 60 0 100-12 140l-6 84h-27V122a30 30 0 0 0-60 0v102h-27l-6-84c-12-40-14-80-12-140z"
    {...outline(tones)}
  />
);
