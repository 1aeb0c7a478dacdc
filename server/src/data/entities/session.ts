import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';

import { PersonEntity } from './person';

/** A browser in which somebody has signed in. The cookie's token is kept as a digest only. */
@Entity('session')
@Index('session_of_person', ['personId'])
export class SessionEntity {
  @PrimaryColumn({ type: 'text', name: 'token_digest' })
  tokenDigest!: string;

  /** Who is at it now. */
  @Column({ type: 'uuid', name: 'person_id' })
  personId!: string;

  @ManyToOne(() => PersonEntity)
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'session_person' })
  person?: PersonEntity;

  /** Everybody who has proved to be themselves in this browser, and when: their queued writes may still come. */
  @Column({ type: 'jsonb' })
  proofs!: Record<string, string>;

  @Column({ type: 'timestamptz', name: 'created_at', precision: 3 })
  createdAt!: Date;

  @Column({ type: 'timestamptz', name: 'seen_at', precision: 3 })
  seenAt!: Date;
}
