import type { PartKind, PartSpec } from '@cricket/core/part-kinds';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** The shop's catalogue of parts: every kind with its own figures, and no others. */
@Entity('part')
export class PartEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'text' })
  kind!: PartKind;

  /** What it is told by: its shape goes by the kind. */
  @Column({ type: 'jsonb' })
  spec!: PartSpec;

  /** What it is called on the shelf. */
  @Column({ type: 'text', nullable: true })
  label!: string | null;

  @Column({ type: 'double precision', name: 'cost_each', nullable: true })
  costEach!: number | null;

  @Column({ type: 'integer' })
  version!: number;

  @Column({ type: 'timestamptz', name: 'withdrawn_at', precision: 3, nullable: true })
  withdrawnAt!: Date | null;
}
