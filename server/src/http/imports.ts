import { InputError } from '@cricket/core/input';
import { said, type Said } from '@cricket/core/said';
import { StoresImport, unsuitedPart, WheelsImport } from '@cricket/contract';
import { isUUID } from 'class-validator';
import { Hono } from 'hono';
import type { DataSource, EntityManager } from 'typeorm';

import { PartEntity } from '../data/entities/part';
import { WheelEntity } from '../data/entities/wheel';
import { journalled, type Change } from '../data/journal';
import { allWheels } from '../data/records';
import { allStores, countParts, holdStores } from '../data/stock';
import { ProblemError } from '../problem/problem';
import { readPlain } from './read-plain';
import { uuidParam, writeContext } from './write-context';

/** Whole lists at once: every row is right and all go in, or none does. */
export function imports(dataSource: DataSource): Hono {
  const app = new Hono();

  app.put('/stores/imports/:importId', async (c) => {
    const importId = uuidParam(c, 'importId');
    const { rows } = await readPlain(c, StoresImport, unsuitedRows);
    refuseBadIds(rows);
    await importing(dataSource, c, importId, 'stores-imported', async (manager) => {
      const existing = await manager.find(PartEntity);
      const known = new Map(existing.map((item) => [item.id, item]));
      await holdStores(manager);
      const counts = new Map((await allStores(manager)).map(({ id, count }) => [id, count]));
      const items = rows.map(({ count: _, ...row }) =>
        manager.create(PartEntity, {
          ...row,
          label: row.label ?? null,
          costEach: row.costEach ?? null,
          withdrawnAt: null,
          version: (known.get(row.id.toLowerCase())?.version ?? 0) + 1,
        }),
      );
      await manager.save(items, { chunk: 200 });
      const counted = rows.filter(({ id, count }) => counts.get(id.toLowerCase()) !== count);
      await countParts(
        manager,
        counted.map(({ id, count }) => ({ partId: id, count })),
        writeContext(c).personId,
      );
      return { before: null, after: { rows: rows.length, ids: rows.map(({ id }) => id) } };
    });
    return c.json(await allStores(dataSource));
  });

  app.put('/wheels/imports/:importId', async (c) => {
    const importId = uuidParam(c, 'importId');
    const { rows } = await readPlain(c, WheelsImport);
    refuseBadIds(rows);
    rows.forEach(({ axle }, index) => {
      if (axle.flatsMm >= axle.threadMm) {
        throw bad(
          `rows.${index}.axle.flatsMm`,
          said('problem.not-smaller', { threadMm: axle.threadMm, flatsMm: axle.flatsMm }),
        );
      }
    });
    await importing(dataSource, c, importId, 'wheels-imported', async (manager) => {
      const existing = await manager.find(WheelEntity);
      const known = new Map(existing.map((wheel) => [wheel.id, wheel]));
      const wheels = rows.map(({ id, code, note, version: _, ...spec }) =>
        manager.create(WheelEntity, {
          id,
          code,
          note,
          spec: spec as never,
          version: (known.get(id.toLowerCase())?.version ?? 0) + 1,
        }),
      );
      await manager.save(wheels, { chunk: 100 });
      return { before: null, after: { rows: rows.length, ids: rows.map(({ id }) => id) } };
    });
    return c.json(await allWheels(dataSource));
  });

  return app;
}

/** What of a list does not suit its kind, line by line. */
function unsuitedRows({ rows }: StoresImport): InputError[] {
  return rows.flatMap((row, at) =>
    unsuitedPart(row).map(({ path, value, allowed }) => new InputError(`rows.${at}.${path}`, value, allowed)),
  );
}

async function importing(
  dataSource: DataSource,
  c: Parameters<typeof writeContext>[0],
  importId: string,
  action: string,
  change: (manager: EntityManager) => Promise<Change>,
): Promise<void> {
  const subject = { bikeId: null, action, subject: 'import', subjectId: importId };
  await journalled(dataSource, writeContext(c), subject, change);
}

function refuseBadIds(rows: readonly { id: string }[]): void {
  const seen = new Set<string>();
  rows.forEach(({ id }, index) => {
    if (!isUUID(id)) throw bad(`rows.${index}.id`, said('problem.no-uuid', { id }));
    if (seen.has(id.toLowerCase())) throw bad(`rows.${index}.id`, said('problem.stands-twice', { id }));
    seen.add(id.toLowerCase());
  });
}

function bad(path: string, message: Said): ProblemError {
  return new ProblemError(422, 'invalid-input', said('problem.nothing-imported'), [{ path, messages: [message] }]);
}
