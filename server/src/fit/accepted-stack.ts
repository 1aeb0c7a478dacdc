import { said, type Said } from '@cricket/core/said';
import type { NewStack } from '@cricket/contract';
import type { BikeRecord, StackInput, StackResult } from '@cricket/contract/shapes';
import { fittedStack } from '@cricket/core/as-fitted';
import { deliveredParts, endState, type Workshop } from '@cricket/core/next-action';
import { endFacts } from '@cricket/core/end-facts';
import { endAt, type Place } from '@cricket/core/model';
import { storesFor, takenByStack } from '@cricket/core/stock';
import { endJob, jobFacts, stepFigures } from '@cricket/core/procedure';

import { ProblemError } from '../problem/problem';
import { withoutStacks } from './summaries';

/**
 * Works out what is being accepted, from the stored readings and not from what the page says.
 *
 * @throws ProblemError 422 when the end is not measured, a washer is not there, or the stack must not be fitted
 */
export function acceptedStack(
  body: NewStack,
  record: BikeRecord,
  workshop: Workshop,
): { input: StackInput; result: StackResult } {
  const at = endAt(body.place)!;
  const wheel = workshop.wheels.find(({ id }) => id === body.wheelId);
  if (!wheel) throw refused('wheelId', said('problem.not-in-catalogue', { id: body.wheelId }));
  const choice = {
    id: '',
    bikeId: record.bike.id,
    person: '',
    personId: null,
    place: body.place,
    kind: 'wheel' as const,
    wheelId: wheel.id,
    chosenAt: '9999',
  };
  const { facts, fit, fitInput } = endState(
    { ...withoutStacks(record), choices: [...record.choices, choice] },
    at,
    workshop,
  );
  const axle = fit?.stackInput;
  if (!fit || !fitInput || !axle) throw refused('place', said('problem.end-not-measured', { end: at }));
  // Something recorded cannot be: what stands on it is not judged, and no stack is taken over it.
  const leftOut = fit.findings.find(({ id }) => id.startsWith('left-out.'));
  if (leftOut) throw refused(leftOut.id, leftOut.because);
  holdInStores(body, axle.washers);
  const { stack, findings, verdict } = fittedStack(fitInput, fit, body)!;
  const against = findings.find((finding) => finding.verdict === 'stop' || finding.verdict === 'unknown');
  if (against) throw refused(against.id, against.because);
  const bike = record.bike.facts;
  const { rotorShimMm, caliperShimMm } = stack;
  const inside = { left: stack.left.inside, right: stack.right.inside, rotorShimMm, caliperShimMm };
  const end = endJob(facts, fit, inside, bike, workshop.limits);
  return {
    input: { wheelId: wheel.id, byHand: body.byHand, wheel: fit.wheel, axle },
    result: {
      stack,
      outside: fit.outside,
      slots: fit.slots,
      findings,
      verdict,
      planned: {
        end,
        figures: stepFigures(workshop.limits),
        stated: jobFacts(bike, [fit], [end], { secondPerson: 'none' }).stated,
        torqueSafety: fit.torque?.safety ?? null,
      },
    },
  };
}

/** What an accepted stack takes out of the drawers. */
export function partsOf(
  { input: { wheel }, result }: { input: StackInput; result: StackResult },
  { readings, taken }: BikeRecord,
  { stores }: Workshop,
  place: Place,
): { itemId: string; count: number }[] {
  const { stack, outside } = result;
  const { left, right } = deliveredParts(endFacts(endAt(place)!, readings)) ?? wheel.delivered;
  return takenByStack(
    {
      inside: { left: stack.left.inside, right: stack.right.inside },
      outside,
      rotorShimsMm: stack.rotorShimsMm,
      caliperShimsMm: stack.caliperShimsMm,
    },
    [...left, ...right],
    storesFor(stores, taken, place),
    wheel.axle.threadMm,
  );
}

function holdInStores({ left, right }: NewStack, washers: readonly { id: string; count: number }[]): void {
  const known = new Map(washers.map((washer) => [washer.id, washer]));
  const used = new Map<string, number>();
  for (const id of [...left, ...right]) used.set(id, (used.get(id) ?? 0) + 1);
  for (const [id, count] of used) {
    const there = known.get(id)?.count ?? 0;
    if (there < count) throw refused('washers', said('problem.too-few', { id, count, there }));
  }
}

function refused(path: string, message: Said): ProblemError {
  return new ProblemError(422, 'invalid-input', said('problem.stack-cannot-be-taken'), [{ path, messages: [message] }]);
}
