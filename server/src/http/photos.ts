import { NewPhoto, Withdrawal } from '@cricket/contract';
import { mostPhotoBytes } from '@cricket/core/job-file';
import { Hono } from 'hono';
import type { DataSource, EntityManager } from 'typeorm';

import { PhotoEntity } from '../data/entities/photo';
import { journalled } from '../data/journal';
import { bikeForWrite, photoShape } from '../data/records';
import { readPicture } from '../photos/read-picture';
import { ProblemError } from './problem';
import { readBody } from './read-body';
import { madeAt, uuidParam, writeContext } from './write-context';

/** Photos of a job: taken in, looked at, withdrawn. */
export function photos(dataSource: DataSource): Hono {
  const app = new Hono();

  app.put('/:bikeId/photos/:photoId', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const id = uuidParam(c, 'photoId');
    const body = await readBody(c, NewPhoto);
    const context = writeContext(c);
    const read = await readPicture(Buffer.from(body.picture, 'base64'));
    const subject = { bikeId, action: 'photo', subject: 'photo', subjectId: id };
    await journalled(dataSource, context, subject, async (manager) => {
      await bikeForWrite(manager, bikeId);
      if (await manager.existsBy(PhotoEntity, { id })) {
        throw new ProblemError(409, 'id-taken', 'A photo with this id exists already.');
      }
      await holdRoom(manager, bikeId, read.picture.length);
      const photo = manager.create(PhotoEntity, {
        id,
        bikeId,
        about: body.about,
        note: body.note ?? null,
        takenAt: madeAt(c, body.takenAt),
        person: context.person,
        withdrawnAt: null,
        ...read,
      });
      await manager.insert(PhotoEntity, photo);
      return { before: null, after: photoShape(photo) };
    });
    return c.json(photoShape(await dataSource.manager.findOneByOrFail(PhotoEntity, { id })), 201);
  });

  app.get('/:bikeId/photos/:photoId', async (c) => {
    const where = { id: uuidParam(c, 'photoId'), bikeId: uuidParam(c, 'bikeId') };
    const column = c.req.query('size') === 'small' ? 'small' : 'picture';
    const photo = await dataSource.manager.findOne(PhotoEntity, { where, select: { id: true, [column]: true } });
    if (!photo) throw new ProblemError(404, 'not-found', 'There is no such photo.');
    return c.body(new Uint8Array(photo[column]), 200, { 'content-type': 'image/jpeg' });
  });

  app.put('/:bikeId/photos/:photoId/withdrawal', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const id = uuidParam(c, 'photoId');
    const { because } = await readBody(c, Withdrawal);
    const subject = { bikeId, action: 'photo-withdrawn', subject: 'photo', subjectId: id };
    await journalled(dataSource, writeContext(c), subject, async (manager) => {
      await bikeForWrite(manager, bikeId);
      const photo = await manager.findOneBy(PhotoEntity, { id, bikeId });
      if (!photo) throw new ProblemError(404, 'not-found', 'There is no such photo.');
      const before = photoShape(photo);
      const withdrawnAt = photo.withdrawnAt ?? new Date();
      await manager.update(PhotoEntity, { id }, { withdrawnAt });
      return { before, after: { ...before, withdrawnAt: withdrawnAt.toISOString(), because: because ?? null } };
    });
    return c.json(photoShape(await dataSource.manager.findOneByOrFail(PhotoEntity, { id })));
  });

  return app;
}

/** A job goes out whole as one file, and such a file comes in again: its photos have so much room. */
async function holdRoom(manager: EntityManager, bikeId: string, bytes: number): Promise<void> {
  const { used } = (await manager
    .createQueryBuilder(PhotoEntity, 'photo')
    .select('coalesce(sum(octet_length(photo.picture)), 0)', 'used')
    .where({ bikeId })
    .getRawOne<{ used: string }>())!;
  if (Number(used) + bytes <= mostPhotoBytes) return;
  const mb = (many: number) => (many / 1024 / 1024).toFixed(1);
  throw new ProblemError(422, 'invalid-input', 'The photos of this bike fill their room.', [
    {
      path: 'picture',
      messages: [
        `has ${mb(bytes)} MB; ${mb(Number(used))} of ${mb(mostPhotoBytes)} MB are taken by this bike's photos`,
      ],
    },
  ]);
}
