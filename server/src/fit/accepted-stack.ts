import type { NewStack } from '@cricket/contract';
import type { BikeRecord, StackInput, StackResult } from '@cricket/contract/shapes';
import { fittedStack } from '@cricket/core/as-fitted';
import { endState, type Workshop } from '@cricket/core/next-action';
import { endAt } from '@cricket/core/model';
import { endJob, jobFacts, stepFigures } from '@cricket/core/procedure';

import { ProblemError } from '../http/problem';
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
  if (!wheel) throw refused('wheelId', `${body.wheelId} is not in the catalogue`);
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
  if (!fit || !fitInput || !axle) throw refused('place', `the ${at} end is not measured yet`);
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

function holdInStores({ left, right }: NewStack, washers: readonly { id: string; count: number }[]): void {
  const known = new Map(washers.map((washer) => [washer.id, washer]));
  const used = new Map<string, number>();
  for (const id of [...left, ...right]) used.set(id, (used.get(id) ?? 0) + 1);
  for (const [id, count] of used) {
    const there = known.get(id)?.count ?? 0;
    if (there < count) throw refused('washers', `${id}: ${count} wanted, ${there} there that suit this axle and slot`);
  }
}

function refused(path: string, message: string): ProblemError {
  return new ProblemError(422, 'invalid-input', 'This stack cannot be accepted.', [{ path, messages: [message] }]);
}
