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
import { say } from '../speech/speakers';

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
    throw new ProblemError(409, 'changed-meanwhile', 'This has changed since it was looked at: look at it again.');
  }
  const taken = arranged(kind, told, kits, signed);
  if (!taken) throw refused(kind, 'nothing is written down of it yet');
  const reason = against(taken.result);
  if (reason) {
    const also = mayBeSigned(reason) ? ' The owner may answer for it, with a reason.' : '';
    throw refused(reason.id, `${say(reason.because)}${also}`);
  }
  return taken;
}

/** The kits that are chosen for a bike, front before rear. */
function kitsOf({ choices }: BikeRecord, wheels: readonly Wheel[]): KitFacts[] {
  const chosen = [chosenWheelId(choices, 'front'), chosenWheelId(choices, 'rear')];
  return chosen.flatMap((id) => wheels.find((wheel) => wheel.id === id)?.kit ?? []);
}

function refused(path: string, message: string): ProblemError {
  return new ProblemError(422, 'invalid-input', 'This cannot be taken.', [{ path, messages: [message] }]);
}
