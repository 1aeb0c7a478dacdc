import { NewReading, whyUnsuited } from '@cricket/contract';
import type { Reading } from '@cricket/contract/shapes';
import type { DataSource } from 'typeorm';

import { ReadingEntity } from '../data/entities/reading';
import { facts } from './facts';
import { madeAt } from './write-context';

/** Readings of a bike: taken once, never changed, withdrawn at most. */
export const readings = (dataSource: DataSource) =>
  facts<NewReading, Reading>(dataSource, {
    kind: 'reading',
    entity: ReadingEntity,
    body: NewReading,
    together: whyUnsuited,
    byItself: () => true,
    columns: (body, { c }) => ({
      place: body.place,
      feature: body.feature,
      valueMm: body.valueMm ?? null,
      word: body.word ?? null,
      parts: body.parts ?? null,
      told: body.told ?? null,
      typed: body.typed ?? null,
      unit: body.unit ?? null,
      instrument: body.instrument,
      takenAt: madeAt(c, body.takenAt),
    }),
  });
