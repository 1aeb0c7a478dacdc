import { listed, said } from '@cricket/core/said';
import { whyNotTold } from '@cricket/core/answer-check';
import { featureById } from '@cricket/core/features';
import { Anything, Figure, Items, InputError, Maybe, Nested, OneOf, Optional, Remark, Text } from '@cricket/core/input';
import { endAt, places } from '@cricket/core/model';
import { LoosePart } from '@cricket/core/part-schemas';
import { instruments } from '@cricket/core/reading-statistics';

import { Moment } from '../moment';

/** An answer at take-in; null takes it back to not known. */
export class NewTold {
  @Maybe() @Anything() is!: unknown;
}

/** One reading, as taken. It is never changed afterwards, only withdrawn. */
export class NewReading {
  @OneOf(places) place!: (typeof places)[number];
  /** @example "slot-width.left.seat" */
  @Text(60) feature!: string;
  @Optional() @Maybe() @Figure() valueMm?: number | null;
  @Optional() @Maybe() @Text(40) word?: string | null;
  @Optional() @Maybe() @Items(() => LoosePart, 20) parts?: LoosePart[] | null;
  @Optional() @Maybe() @Nested(() => NewTold) told?: NewTold | null;
  /** What was typed, before it was turned into mm. */
  @Optional() @Maybe() @Remark(40) typed?: string | null;
  @Optional() @Maybe() @OneOf(['mm', 'inch']) unit?: 'mm' | 'inch' | null;
  @OneOf(instruments) instrument!: (typeof instruments)[number];
  /** By the phone's clock. */
  @Moment() takenAt!: string;
}

type Said = Pick<NewReading, 'place' | 'feature' | 'valueMm' | 'word' | 'parts' | 'told'>;

/** Why a reading is not what its feature asks for: a plausible length, a known word, parts, or an answer; null when it is. */
export function whyUnsuited({ place, feature, valueMm, word, parts, told }: Said): InputError | null {
  const given = [valueMm, word, parts, told].filter((item) => item !== null && item !== undefined).length;
  if (given !== 1) return new InputError('feature', feature, said('contract.given-with-exactly-one-of-valuemm'));
  if (place === 'bike') {
    return told
      ? whyNotTold({ feature, is: told.is })
      : new InputError('told', told, said('contract.what-is', { feature }));
  }
  const known = endAt(place) && featureById(feature);
  if (!known) return new InputError('feature', feature, said('contract.something-that-is-read-at', { place }));
  if (known.kind === 'length') {
    const { minMm, maxMm } = known;
    const holds = typeof valueMm === 'number' && valueMm >= minMm && valueMm <= maxMm;
    return holds ? null : new InputError('valueMm', valueMm, said('contract.from-to-for', { minMm, maxMm, feature }));
  }
  if (known.kind === 'word') {
    const holds = typeof word === 'string' && known.words.includes(word);
    return holds
      ? null
      : new InputError('word', word, said('contract.one-of-for', { words: listed(known.words, 'comma'), feature }));
  }
  return Array.isArray(parts) ? null : new InputError('parts', parts, said('contract.list-for', { feature }));
}
