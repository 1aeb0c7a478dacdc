import type { BikeFacts } from '../bike-facts';
import type { BarPart } from '../handlebar';
import type { KitFacts, KitOutfit } from '../kit';
import { alike } from '../told';

const ofKit: readonly BarPart['kind'][] = ['throttle-thumb', 'throttle-half', 'throttle-full', 'display', 'pad'];

/** Parts on a bar that came with the kit. */
export const isOfKit = ({ kind }: BarPart): boolean => ofKit.includes(kind);

/**
 * What was measured on one bike of what came with its kit: with the kit it serves every bike after it. The rider's own pack, or
 * another than the kit's, is none of it.
 */
export function outfitOf({ bay, power, bar, cranks, controller, wiring, job }: BikeFacts): KitOutfit {
  const { of: bayOf, ...pack } = bay?.pack ?? {};
  const bought = (bar?.parts ?? []).filter(isOfKit);
  const isOwnPack = (job?.pack ?? 'supplied') === 'supplied';
  return given<KitOutfit>({
    pack: bayOf === 'supplied' ? (pack as KitOutfit['pack']) : undefined,
    cells: power?.pack?.of === 'supplied' ? power.pack.battery : undefined,
    current: power?.controller,
    charger: isOwnPack ? power?.charger : undefined,
    chain: isOwnPack ? power?.chain : undefined,
    // Where it lies on this bar is this bike's; what it is goes with the kit.
    bar: bought.length > 0 ? bought.map(({ nowSide: _, ...part }) => part) : undefined,
    sensor: cranks && {
      ring: cranks.ring,
      sensor: cranks.sensor,
      ...(cranks.plateMm !== undefined && { plateMm: cranks.plateMm }),
      startPulses: cranks.startPulses,
      stopMs: cranks.stopMs,
    },
    box: controller && {
      box: controller.box,
      lossW: controller.lossW,
      ...(controller.watertight !== undefined && { watertight: controller.watertight }),
    },
    plugs: wiring?.plugs,
  });
}

/** What was measured on a bike and its kit's record does not have, or has otherwise. */
export function newToRecord(facts: BikeFacts, { outfit = {} }: Pick<KitFacts, 'outfit'>): (keyof KitOutfit)[] {
  const measured = outfitOf(facts);
  return (Object.keys(measured) as (keyof KitOutfit)[]).filter((part) => !alike(measured[part], outfit[part]));
}

/** Without what is not there. */
function given<T extends object>(fields: { [K in keyof T]?: T[K] | undefined }): T {
  return Object.fromEntries(Object.entries(fields).filter(([, value]) => value !== undefined)) as T;
}
