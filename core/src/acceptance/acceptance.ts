import { axlePlaces, type Place } from '../model';
import { AcceptedStackInput, AcceptedStackResult } from './stack';

/** What can be accepted, and where; each kind has the contract of what it was worked out from and of what came out. */
export const acceptanceKinds = {
  stack: { places: axlePlaces, input: AcceptedStackInput, result: AcceptedStackResult, schemaVersion: 2 },
} as const;

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
