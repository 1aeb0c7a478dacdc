import type { OrderState } from '@cricket/contract/shapes';
import type { WantedPart } from '@cricket/core/parts';
import type { Said } from '@cricket/core/said';
import { Column, Entity, Index, JoinColumn, ManyToOne } from 'typeorm';

import { OfBike } from './of-bike';
import { PartEntity } from './part';

@Entity('order_line')
@Index('order_line_of_bike', ['bikeId'])
@Index('order_line_into_drawer', ['drawerId'], { where: 'drawer_id IS NOT NULL' })
export class OrderLineEntity extends OfBike {
  /** What is to be got, whatever it is called; null on lines of an earlier version. */
  @Column({ type: 'jsonb', nullable: true })
  part!: WantedPart | null;

  /** The drawer that it goes into, where the shop has one for it. Drawers stay in their shop: it goes out with no record. */
  @Column({ type: 'uuid', name: 'drawer_id', nullable: true, select: false })
  drawerId!: string | null;

  @ManyToOne(() => PartEntity)
  @JoinColumn({ name: 'drawer_id', foreignKeyConstraintName: 'into_drawer' })
  drawer?: PartEntity;

  /** As it was called by who ordered it. */
  @Column({ type: 'text' })
  what!: string;

  @Column({ type: 'integer' })
  count!: number;

  /** In the words of who ordered it. */
  @Column({ type: 'text' })
  reason!: string;

  /** The same as what is to be said; null on lines of an earlier version. */
  @Column({ type: 'jsonb', nullable: true })
  because!: Said | null;

  @Column({ type: 'double precision', name: 'cost_each' })
  costEach!: number;

  @Column({ type: 'integer', name: 'lead_days' })
  leadDays!: number;

  @Column({ type: 'text' })
  state!: OrderState;

  @Column({ type: 'timestamptz', name: 'changed_at', precision: 3 })
  changedAt!: Date;

  @Column({ type: 'integer' })
  version!: number;
}
