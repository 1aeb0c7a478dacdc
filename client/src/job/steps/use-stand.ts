import { activeEnd } from '@cricket/core/choices';
import type { End } from '@cricket/core/features';
import { jobOf } from '@cricket/core/job';
import { procedure, stepStates, stepFigures } from '@cricket/core/procedure';
import { useMemo } from 'react';

import { useBikeEnds } from '../bike/use-bike-end';
import { useShopSettings } from '../../data/use-workshop';

const noneLogged = {};
const bothEnds: readonly End[] = ['front', 'rear'];

/** Everything that the stand shows: the plan of this bike, where each step stands, and the shop's own minutes. */
export function useStand(bikeId: string) {
  const { record, states, workshop, isPending, refetch } = useBikeEnds(bikeId, bothEnds);
  const settings = useShopSettings();
  const secondPerson = settings.data?.secondPerson ?? 'none';
  const job = useMemo(
    () =>
      record && states ? jobOf(record.bike.facts, states, activeEnd(record), { secondPerson }, workshop.limits) : null,
    [record, states, secondPerson, workshop.limits],
  );
  const figures = useMemo(() => stepFigures(workshop.limits), [workshop.limits]);
  const plan = useMemo(() => (job ? procedure(job, figures) : []), [job, figures]);
  const steps = useMemo(() => (record ? stepStates(plan, record.events) : []), [plan, record]);
  return {
    record,
    states,
    job,
    steps,
    limits: workshop.limits,
    logged: workshop.logged ?? noneLogged,
    isPending,
    refetch,
  };
}
