import type { End } from '@cricket/core/features';
import type { LoosePart } from '@cricket/core/parts';

/** An end as an installer found it; what is left out was not read. */
export interface MeasuredEnd {
  end: End;
  words: Record<string, string>;
  /** Readings in mm by feature, repeats one by one. */
  lengths: Record<string, readonly number[]>;
  parts?: Record<string, LoosePart[]>;
}

/** Slot readings of one side: mouth, middle, seat. */
export function slot(side: 'left' | 'right', mouth: number, middle: number, seat: number): Record<string, number[]> {
  return {
    [`slot-width.${side}.mouth`]: [mouth],
    [`slot-width.${side}.middle`]: [middle],
    [`slot-width.${side}.seat`]: [seat, Number((seat + 0.02).toFixed(2)), seat],
  };
}

/** The same figure on both sides. */
export function bothSides(feature: string, valueMm: number): Record<string, number[]> {
  return { [`${feature}.left`]: [valueMm], [`${feature}.right`]: [valueMm] };
}

export const smooth = { 'lip.left': 'none', 'lip.right': 'none' };
