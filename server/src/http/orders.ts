import { said } from '@cricket/core/said';
import { OrderLineEntry } from '@cricket/contract';
import type { OrderLine } from '@cricket/contract/shapes';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { OrderLineEntity } from '../data/entities/order-line';
import { journalled } from '../data/journal';
import { bikeForWrite } from '../data/records';
import { deliverOrder, drawerOfLine, drawerOfOrder, holdStores } from '../data/stock';
import { rowOf, storedRow } from '../data/rows';
import { signedBy } from './facts';
import { ProblemError } from '../problem/problem';
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
      const before = await rowOf<OrderLine>(manager, OrderLineEntity, id);
      if (before && before.bikeId !== bikeId) {
        throw new ProblemError(409, 'id-taken', said('problem.line-of-another'));
      }
      holdVersion(before, body, 'order_line');
      const line = manager.create(OrderLineEntity, {
        ...body,
        part: body.part ?? null,
        because: body.because ?? null,
        id,
        bikeId,
        changedAt: new Date(),
        ...signedBy(context),
        version: body.version + 1,
      });
      await holdStores(manager);
      // What has once gone into a drawer stays with it, also where that was taken out meanwhile.
      const drawerId =
        (await drawerOfLine(manager, id)) ??
        (body.part && body.state !== 'wanted' ? await drawerOfOrder(manager, body.part) : null);
      line.drawerId = drawerId;
      await manager.save(line);
      if (drawerId) {
        const { personId, writeId } = context;
        await deliverOrder(manager, line, drawerId, { at: new Date(), personId, writeId });
      }
      return { before, after: await storedRow<OrderLine>(manager, OrderLineEntity, id) };
    });
    return c.json(await storedRow<OrderLine>(dataSource, OrderLineEntity, id));
  });

  return app;
}
