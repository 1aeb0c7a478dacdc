import { NewReading, Withdrawal } from '@cricket/contract';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { ReadingEntity } from '../data/entities/reading';
import { journalled } from '../data/journal';
import { bikeForWrite, readingShape } from '../data/records';
import { ProblemError } from './problem';
import { readBody } from './read-body';
import { madeAt, uuidParam, writeContext } from './write-context';

/** Readings of a bike: taken once, never changed, withdrawn at most. */
export function readings(dataSource: DataSource): Hono {
  const app = new Hono();

  app.put('/:bikeId/readings/:readingId', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const id = uuidParam(c, 'readingId');
    const body = await readBody(c, NewReading);
    const context = writeContext(c);
    await journalled(dataSource, context, about(bikeId, id, 'reading'), async (manager) => {
      await bikeForWrite(manager, bikeId);
      if (await manager.existsBy(ReadingEntity, { id })) {
        throw new ProblemError(409, 'id-taken', 'A reading with this id exists already.');
      }
      const reading = manager.create(ReadingEntity, {
        id,
        bikeId,
        end: body.end,
        feature: body.feature,
        valueMm: body.valueMm ?? null,
        word: body.word ?? null,
        parts: body.parts?.map(({ kind, thicknessMm }) => ({ kind, thicknessMm })) ?? null,
        typed: body.typed ?? null,
        unit: body.unit ?? null,
        instrument: body.instrument,
        takenAt: madeAt(c, body.takenAt),
        person: context.person,
        withdrawnAt: null,
        withdrawnBecause: null,
      });
      await manager.insert(ReadingEntity, reading);
      return { before: null, after: readingShape(reading) };
    });
    return c.json(readingShape(await dataSource.manager.findOneByOrFail(ReadingEntity, { id })), 201);
  });

  app.put('/:bikeId/readings/:readingId/withdrawal', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const id = uuidParam(c, 'readingId');
    const { because } = await readBody(c, Withdrawal);
    await journalled(dataSource, writeContext(c), about(bikeId, id, 'reading-withdrawn'), async (manager) => {
      await bikeForWrite(manager, bikeId);
      const reading = await manager.findOneBy(ReadingEntity, { id, bikeId });
      if (!reading) throw new ProblemError(404, 'not-found', 'There is no such reading.');
      const before = readingShape(reading);
      reading.withdrawnAt ??= new Date();
      reading.withdrawnBecause ??= because ?? null;
      await manager.save(reading);
      return { before, after: readingShape(reading) };
    });
    return c.json(readingShape(await dataSource.manager.findOneByOrFail(ReadingEntity, { id })));
  });

  return app;
}

function about(bikeId: string, subjectId: string, action: string) {
  return { bikeId, action, subject: 'reading', subjectId };
}
