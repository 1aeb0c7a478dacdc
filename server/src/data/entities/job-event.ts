import type { JobEventKind } from '@cricket/core/job-events';
import { Column, Entity, Index } from 'typeorm';

import { OfBike } from './of-bike';

/** Append-only: what happened to a job, never changed, only withdrawn. */
@Entity('job_event')
@Index('job_event_of_bike', ['bikeId'])
export class JobEventEntity extends OfBike {
  @Column({ type: 'text' })
  kind!: JobEventKind;

  /** Of the shape of `data`. */
  @Column({ type: 'integer', name: 'schema_version' })
  schemaVersion!: number;

  @Column({ type: 'jsonb' })
  data!: object;

  @Column({ type: 'timestamptz', precision: 3 })
  at!: Date;

  @Column({ type: 'timestamptz', name: 'withdrawn_at', precision: 3, nullable: true })
  withdrawnAt!: Date | null;

  /** By the database's clock, while the bike is held: this is their order. */
  @Column({ type: 'timestamptz', name: 'received_at', precision: 3, default: () => 'clock_timestamp()' })
  receivedAt!: Date;

  /** It came in with a file. */
  @Column({ type: 'boolean', default: false })
  imported!: boolean;
}
