import type { BarPart } from './contract';

/** Differences below this are binary dust. */
const dust = 1e-9;

/** To sort by figures: what differs by dust alone is equal. */
export const byFigure = (a: number, b: number): number => (Math.abs(a - b) <= dust ? 0 : a - b);

export const byText = (a: string, b: string): number => (a < b ? -1 : a > b ? 1 : 0);

/** The same for parts that are alike in all but their id. */
export const alikeKey = (parts: readonly BarPart[]): string => JSON.stringify(parts.map(({ id: _, ...rest }) => rest));
