import { said } from '@cricket/core/said';
import { BikeChange, NewBike, Withdrawal } from '@cricket/contract';
import type { Bike } from '@cricket/contract/shapes';
import { Hono } from 'hono';
import type { DataSource } from 'typeorm';

import { BikeEntity } from '../data/entities/bike';
import { journalled } from '../data/journal';
import { bikeForWrite, bikeRecord, journalRows } from '../data/records';
import { listTag } from '../data/revisions';
import { storedRow } from '../data/rows';
import type { Summaries } from '../summaries/summaries';
import { cursorOf } from './cursor';
import { keptAnswer, taggedAnswer } from './kept-answers';
import { keepable } from '../plain/json-bytes';
import { ProblemError } from '../problem/problem';
import { readPlain } from './read-plain';
import { uuidParam, writeContext } from './write-context';

/** Bikes: list with next actions, one record, bring in, change, take out, journal. */
export function bikes(dataSource: DataSource, summaries: Summaries): Hono {
  const app = new Hono();

  app.get('/', async (c) => {
    const search = searched(c.req.query('search'));
    const before = cursorOf(c.req.query('before'));
    // The first page is what every phone looks at: it is kept.
    const tag = search || before ? null : await listTag(dataSource, new Date());
    return taggedAnswer(c, 'bikes', tag, () => summaries.list({ search, before }));
  });

  app.get('/:bikeId', (c) => {
    const id = uuidParam(c, 'bikeId');
    return keptAnswer(c, id, () => bikeRecord(dataSource, id));
  });

  app.get('/:bikeId/journal', async (c) => {
    return c.json(await journalRows(dataSource, uuidParam(c, 'bikeId'), cursorOf(c.req.query('before'))));
  });

  app.put('/:bikeId', async (c) => {
    const id = uuidParam(c, 'bikeId');
    const body = await readPlain(c, NewBike);
    await journalled(dataSource, writeContext(c), about(id, 'bike-in'), async (manager) => {
      if (await manager.existsBy(BikeEntity, { id })) {
        throw new ProblemError(409, 'id-taken', said('problem.bike-exists'));
      }
      const bike = { id, ...ownFacts(body), createdAt: new Date(), withdrawnAt: null, version: 1 };
      await manager.insert(BikeEntity, bike);
      return { before: null, after: bike };
    });
    return c.json(await bikeRecord(dataSource, id), 201);
  });

  app.patch('/:bikeId', async (c) => {
    const id = uuidParam(c, 'bikeId');
    const { version, ...body } = await readPlain(c, BikeChange);
    await journalled(dataSource, writeContext(c), about(id, 'bike-changed'), async (manager) => {
      const bike = await bikeForWrite(manager, id);
      const before = await storedRow<Bike>(manager, BikeEntity, id);
      if (bike.version !== version) {
        throw new ProblemError(409, 'version-conflict', said('problem.bike-changed'), [], {
          current: before,
          yours: { ...body, version },
        });
      }
      Object.assign(bike, ownFacts(body), { version: version + 1 });
      await manager.save(bike);
      return { before, after: await storedRow<Bike>(manager, BikeEntity, id) };
    });
    return c.json(await bikeRecord(dataSource, id));
  });

  app.put('/:bikeId/withdrawal', async (c) => {
    const id = uuidParam(c, 'bikeId');
    const { because } = await readPlain(c, Withdrawal);
    await journalled(dataSource, writeContext(c), about(id, 'bike-out'), async (manager) => {
      const bike = await bikeForWrite(manager, id);
      bike.withdrawnAt = new Date();
      bike.version += 1;
      await manager.save(bike);
      return { before: null, after: { because: because ?? null } };
    });
    return c.json(await bikeRecord(dataSource, id));
  });

  app.put('/:bikeId/return', async (c) => {
    const id = uuidParam(c, 'bikeId');
    const { because } = await readPlain(c, Withdrawal);
    await journalled(dataSource, writeContext(c), about(id, 'bike-back'), async (manager) => {
      const bike = await manager.findOne(BikeEntity, { where: { id }, lock: { mode: 'pessimistic_write' } });
      if (!bike) throw new ProblemError(404, 'not-found', said('problem.no-such-bike'));
      // Two who bring it back at once have brought it back.
      if (bike.withdrawnAt) {
        bike.withdrawnAt = null;
        bike.version += 1;
        await manager.save(bike);
      }
      return { before: null, after: { because: because ?? null } };
    });
    return c.json(await bikeRecord(dataSource, id));
  });

  return app;
}

function about(bikeId: string, action: string) {
  return { bikeId, action, subject: 'bike', subjectId: bikeId };
}

function ownFacts(body: NewBike) {
  return {
    tag: body.tag.trim(),
    name: body.name.trim(),
    kind: body.kind,
    riderInitials: body.riderInitials ?? null,
    beadSeatMm: body.beadSeatMm ?? null,
    wheelbaseMm: body.wheelbaseMm ?? null,
    chainStayMm: body.chainStayMm ?? null,
  };
}

/** What is searched for; what no database keeps is not in one either. */
function searched(text = ''): string {
  const sought = text.trim().slice(0, 80);
  if (keepable(sought)) return sought;
  throw new ProblemError(422, 'invalid-input', said('problem.search'), [
    { path: 'search', messages: [said('problem.no-such-character')] },
  ]);
}
