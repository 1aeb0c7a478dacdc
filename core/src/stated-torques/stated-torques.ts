import type { End } from '../features';
import { Amount, Flag, OneOf, Text, Optional } from '../input';

/** Fasteners that a maker may state a torque for. */
export const statedFasteners = [
  'axle-nut',
  'through-axle',
  'rotor',
  'caliper',
  'arm-bolt',
  'band',
  'crank',
  'pedal',
  'lock-ring',
  'cup',
  'lever',
  'shifter',
  'throttle',
  'stem',
] as const;
export type StatedFastener = (typeof statedFasteners)[number];

/** A torque as the maker of a part states it. */
export class StatedTorque {
  @OneOf(statedFasteners) fastener!: (typeof statedFasteners)[number];
  @Amount(0.5, 150, 'N·m') Nm!: number;
  /** The maker says "up to": the most, not the aim. */
  @Optional() @Flag() upTo?: boolean;
  /** Only at this end; at both when left out. */
  @Optional() @OneOf(['front', 'rear']) end?: 'front' | 'rear';
  /** Who says so: the maker of kit, fork, frame, caliper, stem or crank, and where it stands. */
  @Text(120) source!: string;
}

/**
 * What makers state for one fastener, over the kit and the bike. Where two speak the lower figure counts: it is the weaker
 * part's.
 *
 * @returns null where nobody states anything: then the workshop's own figure serves
 * @example statedFor('axle-nut', 'front', [{ fastener: 'axle-nut', Nm: 45, source: 'kit sheet' }])?.Nm // 45
 */
export function statedFor(
  fastener: StatedFastener,
  end: End | null,
  ...lists: (readonly StatedTorque[] | undefined)[]
): StatedTorque | null {
  return lists
    .flatMap((list) => list ?? [])
    .filter((item) => item.fastener === fastener && (item.end === undefined || end === null || item.end === end))
    .reduce<StatedTorque | null>((least, next) => (least && least.Nm <= next.Nm ? least : next), null);
}
