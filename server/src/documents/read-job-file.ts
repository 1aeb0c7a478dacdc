import { said, type Said } from '@cricket/core/said';
import { randomUUID } from 'node:crypto';

import { whyUnsuited } from '@cricket/contract';
import { JobFile, upcastJobFile, type FiledRecord } from '@cricket/core/job-file';
import { InputError } from '@cricket/core/input';
import type { PlainWheel } from '@cricket/core/part-schemas';
import { isUUID } from 'class-validator';

import { holdContract } from '../plain/hold-contract';
import { parseJsonBytes } from '../plain/json-bytes';
import { ProblemError } from '../problem/problem';
import { keepPicture, type ReadPicture } from '../photos/read-picture';

/** A job as it came in: everything but its pictures as rows, and those as they are kept. */
export interface ReadJobFile {
  record: FiledRecord;
  /** The kits that came with it. */
  wheels: PlainWheel[];
  pictures: ReadPicture[];
  /** Of the bytes that came. */
  digest: string;
}

/**
 * Reads a job file by what is in it, not by how large it is.
 *
 * @throws ProblemError 400 for what is not JSON, 422 with the field that does not hold
 */
export async function readJobFile(bytes: Uint8Array): Promise<ReadJobFile> {
  const { plain, digest } = parseJsonBytes(bytes);
  const { record, wheels = [] } = holdContract(upToDate(plain), JobFile);
  refuseBadKits(wheels);
  refuseStrangers(record);
  refuseUnsuited(record);
  const pictures: ReadPicture[] = [];
  for (const photo of record.photos) {
    pictures.push(await keepPicture(Buffer.from(photo.picture, 'base64')));
    // Its bytes are read: the text of them is not needed any more.
    photo.picture = '';
  }
  return { record, wheels, pictures, digest };
}

/** A file of an earlier version, as it would be written today. */
function upToDate(plain: unknown): unknown {
  try {
    return upcastJobFile(plain, randomUUID);
  } catch (error) {
    if (error instanceof InputError) throw bad(error.path, error.says);
    throw error;
  }
}

/** Every line belongs to this bike, and no id stands twice. */
function refuseStrangers({ bike, ...lists }: FiledRecord): void {
  for (const [name, rows] of Object.entries(lists)) {
    const seen = new Set<string>();
    rows.forEach(({ id, bikeId }, index) => {
      const path = `record.${name}.${index}`;
      if (bikeId !== bike.id) throw bad(`${path}.bikeId`, said('problem.not-this-bike', { bikeId, id: bike.id }));
      if (seen.has(id.toLowerCase())) throw bad(`${path}.id`, said('problem.stands-twice', { id }));
      seen.add(id.toLowerCase());
    });
  }
}

/** A kit of a file is held to what a kit of the catalogue is. */
function refuseBadKits(wheels: readonly PlainWheel[]): void {
  const seen = new Set<string>();
  wheels.forEach(({ id, axle }, index) => {
    if (!isUUID(id)) throw bad(`wheels.${index}.id`, said('problem.no-uuid', { id }));
    if (seen.has(id.toLowerCase())) throw bad(`wheels.${index}.id`, said('problem.stands-twice', { id }));
    seen.add(id.toLowerCase());
    if (axle.flatsMm >= axle.threadMm) {
      const { flatsMm, threadMm } = axle;
      const message = said('problem.not-smaller', { flatsMm, threadMm });
      throw bad(`wheels.${index}.axle.flatsMm`, message);
    }
  });
}

/** What is read in holds to what is asked of a reading that is taken here. */
function refuseUnsuited({ readings }: FiledRecord): void {
  readings.forEach((reading, index) => {
    const why = whyUnsuited(reading);
    if (why) throw bad(`record.readings.${index}.${why.path}`, why.says);
  });
}

function bad(path: string, message: Said): ProblemError {
  return new ProblemError(422, 'invalid-input', said('problem.nothing-read-in'), [{ path, messages: [message] }]);
}
