import { said } from '@cricket/core/said';
import { TakeInEntry } from '@cricket/contract';
import { whyNotTold } from '@cricket/core/answer-check';
import { InputError } from '@cricket/core/input';
import { Hono } from 'hono';
import { In, type DataSource } from 'typeorm';

import { ReadingEntity } from '../data/entities/reading';
import { journalled } from '../data/journal';
import { bikeForWrite, bikeRecord } from '../data/records';
import { signedBy } from './facts';
import { ProblemError } from '../problem/problem';
import { readPlain } from './read-plain';
import { madeAt, uuidParam, writeContext } from './write-context';

/** What take-in records of a bike: weights, wishes, ratings, what the walk round found. Two people's answers add up. */
export function takeIn(dataSource: DataSource): Hono {
  const app = new Hono();

  app.put('/:bikeId/take-in/:tellingId', async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const subjectId = uuidParam(c, 'tellingId');
    const { tellings, takenAt: claimed } = await readPlain(c, TakeInEntry, unsuited);
    const context = writeContext(c);
    const subject = { bikeId, action: 'taken-in', subject: 'take-in', subjectId };
    await journalled(dataSource, context, subject, async (manager) => {
      await bikeForWrite(manager, bikeId);
      const ids = tellings.map(({ id }) => id);
      if (await manager.existsBy(ReadingEntity, { id: In(ids) })) {
        throw new ProblemError(409, 'id-taken', said('problem.reading-id'));
      }
      const before = (await bikeRecord(manager, bikeId)).bike.facts;
      const takenAt = madeAt(c, claimed);
      const rows = tellings.map(({ id, feature, is }) => ({
        ...signedBy(context),
        id,
        bikeId,
        place: 'bike',
        feature,
        told: { is },
        instrument: 'eye',
        takenAt,
      }));
      if (rows.length > 0) await manager.insert(ReadingEntity, rows as never);
      return { before, after: (await bikeRecord(manager, bikeId)).bike.facts };
    });
    return c.json(await bikeRecord(dataSource, bikeId));
  });

  return app;
}

/** Every answer is one that its feature may have; the error names the fact, as its page does. */
function unsuited({ tellings }: TakeInEntry): InputError[] {
  return tellings.flatMap((telling) => {
    const why = whyNotTold(telling);
    return why ? [new InputError(`facts.${why.path}`, why.value, why.allowed)] : [];
  });
}
