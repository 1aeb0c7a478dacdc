import type { OrderState } from '@cricket/contract/shapes';
import type { End } from '@cricket/core/features';
import { Column, Entity, Index, PrimaryColumn } from 'typeorm';

@Entity('order_line')
@Index('order_line_of_bike', ['bikeId'])
export class OrderLineEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'uuid', name: 'bike_id' })
  bikeId!: string;

  @Column({ type: 'text', name: 'bike_end' })
  end!: End;

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

  @Column({ type: 'text' })
  person!: string;

  @Column({ type: 'integer' })
  version!: number;
}
