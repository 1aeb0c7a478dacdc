import { eventsOf, type JobEvent } from '../job-events';
import type { End } from '../features';
import type { Override } from './overrides';

/** What the owner lets go on with this wheel at this end. */
export function overridesOf(events: readonly JobEvent[], end: End, wheelId: string): Override[] {
  return eventsOf(events, 'override')
    .filter(({ data }) => data.end === end && data.wheelId === wheelId)
    .map(({ data, person, at }) => ({ findingId: data.findingId, because: data.because, person, at }));
}
