import type { Wheel } from '@cricket/core/parts';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('wheel')
export class WheelEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'text' })
  code!: string;

  /** Dimensions and everything else that the fit needs. */
  @Column({ type: 'jsonb' })
  spec!: Omit<Wheel, 'id' | 'code'>;

  @Column({ type: 'text' })
  note!: string;

  @Column({ type: 'integer' })
  version!: number;
}
