import type { OrderState } from '@cricket/contract/shapes';
import { Column, Entity, Index } from 'typeorm';

import { OfBike } from './of-bike';

@Entity('order_line')
@Index('order_line_of_bike', ['bikeId'])
export class OrderLineEntity extends OfBike {
  @Column({ type: 'text' })
  what!: string;

  @Column({ type: 'integer' })
  count!: number;

  @Column({ type: 'text' })
  reason!: string;

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
