import { Column, Entity, PrimaryColumn } from 'typeorm';

/** Changes with every write about a subject: `bike:ID`, `wheels`, `stores`, `settings` or `people`. */
@Entity('revision')
export class RevisionEntity {
  @PrimaryColumn({ type: 'text' })
  subject!: string;

  @Column({ type: 'uuid' })
  revision!: string;
}
