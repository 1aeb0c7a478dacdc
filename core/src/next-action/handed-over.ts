import { eventsOf, type JobEvent } from '../job-events';

/** Name of the step that ends a job: the rider has the bike back, and a date. */
const lastStep = 'appointment';

/** Whether an event says that a bike was handed over, or that it was not after all. */
export function isHandOver({ kind, data }: Pick<JobEvent, 'kind' | 'data'>): boolean {
  return kind === 'step' && 'stepId' in data && data.stepId === lastStep;
}

/**
 * When the bike was handed over, if it was after this time and still is: the step that ends a job is done and not taken back.
 *
 * @param since - when the stack was taken; an older hand-over was another job's
 */
export function handedOverAt(events: readonly JobEvent[], since: string): string | null {
  const last = eventsOf(events, 'step').filter(isHandOver).at(-1);
  return last && (last.data.how === 'done' || last.data.how === 'confirmed') && last.at >= since ? last.at : null;
}
