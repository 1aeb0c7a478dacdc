import type { BikeFacts } from '@cricket/core/bike-facts';

const lever = { kind: 'lever' as const, widthMm: 22, clampMm: 22.2, sweepMm: 8, cutOff: true };

/** A flat bar with everything on it that the longtail is to have. */
export const flatBar: NonNullable<BikeFacts['bar']> = {
  room: { straightMm: { left: 205, right: 205 }, centreMm: 90, gripDiameterMm: 22.2, centreDiameterMm: 31.8 },
  parts: [
    { id: 'Left grip', kind: 'grip', widthMm: 130, side: 'left', minWidthMm: 95 },
    { id: 'Right grip', kind: 'grip', widthMm: 130, side: 'right', minWidthMm: 95 },
    { ...lever, id: 'Rear brake lever', side: 'left', nowSide: 'left' },
    { ...lever, id: 'Front brake lever', side: 'right', nowSide: 'right' },
    { id: 'Shifter', kind: 'shifter-trigger', widthMm: 28, clampMm: 22.2, side: 'right', nowSide: 'right', rear: true },
    { id: 'Throttle', kind: 'throttle-thumb', widthMm: 30, clampMm: 22.4, side: 'either' },
    { id: 'Display', kind: 'display', widthMm: 60, clampMm: 31.8, side: 'centre' },
    { id: 'Bell', kind: 'bell', widthMm: 22, clampMm: 22.2, side: 'either', nowSide: 'left' },
  ],
};
