import { OrderLineEntry } from '@cricket/contract';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { OrderLineEntity } from '../data/entities/order-line';
import { journalled } from '../data/journal';
import { bikeForWrite, orderShape } from '../data/records';
import { ProblemError } from './problem';
import { readPlain } from './read-plain';
import { holdVersion } from './versioned';
import { uuidParam, writeContext } from './write-context';

/** What was ordered for a bike, and what has come. */
export function orders(dataSource: DataSource): Hono {
  const app = new Hono();

  app.put('/:bikeId/orders/:lineId', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const id = uuidParam(c, 'lineId');
    const body = await readPlain(c, OrderLineEntry);
    const context = writeContext(c);
    const subject = { bikeId, action: `order-${body.state}`, subject: 'order', subjectId: id };
    await journalled(dataSource, context, subject, async (manager) => {
      await bikeForWrite(manager, bikeId);
      const stored = await manager.findOne(OrderLineEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });
      const before = stored && orderShape(stored);
      if (before && before.bikeId !== bikeId) {
        throw new ProblemError(409, 'id-taken', 'This line belongs to another bike.');
      }
      holdVersion(before, body, 'line of the order');
      const { person } = context;
      const line = manager.create(OrderLineEntity, {
        ...body,
        id,
        bikeId,
        changedAt: new Date(),
        person,
        version: body.version + 1,
      });
      await manager.save(line);
      return { before, after: orderShape(line) };
    });
    return c.json(orderShape(await dataSource.manager.findOneByOrFail(OrderLineEntity, { id })));
  });

  return app;
}
