import type { Wheel } from '@cricket/core/parts';
import type { FiledRecord, JobFile } from '@cricket/core/job-file';
import { In, type EntityManager } from 'typeorm';

import { WheelEntity } from './entities/wheel';
import { markChange } from './revisions';

type Choices = readonly { wheelId: string | null }[];

/** What stands beside a kit that came in with a job. */
const noteOfFile = 'Came in with a job file: hold its figures against the wheel.';

/** The kits that were ever chosen for a job: without them nobody elsewhere can go on with it. */
export async function kitsOfJob(manager: EntityManager, choices: Choices): Promise<Wheel[]> {
  const wheels = await manager.find(WheelEntity, { where: { id: In(chosenIds(choices)) }, order: { id: 'ASC' } });
  return wheels.flatMap(({ id, code, spec }) => (code === null || spec === null ? [] : [{ id, code, ...spec }]));
}

/**
 * Puts the kits of a job that this shop does not know into its catalogue: from the file, else as they were when a stack was
 * taken. What is here already stays as it is here.
 *
 * @returns ids of what was put in
 */
export async function takeKitsIn(
  manager: EntityManager,
  { record: { choices, acceptances }, wheels = [] }: Pick<JobFile, 'wheels'> & { record: FiledRecord },
  writeId: string,
): Promise<string[]> {
  const chosen = chosenIds(choices);
  const rows = await manager.find(WheelEntity, { where: { id: In(chosen) } });
  const known = new Set(rows.flatMap(({ id, spec }) => (spec === null ? [] : [id])));
  const filed = new Map(
    [...acceptances.flatMap(({ input }) => ('wheel' in input ? [input.wheel] : [])), ...wheels].map((wheel) => [
      wheel.id,
      wheel,
    ]),
  );
  const unknown = chosen.flatMap((id) => (known.has(id) ? [] : (filed.get(id) ?? [])));
  // A taken stack holds the kit as its catalogue had it, with what is the catalogue's own.
  for (const { id, code, note: _, version: __, ...spec } of unknown as (Wheel & {
    note?: string;
    version?: number;
  })[]) {
    await manager.save(WheelEntity, { id, code, spec, note: noteOfFile, version: 1 });
  }
  // Of the rest nobody here knows more than that it was chosen.
  const heardOf = chosen.filter((id) => !filed.has(id) && !rows.some((row) => row.id === id));
  await manager.insert(
    WheelEntity,
    heardOf.map((id) => ({ id, code: null, spec: null, note: '', version: 0 })),
  );
  if (unknown.length > 0) await markChange(manager, 'wheels', writeId);
  return unknown.map(({ id }) => id);
}

function chosenIds(choices: Choices): string[] {
  return [...new Set(choices.flatMap(({ wheelId }) => (wheelId ? [wheelId] : [])))];
}
