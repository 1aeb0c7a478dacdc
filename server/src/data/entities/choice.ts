import { Column, Entity, Index, JoinColumn, ManyToOne } from 'typeorm';

import { OfBike } from './of-bike';
import { WheelEntity } from './wheel';

@Entity('choice')
@Index('choice_of_bike', ['bikeId'])
export class ChoiceEntity extends OfBike {
  @Column({ type: 'text' })
  kind!: 'place' | 'wheel';

  @Column({ type: 'uuid', name: 'wheel_id', nullable: true })
  wheelId!: string | null;

  @ManyToOne(() => WheelEntity)
  @JoinColumn({ name: 'wheel_id', foreignKeyConstraintName: 'of_wheel' })
  wheel?: WheelEntity;

  @Column({ type: 'timestamptz', name: 'chosen_at', precision: 3 })
  chosenAt!: Date;

  @Column({ type: 'timestamptz', name: 'withdrawn_at', precision: 3, nullable: true })
  withdrawnAt!: Date | null;
}
