import type { BikeFacts } from '../bike-facts';
import type { End } from '../features';
import type { LimitsInput } from '../limits';
import type { EndState } from '../next-action';
import { endJob, jobFacts, type JobChoices, type JobFacts } from '../procedure';

/**
 * The job as it stands: the ends that have a stack taken; before that, the end in hand if it has a kit. Null while there is
 * nothing to fit.
 *
 * @param active - the end in hand
 */
export function jobOf(
  bike: BikeFacts,
  states: Partial<Record<End, EndState>>,
  active: End,
  choices: JobChoices,
  limits?: LimitsInput,
): JobFacts | null {
  const withFit = (['front', 'rear'] as const).flatMap((end) => {
    const state = states[end];
    return state?.fit ? [{ ...state, fit: state.fit }] : [];
  });
  const taken = withFit.filter(({ accepted }) => accepted);
  const chosen = taken.length ? taken : withFit.filter(({ end }) => end === active);
  if (chosen.length === 0) return null;
  return jobFacts(
    bike,
    chosen.map(({ fit }) => fit),
    chosen.map(({ facts, fit, accepted }) => endJob(facts, fit, accepted, bike, limits)),
    choices,
  );
}
