import { createHash } from 'node:crypto';

import { coreRecord } from '@cricket/contract/core-record';
import type { BikeRecord } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { endState, isHandOver, type EndState, type Workshop } from '@cricket/core/next-action';

import { Latest } from '../kept/latest';

/** The most bikes whose fits are kept. */
const mostKept = 60;

const kept = new Latest<{ stamp: string; states: Record<End, EndState> }>(mostKept);

/**
 * Where both ends of a bike stand. Each takes a whole fit, and every step that is written down asks for it: it is kept until
 * something that it depends on has changed. Nothing but time is lost when it is forgotten.
 */
export function endStatesOf(record: BikeRecord, workshop: Workshop): Record<End, EndState> {
  const { id } = record.bike;
  const stamp = stampOf(record, workshop);
  const before = kept.get(id);
  if (before?.stamp === stamp) return before.states;
  const facts = coreRecord(record);
  const states = { front: endState(facts, 'front', workshop), rear: endState(facts, 'rear', workshop) };
  kept.set(id, { stamp, states });
  return states;
}

/** Everything that an end's state is worked out from; of the events only those that say more than how a step ended. */
function stampOf({ bike, readings, choices, acceptances, taken, events }: BikeRecord, workshop: Workshop): string {
  const telling = events.filter((event) => event.kind !== 'step' || isHandOver(event));
  const parts = [bike, readings, choices, taken, acceptances.map(({ id }) => id), telling, workshop];
  const digest = createHash('sha1');
  for (const part of parts) digest.update(JSON.stringify(part)).update('\0');
  return digest.digest('base64');
}
