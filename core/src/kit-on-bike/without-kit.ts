import type { BikeFacts } from '../bike-facts';
import type { KitOutfit } from '../kit';
import { isOfKit } from './outfit-of';

/**
 * A bike as another kit finds it: what was measured of the kit that is chosen now says nothing of another. Frame, room on the
 * bar, cranks and the rider's own pack stay.
 */
export function withoutKit(facts: BikeFacts, { sensor }: KitOutfit): BikeFacts {
  const { bay, power, bar, cranks, controller: _, cables, levers, wiring: __, ...rest } = facts;
  const isKitPack = (facts.job?.pack ?? 'supplied') === 'supplied';
  const tube = bay?.at?.tube;
  const { plateMm: ___, ...seat } = cranks ?? {};
  return {
    ...rest,
    ...(bay && {
      bay: {
        ...(bay.pack && bay.pack.of !== 'supplied' && { pack: bay.pack }),
        ...(tube && { at: { tube } }),
      },
    }),
    ...(power &&
      !isKitPack && {
        power: {
          ...(power.pack && power.pack.of !== 'supplied' && { pack: power.pack }),
          ...(power.charger && { charger: power.charger }),
          ...(power.accessories && { accessories: power.accessories }),
        },
      }),
    ...(power && isKitPack && { power: { ...(power.accessories && { accessories: power.accessories }) } }),
    ...(bar && {
      bar: {
        ...(bar.room && { room: bar.room }),
        ...(bar.parts && { parts: bar.parts.filter((part) => !isOfKit(part)) }),
      },
    }),
    // Room beside the shell is the bike's; ring and sensor are the kit's.
    ...(cranks && sensor && { cranks: { ...(seat as typeof cranks), ...sensor } }),
    ...(cables && { cables: withoutRuns(cables) }),
    ...(levers && { levers: withoutKitLevers(levers) }),
  };
}

function withoutRuns(cables: NonNullable<BikeFacts['cables']>): NonNullable<BikeFacts['cables']> {
  const { runs: _, extensions: __, ...rest } = cables;
  return rest;
}

function withoutKitLevers(levers: NonNullable<BikeFacts['levers']>): NonNullable<BikeFacts['levers']> {
  const { kitPull: _, kitReachMm: __, kitCutOff: ___, ...rest } = levers;
  return rest;
}
