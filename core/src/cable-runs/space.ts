import type { Spot } from './contract';

export const plus = (a: Spot, b: Spot): Spot => [a[0] + b[0], a[1] + b[1], a[2] + b[2]];
export const minus = (a: Spot, b: Spot): Spot => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];
export const times = (a: Spot, by: number): Spot => [a[0] * by, a[1] * by, a[2] * by];
export const dot = (a: Spot, b: Spot): number => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
export const apart = (a: Spot, b: Spot): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
export const between = (a: Spot, b: Spot, share: number): Spot => plus(a, times(minus(b, a), share));
export const degrees = (rad: number): number => (rad * 180) / Math.PI;
