import type { CableRunsInput, Setting, Spot } from './contract';
import { Movements } from './movements';

/** Where everything is that cables run over, and what turns, at one setting of bars, fork and swingarm. */
export interface PlacesAt {
  anchors: Record<string, Spot>;
  /** Centres of what turns, by id. */
  discs: Record<string, Spot>;
}

/**
 * Where anchors and wheels are when the bars are turned, the fork is pressed in, the swingarm is lifted, or the bike is folded.
 *
 * @example
 * placesAt(
 *   {
 *     head: { point: [400, 500, 0], angleDeg: 90, lockDeg: { left: 90, right: 90 } },
 *     forkTravelMm: 0,
 *     anchors: { stem: { at: [350, 600, 0], on: 'bar' } },
 *     discs: [],
 *   },
 *   { steerDeg: 90, travelMm: 0, swingDeg: 0 },
 * ).anchors
 * // { stem: [400, 600, 50.0] }
 */
export function placesAt(
  {
    anchors,
    discs,
    poses = [],
    ...moving
  }: Pick<CableRunsInput, 'anchors' | 'discs' | 'poses' | 'head' | 'forkTravelMm' | 'rearTravel'>,
  setting: Setting,
): PlacesAt {
  const moves = new Movements(moving);
  const folded = poses.find(({ id }) => id === setting.pose)?.at ?? {};
  const placed = Object.entries(anchors).map(([id, { on, at }]) => [id, folded[id] ?? moves.placed(on, at, setting)]);
  return {
    anchors: Object.fromEntries(placed) as Record<string, Spot>,
    discs: Object.fromEntries(discs.map(({ id, on, centre }) => [id, moves.placed(on, centre, setting)])),
  };
}
