import { TakeInEntry } from '@cricket/contract';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { journalled } from '../data/journal';
import { bikeForWrite, bikeRecord, bikeShape } from '../data/records';
import { readPlain } from './read-plain';
import { holdVersion } from './versioned';
import { uuidParam, writeContext } from './write-context';

/** What take-in records of a bike: weights, wishes, ratings, what the walk round found. */
export function takeIn(dataSource: DataSource): Hono {
  const app = new Hono();

  app.put('/:bikeId/take-in', async (c) => {
    const id = uuidParam(c, 'bikeId');
    const body = await readPlain(c, TakeInEntry);
    const subject = { bikeId: id, action: 'taken-in', subject: 'bike', subjectId: id };
    await journalled(dataSource, writeContext(c), subject, async (manager) => {
      const bike = await bikeForWrite(manager, id);
      const before = bikeShape(bike);
      holdVersion(before, body, 'bike');
      Object.assign(bike, { facts: body.facts, version: body.version + 1 });
      await manager.save(bike);
      return { before: before.facts, after: body.facts };
    });
    return c.json(await bikeRecord(dataSource, id));
  });

  return app;
}
