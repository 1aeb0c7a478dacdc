import { said, saidAgain, type Said } from '@cricket/core/said';
import type { NewArrangement } from '@cricket/contract';
import type { BikeRecord } from '@cricket/contract/shapes';
import {
  against,
  arranged,
  kitOfStation,
  mayBeSigned,
  stillSo,
  type Arrangement,
  type SignedFor,
} from '@cricket/core/arrangement';
import { chosenWheelId } from '@cricket/core/choices';
import type { KitFacts } from '@cricket/core/kit';
import type { Wheel } from '@cricket/core/parts';

import { ProblemError } from '../problem/problem';

/**
 * Works out what is being taken, from what is told of the bike and not from what the page says.
 *
 * @throws ProblemError 409 when what it hangs on has changed since it was seen; 422 when nothing is written down, or it must not
 * be built so
 */
export function acceptedArrangement(
  { kind, facts: seen }: Pick<NewArrangement, 'kind' | 'facts'>,
  record: BikeRecord,
  wheels: readonly Wheel[],
  signed: SignedFor | null = null,
): Arrangement {
  const { facts: told } = record.bike;
  const kits = kitsOf(record, wheels);
  if (!stillSo({ facts: seen, kits: kits.map(kitOfStation) }, kind, told, kits)) {
    throw new ProblemError(409, 'changed-meanwhile', said('problem.changed-since'));
  }
  const taken = arranged(kind, told, kits, signed);
  if (!taken) throw refused(kind, said('problem.not-written-down'));
  const reason = against(taken.result);
  if (reason) {
    const { because } = reason;
    throw refused(reason.id, mayBeSigned(reason) ? said('problem.may-be-signed', { because }) : saidAgain(because));
  }
  return taken;
}

/** The kits that are chosen for a bike, front before rear. */
function kitsOf({ choices }: BikeRecord, wheels: readonly Wheel[]): KitFacts[] {
  const chosen = [chosenWheelId(choices, 'front'), chosenWheelId(choices, 'rear')];
  return chosen.flatMap((id) => wheels.find((wheel) => wheel.id === id)?.kit ?? []);
}

function refused(path: string, message: Said): ProblemError {
  return new ProblemError(422, 'invalid-input', said('problem.cannot-be-taken'), [{ path, messages: [message] }]);
}
