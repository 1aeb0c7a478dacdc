import type { Wheel } from '@cricket/core/parts';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('wheel')
export class WheelEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  /** Null with the figures: a wheel that a job from elsewhere was built with, of which this shop knows nothing more. */
  @Column({ type: 'text', nullable: true })
  code!: string | null;

  /** Dimensions and everything else that the fit needs. */
  @Column({ type: 'jsonb', nullable: true })
  spec!: Omit<Wheel, 'id' | 'code'> | null;

  @Column({ type: 'text' })
  note!: string;

  @Column({ type: 'integer' })
  version!: number;
}
