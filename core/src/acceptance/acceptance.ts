import type { Shape } from '../input';
import { axlePlaces, type Place } from '../model';
import { stationPlaces, type RoomStation } from '../whole-bike/contract';
import { ArrangementInput, resultShape } from './arrangement';
import { AcceptedStackInput, AcceptedStackResult } from './stack';

interface KindOfAcceptance {
  places: readonly Place[];
  input: Shape;
  result: Shape;
  schemaVersion: number;
}

const arrangementOf = (station: RoomStation): KindOfAcceptance => ({
  places: [stationPlaces[station]],
  input: ArrangementInput,
  result: resultShape(station),
  schemaVersion: 1,
});

/** What can be accepted, and where; each kind has the contract of what it was worked out from and of what came out. */
export const acceptanceKinds = {
  stack: { places: axlePlaces, input: AcceptedStackInput, result: AcceptedStackResult, schemaVersion: 2 },
  bar: arrangementOf('bar'),
  levers: arrangementOf('levers'),
  cranks: arrangementOf('cranks'),
  bay: arrangementOf('bay'),
  rack: arrangementOf('rack'),
  controller: arrangementOf('controller'),
  power: arrangementOf('power'),
  cables: arrangementOf('cables'),
  wiring: arrangementOf('wiring'),
} as const satisfies Record<'stack' | RoomStation, KindOfAcceptance>;

export type AcceptanceKind = keyof typeof acceptanceKinds;

/** Something that a person has accepted, frozen with everything it was judged by. */
export interface Acceptance<Kind extends AcceptanceKind, Input, Result> {
  id: string;
  bikeId: string;
  place: Place;
  kind: Kind;
  /** Of the shape of `input` and `result`; older ones are brought up when they are read. */
  schemaVersion: number;
  input: Input;
  result: Result;
  acceptedAt: string;
  person: string;
  personId: string | null;
  /** It came in with a file: taken elsewhere. */
  imported: boolean;
  coreVersion: string;
}
