import type { StoreDetails, StoreKind } from '@cricket/core/parts';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('store_item')
export class StoreItemEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'text' })
  kind!: StoreKind;

  @Column({ type: 'double precision', name: 'bore_mm', nullable: true })
  boreMm!: number | null;

  @Column({ type: 'double precision', name: 'outer_mm', nullable: true })
  outerMm!: number | null;

  @Column({ type: 'double precision', name: 'thickness_mm' })
  thicknessMm!: number;

  @Column({ type: 'double precision', name: 'tab_width_mm', nullable: true })
  tabWidthMm!: number | null;

  @Column({ type: 'double precision', name: 'tab_depth_mm', nullable: true })
  tabDepthMm!: number | null;

  @Column({ type: 'jsonb', nullable: true })
  details!: StoreDetails | null;

  @Column({ type: 'integer' })
  version!: number;

  @Column({ type: 'timestamptz', name: 'withdrawn_at', precision: 3, nullable: true })
  withdrawnAt!: Date | null;
}
