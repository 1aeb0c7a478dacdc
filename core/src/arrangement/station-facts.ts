import type { BikeFacts } from '../bike-facts';
import type { KitFacts } from '../kit';
import { toldBetween, withTold } from '../told';
import type { RoomStation } from '../whole-bike';

/** What was told that each station hangs on: whole answers, or all of a group. */
const hangsOn: Record<RoomStation, readonly string[]> = {
  bar: ['bar', 'job.throttle', 'job.throttleSide'],
  levers: ['levers', 'brakes', 'cranks', 'job.throttle'],
  cranks: ['cranks'],
  bay: ['frame', 'bay', 'job.pack'],
  rack: ['rack'],
  controller: ['controller', 'bay', 'frame', 'cables.anchors', 'cables.turning', 'job.pack'],
  power: ['power', 'job.pack'],
  cables: ['cables'],
  wiring: ['wiring'],
};

/** The facts of a bike that one station hangs on: what else is told changes nothing there. */
export function factsOfStation(facts: BikeFacts, station: RoomStation): BikeFacts {
  const names = hangsOn[station];
  return toldBetween({}, facts)
    .filter(({ feature }) => names.includes(feature) || names.includes(feature.split('.')[0]!))
    .reduce<BikeFacts>((known, { feature, is }) => withTold(known, feature, is), {});
}

/** What of a kit a station hangs on. */
export interface KitOfStation {
  throttle: KitFacts['throttle'];
  display: boolean;
  assistedKmh: number;
  batteryA: number | null;
}

export function kitOfStation({ throttle, display, assistedKmh, controller }: KitFacts): KitOfStation {
  return { throttle, display, assistedKmh, batteryA: controller.batteryA ?? null };
}
