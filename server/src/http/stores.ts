import { NewStockMove, PartEntry, unsuitedPart, Withdrawal } from '@cricket/contract';
import { InputError } from '@cricket/core/input';
import { said } from '@cricket/core/said';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { PartEntity } from '../data/entities/part';
import { StoreMoveEntity } from '../data/entities/store-move';
import { journalled } from '../data/journal';
import { allStores, countParts, holdStores, storePart } from '../data/stock';
import { keptAnswer } from './kept-answers';
import { ProblemError } from '../problem/problem';
import { readPlain } from './read-plain';
import { holdVersion } from './versioned';
import { madeAt, uuidParam, writeContext } from './write-context';

/** The stores: the shop's parts, with what is on hand of each. */
export function stores(dataSource: DataSource): Hono {
  const app = new Hono();

  app.get('/', (c) => keptAnswer(c, 'stores', () => allStores(dataSource)));

  app.put('/:itemId', async (c) => {
    const id = uuidParam(c, 'itemId');
    const { count, version, ...body } = await readPlain(c, PartEntry, unsuitedPart);
    const context = writeContext(c);
    const subject = { bikeId: null, action: 'stores-changed', subject: 'part', subjectId: id };
    await journalled(dataSource, context, subject, async (manager) => {
      await holdStores(manager);
      const before = await storePart(manager, id);
      const yours = { ...body, count, version };
      holdVersion(before, yours, 'store_line');
      const { kind, spec, label = null, costEach = null } = body;
      const part = { id, kind, spec, label, costEach, version: version + 1, withdrawnAt: null };
      await manager.save(PartEntity, part);
      if (count !== undefined && count !== before?.count) {
        await countParts(manager, [{ partId: id, count }], context.personId);
      }
      return { before, after: await storePart(manager, id) };
    });
    return c.json(await storePart(dataSource, id));
  });

  app.put('/:itemId/moves/:moveId', async (c) => {
    const itemId = uuidParam(c, 'itemId');
    const id = uuidParam(c, 'moveId');
    const body = await readPlain(c, NewStockMove, whyNoMove);
    const context = writeContext(c);
    const subject = { bikeId: null, action: `stores-${body.kind}`, subject: 'part', subjectId: itemId };
    await journalled(dataSource, context, subject, async (manager) => {
      await holdStores(manager);
      const before = await storePart(manager, itemId);
      if (!before) throw new ProblemError(404, 'not-found', said('problem.no-such-line'));
      if (await manager.existsBy(StoreMoveEntity, { id })) {
        throw new ProblemError(409, 'id-taken', said('problem.id-of-move'));
      }
      const { kind, count } = body;
      const { personId } = context;
      const at = madeAt(c, body.at);
      await manager.insert(StoreMoveEntity, { id, partId: itemId, kind, count, at, personId });
      return { before, after: await storePart(manager, itemId) };
    });
    return c.json(await storePart(dataSource, itemId), 201);
  });

  app.put('/:itemId/withdrawal', async (c) => {
    const id = uuidParam(c, 'itemId');
    const { because } = await readPlain(c, Withdrawal);
    const subject = { bikeId: null, action: 'stores-withdrawn', subject: 'part', subjectId: id };
    await journalled(dataSource, writeContext(c), subject, async (manager) => {
      // Locked, as for a change: what was acknowledged meanwhile must not be written over.
      const stored = await manager.findOne(PartEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (!stored) throw new ProblemError(404, 'not-found', said('problem.no-such-line'));
      const before = await storePart(manager, id);
      stored.withdrawnAt ??= new Date();
      stored.version += 1;
      await manager.save(stored);
      return { before, after: { because: because ?? null } };
    });
    return c.json(await storePart(dataSource, id));
  });

  return app;
}

/** A drawer cannot hold fewer than none. */
function whyNoMove({ kind, count }: NewStockMove): InputError | null {
  return kind === 'counted' && count < 0
    ? new InputError('count', count, said('input.whole-number-from-to', { min: 0, max: 9999 }))
    : null;
}
