import type { End } from '@cricket/core/features';
import type { LoosePart } from '@cricket/core/parts';
import type { Instrument } from '@cricket/core/reading-statistics';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** Append-only: a reading is never changed, only withdrawn. */
@Entity('reading')
@Index('reading_of_bike', ['bikeId'])
export class ReadingEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'uuid', name: 'bike_id' })
  bikeId!: string;

  @Column({ type: 'text', name: 'bike_end' })
  end!: End;

  @Column({ type: 'text' })
  feature!: string;

  @Column({ type: 'double precision', name: 'value_mm', nullable: true })
  valueMm!: number | null;

  @Column({ type: 'text', nullable: true })
  word!: string | null;

  @Column({ type: 'jsonb', nullable: true })
  parts!: LoosePart[] | null;

  @Column({ type: 'text', nullable: true })
  typed!: string | null;

  @Column({ type: 'text', nullable: true })
  unit!: 'mm' | 'inch' | null;

  @Column({ type: 'text' })
  instrument!: Instrument;

  @Column({ type: 'timestamptz', name: 'taken_at', precision: 3 })
  takenAt!: Date;

  @Column({ type: 'text' })
  person!: string;

  @Column({ type: 'timestamptz', name: 'withdrawn_at', precision: 3, nullable: true })
  withdrawnAt!: Date | null;

  @Column({ type: 'text', name: 'withdrawn_because', nullable: true })
  withdrawnBecause!: string | null;
}
