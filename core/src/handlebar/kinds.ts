import type { BarPart, BarPartKind, HandlebarInput } from './contract';

export const isThrottle = (kind: BarPartKind): boolean =>
  kind === 'throttle-thumb' || kind === 'throttle-half' || kind === 'throttle-full';

export const isTwistThrottle = (kind: BarPartKind): boolean => kind === 'throttle-half' || kind === 'throttle-full';

/** What turns on the bar must not rub on its neighbour. */
export const turns = (kind: BarPartKind): boolean => isThrottle(kind) || kind === 'shifter-twist';

export const isLever = (kind: BarPartKind): boolean => kind === 'lever' || kind === 'lever-shifter';

/** What a hand holds. */
export const isHeld = (kind: BarPartKind): boolean => kind === 'grip' || isTwistThrottle(kind);

/** Figures that are asked with their usual values. */
export interface BarFigures {
  palmMm: number;
  thumbReachMm: number;
  fingerReachMm: number;
  overhangMm: number;
  gapMm: number;
  overReachMm: number;
}

export function figuresOf({ hand, limits }: HandlebarInput): BarFigures {
  return {
    palmMm: hand?.palmMm ?? 95,
    thumbReachMm: hand?.thumbReachMm ?? 60,
    fingerReachMm: hand?.fingerReachMm ?? 45,
    overhangMm: limits?.overhangMm ?? 8,
    gapMm: limits?.gapMm ?? 0.5,
    overReachMm: limits?.overReachMm ?? 25,
  };
}

/** How far a part may be from the hand; null where nobody reaches for it. */
export function reachLimitMm(kind: BarPartKind, figures: BarFigures): number | null {
  if (isLever(kind)) return figures.fingerReachMm;
  const byThumb = kind === 'shifter-trigger' || kind === 'shifter-twist' || kind === 'pad' || kind === 'throttle-thumb';
  return byThumb ? figures.thumbReachMm : null;
}

/** Play of a clamp on the bar where it goes; null where bore or diameter is not known, or nobody asks. */
export function clampPlayMm(part: BarPart, bar: HandlebarInput['bar']): number | null {
  const diameterMm = part.side === 'centre' ? bar.centreDiameterMm : bar.gripDiameterMm;
  if (part.kind === 'grip' || part.clampMm === undefined || diameterMm === undefined) return null;
  return part.clampMm - diameterMm;
}

/** Tighter than this a clamp does not close round the bar; looser than that it takes a sheet [J]. */
export const tightestMm = -0.1;
export const shimAboveMm = 0.3;

/** Whether a clamp is known not to close round the bar. */
export const isTooTight = (playMm: number | null): playMm is number => playMm !== null && playMm < tightestMm - 1e-6;
