import type { BikeRecord, ShopSettings } from '@cricket/contract/shapes';
import { endFacts } from '@cricket/core/end-facts';
import type { MatchInput } from '@cricket/core/match';
import type { Workshop } from '@cricket/core/next-action';

/** What a bike and its workshop are searched by. */
export function matchInput(
  { bike, readings, events }: BikeRecord,
  workshop: Workshop,
  settings: ShopSettings,
): MatchInput {
  const front = endFacts('front', readings);
  const rear = endFacts('rear', readings);
  return {
    ends: { ...(front.begun && { front }), ...(rear.begun && { rear }) },
    bike: bike.facts,
    wheels: workshop.wheels,
    stores: workshop.stores,
    delivered: null,
    events,
    hourlyRate: settings.hourlyRate,
    ...(workshop.limits && { limits: workshop.limits }),
    ...(workshop.tools && { tools: workshop.tools }),
    // What fit and stand reckon with: every page says the same hours.
    ...(workshop.logged && { logged: workshop.logged }),
    ...(workshop.secondPerson && { secondPerson: workshop.secondPerson }),
  };
}
