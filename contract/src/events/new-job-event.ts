import { listed, said } from '@cricket/core/said';
import { Anything, InputError, inputErrors, Named, OneOf } from '@cricket/core/input';
import { jobEventKinds, jobEventShapes, placesOf, type JobEventKind } from '@cricket/core/job-events';
import { places, type Place } from '@cricket/core/model';

import { Moment } from '../moment';

/** Something that happened to a job. It is never changed afterwards, only withdrawn. */
export class NewJobEvent {
  @OneOf(jobEventKinds) kind!: JobEventKind;
  @OneOf(places) place!: Place;
  /** Its shape goes by the kind. */
  @Named(Anything()) data!: object;
  /** By the phone's clock. */
  @Moment() at!: string;
}

/** What of an event does not suit its kind: where it happened, and everything that it says. */
export function unsuitedEvent({ kind, place, data }: Pick<NewJobEvent, 'kind' | 'place' | 'data'>): InputError[] {
  const known = placesOf(kind);
  const misplaced = known.includes(place)
    ? []
    : [new InputError('place', place, said('input.one-of', { words: listed(known, 'comma') }))];
  const found = inputErrors(jobEventShapes[kind], data).map(
    ({ path, value, allowed }) => new InputError(path ? `data.${path}` : 'data', value, allowed),
  );
  return [...misplaced, ...found];
}
