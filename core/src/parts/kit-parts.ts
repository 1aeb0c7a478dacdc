import type { KitFacts, KitPart } from '../kit';
import type { PartKind, PartSpec } from '../part-kinds';
import type { Wheel } from './parts';

type Told = Readonly<Record<string, unknown>>;

/** What the kit's own figures say of its parts: they stand once, and every calculator reads them there. */
const figuresOf: Partial<Record<PartKind, (kit: KitFacts, wheel: WheelOfKit) => Told>> = {
  kit: (_, { code }) => ({ code }),
  nut: (_, { axle: { threadMm } }) => ({ threadMm }),
  motor: ({ motor: { ratedW, kv } }) => ({ ratedW, kv }),
  controller: ({ controller: { fullV, batteryA } }) => ({ fullV, batteryA }),
  battery: ({ battery, outfit }) => ({
    Wh: battery?.Wh,
    cells: outfit?.cells?.cells,
    chemistry: outfit?.cells?.chemistry,
  }),
  charger: ({ outfit }) => ({ fullV: outfit?.charger?.volts, chargeA: outfit?.charger?.amps }),
  throttle: ({ throttle }) => ({ form: throttle === 'none' ? undefined : throttle }),
  sensor: ({ outfit }) => ({ magnets: outfit?.sensor?.ring.magnets }),
  cluster: ({ cluster, hub: { takes } }) =>
    cluster ? { takes: takes === 'none' ? undefined : takes, sprockets: cluster.sprockets } : {},
};

type WheelOfKit = Pick<Wheel, 'code' | 'axle' | 'kit'>;

/**
 * A part of a kit as the shop's catalogue has it: what the packing list says of it, and for the rest the kit's own figures.
 *
 * @returns what is known of it, without the figures that nobody has recorded; null where nobody has said what kind of part it is
 */
export function catalogueFigures(
  wheel: WheelOfKit,
  { kind, spec }: Pick<KitPart, 'kind' | 'spec'>,
): { kind: PartKind; spec: PartSpec } | null {
  if (kind === undefined) return null;
  const own = wheel.kit ? figuresOf[kind]?.(wheel.kit, wheel) : undefined;
  const told = Object.entries({ ...own, ...spec }).filter(([, value]) => value !== undefined);
  return { kind, spec: Object.fromEntries(told) as PartSpec };
}
