import { said } from '../said';
import { frameSpots, openBay, type BatteryBayInput, type BatteryBayResult, type LaidBattery } from '../battery-bay';
import type { BikeFacts } from '../bike-facts';
import { otherPack } from '../pack-instead';
import { told, withFindings, type Finding } from '../verdict';
import { outlineOf } from './outlines';

/** What is still to be measured before anything can be said, or the frame with the battery in it. */
export type BayOfBike =
  | { kind: 'waiting'; isFrameKnown: boolean; isPackKnown: boolean }
  /** The tubes as measured enclose nothing. */
  | { kind: 'no-frame' }
  | {
      kind: 'open';
      input: BatteryBayInput;
      result: BatteryBayResult;
      laidAt(fromMm: number): LaidBattery;
    };

/**
 * The room for a battery in the frame of a bike, from what is known of it. What nobody has looked for is not taken for absent:
 * as long as something is open nothing goes.
 *
 * @param tube - the tube that it is to lie on; left out: as it was chosen, or the down tube
 */
export function bayOfBike(facts: BikeFacts, tube = facts.bay?.at?.tube ?? 'down'): BayOfBike {
  const { frame, bay } = facts;
  if (!frame?.tubes || !bay?.pack) {
    return { kind: 'waiting', isFrameKnown: frame?.tubes !== undefined, isPackKnown: bay?.pack !== undefined };
  }
  const spots = frameSpots(frame.tubes);
  if (!spots) return { kind: 'no-frame' };
  const { battery, rail, insert, key } = bay.pack;
  const input: BatteryBayInput = {
    tubes: frame.tubes,
    bosses: frame.bosses ?? [],
    obstacles: (frame.inWay ?? []).map((thing) => outlineOf(thing, spots)),
    battery,
    rail,
    insert,
    tube,
    ...(frame.pedal && { pedal: frame.pedal }),
    ...(key && { key }),
  };
  const opened = openBay(input);
  const open = stillOpen(facts);
  return {
    kind: 'open',
    input,
    result: withFindings(opened.result, open),
    laidAt: (fromMm) => withFindings(opened.laidAt(fromMm), open),
  };
}

/** What nobody has looked at yet, or what was measured of another pack. */
function stillOpen({ frame, bay, job }: BikeFacts): Finding[] {
  const other = bay?.pack ? otherPack(bay.pack.of, job?.pack) : null;
  return [...(frame?.inWay ? [] : [notLooked]), ...(other ? [other] : [])];
}

const notLooked = told('in-way', 'unknown', said('bay-question.nobody-has-said-yet-what-else'), [
  said('bay-question.look-for-shock-links-cages-locks'),
]);
