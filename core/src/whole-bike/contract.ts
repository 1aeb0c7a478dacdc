import type { Said } from '../said';
import type { Place } from '../model';
import type { Finding, Verdict } from '../verdict';

/** Everything besides the axles that competes for room on a bike, in the order of the work. */
export const roomStations = [
  'bar',
  'levers',
  'cranks',
  'bay',
  'rack',
  'controller',
  'power',
  'cables',
  'wiring',
] as const;
export type RoomStation = (typeof roomStations)[number];

/** Where each station besides the axles is. */
export const stationPlaces = {
  bar: 'bar',
  levers: 'bar',
  cranks: 'cranks',
  bay: 'frame',
  rack: 'rack',
  controller: 'frame',
  power: 'loom',
  cables: 'loom',
  wiring: 'loom',
} as const satisfies Record<RoomStation, Place>;

export interface StationAnswer {
  station: RoomStation;
  /** Null: nothing is written down yet. */
  verdict: Verdict | null;
  /** What does not go, worst first. */
  open: Finding[];
}

/** Something that a station needs and that is not there. */
export interface ToGet {
  station: RoomStation;
  /** What kind of thing it is: what it costs and how long it takes go by that. */
  part: 'lever' | 'shifter' | 'loom' | 'other';
  what: Said;
  because: Said;
}

export interface WholeBike {
  /** The worst of what is written down, and of what two of them want at once. */
  verdict: Verdict;
  stations: StationAnswer[];
  /** Two places that want the same thing: both are named, with the cheapest way out. */
  joint: Finding[];
  /** What has to be got for it. */
  toGet: ToGet[];
}
