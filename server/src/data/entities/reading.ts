import type { Told } from '@cricket/core/end-facts';
import type { LoosePart } from '@cricket/core/parts';
import type { Instrument } from '@cricket/core/reading-statistics';
import { Column, Entity, Index } from 'typeorm';

import { OfBike } from './of-bike';

/** Append-only: a reading is never changed, only withdrawn. */
@Entity('reading')
@Index('reading_of_bike', ['bikeId'])
export class ReadingEntity extends OfBike {
  @Column({ type: 'text' })
  feature!: string;

  @Column({ type: 'double precision', name: 'value_mm', nullable: true })
  valueMm!: number | null;

  @Column({ type: 'text', nullable: true })
  word!: string | null;

  @Column({ type: 'jsonb', nullable: true })
  parts!: LoosePart[] | null;

  /** An answer at take-in. */
  @Column({ type: 'jsonb', nullable: true })
  told!: Told | null;

  @Column({ type: 'text', nullable: true })
  typed!: string | null;

  @Column({ type: 'text', nullable: true })
  unit!: 'mm' | 'inch' | null;

  @Column({ type: 'text' })
  instrument!: Instrument;

  @Column({ type: 'timestamptz', name: 'taken_at', precision: 3 })
  takenAt!: Date;

  @Column({ type: 'timestamptz', name: 'withdrawn_at', precision: 3, nullable: true })
  withdrawnAt!: Date | null;

  @Column({ type: 'text', name: 'withdrawn_because', nullable: true })
  withdrawnBecause!: string | null;
}
