import type { BikeRecord } from '@cricket/contract/shapes';
import { routes } from '@cricket/contract/routes';
import { activeEnd } from '@cricket/core/choices';
import type { End } from '@cricket/core/features';
import type { EndState } from '@cricket/core/next-action';
import {
  endJob,
  jobFacts,
  procedure,
  stepStates,
  torquesOf,
  type JobFacts,
  type LoggedMinutes,
  type StepState,
} from '@cricket/core/procedure';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';

import { useBikeEnds } from '../bike/use-bike-end';
import { read } from '../data/api';
import { keys } from '../data/queries';
import { useShopSettings } from '../data/use-workshop';

const bothEnds: readonly End[] = ['front', 'rear'];

/** Everything that the stand shows: the plan of this bike, where each step stands, and the shop's own minutes. */
export function useStand(bikeId: string) {
  const { record, states, workshop, isPending, refetch } = useBikeEnds(bikeId, bothEnds);
  const settings = useShopSettings();
  const logged = useQuery({
    queryKey: keys.stepMinutes,
    queryFn: ({ signal }) => read<Record<string, LoggedMinutes>>(routes.stepMinutes, signal),
  });
  const secondPerson = settings.data?.secondPerson ?? false;
  const job = useMemo(
    () => (record && states ? factsOf(record, states, secondPerson) : null),
    [record, states, secondPerson],
  );
  const torques = useMemo(() => torquesOf(workshop.limits), [workshop.limits]);
  const plan = useMemo(() => (job ? procedure(job, torques) : []), [job, torques]);
  const steps = useMemo(() => (record ? stepStates(plan, record.events) : []), [plan, record]);
  return { record, states, job, steps, logged: logged.data ?? {}, isPending, refetch };
}

/** The ends that get a motor: those with a stack taken; before that, the end in hand if it has a kit. */
function factsOf(record: BikeRecord, states: Partial<Record<End, EndState>>, secondPerson: boolean): JobFacts | null {
  const withFit = bothEnds.flatMap((end) => (states[end]?.fit ? [states[end]] : []));
  const taken = withFit.filter(({ accepted }) => accepted);
  const active = activeEnd(record);
  const chosen = taken.length ? taken : withFit.filter(({ end }) => end === active);
  if (chosen.length === 0) return null;
  return jobFacts(
    record.bike.facts,
    chosen.map(({ fit }) => fit!),
    chosen.map(({ facts, fit, accepted }) => endJob(facts, fit!, accepted)),
    { secondPerson },
  );
}

/** The step to go on with: the first that is open and waits for nothing, else the first that is not done. */
export function stepInHand(steps: readonly StepState[]): StepState | null {
  return (
    steps.find(({ how, waitsFor }) => how === 'open' && waitsFor.length === 0) ??
    steps.find(({ awaitsSecond }) => awaitsSecond) ??
    steps.find(({ how }) => how === 'problem') ??
    null
  );
}
