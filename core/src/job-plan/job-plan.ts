import type * as v from 'valibot';

import { bikeFactsSchema } from '../bike-facts';
import { plainReadingSchema } from '../end-facts';
import { factsOf, fit, fitTwoMotors, plainReport, type FitInput, type FitReport, type PlainFitReport } from '../fit';
import { amount, InputError, list, oneOf, optional, readInput, record } from '../input';
import { limitsSchema } from '../limits';
import { storeItemSchema, wheelSchema } from '../part-schemas';
import {
  briefPlan,
  endJob,
  jobFacts,
  jobTime,
  procedure,
  secondLooks,
  stepFigures,
  type Step,
  type TimeEstimate,
} from '../procedure';
import type { Verdict } from '../verdict';

const oneEnd = record({ readings: list(plainReadingSchema, 2000), wheel: wheelSchema });

const shared = {
  bike: bikeFactsSchema,
  stores: list(storeItemSchema, 2000),
  limits: optional(limitsSchema),
};

export const plainProcedureSchema = record({
  /** The ends that get a motor: what was read of them, and the kit. */
  ends: record({ front: optional(oneEnd), rear: optional(oneEnd) }),
  /** Every step, or cards for practised hands; led when left out. */
  plan: optional(oneOf(['led', 'brief'])),
  secondPerson: optional(oneOf(secondLooks)),
  ...shared,
});

export type PlainProcedureInput = v.InferOutput<typeof plainProcedureSchema>;

export interface PlainProcedure {
  steps: Step[];
  /** Brief plan only: ids of the steps, card by card, block by block. */
  cards?: string[][][];
  minutes: TimeEstimate;
}

const bothEnds = ['front', 'rear'] as const;

/**
 * The steps of a conversion from plain data: readings, kits, take-in.
 *
 * @throws InputError for values out of range, or when no end is given
 */
export function plainProcedure(input: PlainProcedureInput): PlainProcedure {
  const { ends, plan = 'led', secondPerson = 'none', bike, stores, limits } = readInput(plainProcedureSchema, input);
  const fitted = bothEnds.flatMap((end) => {
    const given = ends[end];
    if (!given) return [];
    const asked = fitInput(end, given, { bike, stores, limits });
    return [{ facts: asked.facts, report: fit(asked) }];
  });
  if (fitted.length === 0) throw new InputError('ends', ends, 'given for the front, the rear, or both');
  const job = jobFacts(
    bike,
    fitted.map(({ report }) => report),
    fitted.map(({ facts, report }) => endJob(facts, report, null, bike, limits)),
    { secondPerson },
  );
  const steps = procedure(job, stepFigures(limits));
  return {
    steps,
    ...(plan === 'brief' && {
      cards: briefPlan(steps).map(({ blocks }) => blocks.map((block) => block.steps.map(({ id }) => id))),
    }),
    minutes: jobTime(steps),
  };
}

export const plainTwoMotorsSchema = record({
  front: oneEnd,
  rear: oneEnd,
  /** What the one battery gives, continuously. */
  batteryA: amount(1, 400, 'A'),
  ...shared,
});

export type PlainTwoMotorsInput = v.InferOutput<typeof plainTwoMotorsSchema>;

export interface PlainTwoMotors {
  verdict: Verdict;
  front: PlainFitReport;
  rear: PlainFitReport;
  shareA: { front: number; rear: number };
  cost: number;
  minutes: number;
}

/** A kit at each end of one bike on one battery, from plain data. */
export function plainTwoMotors(input: PlainTwoMotorsInput): PlainTwoMotors {
  const { front, rear, batteryA, ...rest } = readInput(plainTwoMotorsSchema, input);
  const both = fitTwoMotors(fitInput('front', front, rest), fitInput('rear', rear, rest), batteryA);
  const plain = (report: FitReport) => plainReport(report);
  return { ...both, front: plain(both.front), rear: plain(both.rear) };
}

function fitInput(
  end: (typeof bothEnds)[number],
  { readings, wheel }: v.InferOutput<typeof oneEnd>,
  { bike, stores, limits }: Pick<PlainProcedureInput, 'bike' | 'stores'> & { limits?: PlainProcedureInput['limits'] },
): FitInput {
  return {
    facts: factsOf(end, readings),
    bike,
    wheel: wheel as FitInput['wheel'],
    stores: stores as FitInput['stores'],
    delivered: null,
    ...(limits && { limits }),
  };
}
