import type { BikeRecord, Choice, JobEvent, OrderLine, Photo, Reading } from '@cricket/contract/shapes';
import { toldFacts, type Telling } from '@cricket/core/told';
import { jobEventSchemaVersion } from '@cricket/core/model';

import type { PendingWrite } from './outbox-store';

/**
 * A bike's record as it will be once this write is stored. Accepted stacks are not foreseen: their figures are the
 * server's to work out.
 *
 * @param record - null when the bike itself is still on its way
 */
export function applyWrite(record: BikeRecord | null, write: PendingWrite): BikeRecord | null {
  const { about } = write;
  if (write.refused) return record;
  if (about.kind === 'bike-in') return record ?? newRecord(write, about.bikeId);
  if (!record) return null;
  switch (about.kind) {
    case 'bike-changed':
      return { ...record, bike: { ...record.bike, ...write.body, version: versionAfter(record, write) } };
    case 'bike-back':
      return { ...record, bike: { ...record.bike, withdrawnAt: null } };
    case 'taken-in': {
      const readings = [...record.readings, ...told(write, about.bikeId).filter(({ id }) => !has(record.readings, id))];
      return { ...record, readings, bike: { ...record.bike, facts: toldFacts(readings) } };
    }
    case 'order':
      return withOrder(record, write, about.id);
    case 'reading':
      return has(record.readings, about.id)
        ? record
        : { ...record, readings: [...record.readings, reading(write, about)] };
    case 'reading-withdrawn':
      return { ...record, readings: withdrawn(record.readings, write, about.id) };
    case 'choice':
      return has(record.choices, about.id) ? record : { ...record, choices: [...record.choices, choice(write, about)] };
    case 'choice-withdrawn':
      return { ...record, choices: withdrawn(record.choices, write, about.id) };
    case 'event':
      return has(record.events, about.id) ? record : { ...record, events: [...record.events, event(write, about)] };
    case 'event-withdrawn':
      return { ...record, events: withdrawn(record.events, write, about.id) };
    case 'photo':
      return has(record.photos, about.id) ? record : { ...record, photos: [...record.photos, photo(write, about)] };
    case 'photo-withdrawn':
      return { ...record, photos: withdrawn(record.photos, write, about.id) };
    default:
      return record;
  }
}

/** The version that the bike will have: a second change made meanwhile builds on this one. */
function versionAfter({ bike }: BikeRecord, { body }: PendingWrite): number {
  const { version } = body as { version?: number };
  return version === undefined ? bike.version : version + 1;
}

/** Whether a write concerns this bike. */
export function concerns(write: PendingWrite, bikeId: string): boolean {
  return 'bikeId' in write.about && write.about.bikeId === bikeId;
}

function has(items: readonly { id: string }[], id: string): boolean {
  return items.some((item) => item.id === id);
}

function newRecord({ body, madeAt }: PendingWrite, bikeId: string): BikeRecord {
  const blank = { riderInitials: null, beadSeatMm: null, wheelbaseMm: null, chainStayMm: null };
  const bike = {
    ...blank,
    facts: {},
    ...body,
    id: bikeId,
    createdAt: madeAt,
    withdrawnAt: null,
    version: 1,
  } as BikeRecord['bike'];
  return { bike, readings: [], choices: [], acceptances: [], taken: [], orders: [], events: [], photos: [] };
}

function withdrawn<T extends { id: string; withdrawnAt?: string | null | undefined }>(
  items: readonly T[],
  { madeAt }: PendingWrite,
  id: string,
): T[] {
  return items.map((item) => (item.id === id ? { ...item, withdrawnAt: item.withdrawnAt ?? madeAt } : item));
}

/** An order line as it will be, with the version that it will have: one step more may follow at once. */
function withOrder(record: BikeRecord, write: PendingWrite, id: string): BikeRecord {
  const { body, madeAt } = write;
  const { version } = body as { version: number };
  const bikeId = record.bike.id;
  const line = { ...body, ...signed(write, { bikeId, id }), changedAt: madeAt, version: version + 1 } as OrderLine;
  return { ...record, orders: [...record.orders.filter((item) => item.id !== id), line] };
}

/** What any fact on its way says of itself. */
function signed({ person, personId }: PendingWrite, { bikeId, id }: { bikeId: string; id: string }) {
  return { id, bikeId, person, personId: personId ?? null };
}

const blankReading = {
  valueMm: null,
  word: null,
  parts: null,
  told: null,
  typed: null,
  unit: null,
  withdrawnAt: null,
  withdrawnBecause: null,
};

function reading(write: PendingWrite, about: { bikeId: string; id: string }): Reading {
  return { ...blankReading, ...write.body, ...signed(write, about) } as Reading;
}

/** Each answer of a take-in is a reading of the whole bike. */
function told(write: PendingWrite, bikeId: string): Reading[] {
  const { tellings, takenAt } = write.body as { tellings: (Telling & { id: string })[]; takenAt: string };
  return tellings.map(({ id, feature, is }) => ({
    ...blankReading,
    ...signed(write, { bikeId, id }),
    place: 'bike',
    feature,
    told: { is },
    instrument: 'eye',
    takenAt,
  }));
}

function choice(write: PendingWrite, about: { bikeId: string; id: string }): Choice {
  return { wheelId: null, withdrawnAt: null, ...write.body, ...signed(write, about) } as Choice;
}

function event(write: PendingWrite, about: { bikeId: string; id: string }): JobEvent {
  const rest = { schemaVersion: jobEventSchemaVersion, withdrawnAt: null };
  return { ...write.body, ...rest, ...signed(write, about) } as JobEvent;
}

/** A photo on its way: its picture is still in the write, its size is not known before the server has read it. */
function photo(write: PendingWrite, about: { bikeId: string; id: string }): Photo {
  const {
    place,
    about: shot,
    note = null,
    takenAt,
  } = write.body as Pick<Photo, 'place' | 'about' | 'takenAt'> & { note?: string | null };
  return { ...signed(write, about), place, about: shot, note, takenAt, widthPx: 0, heightPx: 0, withdrawnAt: null };
}
