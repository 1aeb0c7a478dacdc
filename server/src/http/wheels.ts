import { said } from '@cricket/core/said';
import { WheelEntry } from '@cricket/contract';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { WheelEntity } from '../data/entities/wheel';
import { journalled } from '../data/journal';
import { allWheels, wheelShape } from '../data/records';
import { keptAnswer } from './kept-answers';
import { ProblemError } from '../problem/problem';
import { readPlain } from './read-plain';
import { holdVersion } from './versioned';
import { uuidParam, writeContext } from './write-context';

/** The catalogue of motor wheels. */
export function wheels(dataSource: DataSource): Hono {
  const app = new Hono();

  app.get('/', (c) => keptAnswer(c, 'wheels', () => allWheels(dataSource)));

  app.put('/:wheelId', async (c) => {
    const id = uuidParam(c, 'wheelId');
    const body = await readPlain(c, WheelEntry);
    if (body.axle.flatsMm >= body.axle.threadMm) {
      throw new ProblemError(422, 'invalid-input', said('problem.fields'), [
        {
          path: 'axle.flatsMm',
          messages: [said('problem.must-be-smaller', { threadMm: body.axle.threadMm, flatsMm: body.axle.flatsMm })],
        },
      ]);
    }
    const subject = { bikeId: null, action: 'wheel-changed', subject: 'wheel', subjectId: id };
    await journalled(dataSource, writeContext(c), subject, async (manager) => {
      const stored = await manager.findOne(WheelEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });
      const before = stored && wheelShape(stored);
      holdVersion(before, body, 'wheel');
      const { code, note, version, ...entry } = body;
      const spec = {
        ...entry,
        rotorFaceMm: entry.rotorFaceMm ?? null,
        smallSprocketMm: entry.smallSprocketMm ?? null,
        rotorDiameterMm: entry.rotorDiameterMm ?? null,
        // A form that knows nothing of the kit must not lose it.
        kit: entry.kit === undefined ? (before?.kit ?? null) : entry.kit,
      };
      const wheel = manager.create(WheelEntity, { id, code: code.trim(), note, spec, version: version + 1 });
      await manager.save(wheel);
      return { before, after: wheelShape(wheel) };
    });
    return c.json(wheelShape(await dataSource.manager.findOneByOrFail(WheelEntity, { id })));
  });

  return app;
}
