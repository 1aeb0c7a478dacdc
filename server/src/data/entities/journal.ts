import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';

import { BikeEntity } from './bike';
import { PersonEntity } from './person';

/** One row per write. Its id is the write's own, so that a repeated request finds itself here. */
@Entity('journal')
@Index('journal_of_bike', ['bikeId', 'at'])
export class JournalEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'timestamptz', precision: 3, default: () => 'now()' })
  at!: Date;

  @Column({ type: 'uuid', name: 'person_id', nullable: true })
  personId!: string | null;

  @ManyToOne(() => PersonEntity)
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'by_person' })
  person?: PersonEntity;

  /** The name alone, in rows from before people had ids. */
  @Column({ type: 'text', name: 'person_name', nullable: true })
  personName!: string | null;

  @Column({ type: 'uuid', name: 'bike_id', nullable: true })
  bikeId!: string | null;

  /** The row goes in before the bike that it brings in: looked at when both are there. */
  @ManyToOne(() => BikeEntity, { deferrable: 'INITIALLY DEFERRED' })
  @JoinColumn({ name: 'bike_id', foreignKeyConstraintName: 'of_bike' })
  bike?: BikeEntity;

  @Column({ type: 'text' })
  action!: string;

  @Column({ type: 'text' })
  subject!: string;

  @Column({ type: 'uuid', name: 'subject_id' })
  subjectId!: string;

  /** Of the body as it was sent; null for writes from before it was kept, and for those without a body. */
  @Column({ type: 'text', name: 'body_digest', nullable: true })
  bodyDigest!: string | null;

  @Column({ type: 'jsonb', nullable: true })
  before!: unknown;

  @Column({ type: 'jsonb', nullable: true })
  after!: unknown;
}
