import type { Place } from '@cricket/core/model';
import { Column, Entity, Index, JoinColumn, ManyToOne, PrimaryColumn } from 'typeorm';

import { BikeEntity } from './bike';
import { PersonEntity } from './person';
import { OrderLineEntity } from './order-line';
import { PartEntity } from './part';

/** The ledger of the stores: what was counted, delivered, taken for a bike or given back. Never changed. */
@Entity('store_move')
@Index('store_move_of_part', ['partId', 'at'])
@Index('store_move_of_bike', ['bikeId'], { where: 'bike_id IS NOT NULL' })
@Index('store_move_of_order', ['orderId'], { where: 'order_id IS NOT NULL' })
export class StoreMoveEntity {
  @PrimaryColumn({ type: 'uuid' })
  id!: string;

  @Column({ type: 'uuid', name: 'part_id' })
  partId!: string;

  @ManyToOne(() => PartEntity)
  @JoinColumn({ name: 'part_id', foreignKeyConstraintName: 'of_part' })
  part?: PartEntity;

  /** `counted`: so many lie there; `moved`: so many more, or fewer. */
  @Column({ type: 'text' })
  kind!: 'counted' | 'moved';

  @Column({ type: 'integer' })
  count!: number;

  @Column({ type: 'timestamptz', precision: 3 })
  at!: Date;

  /** The bike that it was taken for, and the place where it lies. */
  @Column({ type: 'uuid', name: 'bike_id', nullable: true })
  bikeId!: string | null;

  @ManyToOne(() => BikeEntity)
  @JoinColumn({ name: 'bike_id', foreignKeyConstraintName: 'of_bike' })
  bike?: BikeEntity;

  @Column({ type: 'text', nullable: true })
  place!: Place | null;

  /** The order that it came with. */
  @Column({ type: 'uuid', name: 'order_id', nullable: true })
  orderId!: string | null;

  @ManyToOne(() => OrderLineEntity)
  @JoinColumn({ name: 'order_id', foreignKeyConstraintName: 'of_order' })
  order?: OrderLineEntity;

  @Column({ type: 'uuid', name: 'person_id', nullable: true })
  personId!: string | null;

  @ManyToOne(() => PersonEntity)
  @JoinColumn({ name: 'person_id', foreignKeyConstraintName: 'by_person' })
  person?: PersonEntity;
}
