import type { BikeFacts } from '../bike-facts';
import type { KitFacts } from '../kit';
import { alike } from '../told';
import type { RoomStation } from '../whole-bike';
import { factsOfStation, kitOfStation } from './station-facts';

/** What was taken, as far as it is told from what is told today. */
export interface TakenInput {
  facts: unknown;
  kits: readonly unknown[];
}

/** Whether a station still hangs on the very facts that it was taken with. */
export function stillSo(taken: TakenInput, station: RoomStation, facts: BikeFacts, kits: readonly KitFacts[]): boolean {
  return alike(taken.facts, factsOfStation(facts, station)) && alike(taken.kits, kits.map(kitOfStation));
}
