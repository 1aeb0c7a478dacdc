import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

/** One row per write. Its id is the write's own, so that a repeated request finds itself here. */
@Entity('journal')
@Index('journal_of_bike', ['bikeId', 'at'])
export class JournalEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'timestamptz', precision: 3, default: () => 'now()' })
  at!: Date;

  @Column({ type: 'text' })
  person!: string;

  /** Who wrote it, as long as the shop knows the person. */
  @Column({ type: 'uuid', name: 'person_id', nullable: true })
  personId!: string | null;

  @Column({ type: 'uuid', name: 'bike_id', nullable: true })
  bikeId!: string | null;

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
