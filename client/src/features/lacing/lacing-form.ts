import type { KitFacts } from '@cricket/core/kit';
import type { WheelLacingInput } from '@cricket/core/wheel-lacing';

import { numberRule, typedFigure } from '../../ui/number-rule';

export const lacingFields = {
  erd: { min: 120, max: 640, unit: 'mm' },
  spokes: { min: 12, max: 72, unit: '' },
  flange: { min: 20, max: 320, unit: 'mm' },
  left: { min: -20, max: 90, unit: 'mm' },
  right: { min: -20, max: 90, unit: 'mm' },
  hole: { min: 1.5, max: 5, unit: 'mm' },
  spoke: { min: 1.5, max: 3.5, unit: 'mm' },
} as const;

export type LacingField = keyof typeof lacingFields;
export type LacingDraft = Record<LacingField, string> & { pattern: 'crossed' | 'oneway'; lead: number };

/** Where to begin: the kit's flanges where they are known. */
export function lacingStart(beadSeatMm: number, kit: KitFacts | null | undefined): LacingDraft {
  const flanges = kit?.flanges;
  return {
    erd: String(Math.round(beadSeatMm - 28)),
    spokes: String(flanges?.spokes ?? 36),
    flange: String(flanges?.left.flangeDiameterMm ?? 120),
    left: String(flanges?.left.flangeOffsetMm ?? 28),
    right: String(flanges?.right.flangeOffsetMm ?? 22),
    hole: String(flanges?.left.holeMm ?? 2.6),
    spoke: '2.3',
    pattern: 'crossed',
    lead: 1,
  };
}

/** What is wrong with a field, with its value and range; null when it holds. */
export function lacingFieldError(name: LacingField, text: string): string | null {
  const { min, max, unit } = lacingFields[name];
  const held = numberRule(min, max, unit, true)(text);
  return held === true ? null : held;
}

/** The calculator's input, or null while a field does not hold. */
export function lacingInput(
  draft: LacingDraft,
  peakTorqueNm: number | null,
  lengthsMm: number[],
): WheelLacingInput | null {
  const names = Object.keys(lacingFields) as LacingField[];
  if (names.some((name) => lacingFieldError(name, draft[name]) !== null)) return null;
  const figure = (name: LacingField) => typedFigure(draft[name])!;
  const spokes = figure('spokes');
  if (!Number.isInteger(spokes) || spokes % 2 !== 0 || figure('flange') >= figure('erd')) return null;
  const flange = { flangeDiameterMm: figure('flange'), holeMm: figure('hole') };
  return {
    erdMm: figure('erd'),
    spokes,
    left: { ...flange, flangeOffsetMm: figure('left'), ...(draft.pattern === 'oneway' && { lean: -1 }) },
    right: { ...flange, flangeOffsetMm: figure('right'), ...(draft.pattern === 'oneway' && { lean: 1 }) },
    pattern: draft.pattern,
    lead: draft.lead,
    spokeMm: figure('spoke'),
    ...(peakTorqueNm !== null && { peakTorqueNm }),
    lengthsMm,
  };
}
