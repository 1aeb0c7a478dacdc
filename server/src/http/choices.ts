import { NewChoice, Withdrawal } from '@cricket/contract';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { ChoiceEntity } from '../data/entities/choice';
import { WheelEntity } from '../data/entities/wheel';
import { journalled } from '../data/journal';
import { bikeForWrite, choiceShape } from '../data/records';
import { ProblemError } from './problem';
import { readBody } from './read-body';
import { madeAt, uuidParam, writeContext } from './write-context';

/** Choices of a bike: appended, the latest of a kind holds. */
export function choices(dataSource: DataSource): Hono {
  const app = new Hono();

  app.put('/:bikeId/choices/:choiceId', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const id = uuidParam(c, 'choiceId');
    const body = await readBody(c, NewChoice);
    const context = writeContext(c);
    const subject = { bikeId, action: `choice-${body.kind}`, subject: 'choice', subjectId: id };
    await journalled(dataSource, context, subject, async (manager) => {
      await bikeForWrite(manager, bikeId);
      if (await manager.existsBy(ChoiceEntity, { id })) {
        throw new ProblemError(409, 'id-taken', 'A choice with this id exists already.');
      }
      const wheelId = body.kind === 'wheel' ? (body.wheelId ?? null) : null;
      if (wheelId && !(await manager.existsBy(WheelEntity, { id: wheelId }))) {
        throw new ProblemError(422, 'invalid-input', 'This wheel is not in the catalogue.', [
          { path: 'wheelId', messages: [`${wheelId} is not in the catalogue`] },
        ]);
      }
      const choice = manager.create(ChoiceEntity, {
        id,
        bikeId,
        end: body.end,
        kind: body.kind,
        wheelId,
        chosenAt: madeAt(c, body.chosenAt),
        person: context.person,
        withdrawnAt: null,
      });
      await manager.insert(ChoiceEntity, choice);
      return { before: null, after: choiceShape(choice) };
    });
    return c.json(choiceShape(await dataSource.manager.findOneByOrFail(ChoiceEntity, { id })), 201);
  });

  app.put('/:bikeId/choices/:choiceId/withdrawal', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const id = uuidParam(c, 'choiceId');
    const { because } = await readBody(c, Withdrawal);
    const subject = { bikeId, action: 'choice-withdrawn', subject: 'choice', subjectId: id };
    await journalled(dataSource, writeContext(c), subject, async (manager) => {
      await bikeForWrite(manager, bikeId);
      const choice = await manager.findOneBy(ChoiceEntity, { id, bikeId });
      if (!choice) throw new ProblemError(404, 'not-found', 'There is no such choice.');
      const before = choiceShape(choice);
      choice.withdrawnAt ??= new Date();
      await manager.save(choice);
      return { before, after: { ...choiceShape(choice), because: because ?? null } };
    });
    return c.json(choiceShape(await dataSource.manager.findOneByOrFail(ChoiceEntity, { id })));
  });

  return app;
}
