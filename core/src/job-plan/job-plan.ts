import { said, type Said } from '../said';
import { BikeFacts } from '../bike-facts';
import { PlainReading } from '../end-facts';
import { factsOf, fit, fitTwoMotors, plainReport, type FitInput, type FitReport, type PlainFitReport } from '../fit';
import { Amount, OneOf, Optional, Items, Nested, InputError, readInput } from '../input';
import { OwnLimits } from '../limits';
import { PlainStoreItem, PlainWheel } from '../part-schemas';
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

/** One end that gets a motor: what was read of it, and the kit. */
export class PlainEnd {
  @Items(() => PlainReading, 2000) readings!: PlainReading[];
  @Nested(() => PlainWheel) wheel!: PlainWheel;
}

export class PlainProcedureEnds {
  @Optional() @Nested(() => PlainEnd) front?: PlainEnd;
  @Optional() @Nested(() => PlainEnd) rear?: PlainEnd;
}

export class PlainProcedureInput {
  /** The ends that get a motor: what was read of them, and the kit. */
  @Nested(() => PlainProcedureEnds) ends!: PlainProcedureEnds;
  /** Every step, or cards for practised hands; led when left out. */
  @Optional() @OneOf(['led', 'brief']) plan?: 'led' | 'brief';
  @Optional() @OneOf(secondLooks) secondPerson?: (typeof secondLooks)[number];
  @Nested(() => BikeFacts) bike!: BikeFacts;
  @Items(() => PlainStoreItem, 2000) stores!: PlainStoreItem[];
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

/** A step as files have it: without a reason where every plan has it. */
type PlainStep = Omit<Step, 'because'> & { because: Said | '' };

export interface PlainProcedure {
  steps: PlainStep[];
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
  const { ends, plan = 'led', secondPerson = 'none', bike, stores, limits } = readInput(PlainProcedureInput, input);
  const fitted = bothEnds.flatMap((end) => {
    const given = ends[end];
    if (!given) return [];
    const asked = fitInput(end, given, { bike, stores, limits });
    return [{ facts: asked.facts, report: fit(asked) }];
  });
  if (fitted.length === 0) throw new InputError('ends', ends, said('job-plan.given-for-front-rear-or-both'));
  const job = jobFacts(
    bike,
    fitted.map(({ report }) => report),
    fitted.map(({ facts, report }) => endJob(facts, report, null, bike, limits)),
    { secondPerson },
  );
  const steps = procedure(job, stepFigures(limits));
  return {
    steps: steps.map((step) => ({ ...step, because: step.because ?? '' })),
    ...(plan === 'brief' && {
      cards: briefPlan(steps).map(({ blocks }) => blocks.map((block) => block.steps.map(({ id }) => id))),
    }),
    minutes: jobTime(steps),
  };
}

export class PlainTwoMotorsInput {
  @Nested(() => PlainEnd) front!: PlainEnd;
  @Nested(() => PlainEnd) rear!: PlainEnd;
  /** What the one battery gives, continuously. */
  @Amount(1, 400, 'A') batteryA!: number;
  @Nested(() => BikeFacts) bike!: BikeFacts;
  @Items(() => PlainStoreItem, 2000) stores!: PlainStoreItem[];
  @Optional() @Nested(() => OwnLimits) limits?: OwnLimits;
}

export interface PlainTwoMotors {
  verdict: Verdict;
  front: PlainFitReport;
  rear: PlainFitReport;
  shareA: { front: number; rear: number };
  cost: number;
  /** As likely as not, and nine times out of ten, for one plan of both ends. */
  minutes: number;
  slowMinutes: number;
}

/** A kit at each end of one bike on one battery, from plain data. */
export function plainTwoMotors(input: PlainTwoMotorsInput): PlainTwoMotors {
  const { front, rear, batteryA, ...rest } = readInput(PlainTwoMotorsInput, input);
  const both = fitTwoMotors(fitInput('front', front, rest), fitInput('rear', rear, rest), batteryA);
  const plain = (report: FitReport) => plainReport(report);
  return { ...both, front: plain(both.front), rear: plain(both.rear) };
}

function fitInput(
  end: (typeof bothEnds)[number],
  { readings, wheel }: PlainEnd,
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
