import { NewStack } from '@cricket/contract';
import { coreVersion } from '@cricket/core';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { AcceptedStackEntity } from '../data/entities/accepted-stack';
import { journalled } from '../data/journal';
import { bikeForWrite, bikeRecord, stackShape } from '../data/records';
import { workshopOf } from '../data/workshop';
import { snapshotOf } from '../fit/snapshot';
import { ProblemError } from './problem';
import { readBody } from './read-body';
import { madeAt, uuidParam, writeContext } from './write-context';

/** Accepted stacks of a bike: worked out here, then frozen. */
export function stacks(dataSource: DataSource): Hono {
  const app = new Hono();

  app.put('/:bikeId/stacks/:stackId', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const id = uuidParam(c, 'stackId');
    const body = await readBody(c, NewStack);
    const context = writeContext(c);
    const subject = { bikeId, action: 'stack-accepted', subject: 'stack', subjectId: id };
    await journalled(dataSource, context, subject, async (manager) => {
      await bikeForWrite(manager, bikeId);
      if (await manager.existsBy(AcceptedStackEntity, { id })) {
        throw new ProblemError(409, 'id-taken', 'A stack with this id exists already.');
      }
      const [record, workshop] = [await bikeRecord(manager, bikeId), await workshopOf(manager)];
      const accepted = manager.create(AcceptedStackEntity, {
        id,
        bikeId,
        end: body.end,
        wheelId: body.wheelId,
        acceptedAt: madeAt(c, body.acceptedAt),
        person: context.person,
        byHand: body.byHand,
        coreVersion,
        snapshot: snapshotOf(body, record, workshop),
      });
      await manager.insert(AcceptedStackEntity, accepted as never);
      return { before: null, after: stackShape(accepted) };
    });
    return c.json(stackShape(await dataSource.manager.findOneByOrFail(AcceptedStackEntity, { id })), 201);
  });

  return app;
}
