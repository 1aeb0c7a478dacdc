import type { BikeFacts } from '../bike-facts';
import type { BarPart } from '../handlebar';
import type { KitOutfit } from '../kit';
import { isOfKit } from './outfit-of';

/**
 * A bike with what its kit brings, as the kit's record has it. What was told of the bike itself stands; where the rider's own
 * pack is used, or another, the kit's pack is not put in its place.
 */
export function withOutfit(facts: BikeFacts, outfit: KitOutfit): BikeFacts {
  const isKitPack = (facts.job?.pack ?? 'supplied') === 'supplied';
  const { pack, cells, current, charger, chain, box, plugs } = outfit;
  return {
    ...facts,
    ...(pack && isKitPack && { bay: { pack: { of: 'supplied', ...pack }, ...facts.bay } }),
    ...((current || isKitPack) && {
      power: {
        ...(cells && isKitPack && { pack: { of: 'supplied', battery: cells } }),
        ...(charger && isKitPack && { charger }),
        ...(chain && isKitPack && { chain }),
        ...(current && { controller: current }),
        ...facts.power,
      },
    }),
    ...(facts.bar?.parts && outfit.bar && { bar: { ...facts.bar, parts: withBrought(facts, outfit.bar) } }),
    ...(facts.controller && box && { controller: { ...box, ...facts.controller } }),
    ...(plugs && { wiring: { plugs, ...facts.wiring } }),
  };
}

/** The list of the bar with what the kit brings for it; a throttle that stays off is not put on. */
function withBrought({ bar, job }: BikeFacts, brought: readonly BarPart[]): BarPart[] {
  const parts = bar?.parts ?? [];
  const kinds = new Set(parts.filter(isOfKit).map(({ kind }) => family(kind)));
  const added = brought.filter(
    ({ kind }) => !kinds.has(family(kind)) && !(job?.throttle === 'left-out' && family(kind) === 'throttle'),
  );
  const names = new Set(parts.map(({ id }) => id));
  return [...parts, ...added.map((part) => ({ ...part, id: freeName(part.id, names) }))];
}

const family = (kind: BarPart['kind']) => (kind.startsWith('throttle-') ? 'throttle' : kind);

function freeName(name: string, taken: Set<string>): string {
  let free = name;
  for (let number = 2; taken.has(free); number++) free = `${name} ${number}`;
  taken.add(free);
  return free;
}
