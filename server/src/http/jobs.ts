import { said } from '@cricket/core/said';
import { eventsOf, type JobEvent as CoreJobEvent } from '@cricket/core/job-events';
import { jobFormat, largestJob, type FiledEvent } from '@cricket/core/job-file';
import type { Photo } from '@cricket/contract/shapes';
import { Hono, type Context } from 'hono';
import { In, type DataSource, type EntityManager } from 'typeorm';

import { AcceptanceEntity } from '../data/entities/acceptance';
import { BikeEntity } from '../data/entities/bike';
import { ChoiceEntity } from '../data/entities/choice';
import { JobEventEntity } from '../data/entities/job-event';
import { OrderLineEntity } from '../data/entities/order-line';
import { PersonEntity } from '../data/entities/person';
import { PhotoEntity } from '../data/entities/photo';
import { ReadingEntity } from '../data/entities/reading';
import { insertAll } from '../data/insert-all';
import { journalled } from '../data/journal';
import { kitsOfJob, takeKitsIn } from '../data/kits-of-job';
import { bikeRecord } from '../data/records';
import type { Heavy } from '../heavy/heavy';
import { makerIn } from './guard';
import { ProblemError } from '../problem/problem';
import { keepDigest } from './parse-json';
import { readBytes } from './read-bytes';
import { uuidParam, writeContext } from './write-context';

/** A whole job as one file, out and in; reading it in gives back exactly what went out. */
export function jobs(dataSource: DataSource, heavy: Heavy): Hono {
  const app = new Hono();

  app.get('/:bikeId', async (c) => {
    const record = await bikeRecord(dataSource, uuidParam(c, 'bikeId'));
    // What is known of the bike is worked out again from its readings; drawers stay in their shop.
    const { taken: _, ...rest } = record;
    const { facts: __, ...bike } = record.bike;
    const photos = await withPictures(dataSource, record.photos);
    const wheels = await kitsOfJob(dataSource.manager, record.choices);
    return c.json({ format: jobFormat, record: { ...rest, bike, photos }, wheels });
  });

  app.put('/:importId', async (c) => {
    const importId = uuidParam(c, 'importId');
    // Read and looked into before anything is held in the database.
    const { record, wheels, pictures, digest } = await heavy.readJobFile(await readBytes(c, largestJob));
    keepDigest(c, digest);
    holdWordsOfOthers(c, record.events);
    const photos = record.photos.map((photo, at) => {
      const { picture, small, ...size } = pictures[at]!;
      // From another thread they come as plain bytes.
      const kept = { picture: Buffer.from(picture), small: Buffer.from(small), ...size };
      return { ...dated(photo, ['takenAt', 'withdrawnAt']), ...kept };
    });
    const subject = { bikeId: record.bike.id, action: 'job-read-in', subject: 'import', subjectId: importId };
    const context = writeContext(c);
    await journalled(dataSource, context, subject, async (manager) => {
      if (await manager.existsBy(BikeEntity, { id: record.bike.id })) {
        throw new ProblemError(409, 'id-taken', said('problem.bike-here'));
      }
      const receivedAt = new Date();
      const { bike, readings, choices, acceptances, orders, events } = record;
      const signed = await signatures(manager);
      await manager.insert(BikeEntity, dated(bike, ['createdAt', 'withdrawnAt']) as never);
      await insertAll(
        manager,
        ReadingEntity,
        readings.map((row) => dated(signed(row), ['takenAt', 'withdrawnAt'])),
      );
      const kits = await takeKitsIn(manager, { record, wheels }, context.writeId);
      await insertAll(
        manager,
        ChoiceEntity,
        choices.map((row) => dated(signed(row), ['chosenAt', 'withdrawnAt'])),
      );
      await insertAll(
        manager,
        AcceptanceEntity,
        acceptances.map((row) => ({ ...dated(signed(row), ['acceptedAt']), imported: true })),
      );
      await insertAll(
        manager,
        OrderLineEntity,
        orders.map((row) => dated(signed(row), ['changedAt'])),
      );
      await insertAll(
        manager,
        JobEventEntity,
        // In the order in which they stand in the file, and received here, now.
        events.map((row) => ({ ...dated(signed(row), ['at', 'withdrawnAt']), receivedAt, imported: true })),
      );
      await insertAll(manager, PhotoEntity, photos.map(signed));
      return { before: null, after: { bikeId: bike.id, readings: readings.length, kits } };
    });
    return c.json(await bikeRecord(dataSource, record.bike.id), 201);
  });

  return app;
}

/**
 * Who signed the rows of a file: somebody of this shop by id where the file says so and the name is theirs, else by the name
 * alone.
 */
async function signatures(manager: EntityManager) {
  const people = await manager.find(PersonEntity, { select: { id: true, name: true } });
  const names = new Map(people.map(({ id, name }) => [id, name]));
  return <T extends { person: string; personId: string | null }>({ person, personId, ...row }: T) =>
    personId !== null && names.get(personId) === person
      ? { ...row, personId, personName: null }
      : { ...row, personId: null, personName: person };
}

/** The photos with the pictures themselves. */
async function withPictures(dataSource: DataSource, photos: readonly Photo[]) {
  const rows = await dataSource.manager.find(PhotoEntity, {
    where: { id: In(photos.map(({ id }) => id)) },
    select: { id: true, picture: true },
  });
  const pictures = new Map(rows.map(({ id, picture }) => [id, picture.toString('base64')]));
  return photos.map((photo) => ({ ...photo, picture: pictures.get(photo.id) ?? '' }));
}

function dated<T extends object, K extends keyof T>(row: T, names: readonly K[]): Omit<T, K> {
  return {
    ...row,
    ...Object.fromEntries(names.map((name) => [name, row[name] && new Date(String(row[name]))])),
  } as Omit<T, K>;
}

/** Overrides and confirmations are somebody's word: only the owner takes them over from a file. */
function holdWordsOfOthers(c: Context, events: FiledEvent[]): void {
  const { name, role } = makerIn(c);
  const given = events as CoreJobEvent[];
  const words =
    eventsOf(given, 'override').length > 0 ||
    eventsOf(given, 'step').some(({ data }) => data.how === 'confirmed' || data.how === 'stood-in');
  if (!words || role === 'owner') return;
  throw new ProblemError(403, 'not-allowed', said('problem.owner-reads-in', { name, role }));
}
