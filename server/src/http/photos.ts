import { said } from '@cricket/core/said';
import { NewPhoto } from '@cricket/contract';
import type { Photo } from '@cricket/contract/shapes';
import { mostPhotoBytes } from '@cricket/core/job-file';
import type { Hono } from 'hono';
import type { DataSource, EntityManager } from 'typeorm';

import { PhotoEntity } from '../data/entities/photo';
import { readPicture, type ReadPicture } from '../photos/read-picture';
import { facts } from './facts';
import { ProblemError } from '../problem/problem';
import { madeAt, uuidParam } from './write-context';

/** Photos of a job: taken in, looked at, withdrawn. */
export function photos(dataSource: DataSource): Hono {
  const app = facts<NewPhoto, Photo, ReadPicture>(dataSource, {
    kind: 'photo',
    entity: PhotoEntity,
    body: NewPhoto,
    prepare: (_, { picture }) => readPicture(Buffer.from(picture, 'base64')),
    columns: async ({ place, about, note, takenAt }, { c, manager, bikeId }, read) => {
      await holdRoom(manager, bikeId, read.picture.length);
      return { place, about, note: note ?? null, takenAt: madeAt(c, takenAt), ...read };
    },
  });

  app.get('/:bikeId/photos/:photoId', async (c) => {
    const where = { id: uuidParam(c, 'photoId'), bikeId: uuidParam(c, 'bikeId') };
    const column = c.req.query('size') === 'small' ? 'small' : 'picture';
    const photo = await dataSource.manager.findOne(PhotoEntity, { where, select: { id: true, [column]: true } });
    if (!photo) throw new ProblemError(404, 'not-found', said('problem.no-such-photo'));
    return c.body(new Uint8Array(photo[column]), 200, { 'content-type': 'image/jpeg' });
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
  throw new ProblemError(422, 'invalid-input', said('problem.photos-full'), [
    {
      path: 'picture',
      messages: [said('problem.photo-room', { mb: mb(bytes), usedMb: mb(Number(used)), mostMb: mb(mostPhotoBytes) })],
    },
  ]);
}
