import { said } from '@cricket/core/said';
import { Withdrawal } from '@cricket/contract';
import { factResources, type FactKind } from '@cricket/contract/register';
import type { InputError, Shape } from '@cricket/core/input';
import { Hono, type Context } from 'hono';
import type { DataSource, EntityManager, EntityTarget } from 'typeorm';

import type { OfBike } from '../data/entities/of-bike';
import { journalled, type WriteContext } from '../data/journal';
import { keepAtOnce } from '../data/keep-at-once';
import { bikeForWrite, holdForRow } from '../data/records';
import { insertedRow, rowOf, storedRow } from '../data/rows';
import { ProblemError } from '../problem/problem';
import { readPlain } from './read-plain';
import { uuidParam, writeContext } from './write-context';

/** A write about one bike, under way. */
export interface FactWrite {
  c: Context;
  manager: EntityManager;
  bikeId: string;
  id: string;
}

/** How facts of one kind are kept. */
export interface FactKeeping<Body extends object, Row extends { id: string }, Ready = null> {
  kind: FactKind;
  entity: EntityTarget<OfBike>;
  body: Shape<Body>;
  /** What must hold of a body whose fields hold each by itself. */
  together?: (body: Body) => InputError | readonly InputError[] | null;
  /** As the journal names it. */
  action?: (body: Body) => string;
  /** What takes time and needs no lock. */
  prepare?: (c: Context, body: Body) => Promise<Ready>;
  /** Whether nothing but the bike must be there for a body to hold: then the manager is not asked for its columns. */
  byItself?: (body: Body) => boolean;
  /** The columns of the new row beside those that every fact has; refuses what does not hold of the bike as it is. */
  columns(body: Body, write: FactWrite, ready: Ready): Promise<object> | object;
  /** Refuses to take back what stands; left out where everybody who may add may take back. */
  mayTakeBack?: (c: Context, row: Row) => void;
}

/** Routes of one kind of fact: put once, never changed, withdrawn at most. */
export function facts<Body extends object, Row extends { id: string }, Ready = null>(
  dataSource: DataSource,
  keeping: FactKeeping<Body, Row, Ready>,
): Hono {
  const app = new Hono();
  const { kind, entity, body: shape } = keeping;
  const { path, takesBack } = factResources[kind];

  app.put(`/:bikeId/${path}/:id`, async (c) => {
    const bikeId = uuidParam(c, 'bikeId');
    const id = uuidParam(c, 'id');
    const body = await readPlain(c, shape, keeping.together);
    const context = writeContext(c);
    const ready = keeping.prepare ? await keeping.prepare(c, body) : (null as Ready);
    const subject = { bikeId, action: keeping.action?.(body) ?? kind, subject: kind, subjectId: id };
    const signed = { id, bikeId, ...signedBy(context) };
    if (keeping.byItself?.(body)) {
      const columns = await keeping.columns(body, { c, manager: dataSource.manager, bikeId, id }, ready);
      const kept = await keepAtOnce<Row>(dataSource, context, subject, entity, { ...signed, ...columns });
      if (kept) return rowAnswer(c, kept, 201);
    }
    let kept: Row | null = null;
    await journalled(dataSource, context, subject, async (manager) => {
      const { tableName } = manager.dataSource.getMetadata(entity);
      if (await holdForRow(manager, bikeId, tableName, id)) {
        throw new ProblemError(409, 'id-taken', said('problem.id-of-another', { kind }));
      }
      const columns = await keeping.columns(body, { c, manager, bikeId, id }, ready);
      kept = await insertedRow<Row>(manager, entity, { ...signed, ...columns });
      return { before: null, after: kept };
    });
    return rowAnswer(c, kept ?? (await storedRow<Row>(dataSource, entity, id)), 201);
  });

  if (takesBack !== null) {
    app.put(`/:bikeId/${path}/:id/withdrawal`, async (c) => {
      const bikeId = uuidParam(c, 'bikeId');
      const id = uuidParam(c, 'id');
      const { because = null } = await readPlain(c, Withdrawal);
      const subject = { bikeId, action: `${kind}-withdrawn`, subject: kind, subjectId: id };
      let kept: Row | null = null;
      await journalled(dataSource, writeContext(c), subject, async (manager) => {
        await bikeForWrite(manager, bikeId);
        const before = await rowOf<Row>(manager, entity, id, bikeId);
        if (!before) throw new ProblemError(404, 'not-found', said('problem.no-such-kind', { kind }));
        keeping.mayTakeBack?.(c, before);
        await withdraw(manager, entity, id, because);
        kept = await storedRow<Row>(manager, entity, id);
        return { before, after: { ...kept, because } };
      });
      return rowAnswer(c, kept ?? (await storedRow<Row>(dataSource, entity, id)), 200);
    });
  }

  return app;
}

/** One row, with its length: packing so little would take longer than sending it. */
function rowAnswer(c: Context, row: object, status: 200 | 201): Response {
  const bytes = Buffer.from(JSON.stringify(row));
  const headers = { 'content-type': 'application/json', 'content-length': String(bytes.length) };
  return c.body(new Uint8Array(bytes), status, headers);
}

/** Who signs a row: by id, since the shop knows the person. */
export function signedBy({ personId, person }: Pick<WriteContext, 'personId' | 'person'>): object {
  return { personId, personName: personId === null ? person : null };
}

/** The first withdrawal holds: asked again it changes nothing. */
async function withdraw(
  manager: EntityManager,
  entity: EntityTarget<OfBike>,
  id: string,
  because: string | null,
): Promise<void> {
  const { tableName, columns } = manager.dataSource.getMetadata(entity);
  const reasoned = columns.some(({ propertyName }) => propertyName === 'withdrawnBecause');
  await manager.query(
    `UPDATE ${tableName} SET withdrawn_at = now()${reasoned ? ', withdrawn_because = $2' : ''}
     WHERE id = $1 AND withdrawn_at IS NULL`,
    reasoned ? [id, because] : [id],
  );
}
