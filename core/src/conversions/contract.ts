import type { Said } from '../said';
import type { End } from '../features';
import type { CostTable } from '../job-cost';
import type { MatchInput } from '../match';
import type { Wheel } from '../parts';
import type { Verdict } from '../verdict';
import type { RoomStation } from '../whole-bike';

export const packPlaces = ['down', 'seat', 'rack', 'bag', 'wheel'] as const;
/** Where the battery goes: on a tube, on the rack, in a bag, or in the wheel itself. */
export type PackPlace = (typeof packPlaces)[number];

/** Where the controller goes: in the open at the frame, in a bag, or inside something else already. */
export type ControllerPlace = 'frame' | 'bag' | 'built-in';

/** One way to build a bike. */
export interface Layout {
  battery: PackPlace;
  controller: ControllerPlace;
  /** Null: there is none. */
  throttle: 'left' | 'right' | null;
}

export interface StationOfConversion {
  station: RoomStation;
  verdict: Verdict;
  /** What decides; null where it goes. */
  because: Said | null;
}

/** One kit at one end, built one way: what it costs in money, mass and minutes, and how it does. */
export interface Conversion {
  wheel: Pick<Wheel, 'id' | 'code' | 'beadSeatMm' | 'coverDiameterMm'>;
  end: End;
  layout: Layout;
  verdict: Verdict;
  /** Of the axle, by itself. */
  axle: { verdict: Verdict; because: Said | null };
  /** Everything else that was asked, in the order of the work. */
  stations: StationOfConversion[];
  /** Kit, battery, parts, tools and work. */
  costs: CostTable;
  /** What the bike gets heavier by; null where nobody knows what the pack weighs. */
  massKg: number | null;
}

export interface ConversionsInput extends MatchInput {
  /** The kits that are chosen now: what was measured of the bike's kit was measured of these. */
  chosen: readonly string[];
}

export interface Conversions {
  /** Best first, at most three. */
  best: Conversion[];
  /** Ways that were judged. */
  looked: number;
  /** Kits at an end that something stops at the axle already. */
  stopped: number;
  /** Kits at an end whose figures no calculator takes. */
  refused: number;
}

/** One kit at one end was looked at. */
export interface Progress {
  done: number;
  all: number;
  /** So far. */
  found: Conversions;
}
