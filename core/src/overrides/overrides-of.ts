import type { Choice } from '../choices';
import { eventsOf, type JobEvent } from '../job-events';
import { axleAt, type End } from '../model';
import type { Override } from './overrides';

/**
 * What the owner lets go on with this wheel at this end. An override ends with the wheel it was given for: once another one was
 * chosen it does not come back with it.
 */
export function overridesOf(
  events: readonly JobEvent[],
  end: End,
  wheelId: string,
  choices: readonly Choice[] = [],
): Override[] {
  const others = choices.filter(
    (item) => item.kind === 'wheel' && item.place === axleAt(end) && item.wheelId !== wheelId,
  );
  const lastOther = others.reduce((last, { chosenAt }) => (chosenAt > last ? chosenAt : last), '');
  return eventsOf(events, 'override')
    .filter(({ place, data, at }) => place === axleAt(end) && data.wheelId === wheelId && at > lastOther)
    .map(({ data, person, at }) => ({ findingId: data.findingId, because: data.because, person, at }));
}
