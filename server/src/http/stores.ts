import { missingOfPart, StoreItemEntry, Withdrawal } from '@cricket/contract';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { StoreItemEntity } from '../data/entities/store-item';
import { journalled } from '../data/journal';
import { allStores, storeItemShape } from '../data/records';
import { tagOf } from '../data/revisions';
import { keptAnswer } from './kept-answers';
import { ProblemError } from './problem';
import { readPlain } from './read-plain';
import { holdVersion } from './versioned';
import { uuidParam, writeContext } from './write-context';

/** The stores: washers, shims and arms on hand, with counts. */
export function stores(dataSource: DataSource): Hono {
  const app = new Hono();

  app.get('/', async (c) => keptAnswer(c, 'stores', await tagOf(dataSource, ['stores']), () => allStores(dataSource)));

  app.put('/:itemId', async (c) => {
    const id = uuidParam(c, 'itemId');
    const body = await readPlain(c, StoreItemEntry, missingOfPart);
    const subject = { bikeId: null, action: 'stores-changed', subject: 'store-item', subjectId: id };
    await journalled(dataSource, writeContext(c), subject, async (manager) => {
      const stored = await manager.findOne(StoreItemEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });
      const before = stored && storeItemShape(stored);
      holdVersion(before, body, 'line of the stores');
      const item = manager.create(StoreItemEntity, {
        id,
        kind: body.kind,
        boreMm: body.boreMm ?? null,
        outerMm: body.outerMm ?? null,
        thicknessMm: body.thicknessMm,
        tabWidthMm: body.kind === 'tabbed' ? (body.tabWidthMm ?? null) : null,
        tabDepthMm: body.kind === 'tabbed' ? (body.tabDepthMm ?? null) : null,
        count: body.count,
        // Lists edit counts and sizes; what else a part is like stays as it was.
        details: body.details ?? stored?.details ?? null,
        version: body.version + 1,
        withdrawnAt: null,
      });
      await manager.save(item);
      return { before, after: storeItemShape(item) };
    });
    return c.json(storeItemShape(await dataSource.manager.findOneByOrFail(StoreItemEntity, { id })));
  });

  app.put('/:itemId/withdrawal', async (c) => {
    const id = uuidParam(c, 'itemId');
    const { because } = await readPlain(c, Withdrawal);
    const subject = { bikeId: null, action: 'stores-withdrawn', subject: 'store-item', subjectId: id };
    await journalled(dataSource, writeContext(c), subject, async (manager) => {
      // Locked, as for a change: a count that was acknowledged meanwhile must not be written over.
      const stored = await manager.findOne(StoreItemEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (!stored) throw new ProblemError(404, 'not-found', 'There is no such line of the stores.');
      const before = storeItemShape(stored);
      stored.withdrawnAt ??= new Date();
      stored.version += 1;
      await manager.save(stored);
      return { before, after: { because: because ?? null } };
    });
    return c.json(storeItemShape(await dataSource.manager.findOneByOrFail(StoreItemEntity, { id })));
  });

  return app;
}
