import type { ShopSettings } from '@cricket/contract/shapes';
import { Column, Entity, PrimaryColumn } from 'typeorm';

/** One row: what the workshop has set for itself. */
@Entity('shop_settings')
export class ShopSettingsEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'jsonb' })
  settings!: Omit<ShopSettings, 'version'>;

  @Column({ type: 'integer' })
  version!: number;
}
