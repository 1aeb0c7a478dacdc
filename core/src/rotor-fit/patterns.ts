/** How a rotor is held: by screws, by a splined ring, or not at all. */
export const rotorPatterns = ['six-bolt', 'four-bolt', 'spline', 'none'] as const;
export type RotorPattern = (typeof rotorPatterns)[number];
